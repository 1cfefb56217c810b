package graykite.mouth;

import static graykite.base.Require.requireThat;

/**
 * How a line is spoken as a whole.
 *
 * @param strength share of the full chart shapes; people open less than the chart, so 0.75 looks natural
 * @param lead how long before its sound a shape comes, in seconds
 * @param smoothness 1 as designed; lower is crisper, higher is softer
 * @param leastHold frames for which a drawing stays at least, on characters that are drawn
 */
public record MouthSettings(double strength, double lead, double smoothness, int leastHold) {
    public static final MouthSettings STANDARD = new MouthSettings(0.80, 0.050, 1, 2);

    public MouthSettings {
        requireThat(strength >= 0 && strength <= 1.5, "Strength lies between 0 and 1.5, not %.2f.", strength);
        requireThat(lead >= -0.2 && lead <= 0.3, "The lead lies between -0.2 and 0.3 seconds, not %.3f.", lead);
        requireThat(smoothness >= 0.2 && smoothness <= 4, "Smoothness lies between 0.2 and 4, not %.2f.", smoothness);
        requireThat(
                leastHold >= 1 && leastHold <= 12, "The least hold lies between 1 and 12 frames, not %d.", leastHold);
    }

    public MouthSettings withStrength(double value) {
        return new MouthSettings(value, lead, smoothness, leastHold);
    }

    public MouthSettings withLead(double value) {
        return new MouthSettings(strength, value, smoothness, leastHold);
    }

    public MouthSettings withSmoothness(double value) {
        return new MouthSettings(strength, lead, value, leastHold);
    }

    public MouthSettings withLeastHold(int frames) {
        return new MouthSettings(strength, lead, smoothness, frames);
    }
}
