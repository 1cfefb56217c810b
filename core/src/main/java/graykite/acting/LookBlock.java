package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.reading.Place;

/**
 * A stretch of a line on which somebody looks at something.
 *
 * @param from when the eyes go there
 * @param to when they come back, unless the next look follows
 * @param head how much of the turn the head takes, 0 to 1
 */
public record LookBlock(Place from, Place to, LookPoint point, double head) {
    /** How much of a turn the head takes unless one says otherwise. */
    public static final double USUAL_HEAD = 0.5;

    public LookBlock {
        requireThat(head >= 0 && head <= 1, "The head's share of a turn lies between 0 and 1, not %.2f.", head);
    }
}
