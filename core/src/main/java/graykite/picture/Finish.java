package graykite.picture;

/**
 * What lighting asks of a {@link Material} at every point, worked out once.
 *
 * @param painted true for drawings, which no light changes
 * @param polished true when highlights are so sharp that every pixel must be lit by itself
 * @param wrap how far light wraps round into the shadow, as a share of a right angle's cosine
 * @param redWrap the same for red light, which goes further in warm skin
 * @param warmth how red the edge of the shadow glows, 0 to 1
 * @param translucence share of the light that scatters into a cast shadow: in wax and enamel, whose softness is above two thirds
 * @param sharpness width of the highlight as the exponent of a Gaussian
 * @param highlight height of the highlight: the narrower, the brighter; 0 for what is dull
 */
record Finish(
        boolean painted,
        boolean polished,
        float wrap,
        float redWrap,
        float warmth,
        float translucence,
        float sharpness,
        float highlight) {

    static Finish of(Material m) {
        float wrap = m.softness() * 0.45f;
        float sharpness = 2 / (m.roughness() * m.roughness() * m.roughness() * m.roughness() + 0.0004f);
        return new Finish(
                m.painted(),
                m.gloss() > 0.3f && m.roughness() < 0.4f,
                wrap,
                Math.min(0.9f, wrap + 0.25f * m.warmth()),
                m.warmth(),
                Math.max(0, 2 * (m.softness() - 0.65f)),
                sharpness,
                m.gloss() * (0.25f + 0.10f * (float) Math.sqrt(sharpness)));
    }

    /** True when its light may be worked out at its vertices and blended between them. */
    boolean litAtVertices() {
        return !polished && !painted;
    }
}
