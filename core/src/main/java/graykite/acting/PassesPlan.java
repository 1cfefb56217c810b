package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Live passes and captures, one over another.
 *
 * @param passes the lowest first
 */
public record PassesPlan(LayerSetting setting, List<Pass> passes) implements LayerPlan {
    private static final int MOST = 1_000;

    public PassesPlan {
        passes = List.copyOf(passes);
        requireThat(passes.size() <= MOST, "A layer has at most %d passes, not %d.", MOST, passes.size());
    }

    @Override
    public PassesPlan with(LayerSetting newSetting) {
        return new PassesPlan(newSetting, passes);
    }

    public PassesPlan with(UnaryOperator<List<Pass>> change) {
        return new PassesPlan(setting, change.apply(new ArrayList<>(passes)));
    }

    @Override
    public Layer ready(LayerContext context) {
        return new PassesLayer(setting, context.character(), passes, context.words());
    }

    @Override
    public PassesPlan retimed(TimeMap change) {
        return new PassesPlan(
                setting, passes.stream().map(p -> p.retimed(change)).toList());
    }
}
