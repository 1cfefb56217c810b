package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.mouth.SpeechLayer;

/** What is spoken, as a layer: where it lies among the others, and how much of it is seen. */
public record SpeechPlan(LayerSetting setting) implements LayerPlan {
    @Override
    public SpeechPlan with(LayerSetting newSetting) {
        return new SpeechPlan(newSetting);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new SpeechLayer(setting, context.character(), context.beats(), context.mouth());
    }
}
