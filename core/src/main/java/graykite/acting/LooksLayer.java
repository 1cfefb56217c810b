package graykite.acting;

import graykite.acting.Surroundings.Direction;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * Looks as a layer: eyes first, in a dart that takes 2.2 ms a degree and 21 ms more (Carpenter 1988), with lids that follow up
 * and down and a blink over a large turn; then the head, by its share, and for large turns the shoulders (common practice: lead with the eyes, then head, then body).
 */
public final class LooksLayer implements OnStage {
    /** Turns from which on a blink covers them, in degrees. */
    private static final double BLINKED = 22;

    private static final double BLINK = 0.2;

    /** Looks that follow one another within this time go from one to the next, in seconds. */
    private static final double JOINED = 0.15;

    /** Seconds after the eyes at which the head sets out. */
    private static final double HEAD_LATER = 0.09;

    /** Eyes turn no farther in the head; the head makes up for the rest. */
    private static final double EYES_REACH = 30;

    private static final double EYES_UP = 20;

    /** The body turns for what is left over these degrees of the head, by this share, later and slower than the head. */
    private static final double HEAD_ALONE = 5;

    private static final double BODY_SHARE = 0.45;
    private static final double BODY_LATER = 0.22;
    private static final double BODY_SLOWER = 1.7;

    /** Seconds after which everything that came of a turn is over, however large it is. */
    private static final double SETTLED = BODY_LATER + BODY_SLOWER * (0.24 + 0.006 * 180);

    /** Of a look up or down the head takes less. */
    private static final double NODS = 0.7;

    private static final double LEAST = 0.1;

    private final LayerSetting setting;
    private final Character character;
    private final List<LookBlock> looks;
    private final WordFinder words;
    private final Surroundings surroundings;
    private final List<Ready> ready;
    private final List<Turn> turns = new ArrayList<>();
    private final Actions actions;

    /** A look in a reading. @param index among those of the plan */
    public record Ready(int index, LookBlock look, double start, double end) {}

    /** From a time on, somebody looks there. @param head the head's share */
    private record Turn(double time, Direction to, double head, String name) {}

    public LooksLayer(
            LayerSetting setting,
            Character character,
            List<LookBlock> looks,
            WordFinder words,
            Surroundings surroundings) {
        this.setting = setting;
        this.character = character;
        this.looks = List.copyOf(looks);
        this.words = words;
        this.surroundings = surroundings;
        this.ready = placed(looks, words);
        this.actions = new Actions(
                character,
                List.of(
                        "eyeYaw",
                        "eyePitch",
                        "eyeConverge",
                        "headYaw",
                        "headPitch",
                        "bodyYaw",
                        "lidClose.L",
                        "lidClose.R",
                        "upperLidRaiser.L",
                        "upperLidRaiser.R"));
        for (int i = 0; i < ready.size(); i++) {
            Ready look = ready.get(i);
            Optional<Direction> there = surroundings.toward(look.look.point());
            if (there.isEmpty()) {
                continue;
            }
            turns.add(new Turn(
                    look.start, there.get(), look.look.head(), look.look.point().name()));
            // Whoever is not there cannot be looked at next: the eyes come back instead.
            boolean goesOn = i + 1 < ready.size()
                    && ready.get(i + 1).start - look.end < JOINED
                    && surroundings.toward(ready.get(i + 1).look.point()).isPresent();
            if (!goesOn) {
                turns.add(new Turn(look.end, Direction.AHEAD, look.look.head(), "ahead again"));
            }
        }
    }

    /** Where looks stand in a reading, in the order of time; each ends where the next begins. */
    public static List<Ready> placed(List<LookBlock> looks, WordFinder words) {
        List<Ready> placed = new ArrayList<>();
        for (int i = 0; i < looks.size(); i++) {
            double start = looks.get(i).from().in(words);
            placed.add(new Ready(
                    i,
                    looks.get(i),
                    start,
                    Math.max(start + LEAST, looks.get(i).to().in(words))));
        }
        placed.sort(Comparator.comparingDouble(Ready::start));
        List<Ready> cut = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            Ready own = placed.get(i);
            double end = i + 1 < placed.size() ? Math.min(own.end, placed.get(i + 1).start) : own.end;
            cut.add(new Ready(own.index, own.look, own.start, end));
        }
        return List.copyOf(cut);
    }

    @Override
    public Layer in(Surroundings around) {
        return new LooksLayer(setting, character, looks, words, around);
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    private Turn before(int turn) {
        return turn > 0 ? turns.get(turn - 1) : new Turn(-10, Direction.AHEAD, 0, "");
    }

    /** Index of the turn that was begun last; -1 before the first. */
    private int begun(double time) {
        int low = 0;
        int high = turns.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (turns.get(middle).time <= time) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low - 1;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        int now = begun(time);
        if (now < 0) {
            return;
        }
        Turn to = turns.get(now);
        double angle = to.to.from(before(now).to);
        double since = time - to.time;
        double yaw = moved(now, time, 0, EyeDarts::seconds, t -> t.to.yaw());
        double pitch = moved(now, time, 0, EyeDarts::seconds, t -> t.to.pitch());
        double headYaw = moved(now, time, HEAD_LATER, LooksLayer::headSeconds, t -> headOf(t, t.to.yaw()));
        double headPitch = NODS * moved(now, time, HEAD_LATER, LooksLayer::headSeconds, t -> headOf(t, t.to.pitch()));
        double bodyYaw =
                actions.has("bodyYaw") ? moved(now, time, BODY_LATER, LooksLayer::bodySeconds, LooksLayer::bodyOf) : 0;
        actions.ask("bodyYaw", bodyYaw, asked);
        // The body carries the head along: the neck turns for the rest.
        actions.ask("headYaw", headYaw - bodyYaw, asked);
        actions.ask("headPitch", headPitch, asked);
        // Eyes that are at their end wait there for the head.
        actions.ask("eyeYaw", Math.clamp(yaw - headYaw, -EYES_REACH, EYES_REACH), asked);
        actions.ask("eyePitch", Math.clamp(pitch - headPitch, -EYES_UP, EYES_UP), asked);
        actions.ask("eyeConverge", moved(now, time, 0, EyeDarts::seconds, t -> t.to.converge()), asked);
        double down = Math.max(0, headPitch - pitch);
        double up = Math.max(0, pitch - headPitch);
        double blink = angle >= BLINKED && since < BLINK ? Math.sin(Math.PI * Math.max(0, since) / BLINK) : 0;
        for (String side : List.of(".L", ".R")) {
            actions.ask("lidClose" + side, Math.max(blink, 0.016 * down), asked);
            actions.ask("upperLidRaiser" + side, 0.018 * up, asked);
        }
    }

    /**
     * Where something is that goes from turn to turn. One turn may begin before what came of the last has settled: each adds
     * its own way, so that nothing leaps.
     *
     * @param later seconds after the eyes at which it sets out
     * @param seconds how long it takes for so many degrees
     * @param place where a turn brings it
     */
    private double moved(
            int now, double time, double later, DoubleUnaryOperator seconds, ToDoubleFunction<Turn> place) {
        double there = place.applyAsDouble(turns.get(now));
        for (int i = now; i >= 0 && time - turns.get(i).time < SETTLED; i--) {
            Turn from = before(i);
            Turn to = turns.get(i);
            double left = 1 - smooth((time - to.time - later) / seconds.applyAsDouble(to.to.from(from.to)));
            there -= left * (place.applyAsDouble(to) - place.applyAsDouble(from));
        }
        return there;
    }

    /** How far the head turns for a direction: its share, and what eyes cannot reach. */
    private static double headOf(Turn turn, double degrees) {
        double own = turn.head * degrees;
        double left = Math.abs(degrees) - EYES_REACH;
        return Math.abs(degrees - own) > EYES_REACH ? Math.signum(degrees) * Math.max(Math.abs(own), left) : own;
    }

    /** How far shoulders turn for a direction: not at all for a small turn, by a share of a large one. */
    private static double bodyOf(Turn turn) {
        double head = headOf(turn, turn.to.yaw());
        return Math.signum(head) * BODY_SHARE * Math.max(0, Math.abs(head) - HEAD_ALONE);
    }

    private static double headSeconds(double angle) {
        return 0.24 + 0.006 * angle;
    }

    private static double bodySeconds(double angle) {
        return BODY_SLOWER * headSeconds(angle);
    }

    private static double smooth(double t) {
        double share = Math.clamp(t, 0, 1);
        return share * share * share * (share * (6 * share - 15) + 10);
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof LooksLayer other) || other.character != character || !other.setting.equals(setting)) {
            return Changes.EVERYWHERE;
        }
        return Changes.between(
                other.turns, turns, t -> new TimeRange(Math.max(0, t.time), settled(t, other.turns, turns)));
    }

    /** When a turn is over and the one after it, which set out from it, too. */
    private static double settled(Turn changed, List<Turn> before, List<Turn> after) {
        double latest = changed.time;
        for (List<Turn> list : List.of(before, after)) {
            double next = list.stream()
                    .mapToDouble(Turn::time)
                    .filter(t -> t > changed.time)
                    .min()
                    .orElse(Double.MAX_VALUE / 2);
            latest = Math.max(latest, next + SETTLED);
        }
        return latest;
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        int now = begun(time);
        String name = now < 0 ? "ahead" : turns.get(now).name;
        return List.of(new Reason(setting.name(), "Looks " + (name.equals("ahead again") ? name : "at " + name), adds));
    }
}
