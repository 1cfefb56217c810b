package graykite.time;

import static graykite.base.Require.requireThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Frames a second as an exact fraction, so that 23.976 is 24000/1001 and an hour does not drift. The one place where
 * seconds become frames and frames become seconds.
 *
 * @param numerator frames, 1 or more
 * @param denominator in so many seconds, 1 or more
 */
public record FrameRate(int numerator, int denominator) {
    /** Times within a hundredth of a frame below a frame count as on it: decimal times such as 0.0417 are meant. */
    private static final double SNAP = 1e-2;

    public static final FrameRate FILM = new FrameRate(24, 1);
    public static final FrameRate THIRTY = new FrameRate(30, 1);
    public static final FrameRate NTSC = new FrameRate(30000, 1001);

    public FrameRate {
        requireThat(numerator > 0 && denominator > 0, "A frame rate is positive, not %d/%d.", numerator, denominator);
        requireThat(numerator / (double) denominator <= 1000, "A frame rate over 1000 is not meant: %d.", numerator);
        int divisor = gcd(numerator, denominator);
        numerator /= divisor;
        denominator /= divisor;
    }

    /**
     * Reads "24", "29.97", "23.976", "59.94", "30000/1001" or any decimal up to three places.
     *
     * @throws IllegalArgumentException when the text is no frame rate
     */
    public static FrameRate parse(String text) {
        String trimmed =
                text.strip().toLowerCase(Locale.ROOT).replace("fps", "").strip();
        return switch (trimmed) {
            case "23.976", "23.98" -> new FrameRate(24000, 1001);
            case "29.97" -> NTSC;
            case "47.952", "47.95" -> new FrameRate(48000, 1001);
            case "59.94" -> new FrameRate(60000, 1001);
            case "119.88" -> new FrameRate(120000, 1001);
            default -> parseNumber(trimmed);
        };
    }

    /** Rates that films have. */
    private static final List<FrameRate> USUAL = List.of(
            new FrameRate(24000, 1001),
            FILM,
            new FrameRate(25, 1),
            NTSC,
            THIRTY,
            new FrameRate(48, 1),
            new FrameRate(50, 1),
            new FrameRate(60000, 1001),
            new FrameRate(60, 1));

    /** The usual rate that is meant by a measured figure; nothing where none is within a hundredth of a frame. */
    public static Optional<FrameRate> near(double perSecond) {
        return USUAL.stream()
                .filter(r -> Math.abs(r.perSecond() - perSecond) < 0.01)
                .findFirst();
    }

    private static FrameRate parseNumber(String text) {
        try {
            int slash = text.indexOf('/');
            if (slash > 0) {
                return new FrameRate(
                        Integer.parseInt(text.substring(0, slash).strip()),
                        Integer.parseInt(text.substring(slash + 1).strip()));
            }
            double value = Double.parseDouble(text);
            requireThat(value >= 0.001 && value <= 1000, "A frame rate lies between 0.001 and 1000.");
            return new FrameRate((int) Math.round(value * 1000), 1000);
        } catch (NumberFormatException broken) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is no frame rate. Write for example 24, 29.97 or 30000/1001.", broken);
        }
    }

    /** Frames a second as a decimal; for display and for libraries that know no fractions. */
    public double perSecond() {
        return numerator / (double) denominator;
    }

    /** Length of a frame in seconds. */
    public double frameLength() {
        return denominator / (double) numerator;
    }

    /** Start of a frame, in seconds. Frames may be negative (pre-roll). */
    public double secondsAt(long frame) {
        return frame * (double) denominator / numerator;
    }

    /** The frame on screen at a time: the last one that starts at or before it. */
    public long frameAt(double seconds) {
        return (long) Math.floor(seconds * numerator / denominator + SNAP);
    }

    /** The frame that starts nearest to a time. */
    public long nearestFrame(double seconds) {
        return Math.round(seconds * numerator / denominator);
    }

    /** How many frames it takes to cover a duration: the last one may reach beyond its end. */
    public long framesToCover(double seconds) {
        return (long) Math.ceil(seconds * numerator / denominator - SNAP);
    }

    /** True for 29.97 and 59.94, where drop-frame timecode is in use. */
    public boolean hasDropFrames() {
        return denominator == 1001 && numerator % 30000 == 0;
    }

    /** Frames counted in a second of timecode: 24 for 23.976. */
    public int nominal() {
        return (int) Math.round(perSecond());
    }

    @Override
    public String toString() {
        if (denominator == 1) {
            return Integer.toString(numerator);
        }
        String decimal = String.format(Locale.ROOT, "%.3f", perSecond());
        return decimal.replaceAll("0+$", "");
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
