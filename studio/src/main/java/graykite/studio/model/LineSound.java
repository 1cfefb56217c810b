package graykite.studio.model;

import graykite.sound.Envelope;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.sound.SoundHealth;
import java.util.List;

/** A decoded recording with what is measured of it once. */
public record LineSound(Sound sound, Envelope envelope, Loudness loudness, List<String> warnings) {
    public static LineSound of(Sound sound) {
        return new LineSound(sound, new Envelope(sound), Loudness.of(sound), SoundHealth.warnings(sound));
    }
}
