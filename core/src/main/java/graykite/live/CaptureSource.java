package graykite.live;

import java.util.Map;
import java.util.function.Consumer;

/** Something that tells what a face does, many times a second: a camera, a head rig, a simulated one. */
public interface CaptureSource extends AutoCloseable {
    /**
     * What a face does at a moment.
     *
     * @param nanos when it came, by {@link System#nanoTime}
     * @param values by the names that the source has for its controls; may be no figures
     */
    record Sample(long nanos, Map<String, Double> values) {}

    /** What it is called. */
    String name();

    /** Begins to tell, on a thread of its own. */
    void begin(Consumer<Sample> told);

    @Override
    void close();
}
