package graykite.proof;

import static graykite.base.Require.requireThat;

import graykite.layer.Changes;
import graykite.proof.FaceMeasure.What;
import graykite.rig.Character;
import graykite.scene.Scene;
import graykite.time.FrameRate;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntFunction;
import java.util.function.IntPredicate;
import java.util.function.ObjIntConsumer;
import java.util.stream.IntStream;

/**
 * Somebody in every frame of a line, as delivered: every channel after guard and couplings, and what is measured on the mesh.
 * After an edit only the frames that changed are looked at again. Immutable; safe for several threads.
 */
public final class Footage {
    private static final int FIGURES = What.values().length;

    /** More frames than these are looked at on all cores. */
    static final int LONG = 2_000;

    private final FaceMeasure measure;
    private final FrameRate rate;
    private final int frames;
    private final float[] values;
    private final float[] figures;
    private final Map<String, double[]> roles = new ConcurrentHashMap<>();
    private final Map<What, double[]> measured = new ConcurrentHashMap<>();
    private final double[] ranges;

    private Footage(FaceMeasure measure, FrameRate rate, int frames, float[] values, float[] figures) {
        this.measure = measure;
        this.rate = rate;
        this.frames = frames;
        this.values = values;
        this.figures = figures;
        this.ranges = measure.character().channels().stream()
                .mapToDouble(c -> c.max() - c.min())
                .toArray();
    }

    /**
     * Looks at everything.
     *
     * @param at the values of all channels at a frame
     */
    public static Footage of(FaceMeasure measure, FrameRate rate, int frames, IntFunction<double[]> at) {
        return filmed(measure, rate, frames, at, Optional.empty(), Changes.EVERYWHERE);
    }

    /** One who acts on a stage, from the start of a line. @param start of the line on the stage, in seconds */
    public static Footage of(
            FaceMeasure measure, Scene scene, int actor, double start, double duration, FrameRate rate) {
        return of(measure, rate, frames(duration, rate), f -> scene.at(actor, start + rate.secondsAt(f)));
    }

    private static int frames(double duration, FrameRate rate) {
        return (int) Math.max(1, rate.framesToCover(duration));
    }

    /** The same after an edit. @param changes on the clock of the line, in which the scene differs from what this was made of */
    public Footage after(Scene scene, int actor, double start, double duration, FrameRate newRate, Changes changes) {
        int count = frames(duration, newRate);
        IntFunction<double[]> at = f -> scene.at(actor, start + newRate.secondsAt(f));
        return newRate.equals(rate) && scene.character(actor) == character()
                ? filmed(measure, newRate, count, at, Optional.of(this), changes)
                : of(measure, newRate, count, at);
    }

    private static Footage filmed(
            FaceMeasure measure,
            FrameRate rate,
            int frames,
            IntFunction<double[]> at,
            Optional<Footage> before,
            Changes changes) {
        int channels = measure.character().channels().size();
        float[] values = new float[frames * channels];
        float[] figures = new float[frames * FIGURES];
        double frame = rate.frameLength();
        int[] anew = IntStream.range(0, frames)
                .filter(f -> before.isEmpty()
                        || f >= before.get().frames
                        || changes.touch(rate.secondsAt(f) - frame, rate.secondsAt(f) + frame))
                .toArray();
        before.ifPresent(b -> {
            System.arraycopy(b.values, 0, values, 0, Math.min(b.values.length, values.length));
            System.arraycopy(b.figures, 0, figures, 0, Math.min(b.figures.length, figures.length));
        });
        IntStream looked = Arrays.stream(anew);
        // A short line is not worth taking the other cores from the stage.
        (frames > LONG ? looked.parallel() : looked).forEach(f -> {
            double[] now = at.apply(f);
            for (int c = 0; c < channels; c++) {
                values[f * channels + c] = (float) now[c];
            }
            measure.at(now, figures, f * FIGURES);
        });
        return new Footage(measure, rate, frames, values, figures);
    }

    public Character character() {
        return measure.character();
    }

    public FaceMeasure measure() {
        return measure;
    }

    public FrameRate rate() {
        return rate;
    }

    /** How many frames there are. */
    public int frames() {
        return frames;
    }

    /** When a frame is seen, in seconds of the line. */
    public double time(int frame) {
        return rate.secondsAt(frame);
    }

    /** The frame that is seen at a time; the first or last for what lies outside. */
    public int frame(double time) {
        return Math.clamp(rate.frameAt(time + 1e-9), 0, frames - 1);
    }

    /** How many frames a stretch of seconds has, at least 1. */
    public int count(double seconds) {
        return Math.max(1, (int) Math.round(seconds * rate.perSecond()));
    }

    /** A channel in a frame. */
    public float value(int frame, int channel) {
        return values[frame * character().channels().size() + channel];
    }

    /** All channels in a frame; a new array. */
    public double[] values(int frame) {
        int channels = character().channels().size();
        double[] all = new double[channels];
        for (int c = 0; c < channels; c++) {
            all[c] = values[frame * channels + c];
        }
        return all;
    }

    /** True when the character can do an action. */
    public boolean plays(String role) {
        return character().role(role).isPresent();
    }

    /**
     * How much of a standard action is seen in every frame: the share of its pose in the values.
     *
     * @return one figure a frame, not to be written to; all 0 for what the character cannot do
     */
    public double[] role(String role) {
        return roles.computeIfAbsent(role, this::played);
    }

    private double[] played(String role) {
        double[] shares = new double[frames];
        double[] pose = character().role(role).map(p -> character().values(p)).orElse(new double[0]);
        double size = Arrays.stream(pose).map(v -> v * v).sum();
        if (size == 0) {
            return shares;
        }
        int channels = pose.length;
        for (int c = 0; c < channels; c++) {
            if (pose[c] != 0) {
                for (int f = 0; f < frames; f++) {
                    shares[f] += pose[c] * values[f * channels + c] / size;
                }
            }
        }
        return shares;
    }

    /** The opening of the lips in millimetres, in every frame; empty where it cannot be measured. */
    public Optional<double[]> lips() {
        return figures(What.LIPS);
    }

    /** The opening of the lids of a side in millimetres; empty where it cannot be measured. */
    public Optional<double[]> lids(boolean left) {
        return figures(left ? What.LID_LEFT : What.LID_RIGHT);
    }

    /** How deep the lips lie within the teeth, in millimetres; empty where it cannot be measured. */
    public Optional<double[]> teeth() {
        return figures(What.TEETH);
    }

    /** How far the tongue lies within a lip, in millimetres; empty where it cannot be measured. */
    public Optional<double[]> tongue() {
        return figures(What.TONGUE);
    }

    private Optional<double[]> figures(What what) {
        return measure.has(what) ? Optional.of(measured.computeIfAbsent(what, this::all)) : Optional.empty();
    }

    private double[] all(What what) {
        double[] all = new double[frames];
        for (int f = 0; f < frames; f++) {
            all[f] = figures[f * FIGURES + what.ordinal()];
        }
        return all;
    }

    /** The same with some frames as somebody wants them; for trying what a fault would look like. */
    public Footage with(int from, int to, ObjIntConsumer<double[]> change) {
        requireThat(from >= 0 && to <= frames, "The frames %d to %d lie in the line.", from, to);
        int channels = character().channels().size();
        float[] changed = values.clone();
        float[] measured = figures.clone();
        for (int f = from; f < to; f++) {
            double[] now = values(f);
            change.accept(now, f);
            for (int c = 0; c < channels; c++) {
                changed[f * channels + c] = (float) now[c];
            }
            measure.at(now, measured, f * FIGURES);
        }
        return new Footage(measure, rate, frames, changed, measured);
    }

    /** True when any channel of some goes through more than a share of its range in a stretch of frames. */
    public boolean stirs(int first, int last, IntPredicate channels, double share) {
        for (int c = 0; c < ranges.length; c++) {
            if (channels.test(c) && goesThrough(first, last, c, share * ranges[c])) {
                return true;
            }
        }
        return false;
    }

    private boolean goesThrough(int first, int last, int channel, double range) {
        float low = Float.MAX_VALUE;
        float high = -Float.MAX_VALUE;
        for (int f = first; f <= last; f++) {
            float value = values[f * ranges.length + channel];
            low = Math.min(low, value);
            high = Math.max(high, value);
            if (high - low > range) {
                return true;
            }
        }
        return false;
    }

    /** True when no channel goes farther to the next frame than some share of its range. */
    public boolean still(int frame, double share) {
        int at = frame * ranges.length;
        for (int c = 0; c < ranges.length; c++) {
            if (Math.abs(values[at + ranges.length + c] - values[at + c]) > share * ranges[c]) {
                return false;
            }
        }
        return true;
    }
}
