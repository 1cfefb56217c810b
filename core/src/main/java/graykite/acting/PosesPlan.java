package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;
import java.util.Comparator;
import java.util.List;

/**
 * Poses keyed on a line.
 *
 * @param keys in the order in which they stood when they were put there
 */
public record PosesPlan(LayerSetting setting, List<PoseKey> keys) implements LayerPlan {
    public PosesPlan {
        keys = keys.stream()
                .sorted(Comparator.comparingDouble(k -> k.at().time()))
                .toList();
    }

    @Override
    public PosesPlan with(LayerSetting newSetting) {
        return new PosesPlan(newSetting, keys);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new PosesLayer(setting, context.character(), keys, context.words());
    }

    @Override
    public PosesPlan retimed(TimeMap change) {
        return new PosesPlan(
                setting,
                keys.stream().map(k -> k.movedTo(k.at().retimed(change))).toList());
    }
}
