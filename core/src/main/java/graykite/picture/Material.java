package graykite.picture;

import static graykite.base.Require.requireThat;

/**
 * How a surface answers light.
 *
 * @param name shown to users and written to files
 * @param roughness 0.05 (mirror-like) to 1 (chalk)
 * @param gloss strength of the highlight, 0 to 1
 * @param softness how far light wraps round into the shadow, 0 to 1: skin and wax high, enamel low
 * @param warmth how red the edge of the shadow glows, 0 to 1: blood under skin
 * @param castsShadow false for what is small or inside, where a shadow would not be seen
 * @param painted true for drawings: their colours are shown as they are, whatever the light
 */
public record Material(
        String name, float roughness, float gloss, float softness, float warmth, boolean castsShadow, boolean painted) {
    public Material(String name, float roughness, float gloss, float softness, float warmth, boolean castsShadow) {
        this(name, roughness, gloss, softness, warmth, castsShadow, false);
    }

    /** A drawing, which no light changes. */
    public static Material drawing(String name) {
        return new Material(name, 1, 0, 0, 0, false, true);
    }

    public Material {
        requireThat(roughness >= 0.05f && roughness <= 1, "Roughness lies between 0.05 and 1.");
        requireThat(gloss >= 0 && gloss <= 1, "Gloss lies between 0 and 1.");
        requireThat(softness >= 0 && softness <= 1 && warmth >= 0 && warmth <= 1, "Softness and warmth are shares.");
    }
}
