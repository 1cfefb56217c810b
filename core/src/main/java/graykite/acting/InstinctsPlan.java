package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;

/**
 * Blinks, eyes, brows, head and breath, made from voice and words.
 *
 * @param seed the variation that was asked for last
 * @param instincts how much of each, and which variation
 */
public record InstinctsPlan(LayerSetting setting, long seed, Instincts instincts) implements LayerPlan {
    /** Everything as people do it. */
    public InstinctsPlan(LayerSetting setting, long seed) {
        this(setting, seed, Instincts.of(seed));
    }

    @Override
    public InstinctsPlan with(LayerSetting newSetting) {
        return new InstinctsPlan(newSetting, seed, instincts);
    }

    public InstinctsPlan with(Instincts changed) {
        return new InstinctsPlan(setting, seed, changed);
    }

    /** Another variation of all that is not locked. */
    public InstinctsPlan varied(long newSeed) {
        return new InstinctsPlan(setting, newSeed, instincts.varied(newSeed));
    }

    @Override
    public Layer ready(LayerContext context) {
        return new InstinctsLayer(
                setting,
                context.character(),
                Life.generate(context.score().timing(), context.score().loudness(), instincts));
    }
}
