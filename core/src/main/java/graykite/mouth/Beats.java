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

    /** Shortest time that a neighbour of a lengthened sound keeps. */
    private static final double LEAST = 0.012;

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
        Touched touched = new Touched(work.touchUps(), places);
        double usualLoudness = loudness.percentile(0.75);
        double lead = work.settings().lead();
        List<Beat> beats = new ArrayList<>();
        // Before and after the line there is silence too: the mouth does not hang in its last shape.
        beats.add(silence(-SURROUNDINGS, -lead, chart, manner));
        for (Timing.Segment segment : timing.segments()) {
            double louder = loudness.at((segment.start() + segment.end()) / 2) - usualLoudness;
            double loud = segment.phone().isVowel() ? Math.clamp(1 + louder * 0.022, 0.72, 1.22) : 1;
            beats.add(beat(segment, loud, lead, chart, manner, touched));
        }
        beats.add(silence(timing.duration() - lead, timing.duration() - lead + SURROUNDINGS, chart, manner));
        makeRoom(beats, work.touchUps());
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

    private static Beat beat(
            Timing.Segment segment, double loud, double lead, FittedChart chart, Manner manner, Touched touched) {
        Beat beat = plain(segment, loud, lead, chart, manner);
        for (int t : touched.of(segment.word(), segment.index())) {
            beat = touched(beat, touched.touchUps.get(t), t, chart);
        }
        return beat;
    }

    private static Beat touched(Beat beat, TouchUp touch, int index, FittedChart chart) {
        List<Beat.Target> targets = new ArrayList<>();
        Closure closure = beat.closure();
        Firmness firm = beat.firm();
        if (touch.removed()) {
            firm = new Firmness(0, 0, 0);
            closure = Closure.NONE;
        }
        Optional<String> shape = touch.shape().filter(chart.poses()::containsKey);
        Optional<TouchUp.Blend> blend = touch.blend().filter(b -> chart.poses().containsKey(b.shape()));
        if (touch.pose().isPresent()) {
            targets.add(new Beat.Target("own pose", touch.strength(), beat.start(), beat.end(), touch.pose()));
            closure = Closure.NONE;
        } else {
            for (Beat.Target target : beat.targets()) {
                String shown = shape.orElse(target.shape());
                double kept = blend.map(b -> 1 - b.share()).orElse(1.0);
                targets.add(new Beat.Target(
                        shown, target.share() * touch.strength() * kept, target.from(), target.to(), target.pose()));
                blend.ifPresent(b -> targets.add(new Beat.Target(
                        b.shape(),
                        target.share() * touch.strength() * b.share(),
                        target.from(),
                        target.to(),
                        Optional.empty())));
            }
        }
        boolean chosen = shape.isPresent() || touch.pose().isPresent() || touch.strength() != 1 || blend.isPresent();
        if (chosen && !touch.removed()) {
            // Whoever asks for a shape means to see it, also where the sound itself would not mind.
            firm = new Firmness(Math.max(0.8, firm.jaw()), Math.max(0.85, firm.lips()), Math.max(0.6, firm.tongue()));
            closure = shape.map(s -> closureOf(s, chart)).orElse(closure);
        }
        List<Integer> touchUps = new ArrayList<>(beat.touchUps());
        touchUps.add(index);
        double half = (beat.end() - beat.start()) / 2 * touch.length();
        double middle = beat.middle() + touch.shift();
        return new Beat(
                        beat.phone(),
                        beat.word(),
                        beat.index(),
                        beat.start(),
                        beat.end(),
                        targets,
                        firm,
                        closure,
                        beat.diction(),
                        beat.loud(),
                        touchUps)
                .between(middle - half, middle + half + touch.hold());
    }

    /** A shape that stands for a shut mouth shuts it wherever it is asked for; any other opens what was shut. */
    private static Closure closureOf(String shape, FittedChart chart) {
        return switch (chart.chart().shapes().get(shape).kin()) {
            case LIPS_SHUT -> Closure.LIPS;
            case LIP_TO_TEETH -> Closure.LIP_TO_TEETH;
            default -> Closure.NONE;
        };
    }

    /** Neighbours of sounds that a touch-up moved or lengthened give way. */
    private static void makeRoom(List<Beat> beats, List<TouchUp> touchUps) {
        for (int b = 0; b < beats.size(); b++) {
            Beat own = beats.get(b);
            boolean moved = own.touchUps().stream()
                    .map(touchUps::get)
                    .anyMatch(t -> t.length() != 1 || t.shift() != 0 || t.hold() > 0);
            if (!moved) {
                continue;
            }
            double earliest = b > 0 ? beats.get(b - 1).start() + LEAST : own.start();
            double latest = b + 1 < beats.size() ? beats.get(b + 1).end() - LEAST : own.end();
            double start = Math.clamp(own.start(), earliest, Math.max(earliest, latest - LEAST));
            own = own.between(start, Math.clamp(own.end(), start + LEAST, Math.max(start + LEAST, latest)));
            beats.set(b, own);
            if (b > 0) {
                Beat before = beats.get(b - 1);
                beats.set(b - 1, before.between(before.start(), Math.max(before.start() + LEAST, own.start())));
            }
            if (b + 1 < beats.size()) {
                Beat after = beats.get(b + 1);
                beats.set(b + 1, after.between(Math.min(after.end() - LEAST, own.end()), after.end()));
            }
        }
    }

    /** Touch-ups by what they touch. */
    private static final class Touched {
        final List<TouchUp> touchUps;
        private final Map<Long, List<Integer>> byPlace = new HashMap<>();

        Touched(List<TouchUp> touchUps, List<Optional<Anchor.Spot>> places) {
            this.touchUps = touchUps;
            for (int t = 0; t < touchUps.size(); t++) {
                if (places.get(t).isPresent() && !touchUps.get(t).muted()) {
                    Anchor.Spot place = places.get(t).get();
                    byPlace.computeIfAbsent(key(place.word(), place.phone()), k -> new ArrayList<>())
                            .add(t);
                }
            }
        }

        private static long key(int word, int phone) {
            return ((long) word << 32) | (phone & 0xffffffffL);
        }

        /** Those of the whole word first, then those of the sound. */
        List<Integer> of(int word, int phone) {
            if (word < 0 || byPlace.isEmpty()) {
                return List.of();
            }
            List<Integer> all = new ArrayList<>(byPlace.getOrDefault(key(word, -1), List.of()));
            all.addAll(byPlace.getOrDefault(key(word, phone), List.of()));
            return all;
        }
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
