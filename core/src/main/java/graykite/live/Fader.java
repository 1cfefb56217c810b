package graykite.live;

import graykite.rig.Channel;

/**
 * A knob of a controller that plays a channel over its whole range. One that goes both ways rests in the middle.
 *
 * @param control name of the channel
 * @param least its lowest value
 * @param most its highest
 */
public record Fader(MidiControls.Knob knob, String control, double least, double most) {
    public static Fader of(MidiControls.Knob knob, Channel channel) {
        return new Fader(knob, channel.name(), channel.min(), channel.max());
    }

    /** What the channel becomes. @param at where the knob is, 0 to 1 */
    public double value(double at) {
        double bounded = Math.clamp(at, 0, 1);
        if (least >= 0) {
            return least + bounded * (most - least);
        }
        // 64 of 127 is the middle of a knob, though it is a little more than half.
        double side = Math.abs(2 * bounded - 1) < 1.5 / 127 ? 0 : 2 * bounded - 1;
        return side >= 0 ? side * most : -side * least;
    }
}
