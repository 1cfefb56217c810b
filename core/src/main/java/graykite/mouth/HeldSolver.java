package graykite.mouth;

import graykite.rig.Character;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Held motion: one shape of the mouth for each frame, the sequence that is most like what is spoken, in which every shape
 * stays for a least number of frames (dynamic programming over shape and age; Bellman 1957). Closures come first: missing
 * one costs more than any likeness can win.
 */
final class HeldSolver {
    /** What missing a closure costs; larger than all likeness of a long line together. */
    static final double MISSED = 1e6;

    /** What a change of shape costs, so that the mouth does not flicker where two are nearly as good. */
    static final double CHANGE = 0.15;

    private final Character character;
    private final ShapeValues values;
    private final Beats beats;
    private final List<List<MouthShape>> drawings = new ArrayList<>();
    private final Map<String, Integer> drawingOf = new TreeMap<>();

    HeldSolver(Character character, ShapeValues values, Beats beats) {
        this.character = character;
        this.values = values;
        this.beats = beats;
        List<Pose> different = new ArrayList<>();
        for (MouthShape shape : beats.chart().chart().shapes().values()) {
            // Shapes that look the same are one drawing.
            Pose pose = beats.chart().poses().get(shape.name());
            if (!different.contains(pose)) {
                different.add(pose);
                drawings.add(new ArrayList<>());
            }
            drawings.get(different.indexOf(pose)).add(shape);
            drawingOf.put(shape.name(), different.indexOf(pose));
        }
    }

    /** The shape of every frame of the line, by name. */
    List<String> shapes(int frames) {
        int[] chosen = choose(
                costs(frames),
                drawingOf.get(MouthChart.REST),
                beats.work().settings().leastHold());
        return Arrays.stream(chosen)
                .mapToObj(d -> drawings.get(d).getFirst().name())
                .toList();
    }

    /** What a channel is in a shape at a frame. */
    double value(int channel, String shape, int frame) {
        Beat beat = beats.at(beats.rate().secondsAt(frame));
        Beat.Target full = new Beat.Target(shape, 1, 0, 1, Optional.empty());
        boolean drawn = character.kind() == Character.Kind.DRAWN;
        double factor = drawn || shape.equals(MouthChart.REST) ? 1 : values.factor(channel, beat, full);
        return values.full(channel, full) * factor + (drawn ? 0 : values.smile(channel, beat, full));
    }

    /** How unlike each drawing is to what each frame asks for: [frame][drawing]. */
    private double[][] costs(int frames) {
        double[][] costs = new double[frames][drawings.size()];
        double length = beats.rate().frameLength();
        for (Beat beat : beats.list()) {
            double firm = Math.max(beat.firm().lips(), beat.firm().jaw())
                    + (beat.firm().jaw() > 0 ? 0.15 : 0);
            for (Beat.Target target : beat.targets()) {
                int first = Math.max(0, (int) (target.from() / length));
                for (int f = first; f < frames && f * length < target.to(); f++) {
                    double overlap = Math.min(target.to(), (f + 1) * length) - Math.max(target.from(), f * length);
                    if (overlap > 0 && beats.chart().chart().shapes().containsKey(target.shape())) {
                        add(costs[f], target.shape(), firm * target.share() * overlap / length);
                    }
                }
            }
            if (beat.closure() != PhoneShape.Closure.NONE && !beat.targets().isEmpty()) {
                int f = Math.clamp((int) (beat.middle() / length), 0, frames - 1);
                int shut = drawingOf.get(beat.targets().getFirst().shape());
                for (int d = 0; d < drawings.size(); d++) {
                    costs[f][d] += d == shut ? 0 : MISSED;
                }
            }
        }
        return costs;
    }

    private void add(double[] cost, String wanted, double weight) {
        Viseme kin = beats.chart().chart().shapes().get(wanted).kin();
        for (int d = 0; d < cost.length; d++) {
            double unlike = drawingOf.get(wanted) == d
                    ? 0
                    : drawings.get(d).stream()
                            .mapToDouble(s -> Math.max(0.02, kin.unlike(s.kin())))
                            .min()
                            .orElse(1);
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
