package graykite.mouth;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import graykite.text.Phone;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A line as the mouth is to show it, sound by sound: the one place where reading, chart, diction and touch-ups meet. Every
 * kind of motion, the sheet and the answer to "why" start from here.
 */
public final class Beats {
    /** A closure holds at least this long, so that one frame at 24 frames a second always falls into it. */
    static final double CLOSURE = 1.0 / 24 + 2 * MouthSolver.STEP;

    /** Share of a closing sound for which lips stay shut when it is spoken plainly. */
    private static final double SHUT_SHARE = 0.62;

    /** Seconds of silence that are taken to lie round a line. */
    private static final double SURROUNDINGS = 1;

    /** A closure that has to be seen: when it must be shut, and when its lips have wholly parted again. */
    public record Shut(Closure kind, int beat, double from, double to, double free) {}

    private final Timing timing;
    private final FittedChart chart;
    private final MouthWork work;
    private final FrameRate rate;
    private final Manner manner;
    private final List<Optional<Anchor.Spot>> places;
    private final List<Beat> list;
    private final List<Shut> shuts;
    private final Map<Integer, Shut> shutByBeat = new HashMap<>();

    private Beats(
            Timing timing,
            FittedChart chart,
            MouthWork work,
            FrameRate rate,
            Manner manner,
            List<Optional<Anchor.Spot>> places,
            List<Beat> list) {
        this.timing = timing;
        this.chart = chart;
        this.work = work;
        this.rate = rate;
        this.manner = manner;
        this.places = places;
        this.list = List.copyOf(list);
        this.shuts = shutsOf(list);
        shuts.forEach(s -> shutByBeat.put(s.beat(), s));
    }

    /**
     * Puts a line together.
     *
     * @param loudness of the sound, on the same clock
     * @param rate frames a second of delivery: every closure covers at least one of its frames
     * @param usual how the mouth moves where nobody says otherwise
     */
    public static Beats of(
            Timing timing, Loudness loudness, FittedChart chart, MouthWork work, FrameRate rate, MotionStyle usual) {
        Manner manner = new Manner(timing, work, usual);
        List<Optional<Anchor.Spot>> places =
                Anchor.find(work.touchUps().stream().map(TouchUp::at).toList(), timing);
        TouchedBeats touched = new TouchedBeats(work.touchUps(), places);
        double usualLoudness = loudness.percentile(0.75);
        double lead = work.settings().lead();
        List<Beat> beats = new ArrayList<>();
        // Before and after the line there is silence too: the mouth does not hang in its last shape.
        beats.add(silence(-SURROUNDINGS, -lead, chart, manner));
        for (Timing.Segment segment : RingingOut.of(timing, lead)) {
            double louder = loudness.at((segment.start() + segment.end()) / 2) - usualLoudness;
            double loud = segment.phone().isVowel() ? Math.clamp(1 + louder * 0.022, 0.72, 1.22) : 1;
            beats.add(touched.touched(plain(segment, loud, lead, chart, manner), chart));
        }
        double end = beats.getLast().end();
        beats.add(silence(end, end + SURROUNDINGS, chart, manner));
        touched.makeRoom(beats);
        return new Beats(timing, chart, work, rate, manner, places, beats);
    }

    private static Beat silence(double start, double end, FittedChart chart, Manner manner) {
        return plain(new Timing.Segment(Phone.SIL, start, end, -1, -1), 1, 0, chart, manner);
    }

    private static Beat plain(Timing.Segment segment, double loud, double lead, FittedChart chart, Manner manner) {
        double start = segment.start() - lead;
        double length = segment.end() - segment.start();
        Optional<PhoneShape> shape = chart.chart().of(segment.phone());
        List<Beat.Target> targets = new ArrayList<>();
        shape.ifPresent(s -> s.steps()
                .forEach(step -> targets.add(new Beat.Target(
                        step.shape(),
                        step.share(),
                        start + step.from() * length,
                        start + step.to() * length,
                        Optional.empty()))));
        return new Beat(
                segment.phone(),
                segment.word(),
                segment.index(),
                start,
                start + length,
                targets,
                shape.map(PhoneShape::firm).orElse(new Firmness(0, 0, 0)),
                shape.map(PhoneShape::closure).orElse(Closure.NONE),
                manner.at(start + length / 2),
                loud,
                List.of());
    }

    // --- closures --------------------------------------------------------------------------------------------------

    private List<Shut> shutsOf(List<Beat> beats) {
        List<Shut> all = new ArrayList<>();
        for (int b = 0; b < beats.size(); b++) {
            Beat beat = beats.get(b);
            if (beat.closure() == Closure.NONE) {
                continue;
            }
            double length = beat.end() - beat.start();
            double wanted = Math.clamp(SHUT_SHARE * (0.4 + 0.6 * beat.diction().firm()), 0.2, 0.95) * length;
            double least = Math.max(CLOSURE, rate.frameLength() + 2 * MouthSolver.STEP);
            double half = Math.max(least, wanted) / 2;
            double to = beat.middle() + half;
            double free = to + work.settings().stick() * rate.frameLength();
            all.add(new Shut(beat.closure(), b, beat.middle() - half, to, free));
        }
        return List.copyOf(all);
    }

    /** Every closure of the line, in the order of time. */
    public List<Shut> shuts() {
        return shuts;
    }

    /** The closure of a beat, if it has one. */
    Optional<Shut> shutOf(int beat) {
        return Optional.ofNullable(shutByBeat.get(beat));
    }

    /** When the sounds of a kind of closure last, in seconds of the movement: for checks and for drawing. */
    public List<TimeRange> closures(Closure kind) {
        return shuts.stream()
                .filter(s -> s.kind() == kind)
                .map(s -> list.get(s.beat()))
                .map(b -> new TimeRange(Math.max(0, b.start()), Math.max(0, b.end())))
                .toList();
    }

    // --- what it was made of ----------------------------------------------------------------------------------------

    /** All beats in the order of time; the first and the last are the silence round the line. */
    public List<Beat> list() {
        return list;
    }

    /** The beat that sounds at a time of the movement. */
    public Beat at(double time) {
        return list.get(indexAt(time));
    }

    /** Its index. */
    public int indexAt(double time) {
        int low = 0;
        int high = list.size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (list.get(middle).start() <= time) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    public Timing timing() {
        return timing;
    }

    public FittedChart chart() {
        return chart;
    }

    public MouthWork work() {
        return work;
    }

    public FrameRate rate() {
        return rate;
    }

    public Manner manner() {
        return manner;
    }

    /** Where each touch-up stands in this reading; none for those whose word is not there. */
    public List<Optional<Anchor.Spot>> touchUpPlaces() {
        return places;
    }
}
