package graykite.live;

/** What a hand moves. Values are -1 to 1 for the axes, 0 to 1 for the rest. */
public enum Input {
    /** Left and right, positive to the right. */
    X,
    /** Up and down, positive up. */
    Y,
    /** The wheel, or two fingers: what it was turned in all, held within -1 to 1. */
    WHEEL,
    /** The primary button, 1 while it is held. */
    PRESS
}
