package graykite.hearing;

/**
 * The Gaussians of a phone in one stream that are near the sound at a frame. Who has one changes nothing in it: it is shared.
 *
 * @param best logarithm of the density of the nearest one
 * @param which where in the weights of a senone each of them stands
 * @param shares density of each, of that of the nearest
 */
record Near(float best, int[] which, float[] shares) {
    /** Not looked for yet. */
    static final Near UNKNOWN = new Near(Float.NaN, new int[0], new float[0]);
}
