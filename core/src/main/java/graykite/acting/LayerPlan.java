package graykite.acting;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.time.TimeMap;

/**
 * A layer as a line keeps it: what was decided, apart from who acts it and when words are spoken. A new kind of layer is a
 * record that implements this, with a {@link Layer} of its own; its format stands in one list of the formats.
 */
public interface LayerPlan {
    LayerSetting setting();

    /** The same with another name, weight, blend, mask or mute. */
    LayerPlan with(LayerSetting setting);

    /** Makes it ready for one character and one reading. */
    Layer ready(LayerContext context);

    /** The same after the clock of the line changed; what hangs on words needs nothing. */
    default LayerPlan retimed(TimeMap change) {
        return this;
    }
}
