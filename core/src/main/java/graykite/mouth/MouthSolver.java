package graykite.mouth;

import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.sound.Loudness;
import graykite.speech.Phone;
import graykite.speech.Timing;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Turns timed phones into movement. Each channel follows the smoothest curve near the targets of its phones (regularised
 * trajectories; Ezzat, Geiger & Poggio 2002), with weights that say how much each phone cares about each channel
 * (dominance; Cohen & Massaro 1993) and with closures as fixed points that smoothing cannot open.
 */
public final class MouthSolver {
    /** Seconds between samples. */
    public static final double STEP = 0.01;

    /** A closure holds at least this long, so that one frame at 24 frames a second always falls into it. */
    static final double CLOSURE = 1.0 / 24 + 2 * STEP;

    /** Beyond this distance from an edit, in seconds, a curve does not change by more than a thousandth. */
    private static final double REACH = 0.6;

    /** Seconds of silence that are taken to lie round a line. */
    private static final double SURROUNDINGS = 1;

    private static final String SEAL = "lipsTogether";
    private static final String BITE = "lipToTeeth";

    private final List<String> names = new ArrayList<>();
    private final List<Channel> channels = new ArrayList<>();
    private final MouthChart chart;
    private final double[][] shapeValues;
    private final boolean seals;

    public MouthSolver(Character character, MouthChart chart) {
        this.chart = chart;
        Map<String, Integer> index = character.channelIndex();
        seals = index.containsKey(SEAL) && index.containsKey(BITE);
        TreeSet<Integer> used = new TreeSet<>();
        double[][] full = new double[Viseme.values().length][];
        for (Map.Entry<Viseme, Pose> shape : chart.shapes().entrySet()) {
            double[] values = character.values(shape.getValue());
            full[shape.getKey().ordinal()] = values;
            for (int c = 0; c < values.length; c++) {
                if (values[c] != 0) {
                    used.add(c);
                }
            }
        }
        for (String name : new String[] {SEAL, BITE}) {
            if (index.containsKey(name)) {
                used.add(index.get(name));
            }
        }
        shapeValues = new double[Viseme.values().length][used.size()];
        int at = 0;
        for (int c : used) {
            names.add(character.channels().get(c).name());
            channels.add(character.channels().get(c));
            for (int v = 0; v < full.length; v++) {
                shapeValues[v][at] = full[v] == null ? 0 : full[v][c];
            }
            at++;
        }
    }

    /**
     * Solves a whole line.
     *
     * @param loudness of the sound, measured on the same clock
     */
    public MouthMotion solve(Timing timing, Loudness loudness, MouthSettings settings) {
        int samples = Math.max(3, (int) Math.ceil(timing.duration() / STEP) + 1);
        double[][] curves = new double[names.size()][samples];
        Plan plan = new Plan(timing, loudness, settings, samples);
        IntStream.range(0, names.size()).parallel().forEach(c -> solveChannel(plan, c, 0, samples, curves[c]));
        return new MouthMotion(names, STEP, curves);
    }

    /**
     * Solves again after an edit of the timing, only where it matters.
     *
     * @param before the motion of the old timing, same settings and duration
     * @param from where the edit begins, in seconds
     * @param to where it ends
     */
    public MouthMotion solveAgain(
            MouthMotion before, Timing timing, Loudness loudness, MouthSettings settings, double from, double to) {
        int samples = before.samples();
        int first = Math.max(0, (int) ((Math.min(from, to) - settings.lead() - REACH) / STEP));
        int last = Math.min(samples, (int) ((Math.max(from, to) - settings.lead() + REACH) / STEP) + 1);
        double[][] curves = new double[names.size()][];
        Plan plan = new Plan(timing, loudness, settings, samples, first, last);
        for (int c = 0; c < names.size(); c++) {
            curves[c] = before.curves()[c].clone();
            if (last > first) {
                solveChannel(plan, c, first, last, curves[c]);
            }
        }
        return new MouthMotion(names, STEP, curves);
    }

    private void solveChannel(Plan plan, int c, int from, int to, double[] curve) {
        double[] weights = new double[curve.length];
        double[] targets = new double[curve.length];
        plan.fill(c, weights, targets);
        double bend = bend(channels.get(c), plan.settings.smoothness());
        new BandedSolver(to - from).solve(weights, targets, bend, from, to, curve);
    }

    /** The time over which a channel smooths: the heavy jaw longest, the seal of the lips shortest. */
    private static double bend(Channel channel, double smoothness) {
        double seconds =
                switch (channel.group()) {
                    case JAW -> 0.036;
                    case TONGUE -> 0.024;
                    default -> channel.name().equals(SEAL) || channel.name().equals(BITE) ? 0.018 : 0.031;
                };
        return Math.pow(seconds * smoothness / STEP, 4);
    }

    /** Targets and weights of every sample, made channel by channel. */
    private final class Plan {
        private final List<Timing.Segment> segments;
        private final MouthSettings settings;
        private final double[] push;
        private final int samples;

        Plan(Timing timing, Loudness loudness, MouthSettings settings, int samples) {
            this(timing, loudness, settings, samples, 0, samples);
        }

        /** @param first only segments that touch the samples from first to last are kept */
        Plan(Timing timing, Loudness loudness, MouthSettings settings, int samples, int first, int last) {
            this.settings = settings;
            this.samples = samples;
            double from = (first - 2) * STEP + settings.lead() - 0.2;
            double to = (last + 2) * STEP + settings.lead() + 0.2;
            // Before and after the line there is silence too: the mouth does not hang in its last shape.
            List<Timing.Segment> all = new ArrayList<>(timing.segments());
            all.addFirst(new Timing.Segment(Phone.SIL, -SURROUNDINGS, 0, -1, -1));
            all.addLast(new Timing.Segment(Phone.SIL, timing.duration(), timing.duration() + SURROUNDINGS, -1, -1));
            this.segments =
                    all.stream().filter(s -> s.end() > from && s.start() < to).toList();
            double usual = loudness.percentile(0.75);
            push = new double[segments.size()];
            for (int s = 0; s < push.length; s++) {
                Timing.Segment segment = segments.get(s);
                double louder = loudness.at((segment.start() + segment.end()) / 2) - usual;
                push[s] = segment.phone().isVowel() ? Math.clamp(1 + louder * 0.022, 0.72, 1.22) : 1;
            }
        }

        void fill(int channel, double[] weights, double[] targets) {
            String name = names.get(channel);
            for (int s = 0; s < segments.size(); s++) {
                Timing.Segment segment = segments.get(s);
                PhoneShape shape = chart.phones().get(segment.phone());
                double firmness = firmness(shape, channels.get(channel).group());
                for (PhoneShape.Step step : shape.steps()) {
                    double share = step.share() * push[s] * (isClosing(name) ? 1 : settings.strength());
                    double value = shapeValues[step.viseme().ordinal()][channel] * share;
                    double start = segment.start() + step.from() * (segment.end() - segment.start());
                    double end = segment.start() + step.to() * (segment.end() - segment.start());
                    add(
                            start - settings.lead(),
                            end - settings.lead(),
                            firmness,
                            value,
                            segment.isSilence(),
                            weights,
                            targets);
                }
            }
            for (int i = 0; i < samples; i++) {
                if (weights[i] > 0) {
                    targets[i] /= weights[i];
                }
            }
            if (name.equals(SEAL)) {
                fixClosures(PhoneShape.Closure.LIPS, 1, weights, targets);
            } else if (name.equals(BITE)) {
                fixClosures(PhoneShape.Closure.LIP_TO_TEETH, 1, weights, targets);
            } else if (!seals && channels.get(channel).group() != Group.TONGUE) {
                // Without channels that shut whatever else opens, everything takes its place in the shut shape.
                fixClosures(
                        PhoneShape.Closure.LIPS, shapeValues[Viseme.LIPS_SHUT.ordinal()][channel], weights, targets);
                fixClosures(
                        PhoneShape.Closure.LIP_TO_TEETH,
                        shapeValues[Viseme.LIP_TO_TEETH.ordinal()][channel],
                        weights,
                        targets);
            }
        }

        /** Adds a target; weights are full in the middle of the step and fade to a fifth at its ends. */
        private void add(
                double start,
                double end,
                double firmness,
                double value,
                boolean silence,
                double[] weights,
                double[] targets) {
            int first = Math.max(0, (int) Math.ceil(start / STEP));
            int last = Math.min(samples - 1, (int) Math.floor(end / STEP));
            double length = Math.max(end - start, STEP);
            for (int i = first; i <= last; i++) {
                double t = (i * STEP - start) / length;
                double bell = silence ? restBell(i * STEP - start, end - i * STEP) : 0.2 + 0.8 * Math.sin(Math.PI * t);
                double w = firmness * Math.max(0.02, bell);
                weights[i] += w;
                targets[i] += w * value;
            }
        }

        /** In a pause the mouth comes to rest slowly and leaves rest slowly. */
        private double restBell(double since, double until) {
            return 0.06 + 0.94 * Math.clamp((Math.min(since, until) - 0.04) / 0.22, 0, 1);
        }

        private void fixClosures(PhoneShape.Closure kind, double value, double[] weights, double[] targets) {
            for (Timing.Segment segment : segments) {
                if (chart.phones().get(segment.phone()).closure() != kind) {
                    continue;
                }
                double middle = (segment.start() + segment.end()) / 2 - settings.lead();
                double half = Math.max(CLOSURE, 0.62 * (segment.end() - segment.start())) / 2;
                int first = Math.max(0, (int) Math.ceil((middle - half) / STEP));
                int last = Math.min(samples - 1, (int) Math.floor((middle + half) / STEP));
                for (int i = first; i <= last; i++) {
                    weights[i] = Double.POSITIVE_INFINITY;
                    targets[i] = value;
                }
            }
        }
    }

    private static boolean isClosing(String channel) {
        return channel.equals(SEAL) || channel.equals(BITE);
    }

    private static double firmness(PhoneShape shape, Group group) {
        return switch (group) {
            case JAW -> shape.jaw();
            case TONGUE -> shape.tongue();
            default -> shape.lips();
        };
    }

    /** When the lips must be shut or the lip on the teeth, in seconds of the motion: for checks and for drawing. */
    public static List<graykite.time.TimeRange> closures(
            Timing timing, MouthChart chart, MouthSettings settings, PhoneShape.Closure kind) {
        List<graykite.time.TimeRange> ranges = new ArrayList<>();
        for (Timing.Segment segment : timing.segments()) {
            if (segment.phone() != Phone.SIL
                    && chart.phones().get(segment.phone()).closure() == kind) {
                double start = Math.max(0, segment.start() - settings.lead());
                ranges.add(new graykite.time.TimeRange(start, Math.max(start, segment.end() - settings.lead())));
            }
        }
        return ranges;
    }
}
