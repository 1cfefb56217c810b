package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Where somebody looks on a line.
 *
 * @param looks in the order in which they began when they were put there
 */
public record LooksPlan(LayerSetting setting, List<LookBlock> looks) implements LayerPlan {
    public LooksPlan {
        looks = looks.stream()
                .sorted(Comparator.comparingDouble(l -> l.from().time()))
                .toList();
    }

    @Override
    public LooksPlan with(LayerSetting newSetting) {
        return new LooksPlan(newSetting, looks);
    }

    public LooksPlan plus(LookBlock look) {
        List<LookBlock> all = new ArrayList<>(looks);
        all.add(look);
        return new LooksPlan(setting, all);
    }

    public LooksPlan with(int index, LookBlock look) {
        List<LookBlock> all = new ArrayList<>(looks);
        all.set(index, look);
        return new LooksPlan(setting, all);
    }

    public LooksPlan without(int index) {
        List<LookBlock> all = new ArrayList<>(looks);
        all.remove(index);
        return new LooksPlan(setting, all);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new LooksLayer(setting, context.character(), looks, context.words(), Surroundings.ALONE);
    }

    @Override
    public LooksPlan retimed(TimeMap change) {
        return new LooksPlan(
                setting,
                looks.stream()
                        .map(l -> new LookBlock(l.from().retimed(change), l.to().retimed(change), l.point(), l.head()))
                        .toList());
    }
}
