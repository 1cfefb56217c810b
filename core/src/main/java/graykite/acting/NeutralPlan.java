package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.layer.Layer;
import graykite.layer.LayerSetting;

/**
 * A neutral key before the start: the face is at rest there and comes to the line's first frame, so that rigs are mended and
 * motion is blurred on clean ground (common practice: ten frames before).
 *
 * @param seconds before the line at which the face is at rest
 */
public record NeutralPlan(LayerSetting setting, double seconds) implements LayerPlan {
    /** Frames before the start unless one says otherwise. */
    public static final int USUAL_FRAMES = 10;

    /** How far before the start it may stand, in seconds. */
    public static final double MOST = 60;

    public NeutralPlan {
        requireThat(
                seconds > 0 && seconds <= MOST, "A neutral key stands up to 60 s before the start, not %.3f.", seconds);
    }

    @Override
    public NeutralPlan with(LayerSetting newSetting) {
        return new NeutralPlan(newSetting, seconds);
    }

    @Override
    public Layer ready(LayerContext context) {
        return new NeutralLayer(setting, context.character(), seconds);
    }
}
