package graykite.scene;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthWork;
import graykite.picture.Camera;
import graykite.picture.Surface;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everybody on stage in a line: who speaks acts the line, who listens lives on, blinks and looks at the one who speaks.
 * Immutable; safe for several threads.
 */
public final class Ensemble {
    /** Millimetres between two who stand side by side. */
    public static final double APART = 285;

    /** Millimetres that one takes with room on both sides. */
    private static final double ONE = 330;

    /** How far a listener turns towards the one who speaks, in degrees, and how much of that the head takes. */
    private static final double TURN = 27;

    private static final double HEAD_SHARE = 0.62;

    /** A listener notices a quarter of a second after the first sound; the eyes are there at once, the head follows. */
    private static final double NOTICE = 0.25;

    private static final double EYES = 0.06;
    private static final double HEAD = 0.45;
    private static final double STAY = 0.5;

    /** Pauses in a line that are no end of it. */
    private static final double BREATH = 0.8;

    /**
     * Somebody to be put on stage.
     *
     * @param deformer of the character; making one takes a moment, so whoever has one hands it over
     * @param line what it says there; none for one who only listens
     * @param start when that begins, in seconds of the line
     */
    public record Role(
            Character character, FittedChart chart, Deformer deformer, Optional<Performance> line, double start) {
        /** With a deformer made for the occasion. */
        public Role(Character character, FittedChart chart, Optional<Performance> line, double start) {
            this(character, chart, new Deformer(character), line, start);
        }
    }

    private record Actor(
            Character character,
            Optional<Performance> line,
            double start,
            Performance idle,
            Vec place,
            Deformer deformer,
            List<Glance> glances) {}

    /** Looking at somebody for a while. */
    private record Glance(double from, double to, double direction) {}

    private final List<Actor> actors;
    private final double duration;

    private Ensemble(List<Actor> actors, double duration) {
        this.actors = List.copyOf(actors);
        this.duration = duration;
    }

    /** One who speaks alone. */
    public static Ensemble solo(Performance performance) {
        return solo(performance, new Deformer(performance.character()));
    }

    /** One who speaks alone, with a deformer that is at hand already. */
    public static Ensemble solo(Performance performance, Deformer deformer) {
        Character c = performance.character();
        Actor actor = new Actor(c, Optional.of(performance), 0, performance, Vec.ZERO, deformer, List.of());
        return new Ensemble(List.of(actor), performance.duration());
    }

    /**
     * Several on one stage, from left to right as listed; the first has the line that the line is about.
     *
     * @throws IllegalArgumentException when nobody speaks
     */
    public static Ensemble of(List<Role> roles) {
        requireThat(roles.stream().anyMatch(r -> r.line().isPresent()), "Somebody on stage speaks.");
        double duration = roles.stream()
                .mapToDouble(r -> r.line().map(p -> r.start() + p.duration()).orElse(0.0))
                .max()
                .orElse(0);
        Performance lead =
                roles.stream().flatMap(r -> r.line().stream()).findFirst().orElseThrow();
        Loudness quiet = Loudness.of(Sound.silence(Math.max(0.1, duration), 8000));
        List<Actor> actors = new ArrayList<>();
        for (int i = 0; i < roles.size(); i++) {
            Role role = roles.get(i);
            Vec place = new Vec((i - (roles.size() - 1) / 2.0) * APART, 0, 0);
            Score nothing = new Score(
                    Timing.empty(duration),
                    quiet,
                    MouthWork.of(lead.line().settings()),
                    lead.line().rate(),
                    List.of(),
                    lead.line().seed() + 101L * (i + 1));
            actors.add(new Actor(
                    role.character(),
                    role.line(),
                    role.start(),
                    Performance.of(role.character(), role.chart(), nothing),
                    place,
                    role.deformer(),
                    glances(roles, i)));
        }
        return new Ensemble(actors, duration);
    }

    /** When somebody looks at whom. */
    private static List<Glance> glances(List<Role> roles, int own) {
        List<Glance> glances = new ArrayList<>();
        for (int other = 0; other < roles.size(); other++) {
            if (other != own) {
                double direction = Math.signum(other - own);
                for (TimeRange speech : speeches(roles.get(other))) {
                    glances.add(new Glance(speech.start() + NOTICE, speech.end() + STAY, direction));
                }
            }
        }
        return glances;
    }

    private static List<TimeRange> speeches(Role role) {
        List<TimeRange> speeches = new ArrayList<>();
        for (TimedWord word : role.line().map(p -> p.timing().words()).orElse(List.of())) {
            double start = role.start() + word.start();
            double end = role.start() + word.end();
            if (!speeches.isEmpty() && start - speeches.getLast().end() < BREATH) {
                speeches.set(
                        speeches.size() - 1, new TimeRange(speeches.getLast().start(), end));
            } else {
                speeches.add(new TimeRange(start, end));
            }
        }
        return speeches;
    }

    /** Seconds until everybody has spoken. */
    public double duration() {
        return duration;
    }

    public int size() {
        return actors.size();
    }

    /** The line that the line is about. */
    public Performance lead() {
        return actors.stream().flatMap(a -> a.line.stream()).findFirst().orElseThrow();
    }

    /** The values of everybody's channels at a time, in the order of the stage. */
    public List<double[]> at(double seconds) {
        return actors.stream().map(a -> at(a, seconds)).toList();
    }

    private double[] at(Actor actor, double seconds) {
        if (actors.size() == 1) {
            return actor.line.orElseThrow().at(seconds);
        }
        double[] values = actor.idle.at(seconds);
        double speaking = 0;
        if (actor.line.isPresent()) {
            double local = seconds - actor.start;
            double end = actor.line.get().duration();
            speaking = ramp(local + 0.3, 0.3) * ramp(end + 0.3 - local, 0.3);
            if (speaking > 0) {
                double[] spoken = actor.line.get().at(Math.clamp(local, 0, end));
                for (int c = 0; c < values.length; c++) {
                    values[c] += speaking * (spoken[c] - values[c]);
                }
            }
        }
        look(actor, seconds, 1 - speaking, values);
        return values;
    }

    /** Turns eyes and head to whoever speaks; a blink covers the beginning of the turn. */
    private void look(Actor actor, double seconds, double share, double[] values) {
        double eyes = 0;
        double head = 0;
        double blink = 0;
        for (Glance glance : actor.glances) {
            double out = ramp(glance.to + HEAD - seconds, HEAD);
            eyes += glance.direction * ramp(seconds - glance.from, EYES) * out;
            head += glance.direction * ramp(seconds - glance.from - 0.08, HEAD) * out;
            double since = seconds - glance.from + 0.04;
            blink = Math.max(blink, since > 0 && since < 0.22 ? Math.sin(Math.PI * since / 0.22) : 0);
        }
        double yaw = TURN * HEAD_SHARE * Math.clamp(head, -1, 1);
        add(actor.character, "headYaw", share * yaw, values);
        add(actor.character, "eyeYaw", share * (TURN * Math.clamp(eyes, -1, 1) - yaw), values);
        add(actor.character, "lidClose.L", share * blink, values);
        add(actor.character, "lidClose.R", share * blink, values);
    }

    private static void add(Character character, String action, double by, double[] values) {
        if (by == 0) {
            return;
        }
        character.role(action).ifPresent(pose -> {
            double[] moved = character.values(pose.times(by));
            for (int c = 0; c < values.length; c++) {
                Channel channel = character.channels().get(c);
                if (moved[c] != 0) {
                    values[c] = Math.clamp(values[c] + moved[c], channel.min(), channel.max());
                }
            }
        });
    }

    /** 0 before, 1 after so many seconds, smooth between. */
    private static double ramp(double since, double length) {
        double t = Math.clamp(since / length, 0, 1);
        return t * t * (3 - 2 * t);
    }

    /** Everybody ready to be drawn, each in its place. */
    public List<Surface> surfaces(List<double[]> values) {
        List<Surface> all = new ArrayList<>();
        for (int i = 0; i < actors.size(); i++) {
            for (Surface surface : actors.get(i).deformer.deform(values.get(i))) {
                all.add(actors.size() == 1 ? surface : surface.movedBy(actors.get(i).place));
            }
        }
        return all;
    }

    /**
     * A view that is as much wider as it must be for all to be seen, and stands on the same ground.
     *
     * @param aspect width of the picture over its height
     */
    public Camera framed(Camera camera, double aspect) {
        double needed = (actors.size() - 1) * APART + ONE;
        double factor = Math.max(1, needed / (aspect * Camera.FRONT.height()));
        if (actors.size() == 1 || factor == 1) {
            return camera;
        }
        double height = camera.height() * factor;
        Vec target = camera.target().plus(new Vec(0, (height - camera.height()) / 2, 0));
        return new Camera(target, camera.yaw(), camera.pitch(), camera.distance() * factor, height);
    }
}
