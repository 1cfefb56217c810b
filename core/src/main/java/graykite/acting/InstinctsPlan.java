package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;

/**
 * Blinks, eyes, brows and head, made from voice and words.
 *
 * @param seed another number gives another variation
 */
public record InstinctsPlan(LayerSetting setting, long seed) implements LayerPlan {
    @Override
    public InstinctsPlan with(LayerSetting newSetting) {
        return new InstinctsPlan(newSetting, seed);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new InstinctsLayer(
                setting,
                context.character(),
                Life.generate(context.score().timing(), context.score().loudness(), seed));
    }
}
