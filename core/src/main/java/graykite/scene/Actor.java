package graykite.scene;

import graykite.acting.InstinctsLayer;
import graykite.acting.Life;
import graykite.acting.ListeningLayer;
import graykite.acting.ListeningLayer.Speaking;
import graykite.acting.LookPoint;
import graykite.acting.OnStage;
import graykite.acting.Surroundings;
import graykite.acting.Surroundings.Direction;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Mixer;
import graykite.layer.Reason;
import graykite.layer.Shifted;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Beats;
import graykite.mouth.PhoneShape;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Couplings;
import graykite.sound.Loudness;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One of those on stage: the layers of their lines, what they do while they do not speak, then the guard and the couplings.
 * After those comes nothing.
 */
final class Actor {
    /** Seconds over which somebody goes from listening to speaking, and back. */
    private static final double TURN = 0.3;

    private final Role role;
    private final Mixer mixer;
    private final Couplings couplings;

    private Actor(Role role, List<Layer> layers) {
        this.role = role;
        this.mixer = new Mixer(role.character(), layers);
        this.couplings = new Couplings(role.character());
    }

    /** One who is alone on stage with one line, which begins at once. */
    static Actor alone(Role role) {
        return new Actor(role, role.lines().getFirst().performance().layers());
    }

    /**
     * @param duration of the scene
     * @param seed of what they do while they do not speak
     */
    static Actor among(Role role, List<Role> all, double duration, long seed) {
        Curve idle = LayerSetting.always(1);
        List<Layer> layers = new ArrayList<>();
        List<Curve> speaking = new ArrayList<>();
        for (Role.Entry entry : role.lines()) {
            Curve envelope = envelope(entry);
            speaking.add(envelope);
            for (Layer layer : entry.performance().layers()) {
                Layer own = layer instanceof OnStage staged ? staged.in(around(role, all)) : layer;
                layers.add(new Shifted(own, entry.start(), envelope));
            }
        }
        if (!speaking.isEmpty()) {
            idle = rest(role.lines());
        }
        Life life = Life.generate(Timing.empty(duration), Loudness.silent(Math.max(0.1, duration)), seed);
        layers.addFirst(
                new InstinctsLayer(LayerSetting.of("Idle", Blend.ADD).withWeight(idle), role.character(), life));
        layers.add(
                firstOnTop(layers),
                new ListeningLayer(
                        LayerSetting.of("Listening", Blend.ADD).withWeight(idle), role.character(), others(role, all)));
        return new Actor(role, layers);
    }

    /** Where others, the viewer and places are for one of those on the stage. */
    private static Surroundings around(Role own, List<Role> all) {
        Stand stand = own.stand();
        return point -> switch (point) {
            case LookPoint.Viewer v ->
                Optional.of(new Direction(stand.towards(new Stand(0, Surroundings.VIEWER, 0)), 0));
            case LookPoint.Toward t -> Optional.of(new Direction(t.yaw(), t.pitch()));
            case LookPoint.Person p ->
                all.stream()
                        .filter(r -> r != own && r.member().equals(p.member()))
                        .findFirst()
                        .map(r -> new Direction(stand.towards(r.stand()), 0));
            case LookPoint.Spot s -> {
                Direction plain = Surroundings.direction(s.place().minus(stand.place()));
                yield Optional.of(new Direction(
                        Math.IEEEremainder(plain.yaw() - stand.facing(), 360), plain.pitch(), plain.converge()));
            }
        };
    }

    /** What is generated lies below what a hand did: listening comes before the first layer that is neither. */
    private static int firstOnTop(List<Layer> layers) {
        int at = 0;
        while (at < layers.size() && layers.get(at).isGenerated()) {
            at++;
        }
        return at;
    }

    private static List<Speaking> others(Role own, List<Role> all) {
        List<Speaking> speaking = new ArrayList<>();
        for (Role other : all) {
            if (other != own) {
                double yaw = own.stand().towards(other.stand());
                other.speeches().forEach(s -> speaking.add(new Speaking(s, yaw)));
            }
        }
        speaking.sort(Comparator.comparingDouble(s -> s.speech().start()));
        return speaking;
    }

    /** 1 while a line lasts, fading in before it and out after it. */
    private static Curve envelope(Role.Entry entry) {
        double end = Math.max(entry.start() + 0.01, entry.end());
        return new Curve(
                List.of(flat(entry.start() - TURN, 0), flat(entry.start(), 1), flat(end, 1), flat(end + TURN, 0)));
    }

    /** 0 while any of the lines lasts, 1 between them. */
    private static Curve rest(List<Role.Entry> lines) {
        List<TimeRange> spoken = new ArrayList<>();
        lines.stream()
                .map(l -> new TimeRange(l.start(), Math.max(l.start() + 0.01, l.end())))
                .sorted(Comparator.comparingDouble(TimeRange::start))
                .forEach(r -> {
                    if (!spoken.isEmpty() && r.start() - spoken.getLast().end() < 2.1 * TURN) {
                        TimeRange last = spoken.removeLast();
                        spoken.add(new TimeRange(last.start(), Math.max(last.end(), r.end())));
                    } else {
                        spoken.add(r);
                    }
                });
        List<Key> keys = new ArrayList<>();
        for (TimeRange range : spoken) {
            keys.add(flat(range.start() - TURN, 1));
            keys.add(flat(range.start(), 0));
            keys.add(flat(range.end(), 0));
            keys.add(flat(range.end() + TURN, 1));
        }
        return new Curve(keys);
    }

    private static Key flat(double time, double value) {
        return new Key(time, value, Key.Way.SMOOTH, 0, 0);
    }

    /** The same with one more layer on top. */
    Actor with(Layer top) {
        List<Layer> layers = new ArrayList<>(mixer.layers());
        layers.add(top);
        return new Actor(role, layers);
    }

    Role role() {
        return role;
    }

    Character character() {
        return role.character();
    }

    double[] at(double time) {
        double[] values = mixer.at(time);
        guard(time, values);
        couplings.apply(values);
        return values;
    }

    /** What was done for a closure, and among which beats. */
    private record Shut(Beats beats, ClosureGuard.Deed deed) {
        String inWords() {
            return String.format(
                    Locale.ROOT,
                    "%s %s: off by %.1f mm before, %.1f mm after",
                    beats.list().get(deed.beat()).phone().ipa(),
                    deed.kind() == PhoneShape.Closure.LIPS ? "shuts the lips" : "brings lip to teeth",
                    deed.before(),
                    deed.after());
        }
    }

    private List<Shut> guard(double time, double[] values) {
        List<Shut> done = new ArrayList<>();
        for (Role.Entry entry : role.lines()) {
            double local = time - entry.start();
            if (local >= -TURN && local <= entry.performance().duration() + TURN) {
                Beats beats = entry.performance().beats();
                entry.performance().guard().apply(beats, local, values).forEach(d -> done.add(new Shut(beats, d)));
            }
        }
        return done;
    }

    /** How the values of a time come about, step by step; the last are those of {@link #at}. */
    List<Scene.Step> steps(double time) {
        List<Scene.Step> steps = new ArrayList<>();
        double[] values = mixer.at(
                time, (layer, now) -> steps.add(new Scene.Step(layer.setting().name(), now.clone())));
        guard(time, values);
        steps.add(new Scene.Step(Scene.GUARD, values.clone()));
        couplings.apply(values);
        steps.add(new Scene.Step(Scene.COUPLINGS, values.clone()));
        return steps;
    }

    /** What the guard had to do for closures at a time, in words; empty when all was shut by itself. */
    List<String> guarded(double time) {
        return guard(time, mixer.at(time)).stream().map(Shut::inWords).toList();
    }

    Why why(int channel, double time) {
        List<Scene.Step> steps = steps(time);
        List<Reason> reasons = new ArrayList<>();
        double before = 0;
        for (int s = 0; s < steps.size(); s++) {
            double after = steps.get(s).values()[channel];
            double adds = after - before;
            if (s < mixer.layers().size()) {
                Layer layer = mixer.layers().get(s);
                if (layer.weight(time) > 0 && (Math.abs(adds) > 1e-9 || layer.alwaysTells())) {
                    reasons.addAll(layer.why(channel, time, adds));
                }
            } else if (Math.abs(adds) > 1e-9) {
                reasons.add(new Reason(steps.get(s).name(), words(steps.get(s).name(), channel, time), adds));
            }
            before = after;
        }
        return new Why(character().channels().get(channel).name(), time, before, reasons);
    }

    private String words(String step, int channel, double time) {
        if (step.equals(Scene.GUARD)) {
            return "The closure guard: " + String.join("; ", guarded(time));
        }
        String name = character().channels().get(channel).name();
        List<String> rules = character().couplings().stream()
                .filter(c -> character()
                        .role(c.driven())
                        .map(p -> p.values().containsKey(name))
                        .orElse(false))
                .map(c -> c.inWords())
                .toList();
        return "Couplings: " + (rules.isEmpty() ? "kept within the channel's range" : String.join("; ", rules));
    }

    /** Where this one moves otherwise than an earlier version of the same. */
    Changes since(Actor earlier) {
        List<Layer> now = mixer.layers();
        List<Layer> was = earlier.mixer.layers();
        if (earlier.character() != character()
                || !earlier.role.stand().equals(role.stand())
                || now.size() != was.size()
                || !sameGuards(earlier)) {
            return Changes.EVERYWHERE;
        }
        Changes changes = Changes.NONE;
        for (int l = 0; l < now.size(); l++) {
            changes = changes.and(now.get(l).since(was.get(l)));
        }
        return changes;
    }

    private boolean sameGuards(Actor earlier) {
        List<Role.Entry> now = role.lines();
        List<Role.Entry> was = earlier.role.lines();
        boolean same = now.size() == was.size();
        for (int i = 0; same && i < now.size(); i++) {
            same = now.get(i).start() == was.get(i).start()
                    && now.get(i).performance().chart()
                            == was.get(i).performance().chart();
        }
        return same;
    }
}
