package graykite.workbench;

import graykite.acting.Heard;
import graykite.base.Piece;
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
 * @param heard what acting hears in it
 * @param pitch empty for recordings over ten minutes, where it would take too long
 */
public record LineSound(
        Sound sound, Envelope envelope, Loudness loudness, Optional<Pitch> pitch, Heard heard, List<String> warnings) {
    private static final double LONG = 600;

    public static LineSound of(Sound sound) {
        // The pitch takes as long as all the rest.
        Piece<Optional<Pitch>> pitch =
                Piece.offer(() -> sound.duration() <= LONG ? Optional.of(Pitch.of(sound)) : Optional.empty());
        Envelope envelope = new Envelope(sound);
        Loudness loudness = Loudness.of(sound);
        Optional<Pitch> found = pitch.take();
        return new LineSound(sound, envelope, loudness, found, Heard.of(loudness, found), SoundHealth.warnings(sound));
    }
}
