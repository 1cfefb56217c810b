package graykite.format;

import java.util.List;

/**
 * A subtitle.
 *
 * @param start seconds
 * @param end seconds
 * @param speaker who says it
 * @param lines one or two
 */
public record Cue(double start, double end, String speaker, List<String> lines) {
    public Cue {
        lines = List.copyOf(lines);
    }
}
