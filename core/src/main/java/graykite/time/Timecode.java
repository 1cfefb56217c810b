package graykite.time;

import static graykite.base.Require.requireThat;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Hours, minutes, seconds and frames as written on a slate. At 29.97 and 59.94 the drop-frame count of SMPTE ST 12-1 is
 * used: the first frame numbers of each minute are left out except in every tenth, so that the clock keeps up.
 */
public final class Timecode {
    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,2}):(\\d{2}):(\\d{2})[:;](\\d{2,3})");

    private Timecode() {}

    /** Writes a frame number; a semicolon before the frames marks drop-frame. */
    public static String format(long frame, FrameRate rate) {
        String sign = frame < 0 ? "-" : "";
        long count = Math.abs(frame);
        int nominal = rate.nominal();
        if (rate.hasDropFrames()) {
            count = withDropped(count, nominal);
        }
        long frames = count % nominal;
        long seconds = count / nominal;
        return String.format(
                Locale.ROOT,
                "%s%02d:%02d:%02d%s%02d",
                sign,
                seconds / 3600,
                seconds / 60 % 60,
                seconds % 60,
                rate.hasDropFrames() ? ";" : ":",
                frames);
    }

    /** Writes the frame on screen at a time. @param first number of the frame at 0 */
    public static String at(double seconds, long first, FrameRate rate) {
        return format(first + rate.frameAt(seconds), rate);
    }

    /**
     * Reads what {@link #format} writes.
     *
     * @throws IllegalArgumentException when the text is no timecode or names a dropped frame
     */
    public static long parse(String text, FrameRate rate) {
        Matcher matcher = WRITTEN.matcher(text.strip());
        requireThat(matcher.matches(), "\"%s\" is no timecode. Write hours:minutes:seconds:frames.", text);
        long hours = Long.parseLong(matcher.group(1));
        long minutes = Long.parseLong(matcher.group(2));
        long seconds = Long.parseLong(matcher.group(3));
        long frames = Long.parseLong(matcher.group(4));
        int nominal = rate.nominal();
        requireThat(minutes < 60 && seconds < 60 && frames < nominal, "\"%s\" is out of range.", text);
        long totalMinutes = hours * 60 + minutes;
        long count = (totalMinutes * 60 + seconds) * nominal + frames;
        if (!rate.hasDropFrames()) {
            return count;
        }
        int dropped = droppedAMinute(nominal);
        requireThat(
                seconds != 0 || minutes % 10 == 0 || frames >= dropped,
                "\"%s\" is one of the numbers that drop-frame leaves out.",
                text);
        return count - dropped * (totalMinutes - totalMinutes / 10);
    }

    private static long withDropped(long frame, int nominal) {
        int dropped = droppedAMinute(nominal);
        long aMinute = nominal * 60L - dropped;
        long tenMinutes = aMinute * 10 + dropped;
        long tens = frame / tenMinutes;
        long rest = frame % tenMinutes;
        long minutes = rest < nominal * 60L ? 0 : 1 + (rest - nominal * 60L) / aMinute;
        return frame + dropped * (tens * 9 + minutes);
    }

    private static int droppedAMinute(int nominal) {
        return nominal / 15;
    }
}
