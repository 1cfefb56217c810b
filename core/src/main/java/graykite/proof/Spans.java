package graykite.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Stretches of frames. */
public final class Spans {
    private Spans() {}

    /** A stretch of frames. @param last in it */
    public record Span(int first, int last) {
        public int length() {
            return last - first + 1;
        }
    }

    /** The longest stretches in which something holds for every frame, in order. @param least how many frames a stretch has at least */
    public static List<Span> where(int frames, int least, IntPredicate holds) {
        return where(0, frames, least, holds);
    }

    /** As {@link #where(int, int, IntPredicate)}, from a frame on. @param to frame after the last */
    public static List<Span> where(int from, int to, int least, IntPredicate holds) {
        List<Span> spans = new ArrayList<>();
        int first = -1;
        for (int f = Math.max(0, from); f <= to; f++) {
            boolean now = f < to && holds.test(f);
            if (now && first < 0) {
                first = f;
            } else if (!now && first >= 0) {
                if (f - first >= least) {
                    spans.add(new Span(first, f - 1));
                }
                first = -1;
            }
        }
        return spans;
    }
}
