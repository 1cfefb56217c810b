package graykite.proof.checks;

import graykite.proof.Footage;
import java.util.ArrayList;
import java.util.List;

/** Where the head points, frame by frame, carried by the body; degrees. */
final class Head {
    private final double[] yaw;
    private final double[] pitch;
    private final double[] roll;
    private final double fps;

    Head(Footage film) {
        yaw = sum(film.role("headYaw"), film.role("bodyYaw"));
        pitch = sum(film.role("headPitch"), film.role("bodyPitch"));
        roll = sum(film.role("headRoll"), film.role("bodyRoll"));
        fps = film.rate().perSecond();
    }

    private static double[] sum(double[] a, double[] b) {
        double[] sum = new double[a.length];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = a[i] + b[i];
        }
        return sum;
    }

    double[] yaw() {
        return yaw;
    }

    double[] pitch() {
        return pitch;
    }

    double[] roll() {
        return roll;
    }

    /** Degrees a second from a frame to the next; 0 before the first and after the last. */
    double speed(int frame) {
        if (frame < 0 || frame + 1 >= yaw.length) {
            return 0;
        }
        double y = yaw[frame + 1] - yaw[frame];
        double p = pitch[frame + 1] - pitch[frame];
        double r = roll[frame + 1] - roll[frame];
        return fps * Math.sqrt(y * y + p * p + r * r);
    }

    /** The frames in which an axis turns back, by at least so many degrees each time. */
    static List<Integer> turns(double[] axis, double degrees) {
        List<Integer> turns = new ArrayList<>();
        int extreme = 0;
        int way = 0;
        for (int f = 1; f < axis.length; f++) {
            double from = axis[f] - axis[extreme];
            if (way == 0 && Math.abs(from) >= degrees) {
                way = from > 0 ? 1 : -1;
                extreme = f;
            } else if (way != 0 && way * from > 0) {
                extreme = f;
            } else if (way != 0 && -way * from >= degrees) {
                turns.add(extreme);
                way = -way;
                extreme = f;
            }
        }
        return turns;
    }
}
