package graykite.delivery;

import static graykite.base.Require.requireThat;

import graykite.base.BadInput;
import graykite.time.FrameRate;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Which frames of a line or scene are delivered and how they are numbered.
 *
 * @param from first frame; the start without it
 * @param to last frame, which is delivered too; the end without it
 * @param preRoll frames before the first
 * @param postRoll frames after the last
 * @param startFrame number of the frame at the start; what the project says without it
 */
public record Span(Optional<Mark> from, Optional<Mark> to, int preRoll, int postRoll, OptionalLong startFrame) {
    /** All of it. */
    public static final Span WHOLE = new Span(Optional.empty(), Optional.empty(), 0, 0, OptionalLong.empty());

    /** Ten minutes at 60 frames a second. */
    public static final int MOST_ROLL = 36_000;

    private static final long MOST_FRAMES = 1_296_000;

    /**
     * Frames in a row.
     *
     * @param first counted from the start of the line; below 0 before it
     * @param count at least 1
     * @param startNumber number of the frame at the start of the line
     */
    public record Frames(long first, int count, long startNumber) {
        /** Number of a frame as the slate shows it. @param index from 0 */
        public long number(int index) {
            return startNumber + first + index;
        }

        /** Seconds of the line at a frame. @param index from 0 */
        public double time(int index, FrameRate rate) {
            return rate.secondsAt(first + index);
        }

        /** The same with so many more before the first, as long as they lie before the start of the line. */
        public Frames reachingBack(long beforeStart) {
            long earlier = Math.min(first, -beforeStart);
            return first > 0 ? this : new Frames(earlier, (int) (count + first - earlier), startNumber);
        }
    }

    public Span {
        requireThat(
                preRoll >= 0 && preRoll <= MOST_ROLL && postRoll >= 0 && postRoll <= MOST_ROLL,
                "Pre-roll and post-roll are 0 to %d frames.",
                MOST_ROLL);
        requireThat(
                startFrame.isEmpty() || Math.abs(startFrame.getAsLong()) <= 100_000_000L,
                "A start frame lies within 100,000,000.");
    }

    /**
     * Reads "A-B", "A-" or "-B", where A and B are frames, seconds or timecodes.
     *
     * @throws IllegalArgumentException when it is no range
     */
    public Span withRange(String text) {
        String plain = text.strip();
        int dash = plain.indexOf('-', plain.startsWith("-") ? 0 : 1);
        requireThat(dash >= 0 && plain.length() > 1, "\"%s\" is no range. Write for example 24-96 or 1.5s-4s.", text);
        String low = plain.substring(0, dash);
        String high = plain.substring(dash + 1);
        return new Span(
                low.isBlank() ? Optional.empty() : Optional.of(Mark.parse(low)),
                high.isBlank() ? Optional.empty() : Optional.of(Mark.parse(high)),
                preRoll,
                postRoll,
                startFrame);
    }

    /** As {@link #withRange} reads it; empty for all of it. */
    public String range() {
        return from.isEmpty() && to.isEmpty()
                ? ""
                : from.map(Mark::written).orElse("") + "-"
                        + to.map(Mark::written).orElse("");
    }

    public Span withRolls(int pre, int post) {
        return new Span(from, to, pre, post, startFrame);
    }

    public Span withStartFrame(OptionalLong frame) {
        return new Span(from, to, preRoll, postRoll, frame);
    }

    /**
     * The frames of something that lasts so long.
     *
     * @param start number of its first frame where this span does not say
     * @throws BadInput when the range lies outside, ends before it begins, or is too long
     */
    public Frames frames(double duration, FrameRate rate, long start) {
        long number = startFrame.orElse(start);
        long covers = Math.max(1, rate.framesToCover(duration));
        long first = from.map(m -> m.frame(rate, number)).orElse(0L);
        long last = to.map(m -> m.frame(rate, number)).orElse(covers - 1);
        if (last < first) {
            throw new BadInput("The range " + range() + " ends before it begins.");
        }
        if (last < 0 || first >= covers) {
            throw new BadInput("The range " + range() + " lies outside frames " + number + " to "
                    + (number + covers - 1) + ". Choose another.");
        }
        // What is asked for beyond the line is pre-roll or post-roll, and has to be said as that.
        first = Math.max(0, first) - preRoll;
        last = Math.min(covers - 1, last) + postRoll;
        long count = last - first + 1;
        if (count > MOST_FRAMES) {
            throw new BadInput(count + " frames are more than can be delivered in one file.");
        }
        return new Frames(first, (int) count, number);
    }
}
