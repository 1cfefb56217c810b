package graykite.studio.live;

import graykite.live.Input;
import java.util.EnumMap;
import java.util.Map;

/** Where a hand is: pointer, wheel and button over the face, and keys that stand for them. */
public final class Hand {
    /** How far the wheel goes from one end to the other: about ten notches. */
    private static final double WHEEL_RANGE = 400;

    /** Seconds in which a held key has gone two thirds of its way: a head gets to its pose in a fifth of a second. */
    private static final double SOFT = 0.07;

    private static final double NEAR = 1e-3;

    private final Map<Input, Double> at = new EnumMap<>(Input.class);
    private final Map<Input, Double> held = new EnumMap<>(Input.class);
    private final Map<Input, Double> byKeys = new EnumMap<>(Input.class);

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

    /** A key holds an input. @param to where it is to go, 0 when it is let go */
    void hold(Input input, double to) {
        held.put(input, to);
    }

    /** Lets what keys hold come nearer to where it goes. @param seconds since the last time */
    void follow(double seconds) {
        double share = 1 - Math.exp(-Math.max(0, seconds) / SOFT);
        held.forEach((input, to) -> {
            double now = byKeys.getOrDefault(input, 0.0);
            byKeys.put(input, Math.abs(to - now) < NEAR ? to : now + share * (to - now));
        });
    }

    /** Where each input is. */
    Map<Input, Double> inputs() {
        Map<Input, Double> all = new EnumMap<>(at);
        byKeys.forEach((input, value) -> {
            if (value != 0) {
                all.merge(input, value, (a, b) -> Math.clamp(a + b, -1, 1));
            }
        });
        return all;
    }

    void rest() {
        at.clear();
        held.clear();
        byKeys.clear();
    }
}
