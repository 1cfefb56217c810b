package graykite.reading;

import static graykite.base.Require.requireThat;

import graykite.text.Phone;
import graykite.time.TimeRange;

/**
 * A phone and when it sounds.
 *
 * @param phone never silence
 * @param start seconds
 * @param end seconds, after start
 * @param pinned true once the animator set one of its boundaries by hand
 */
public record TimedPhone(Phone phone, double start, double end, boolean pinned) {
    public TimedPhone {
        requireThat(phone != Phone.SIL, "Silence is what lies between words; it is not a timed phone.");
        requireThat(start >= 0 && end > start, "A phone ends after it starts, not %.4f to %.4f.", start, end);
    }

    public TimeRange range() {
        return new TimeRange(start, end);
    }

    public double length() {
        return end - start;
    }
}
