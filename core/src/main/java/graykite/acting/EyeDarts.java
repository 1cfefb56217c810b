package graykite.acting;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Small quick turns of the eyes round what they look at. A dart of so many degrees takes 2.2 ms a degree and 21 ms more
 * (the main sequence; Carpenter 1988), then the eyes rest.
 */
public record EyeDarts(List<Dart> darts) {
    /** From a time on, the eyes go to this direction: degrees to the left and up. */
    public record Dart(double time, double yaw, double pitch) {}

    public EyeDarts {
        darts = List.copyOf(darts);
    }

    public static EyeDarts generate(double duration, long seed) {
        SplittableRandom random = new SplittableRandom(seed ^ 0x5DEECE66DL);
        List<Dart> darts = new ArrayList<>();
        double time = random.nextDouble(0.2, 0.9);
        while (time < duration) {
            boolean away = random.nextDouble() < 0.22;
            double reach = away ? 7.5 : 2.2;
            darts.add(new Dart(
                    time, random.nextDouble(-reach, reach), random.nextDouble(-reach, reach) * (away ? 0.45 : 0.6)));
            time += away ? random.nextDouble(0.35, 0.8) : random.nextDouble(0.5, 2.2);
        }
        return new EyeDarts(darts);
    }

    /** Seconds that a dart of so many degrees takes. */
    public static double seconds(double degrees) {
        return 0.021 + 0.0022 * degrees;
    }

    /** Degrees to the left at a time. */
    public double yaw(double time) {
        return at(time, true);
    }

    /** Degrees up at a time. */
    public double pitch(double time) {
        return at(time, false);
    }

    private double at(double time, boolean yaw) {
        Dart from = new Dart(-1, 0, 0);
        for (Dart dart : darts) {
            if (dart.time > time) {
                break;
            }
            double length = seconds(Math.hypot(dart.yaw - from.yaw, dart.pitch - from.pitch));
            if (time < dart.time + length) {
                double t = (time - dart.time) / length;
                double eased = t * t * (3 - 2 * t);
                double a = yaw ? from.yaw : from.pitch;
                double b = yaw ? dart.yaw : dart.pitch;
                return a + (b - a) * eased;
            }
            from = dart;
        }
        return yaw ? from.yaw : from.pitch;
    }
}
