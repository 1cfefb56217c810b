package graykite.delivery;

import static graykite.base.Require.requireThat;

import graykite.time.FrameRate;
import graykite.time.Timecode;
import java.util.Locale;
import java.util.regex.Pattern;

/** A place in a line or scene, as people write it. */
public sealed interface Mark {
    /** The number of a frame, as the slate shows it: the start frame counts. */
    record Frame(long number) implements Mark {}

    /** Seconds from the start. */
    record Seconds(double time) implements Mark {
        public Seconds {
            requireThat(Double.isFinite(time) && Math.abs(time) <= 86_400, "A range lies within a day.");
        }
    }

    /** Hours, minutes, seconds and frames, as the slate shows them: the start frame counts. */
    record Slate(String timecode) implements Mark {}

    Pattern FRAME = Pattern.compile("-?\\d{1,9}");
    Pattern SECONDS = Pattern.compile("-?\\d{1,6}(\\.\\d{1,6})?s");

    /**
     * Reads "24" (a frame), "1.5s" (seconds) or "01:00:00:12" (timecode).
     *
     * @throws IllegalArgumentException when it is none of them
     */
    static Mark parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (FRAME.matcher(plain).matches()) {
            return new Frame(Long.parseLong(plain));
        }
        if (SECONDS.matcher(plain).matches()) {
            return new Seconds(Double.parseDouble(plain.substring(0, plain.length() - 1)));
        }
        requireThat(
                plain.contains(":"),
                "\"%s\" is no place in a line. Write a frame (24), seconds (1.5s) or a timecode (00:00:01:12).",
                text);
        return new Slate(plain);
    }

    /** The frame that is meant, counted from the start. @param start number of the frame there */
    default long frame(FrameRate rate, long start) {
        return switch (this) {
            case Frame f -> f.number() - start;
            case Seconds s -> rate.nearestFrame(s.time());
            case Slate s -> Timecode.parse(s.timecode(), rate) - start;
        };
    }

    /** As {@link #parse} reads it. */
    default String written() {
        return switch (this) {
            case Frame f -> Long.toString(f.number());
            case Seconds s -> String.format(Locale.ROOT, "%.6f", s.time()).replaceAll("\\.?0+$", "") + "s";
            case Slate s -> s.timecode();
        };
    }
}
