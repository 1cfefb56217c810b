package graykite.studio.view;

/**
 * Tells which pictures are drawn quickly: those of a movement, on a machine that is too slow to draw sixty careful ones a second.
 * Times are in seconds of any clock.
 */
final class Pace {
    /** Seconds between wishes up to which they are one movement, and after the last of which it has come to rest. */
    static final double MOVEMENT = 0.12;
    /** Seconds that a careful picture may take while something moves: sixty a second, and room for the window beside. */
    private static final double SMOOTH = 0.008;
    /** Times that a careful picture takes of a quick one. */
    private static final double SLOWER = 1.5;
    /** Share of what is known that the newest picture is. */
    private static final double NEWEST = 0.1;

    private double last = Double.NEGATIVE_INFINITY;
    private double careful;

    /** Takes note of a wish and tells how it is met. */
    boolean quick(double asked) {
        boolean moving = asked - last < MOVEMENT;
        last = asked;
        return moving && careful > SMOOTH;
    }

    /** Takes note of how long a picture took. */
    void took(boolean quick, double seconds) {
        double now = quick ? SLOWER * seconds : seconds;
        careful = careful == 0 ? now : careful + NEWEST * (now - careful);
    }
}
