package graykite.time;

import static graykite.base.Require.requireThat;

/**
 * A stretch of time in seconds.
 *
 * @param start first instant
 * @param end where it stops; not before start
 */
public record TimeRange(double start, double end) {
    public TimeRange {
        requireThat(Double.isFinite(start) && Double.isFinite(end), "Times are finite.");
        requireThat(end >= start, "A range ends at or after its start, not %.4f to %.4f.", start, end);
    }

    public double length() {
        return end - start;
    }

    public double middle() {
        return (start + end) / 2;
    }

    /** True from start up to, not including, end. */
    public boolean contains(double time) {
        return time >= start && time < end;
    }

    /** Brings a time into the range. */
    public double clamp(double time) {
        return Math.clamp(time, start, end);
    }
}
