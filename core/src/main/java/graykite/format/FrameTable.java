package graykite.format;

import static graykite.base.Require.requireThat;

import graykite.rig.Channel;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/**
 * What somebody on a stage does, at the frames of a rate: what is delivered.
 *
 * @param rate frames a second
 * @param firstFrame number of the first row's frame
 * @param channels names, in order
 * @param rows one array of values a frame, in the order of the channels
 */
public record FrameTable(FrameRate rate, long firstFrame, List<String> channels, List<double[]> rows) {
    /** Six hours at 60 frames a second; more is a mistake. */
    private static final long MOST_FRAMES = 1_296_000;

    public FrameTable {
        channels = List.copyOf(channels);
        rows = List.copyOf(rows);
    }

    /** A table that starts with frame 0. */
    public FrameTable(FrameRate rate, List<String> channels, List<double[]> rows) {
        this(rate, 0, channels, rows);
    }

    /** The same with another number for its first frame. */
    public FrameTable from(long frame) {
        return new FrameTable(rate, frame, channels, rows);
    }

    /**
     * Samples what somebody on a stage does from its start, or from the neutral key before it, to its end; the last frame
     * covers the end.
     */
    public static FrameTable of(Scene scene, int actor, FrameRate rate) {
        long frames = frames(scene.duration(), rate);
        long before = Math.round(scene.preRoll(actor) * rate.perSecond());
        return of(scene, actor, rate, -before, (int) (frames + before), 0);
    }

    /** Samples some frames. @param first counted from the start of the scene, below 0 before it @param start number of the frame there */
    public static FrameTable of(Scene scene, int actor, FrameRate rate, long first, int count, long start) {
        List<double[]> rows = LongStream.range(first, first + count)
                .mapToObj(f -> scene.at(actor, rate.secondsAt(f)))
                .toList();
        return new FrameTable(
                rate,
                start + first,
                scene.channels(actor).stream().map(Channel::name).toList(),
                rows);
    }

    /** With some of its channels only, in their order. */
    public FrameTable only(Predicate<String> wanted) {
        int[] kept = IntStream.range(0, channels.size())
                .filter(c -> wanted.test(channels.get(c)))
                .toArray();
        return new FrameTable(
                rate,
                firstFrame,
                Arrays.stream(kept).mapToObj(channels::get).toList(),
                rows.stream()
                        .map(row -> Arrays.stream(kept).mapToDouble(c -> row[c]).toArray())
                        .toList());
    }

    /** How many frames cover so many seconds; at least one. */
    public static long frames(double duration, FrameRate rate) {
        long frames = Math.max(1, rate.framesToCover(duration));
        requireThat(frames <= MOST_FRAMES, "%d frames are more than can be delivered in one file.", frames);
        return frames;
    }

    /** Seconds of a row, counted from frame 0. */
    public double timeOf(int row) {
        return rate.secondsAt(firstFrame + row);
    }
}
