package graykite.mouth;

import graykite.layer.Changes;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * Turns beats into movement, in whatever kinds of motion line and sections ask for, blended where one gives way to another.
 * Made for one character and one chart; holds no state between calls.
 */
public final class MouthMover {
    private final Character character;

    public MouthMover(Character character) {
        this.character = character;
    }

    /** How a character's mouth moves when neither line nor chart says otherwise. */
    public static MotionStyle usual(Character character, MouthChart chart) {
        return switch (character.kind()) {
            // Drawings cannot blend: there is nothing between two of them.
            case DRAWN -> MotionStyle.HELD;
            case MODELLED -> chart.motion().orElse(MotionStyle.FLOWING);
        };
    }

    /** Moves a whole line. */
    public MouthMotion move(Beats beats) {
        Job job = new Job(beats);
        if (job.heldOnly) {
            return job.held();
        }
        double[][] curves = new double[job.values.count()][job.samples];
        IntStream.range(0, curves.length).parallel().forEach(c -> job.fill(c, 0, job.samples, curves[c]));
        return new MouthMotion(job.values.names(), MouthSolver.STEP, curves);
    }

    /**
     * Moves a line again after an edit, only where it matters.
     *
     * @param before the motion of the line before the edit
     * @param changes where it may move otherwise, on the clock of the movement
     */
    public MouthMotion moveAgain(MouthMotion before, Beats beats, Changes changes) {
        Job job = new Job(beats);
        boolean other = changes.everywhere()
                || before.held()
                || !job.pure()
                || before.samples() != job.samples
                || !before.channels().equals(job.values.names());
        if (other) {
            return move(beats);
        }
        double[][] curves = new double[job.values.count()][];
        List<TimeRange> stretches = joined(changes.ranges());
        IntStream.range(0, curves.length).parallel().forEach(c -> {
            curves[c] = before.curves()[c].clone();
            for (TimeRange stretch : stretches) {
                int first = Math.max(0, (int) (stretch.start() / MouthSolver.STEP));
                int last = Math.min(job.samples, (int) (stretch.end() / MouthSolver.STEP) + 1);
                if (last > first) {
                    job.fill(c, first, last, curves[c]);
                }
            }
        });
        return new MouthMotion(job.values.names(), MouthSolver.STEP, curves);
    }

    /** Stretches as far as an edit is felt, none of which lies in another. */
    private static List<TimeRange> joined(List<TimeRange> ranges) {
        List<TimeRange> all = new ArrayList<>();
        ranges.stream()
                .map(r -> new TimeRange(r.start() - MouthSolver.REACH, r.end() + MouthSolver.REACH))
                .sorted(Comparator.comparingDouble(TimeRange::start))
                .forEach(r -> {
                    boolean goesOn =
                            !all.isEmpty() && r.start() <= all.getLast().end();
                    TimeRange next = goesOn
                            ? new TimeRange(
                                    all.getLast().start(),
                                    Math.max(all.getLast().end(), r.end()))
                            : r;
                    if (goesOn) {
                        all.removeLast();
                    }
                    all.add(next);
                });
        return all;
    }

    /**
     * What each beat adds to a channel at a moment; the parts add up to the motion's value there.
     *
     * @param channel index in the motion
     */
    public List<Pull> pulls(MouthMotion motion, Beats beats, int channel, double time) {
        Job job = new Job(beats);
        double value = motion.at(channel, time);
        if (job.heldOnly) {
            int beat = beats.indexAt(time);
            return List.of(new Pull(beat, value, value));
        }
        double position = Math.clamp(time / MouthSolver.STEP, 0, job.samples - 1.0);
        int at = Math.min((int) position, job.samples - 2);
        List<Pull> pulls = new ArrayList<>();
        double left = value;
        // The motion goes in straight lines from sample to sample, and so do its parts.
        for (int sample = at; sample <= at + 1; sample++) {
            double near = 1 - Math.abs(position - sample);
            if (near > 0) {
                left -= job.pulls(channel, sample, near, motion, pulls);
            }
        }
        // What held motion shows where it is blended in.
        pulls.add(new Pull(-1, 0, left));
        return merged(pulls);
    }

    private static List<Pull> merged(List<Pull> pulls) {
        Map<Integer, Pull> byBeat = new TreeMap<>();
        for (Pull pull : pulls) {
            byBeat.merge(
                    pull.beat(),
                    pull,
                    (a, b) -> new Pull(
                            a.beat(),
                            Math.abs(a.asked()) > Math.abs(b.asked()) ? a.asked() : b.asked(),
                            a.adds() + b.adds()));
        }
        return List.copyOf(byBeat.values());
    }

    private static double add(List<Pull> parts, double share, List<Pull> into) {
        double sum = 0;
        for (Pull part : parts) {
            into.add(new Pull(part.beat(), part.asked(), share * part.adds()));
            sum += share * part.adds();
        }
        return sum;
    }

    /** One line being moved. */
    private final class Job {
        final Beats beats;
        final ShapeValues values;
        final int samples;
        final boolean heldOnly;
        final MouthSolver flowing;
        final CrispSolver crisp;
        private final HeldSolver held;
        private final List<String> shapes;

        Job(Beats beats) {
            this.beats = beats;
            values = new ShapeValues(character, beats.chart(), beats.work());
            samples = Math.max(3, (int) Math.ceil(beats.timing().duration() / MouthSolver.STEP) + 1);
            Manner manner = beats.manner();
            boolean drawn = character.kind() == Character.Kind.DRAWN;
            heldOnly = drawn || !manner.uses(MotionStyle.FLOWING) && !manner.uses(MotionStyle.CRISP);
            flowing = new MouthSolver(values, beats, samples);
            crisp = new CrispSolver(values, beats);
            held = new HeldSolver(character, values, beats);
            shapes = drawn || manner.uses(MotionStyle.HELD) ? shapes() : List.of();
        }

        /** True when one kind of motion that blends is all there is: only then parts can be made anew. */
        boolean pure() {
            Manner manner = beats.manner();
            return !heldOnly && shapes.isEmpty() && manner.uses(MotionStyle.FLOWING) != manner.uses(MotionStyle.CRISP);
        }

        List<String> shapes() {
            return held.shapes(
                    Math.max(1, (int) beats.rate().framesToCover(beats.timing().duration())));
        }

        double pulls(int channel, int sample, double share, MouthMotion motion, List<Pull> into) {
            double time = sample * MouthSolver.STEP;
            double flow = beats.manner().of(MotionStyle.FLOWING, time);
            double snap = beats.manner().of(MotionStyle.CRISP, time);
            double sum = 0;
            if (flow > 0) {
                double value = motion.curves()[channel][sample];
                if (flow < 1) {
                    double[] alone = new double[samples];
                    int reach = 2 * (int) (MouthSolver.REACH / MouthSolver.STEP);
                    flowing.solve(channel, Math.max(0, sample - reach), Math.min(samples, sample + reach), alone);
                    value = alone[sample];
                }
                sum += add(flowing.pulls(channel, sample, value), share * flow, into);
            }
            if (snap > 0) {
                double[] one = new double[sample + 1];
                crisp.solve(channel, sample, sample + 1, one);
                sum += add(crisp.pulls(channel, time, one[sample]), share * snap, into);
            }
            return sum;
        }

        /** A sample a frame. */
        MouthMotion held() {
            double[][] curves = new double[values.count()][shapes.size()];
            for (int c = 0; c < curves.length; c++) {
                for (int f = 0; f < curves[c].length; f++) {
                    curves[c][f] = held.value(c, shapes.get(f), f);
                }
            }
            return new MouthMotion(values.names(), beats.rate().frameLength(), curves, true);
        }

        void fill(int channel, int from, int to, double[] curve) {
            Manner manner = beats.manner();
            if (manner.uses(MotionStyle.FLOWING)) {
                flowing.solve(channel, from, to, curve);
            }
            boolean crisply = manner.uses(MotionStyle.CRISP);
            if (!crisply && shapes.isEmpty()) {
                return;
            }
            double[] posed = new double[curve.length];
            if (crisply) {
                crisp.solve(channel, from, to, posed);
            }
            for (int i = from; i < to; i++) {
                double time = i * MouthSolver.STEP;
                double value =
                        manner.of(MotionStyle.FLOWING, time) * curve[i] + manner.of(MotionStyle.CRISP, time) * posed[i];
                if (!shapes.isEmpty()) {
                    int frame = Math.clamp(beats.rate().frameAt(time), 0, shapes.size() - 1);
                    value += manner.of(MotionStyle.HELD, time) * held.value(channel, shapes.get(frame), frame);
                }
                curve[i] = value;
            }
        }
    }
}
