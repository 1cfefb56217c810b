package graykite.text;

import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Lines of a script that say when what stands below them is spoken, written as WebVTT (W3C) and SubRip write the times of
 * their cues: {@code 00:01:02.000 --> 00:01:04.500}. They are never spoken.
 */
public final class TimeLine {
    private static final Pattern TIMES = Pattern.compile(
            "(?:(\\d{1,6}):)?(\\d{1,2}):(\\d{2})[.,](\\d{3})\\s+-->\\s+(?:(\\d{1,6}):)?(\\d{1,2}):(\\d{2})[.,](\\d{3})(?:\\s.*)?");

    /** Some lines of a script, and when they are spoken where that is said. */
    record Block(Optional<TimeRange> time, String text) {}

    private TimeLine() {}

    /** The times that a line says; empty for other lines, and where the end comes before the start. */
    public static Optional<TimeRange> parse(String line) {
        if (!line.contains("-->")) {
            return Optional.empty();
        }
        Matcher times = TIMES.matcher(line.strip());
        return times.matches() && seconds(times, 5) >= seconds(times, 1)
                ? Optional.of(new TimeRange(seconds(times, 1), seconds(times, 5)))
                : Optional.empty();
    }

    private static double seconds(Matcher times, int group) {
        long hours = times.group(group) == null ? 0 : Long.parseLong(times.group(group));
        return hours * 3600
                + Long.parseLong(times.group(group + 1)) * 60
                + Long.parseLong(times.group(group + 2))
                + Long.parseLong(times.group(group + 3)) / 1000.0;
    }

    /** A line that says a time, to the millisecond. */
    public static String written(TimeRange time) {
        return clock(time.start()) + " --> " + clock(time.end());
    }

    private static String clock(double seconds) {
        long millis = Math.round(seconds * 1000);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d.%03d",
                millis / 3_600_000,
                millis / 60_000 % 60,
                millis / 1000 % 60,
                millis % 1000);
    }

    /** A script cut at its lines of times; what they say holds up to the next of them or an empty line. */
    static List<Block> blocks(String script) {
        if (!script.contains("-->")) {
            return List.of(new Block(Optional.empty(), script));
        }
        List<Block> blocks = new ArrayList<>();
        Optional<TimeRange> time = Optional.empty();
        StringBuilder text = new StringBuilder();
        for (String line : script.split("\\R", -1)) {
            Optional<TimeRange> next = parse(line);
            if (next.isPresent() || time.isPresent() && line.isBlank()) {
                blocks.add(new Block(time, text.toString()));
                text.setLength(0);
                time = next;
            } else {
                text.append(line).append('\n');
            }
        }
        blocks.add(new Block(time, text.toString()));
        return blocks;
    }

    /** A script as people read it: without its lines of times. */
    public static String without(String script) {
        return blocks(script).stream()
                .map(b -> b.text().strip())
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining("\n"));
    }
}
