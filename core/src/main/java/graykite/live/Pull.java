package graykite.live;

import static graykite.base.Require.requireThat;

/**
 * What an input does to a control: so much at its positive end, so much at its negative end, straight between.
 *
 * @param control a channel or a standard action
 * @param plus value at 1
 * @param minus value at -1
 */
public record Pull(String control, Input input, double plus, double minus) {
    public Pull {
        requireThat(!control.isBlank(), "A hand moves a control.");
        requireThat(Double.isFinite(plus) && Double.isFinite(minus), "An input moves a control so far.");
    }

    /** What the control becomes. @param at where the input is */
    public double value(double at) {
        double bounded = Math.clamp(at, -1, 1);
        return bounded >= 0 ? bounded * plus : -bounded * minus;
    }
}
