package graykite.rig.face;

/** Small figures that shape work needs all the time. */
final class Ease {
    private Ease() {}

    /** 0 below from, 1 above to, smooth between; from may lie above to. */
    static double smooth(double from, double to, double x) {
        double t = Math.clamp((x - from) / (to - from), 0, 1);
        return t * t * (3 - 2 * t);
    }

    static double mix(double a, double b, double share) {
        return a + (b - a) * share;
    }

    /** Falls from 1 at the centre to 0 far away; half a radius out it is still 0.78. */
    static double bell(double x, double y, double z) {
        return Math.exp(-(x * x + y * y + z * z));
    }
}
