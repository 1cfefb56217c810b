package graykite.mouth;

import static graykite.base.Require.requireThat;

import graykite.reading.Anchor;
import java.util.Optional;

/**
 * A part of the line that is spoken in its own way.
 *
 * @param first its first word
 * @param last its last word
 * @param diction how it is spoken
 * @param motion how the mouth goes from shape to shape there; empty for as in the whole line
 * @param blend seconds over which it begins and ends
 */
public record Section(Anchor first, Anchor last, Diction diction, Optional<MotionStyle> motion, double blend) {
    /** How long a section takes to begin and to end unless one says otherwise. */
    public static final double USUAL_BLEND = 0.25;

    public Section {
        requireThat(first.isWord() && last.isWord(), "A section goes from word to word.");
        requireThat(blend >= 0.01 && blend <= 3, "A section blends over 0.01 to 3 seconds, not %.2f.", blend);
    }

    public Section withDiction(Diction value) {
        return new Section(first, last, value, motion, blend);
    }

    public Section withMotion(Optional<MotionStyle> value) {
        return new Section(first, last, diction, value, blend);
    }

    public Section withBlend(double seconds) {
        return new Section(first, last, diction, motion, seconds);
    }
}
