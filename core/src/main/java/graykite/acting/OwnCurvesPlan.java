package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.mouth.OwnCurvesLayer;

/** Curves that were taken over, as a layer. */
public record OwnCurvesPlan(LayerSetting setting) implements LayerPlan {
    @Override
    public OwnCurvesPlan with(LayerSetting newSetting) {
        return new OwnCurvesPlan(newSetting);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new OwnCurvesLayer(
                setting, context.character(), context.score().work().curves(), context.words());
    }
}
