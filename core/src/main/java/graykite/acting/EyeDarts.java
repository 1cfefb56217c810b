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
        return generate(duration, seed, 1);
    }

    /** @param amount how many times as far as people do; 0 for not at all */
    public static EyeDarts generate(double duration, long seed, double amount) {
        SplittableRandom random = new SplittableRandom(seed ^ 0x5DEECE66DL);
        List<Dart> darts = new ArrayList<>();
        double time = random.nextDouble(0.2, 0.9);
        while (time < duration && amount > 0) {
            boolean away = random.nextDouble() < 0.22;
            double reach = amount * (away ? 7.5 : 2.2);
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

    /** Where the eyes look: degrees to the left and up. */
    public record Gaze(double yaw, double pitch) {}

    /** Where the eyes look at a time. */
    public Gaze at(double time) {
        int now = begun(time) - 1;
        if (now < 0) {
            return new Gaze(0, 0);
        }
        Dart dart = darts.get(now);
        Dart from = now == 0 ? new Dart(-1, 0, 0) : darts.get(now - 1);
        double length = seconds(Math.hypot(dart.yaw - from.yaw, dart.pitch - from.pitch));
        double t = Math.clamp((time - dart.time) / length, 0, 1);
        double eased = t * t * (3 - 2 * t);
        return new Gaze(from.yaw + (dart.yaw - from.yaw) * eased, from.pitch + (dart.pitch - from.pitch) * eased);
    }

    /** When the eyes leave where a dart brought them. */
    double after(Dart dart) {
        int next = begun(dart.time);
        return next < darts.size() ? darts.get(next).time : Double.MAX_VALUE;
    }

    /** How many darts have begun at a time. */
    private int begun(double time) {
        int low = 0;
        int high = darts.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (darts.get(middle).time <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
