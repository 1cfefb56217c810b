package graykite.mouth;

import java.util.ArrayList;
import java.util.List;

/**
 * Crisp motion: the mouth eases into each shape and pops to the next within a few frames, as animators do pose to pose.
 * What a beat does not mind it takes from its neighbours first, so that the poses already know one another.
 */
final class CrispSolver {
    /** How strongly neighbouring poses draw a pose that does not mind. */
    private static final double KINSHIP = 0.15;

    private static final double INSISTS = 1e4;

    /** Seconds in which a closure that outlasts its sound lets go. */
    private static final double RELEASE = 0.02;

    /** Share of a change that the pop makes; the rest is eased in. */
    private static final double POPPED = 0.88;

    /** A pose on its way through the line: a target of a beat. */
    private record Stop(int beat, double from, double to, double firm, double asked) {}

    private final ShapeValues values;
    private final Beats beats;
    private final double pop;

    CrispSolver(ShapeValues values, Beats beats) {
        this.values = values;
        this.beats = beats;
        this.pop = beats.work().settings().pop() * beats.rate().frameLength();
    }

    /** Fills a channel from one sample up to, not including, another. */
    void solve(int channel, int from, int to, double[] curve) {
        List<Stop> stops = stops(channel, from * MouthSolver.STEP, to * MouthSolver.STEP, -1);
        double[] poses = poses(stops);
        int s = 0;
        for (int i = from; i < to; i++) {
            double time = i * MouthSolver.STEP;
            while (s + 1 < stops.size() && stops.get(s).to <= time) {
                s++;
            }
            curve[i] = fixed(channel, time, -1, at(stops, poses, s, time));
        }
    }

    /** What each beat near a moment adds to a channel there. */
    List<Pull> pulls(int channel, double time, double value) {
        List<Pull> pulls = new ArrayList<>();
        double near = time - MouthSolver.REACH;
        double far = time + MouthSolver.REACH;
        List<Stop> all = stops(channel, near, far, -1);
        int s = 0;
        while (s + 1 < all.size() && all.get(s).to <= time) {
            s++;
        }
        double rest = value;
        int before = -1;
        for (Stop stop : all) {
            if (stop.beat == before) {
                continue;
            }
            before = stop.beat;
            List<Stop> alone = stops(channel, near, far, stop.beat);
            double adds = fixed(channel, time, stop.beat, at(alone, poses(alone), s, time));
            rest -= adds;
            double asked = all.stream()
                    .filter(o -> o.beat == stop.beat)
                    .mapToDouble(Stop::asked)
                    .max()
                    .orElse(0);
            pulls.add(new Pull(stop.beat, asked, adds));
        }
        pulls.add(new Pull(-1, 0, rest));
        return pulls;
    }

    /** @param only the beat that asks for something while all others ask for 0; -1 for all */
    private List<Stop> stops(int channel, double from, double to, int only) {
        List<Stop> stops = new ArrayList<>();
        int first = Math.max(0, beats.indexAt(from) - 6);
        int last = Math.min(beats.list().size() - 1, beats.indexAt(to) + 6);
        for (int b = first; b <= last; b++) {
            Beat beat = beats.list().get(b);
            double firm = values.firmness(channel, beat);
            double done = Double.NEGATIVE_INFINITY;
            for (Beat.Target target : beat.targets()) {
                if (target.from() < done) {
                    continue;
                }
                boolean shuts = beat.closure() != PhoneShape.Closure.NONE && values.fixes(channel, beat.closure());
                double asked = shuts ? values.shut(channel, beat) : values.askedTogether(channel, beat, target);
                stops.add(new Stop(
                        b, target.from(), target.to(), shuts ? INSISTS : firm, only < 0 || only == b ? asked : 0));
                done = target.to();
            }
        }
        return stops;
    }

    /** The value of each pose: near what it asks, drawn to its neighbours where it does not mind (tridiagonal). */
    private static double[] poses(List<Stop> stops) {
        int n = stops.size();
        double[] diagonal = new double[n];
        double[] x = new double[n];
        for (int s = 0; s < n; s++) {
            double firm = 1e-6 + stops.get(s).firm;
            diagonal[s] = firm + KINSHIP * ((s > 0 ? 1 : 0) + (s + 1 < n ? 1 : 0));
            x[s] = firm * stops.get(s).asked;
        }
        for (int s = 1; s < n; s++) {
            double factor = KINSHIP / diagonal[s - 1];
            diagonal[s] -= factor * KINSHIP;
            x[s] += factor * x[s - 1];
        }
        for (int s = n - 1; s >= 0; s--) {
            x[s] = (x[s] + (s + 1 < n ? KINSHIP * x[s + 1] : 0)) / diagonal[s];
        }
        return x;
    }

    private double at(List<Stop> stops, double[] poses, int s, double time) {
        Stop now = stops.get(s);
        double before = s > 0 ? poses[s - 1] : poses[s];
        double arrived = before + POPPED * (poses[s] - before);
        double in = room(stops, s - 1);
        double out = room(stops, s);
        double settled = now.from + in / 2 + 0.6 * (now.to - now.from - in / 2 - out / 2);
        double eased =
                arrived + smooth((time - now.from - in / 2) / (settled - now.from - in / 2)) * (poses[s] - arrived);
        if (time < now.from + in / 2) {
            // The second half of the pop that brought it here; the first half lay in the stop before.
            double t = smooth((time - now.from + in / 2) / in);
            return before + t * (arrived - before);
        }
        if (s + 1 < stops.size() && time > now.to - out / 2) {
            double next = poses[s] + POPPED * (poses[s + 1] - poses[s]);
            return eased + smooth((time - now.to + out / 2) / out) * (next - eased);
        }
        return eased;
    }

    /** Seconds of the pop between a stop and the next: as asked, less where the two are short. */
    private double room(List<Stop> stops, int s) {
        if (s < 0 || s + 1 >= stops.size()) {
            return 1e-6;
        }
        Stop a = stops.get(s);
        Stop b = stops.get(s + 1);
        return Math.max(1e-6, Math.min(pop, 0.8 * Math.min(a.to - a.from, b.to - b.from)));
    }

    private static double smooth(double t) {
        double c = Math.clamp(t, 0, 1);
        return c * c * (3 - 2 * c);
    }

    /** What is shut is shut; for a single beat the others count as 0. */
    private double fixed(int channel, double time, int only, double otherwise) {
        double value = otherwise;
        for (int b = Math.max(0, beats.indexAt(time) - 2); b < beats.list().size(); b++) {
            Beat beat = beats.list().get(b);
            if (beat.start() > time + 0.3) {
                break;
            }
            Beats.Shut shut = beats.shutOf(b).orElse(null);
            if (shut != null && values.fixes(channel, shut.kind())) {
                double away = Math.max(shut.from() - time, time - shut.to());
                double held = Math.clamp(1 - away / RELEASE, 0, 1);
                double wanted = only < 0 || only == b ? values.shut(channel, beat) : 0;
                value += held * (wanted - value);
            }
        }
        return value;
    }
}
