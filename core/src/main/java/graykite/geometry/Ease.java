package graykite.geometry;

/** Small figures that shape work needs all the time. */
public final class Ease {
    private Ease() {}

    /** 0 below from, 1 above to, smooth between; from may lie above to. */
    public static double smooth(double from, double to, double x) {
        double t = Math.clamp((x - from) / (to - from), 0, 1);
        return t * t * (3 - 2 * t);
    }

    public static double mix(double a, double b, double share) {
        return a + (b - a) * share;
    }

    /** Falls from 1 at the centre to 0 far away; half a radius out it is still 0.78. */
    public static double bell(double x, double y, double z) {
        return Math.exp(-(x * x + y * y + z * z));
    }
}
