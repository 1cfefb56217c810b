package graykite.rig;

/**
 * Upright strips of a face, side by side, in which what lies behind one another is compared.
 *
 * @param aside how far they reach to either side of the middle, in millimetres
 */
record Strips(double aside) {
    /** How wide each is, in millimetres. */
    static final double WIDTH = 2;

    int count() {
        return (int) (2 * aside / WIDTH);
    }

    /** The strip in which something lies; -1 beyond the outermost. @param x from the middle, in millimetres */
    int at(double x) {
        int strip = (int) Math.floor((x + aside) / WIDTH);
        return strip >= 0 && strip < count() ? strip : -1;
    }
}
