package graykite.workbench;

import graykite.sound.Envelope;
import graykite.sound.Loudness;
import graykite.sound.Pitch;
import graykite.sound.Sound;
import graykite.sound.SoundHealth;
import java.util.List;
import java.util.Optional;

/**
 * A decoded recording with what is measured of it once.
 *
 * @param pitch empty for recordings over ten minutes, where it would take too long
 */
public record LineSound(
        Sound sound, Envelope envelope, Loudness loudness, Optional<Pitch> pitch, List<String> warnings) {
    private static final double LONG = 600;

    public static LineSound of(Sound sound) {
        Optional<Pitch> pitch = sound.duration() <= LONG ? Optional.of(Pitch.of(sound)) : Optional.empty();
        return new LineSound(sound, new Envelope(sound), Loudness.of(sound), pitch, SoundHealth.warnings(sound));
    }
}
