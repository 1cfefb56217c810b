package graykite.motion;

import static graykite.base.Require.requireThat;

/**
 * A point of a curve.
 *
 * @param time seconds
 * @param value what the curve is there
 * @param way how the curve goes on from here to the next key
 * @param in slope with which a smooth curve arrives, in value a second
 * @param out slope with which a smooth curve leaves, in value a second
 */
public record Key(double time, double value, Way way, double in, double out) {
    /** How a curve goes from one key to the next. */
    public enum Way {
        /** Stays and jumps. */
        STEPPED("Stepped"),
        /** A straight line. */
        LINEAR("Linear"),
        /** A cubic with the slopes of both keys (Hermite). */
        SMOOTH("Smooth");

        private final String title;

        Way(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    public Key {
        for (double figure : new double[] {time, value, in, out}) {
            requireThat(Double.isFinite(figure), "A key is made of finite figures.");
        }
    }

    public Key movedTo(double newTime, double newValue) {
        return new Key(newTime, newValue, way, in, out);
    }

    public Key going(Way newWay) {
        return new Key(time, value, newWay, in, out);
    }

    public Key sloped(double newIn, double newOut) {
        return new Key(time, value, way, newIn, newOut);
    }
}
