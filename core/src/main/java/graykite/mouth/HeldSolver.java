package graykite.mouth;

import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.speech.Timing;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Chooses one drawing of the mouth for each frame: the sequence that is most like what is spoken, in which every drawing
 * stays for a least number of frames (dynamic programming over drawing and age; Bellman 1957). Closures come first:
 * missing one costs more than any likeness can win.
 */
public final class HeldSolver {
    /** What missing a closure costs; larger than all likeness of a long line together. */
    static final double MISSED = 1e6;

    /** What a change of drawing costs, so that the mouth does not flicker where two are nearly as good. */
    static final double CHANGE = 0.15;

    private final Character character;
    private final MouthChart chart;
    private final List<Pose> drawings = new ArrayList<>();
    private final int[] drawingOf = new int[Viseme.values().length];

    public HeldSolver(Character character, MouthChart chart) {
        this.character = character;
        this.chart = chart;
        for (Viseme viseme : Viseme.values()) {
            Pose pose = chart.shapes().get(viseme);
            if (!drawings.contains(pose)) {
                drawings.add(pose);
            }
            drawingOf[viseme.ordinal()] = drawings.indexOf(pose);
        }
    }

    /** The motion of a line, a sample a frame. */
    public MouthMotion solve(Timing timing, MouthSettings settings, FrameRate rate) {
        int frames = Math.max(1, (int) rate.framesToCover(timing.duration()));
        int[] chosen =
                choose(costs(timing, settings, rate, frames), drawingOf[Viseme.REST.ordinal()], settings.leastHold());
        List<double[]> values = drawings.stream().map(character::values).toList();
        List<String> names = new ArrayList<>();
        List<double[]> curves = new ArrayList<>();
        for (int c = 0; c < character.channels().size(); c++) {
            int channel = c;
            if (values.stream().anyMatch(v -> v[channel] != 0)) {
                names.add(character.channels().get(c).name());
                curves.add(Arrays.stream(chosen)
                        .mapToDouble(d -> values.get(d)[channel])
                        .toArray());
            }
        }
        return new MouthMotion(names, rate.frameLength(), curves.toArray(double[][]::new), true);
    }

    /** How unlike each drawing is to what each frame asks for: [frame][drawing]. */
    private double[][] costs(Timing timing, MouthSettings settings, FrameRate rate, int frames) {
        double[][] costs = new double[frames][drawings.size()];
        double length = rate.frameLength();
        for (Timing.Segment segment : timing.segments()) {
            PhoneShape shape = chart.phones().get(segment.phone());
            for (PhoneShape.Step step : shape.steps()) {
                double span = segment.end() - segment.start();
                double start = segment.start() + step.from() * span - settings.lead();
                double end = segment.start() + step.to() * span - settings.lead();
                double firm = Math.max(shape.lips(), shape.jaw()) + 0.15;
                for (int f = Math.max(0, (int) (start / length)); f < frames && f * length < end; f++) {
                    double overlap = Math.min(end, (f + 1) * length) - Math.max(start, f * length);
                    if (overlap > 0) {
                        add(costs[f], step.viseme(), firm * overlap / length);
                    }
                }
            }
            if (shape.closure() != PhoneShape.Closure.NONE) {
                double middle = (segment.start() + segment.end()) / 2 - settings.lead();
                int f = Math.clamp((int) (middle / length), 0, frames - 1);
                int shut = drawingOf[shape.steps().getFirst().viseme().ordinal()];
                for (int d = 0; d < drawings.size(); d++) {
                    costs[f][d] += d == shut ? 0 : MISSED;
                }
            }
        }
        return costs;
    }

    private void add(double[] cost, Viseme wanted, double weight) {
        for (int d = 0; d < cost.length; d++) {
            double unlike = Double.MAX_VALUE;
            for (Viseme viseme : Viseme.values()) {
                if (drawingOf[viseme.ordinal()] == d) {
                    unlike = Math.min(unlike, wanted.unlike(viseme));
                }
            }
            cost[d] += weight * unlike;
        }
    }

    /**
     * The cheapest sequence.
     *
     * @param costs [frame][drawing]
     * @param rest the drawing that was there before the line, long enough
     * @param leastHold frames that every drawing stays, except that the line may end before
     */
    static int[] choose(double[][] costs, int rest, int leastHold) {
        int frames = costs.length;
        int drawings = costs[0].length;
        double[][] best = new double[drawings][leastHold];
        for (double[] row : best) {
            Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        best[rest][leastHold - 1] = 0;
        int[][][] from = new int[frames][drawings][leastHold];
        for (int f = 0; f < frames; f++) {
            double[][] next = new double[drawings][leastHold];
            for (int d = 0; d < drawings; d++) {
                Arrays.fill(next[d], Double.POSITIVE_INFINITY);
                for (int age = 0; age < leastHold; age++) {
                    // It stays and grows older.
                    int older = Math.min(age + 1, leastHold - 1);
                    offer(next, from[f], d, older, best[d][age] + costs[f][d], d * leastHold + age);
                }
                for (int other = 0; other < drawings; other++) {
                    if (other != d) {
                        double cost = best[other][leastHold - 1] + CHANGE + costs[f][d];
                        offer(next, from[f], d, 0, cost, other * leastHold + leastHold - 1);
                    }
                }
            }
            best = next;
        }
        int state = 0;
        for (int s = 0; s < drawings * leastHold; s++) {
            state = best[s / leastHold][s % leastHold] < best[state / leastHold][state % leastHold] ? s : state;
        }
        int[] chosen = new int[frames];
        for (int f = frames - 1; f >= 0; f--) {
            chosen[f] = state / leastHold;
            state = from[f][state / leastHold][state % leastHold];
        }
        return chosen;
    }

    private static void offer(double[][] next, int[][] from, int drawing, int age, double cost, int state) {
        if (cost < next[drawing][age]) {
            next[drawing][age] = cost;
            from[drawing][age] = state;
        }
    }
}
