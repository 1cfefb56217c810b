package graykite.studio.live;

import graykite.live.Input;
import java.util.EnumMap;
import java.util.Map;

/** Where a hand is: pointer, wheel and button over the face. */
public final class Hand {
    /** How far the wheel goes from one end to the other: about ten notches. */
    private static final double WHEEL_RANGE = 400;

    private final Map<Input, Double> at = new EnumMap<>(Input.class);

    /** The pointer is at a point of the picture. Nine tenths of its lesser side are the whole reach. */
    void move(double x, double y, double width, double height) {
        double reach = Math.max(1, Math.min(width, height) * 0.45);
        at.put(Input.X, Math.clamp((x - width / 2) / reach, -1, 1));
        at.put(Input.Y, Math.clamp((height / 2 - y) / reach, -1, 1));
    }

    /** The wheel was turned. @param pixels as it would scroll */
    void wheel(double pixels) {
        at.merge(Input.WHEEL, pixels / WHEEL_RANGE, (a, b) -> Math.clamp(a + b, -1, 1));
    }

    void press(boolean down) {
        at.put(Input.PRESS, down ? 1.0 : 0.0);
    }

    /** Where each input is. */
    Map<Input, Double> inputs() {
        return at;
    }

    void rest() {
        at.clear();
    }
}
