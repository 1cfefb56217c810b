package graykite.scene;

import static graykite.base.Require.requireThat;

import graykite.acting.NeutralLayer;
import graykite.geometry.Vec;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.picture.Camera;
import graykite.picture.Surface;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.FacePoint;
import graykite.rig.Framing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Everybody on stage: what every channel of everyone is at any time, after everything. Window, pointing at the face,
 * movies, pictures, curves, glTF, checks and the answer to "why" ask this and nothing else. Immutable; safe for several
 * threads.
 */
public final class Scene {
    /** Name of the step in which closures are shut. */
    public static final String GUARD = "Guard";

    /** Name of the last step, rules between channels: what is seen. */
    public static final String COUPLINGS = "Couplings";

    /** Millimetres that one takes with room on both sides. */
    private static final double ONE = 330;

    /**
     * All values as they are after a step of the work, in the order in which steps follow one another: a step a layer, the
     * guard, the couplings.
     *
     * @param values of every channel; not to be written to
     */
    public record Step(String name, double[] values) {}

    /** A place on somebody's face. */
    public record Picked(int actor, FacePoint point) {}

    private final List<Actor> actors;
    private final double duration;
    private final Framing alone;

    private Scene(List<Actor> actors, double duration) {
        this.actors = List.copyOf(actors);
        this.duration = duration;
        this.alone = Framing.of(character(0));
    }

    /** One who speaks a line alone. */
    public static Scene solo(Performance performance) {
        return solo("", "", performance, new Deformer(performance.character()));
    }

    /** One who speaks a line alone, with a deformer that is at hand already. */
    public static Scene solo(String member, String line, Performance performance, Deformer deformer) {
        Role role = new Role(
                member,
                performance.character(),
                performance.chart(),
                deformer,
                Stand.MIDDLE,
                List.of(new Role.Entry(line, performance, 0)));
        return new Scene(List.of(Actor.alone(role)), performance.duration());
    }

    /**
     * Several on one stage. Who does not speak lives on, blinks and looks at the one who does.
     *
     * @param seed of what they do while they do not speak
     */
    public static Scene of(List<Role> roles, long seed) {
        requireThat(!roles.isEmpty(), "Somebody stands on a stage.");
        double duration = roles.stream()
                .flatMap(r -> r.lines().stream())
                .mapToDouble(Role.Entry::end)
                .max()
                .orElse(1);
        List<Actor> actors = new ArrayList<>();
        for (int i = 0; i < roles.size(); i++) {
            actors.add(Actor.among(roles.get(i), roles, duration, seed + 101L * (i + 1)));
        }
        return new Scene(actors, duration);
    }

    /** The same with one more layer on top of somebody's others, under guard and couplings. */
    public Scene with(int actor, Layer top) {
        List<Actor> changed = new ArrayList<>(actors);
        changed.set(actor, actors.get(actor).with(top));
        return new Scene(changed, duration);
    }

    /** Seconds until everybody has spoken. */
    public double duration() {
        return duration;
    }

    /** Seconds before the start from which somebody is to be seen: where a neutral key stands; 0 without one. */
    public double preRoll(int actor) {
        return role(actor).lines().stream()
                .filter(e -> e.start() < 1e-9)
                .flatMap(e -> e.performance().layers().stream())
                .filter(NeutralLayer.class::isInstance)
                .mapToDouble(l -> ((NeutralLayer) l).seconds())
                .max()
                .orElse(0);
    }

    /** How many stand on the stage. */
    public int size() {
        return actors.size();
    }

    /** Who stands in a place of the order. */
    public Role role(int actor) {
        return actors.get(actor).role();
    }

    public Character character(int actor) {
        return actors.get(actor).character();
    }

    public List<Channel> channels(int actor) {
        return character(actor).channels();
    }

    /** The values of everybody's channels at a time in seconds, in the order of the stage. */
    public List<double[]> at(double seconds) {
        return actors.stream().map(a -> a.at(seconds)).toList();
    }

    /** The values of one person's channels at a time in seconds, in the character's order; a new array. */
    public double[] at(int actor, double seconds) {
        return actors.get(actor).at(seconds);
    }

    /** How the values of a time come about, step by step; the last are those of {@link #at(int, double)}. */
    public List<Step> steps(int actor, double seconds) {
        return actors.get(actor).steps(seconds);
    }

    /** What the guard had to do for closures at a time, in words; empty when all was shut by itself. */
    public List<String> guarded(int actor, double seconds) {
        return actors.get(actor).guarded(seconds);
    }

    /** Why a channel is what it is at a time. */
    public Why why(int actor, int channel, double seconds) {
        return actors.get(actor).why(channel, seconds);
    }

    /** The channels that are furthest from rest at a moment, as shares of their ranges, most first. */
    public List<Integer> busiest(int actor, double seconds, int most) {
        double[] values = at(actor, seconds);
        List<Channel> channels = channels(actor);
        return IntStream.range(0, values.length)
                .filter(c -> Math.abs(values[c]) > 1e-4)
                .boxed()
                .sorted(Comparator.comparingDouble(c -> -Math.abs(values[c])
                        / (channels.get(c).max() - channels.get(c).min())))
                .limit(most)
                .toList();
    }

    /** Where a line stands on the stage; nothing when nobody speaks it. */
    public Optional<Role.Entry> entry(String line) {
        return actors.stream()
                .flatMap(a -> a.role().lines().stream())
                .filter(e -> e.line().equals(line))
                .findFirst();
    }

    /** Who speaks a line, by order of the stage; -1 when nobody does. */
    public int speakerOf(String line) {
        for (int i = 0; i < actors.size(); i++) {
            if (actors.get(i).role().lines().stream().anyMatch(e -> e.line().equals(line))) {
                return i;
            }
        }
        return -1;
    }

    /** In which stretches anybody moves otherwise than in an earlier version of this scene. */
    public Changes since(Scene earlier) {
        if (earlier == this) {
            return Changes.NONE;
        }
        if (earlier.size() != size() || earlier.duration != duration) {
            return Changes.EVERYWHERE;
        }
        Changes changes = Changes.NONE;
        for (int i = 0; i < actors.size(); i++) {
            changes = changes.and(actors.get(i).since(earlier.actors.get(i)));
        }
        return changes;
    }

    // --- as it is seen -------------------------------------------------------------------------------------------

    /** Everybody ready to be drawn, each in their place. */
    public List<Surface> surfaces(List<double[]> values) {
        List<Surface> all = new ArrayList<>();
        for (int i = 0; i < actors.size(); i++) {
            Stand stand = role(i).stand();
            for (Surface surface : role(i).deformer().deform(values.get(i))) {
                all.add(stand.equals(Stand.MIDDLE) ? surface : surface.placed(stand.place(), stand.facing()));
            }
        }
        return all;
    }

    /**
     * A view that is as much wider as it must be for all to be seen, and stands on the same ground; one alone is seen as
     * {@link Framing} has it.
     *
     * @param aspect width of the picture over its height
     */
    public Camera framed(Camera camera, double aspect) {
        double left =
                actors.stream().mapToDouble(a -> a.role().stand().x()).min().orElse(0);
        double right =
                actors.stream().mapToDouble(a -> a.role().stand().x()).max().orElse(0);
        double factor = Math.max(1, (right - left + ONE) / (aspect * Camera.FRONT.height()));
        if (actors.size() == 1) {
            return alone.of(camera, aspect);
        }
        if (factor == 1) {
            return camera;
        }
        double height = camera.height() * factor;
        double middle = (left + right) / 2;
        Vec target = camera.target().plus(new Vec(middle, (height - camera.height()) / 2, 0));
        return new Camera(target, camera.yaw(), camera.pitch(), camera.distance() * factor, height);
    }

    /**
     * Whose face lies under a pixel of the picture that {@link #surfaces} and {@link #framed} make, and where on it; nothing
     * where there is none.
     *
     * @param camera as {@link #framed} gave it
     */
    public Optional<Picked> pick(List<double[]> values, Camera camera, int width, int height, double x, double y) {
        Optional<Picked> nearest = Optional.empty();
        double least = Double.MAX_VALUE;
        for (int i = 0; i < actors.size(); i++) {
            Stand stand = role(i).stand();
            Camera own = camera.seenFrom(stand.place(), stand.facing());
            Optional<FacePoint.Hit> hit = FacePoint.hit(character(i), values.get(i), own, width, height, x, y);
            // The target is the same place for everybody, in their own coordinates.
            double away =
                    hit.map(h -> own.target().minus(h.place()).dot(own.back())).orElse(Double.MAX_VALUE);
            if (away < least) {
                least = away;
                nearest = Optional.of(new Picked(i, hit.orElseThrow().point()));
            }
        }
        return nearest;
    }
}
