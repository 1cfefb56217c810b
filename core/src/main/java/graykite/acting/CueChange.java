package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.reading.Anchor;

/**
 * What was decided about one place of a cue. It hangs on the word, so that it is found again after another reading.
 *
 * @param cue name of the cue
 * @param word where it would come
 * @param on whether it comes
 * @param shift seconds by which it comes later (positive) or earlier than by its rule
 */
public record CueChange(String cue, Anchor word, boolean on, double shift) {
    public CueChange {
        requireThat(!cue.isBlank() && word.isWord(), "A change of a cue names the cue and a word.");
        requireThat(Math.abs(shift) <= Cue.FARTHEST, "A cue is moved by up to 10 s, not by %.2f.", shift);
    }
}
