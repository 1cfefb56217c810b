package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/**
 * Who does not speak looks at the one who does: the eyes first, the head after them, then the shoulders, a blink over the turn. Some seven tenths of
 * the time (Argyle & Cook 1976, "Gaze and mutual gaze"); now and then they look aside, and nod at the ends of what is said.
 */
public final class ListeningLayer implements Layer {
    /** How far somebody turns towards another, in degrees at most, and how much of that the head takes. */
    public static final double TURN = 27;

    private static final double HEAD_SHARE = 0.62;

    /** How much of the head's turn the shoulders take, and how much later they set out. */
    private static final double BODY_SHARE = 0.3;

    private static final double BODY_LATER = 0.22;
    private static final double BODY = 0.8;

    /** A listener notices a quarter of a second after the first sound; the eyes are there at once, the head follows. */
    private static final double NOTICE = 0.25;

    private static final double EYES = 0.06;
    private static final double HEAD = 0.45;
    private static final double STAY = 0.5;

    /**
     * Somebody else speaks.
     *
     * @param speech from the first to the last sound, in seconds
     * @param yaw degrees to the left at which that person stands
     */
    public record Speaking(TimeRange speech, double yaw) {
        private double from() {
            return speech.start() + NOTICE;
        }

        private double to() {
            return speech.end() + STAY;
        }
    }

    /** How far one looks aside and down, in degrees, and how far a nod goes. */
    private static final double ASIDE = 13;

    private static final double DOWN = -6;
    private static final double NOD = -4.5;
    private static final double NOD_LATER = 0.28;
    private static final double NOD_LASTS = 0.5;

    private final LayerSetting setting;
    private final List<Speaking> others;
    private final List<Listened> listened = new ArrayList<>();
    private final Actions actions;

    /** What is done while somebody speaks. @param asides when one looks aside @param nods whether one nods at the end */
    private record Listened(Speaking other, List<TimeRange> asides, boolean nods) {
        static Listened to(Speaking other) {
            // A variation for each speech, so that one that moves leaves the others as they are.
            SplittableRandom random = new SplittableRandom(Math.round(other.speech.start() * 1000));
            List<TimeRange> asides = new ArrayList<>();
            double time = other.from() + random.nextDouble(1.2, 2.4);
            while (time < other.speech.end() - 0.8) {
                double length = random.nextDouble(0.8, 1.6);
                asides.add(new TimeRange(time, Math.min(time + length, other.speech.end() - 0.2)));
                time += length + random.nextDouble(1.8, 3.6);
            }
            return new Listened(other, asides, random.nextDouble() < 0.7);
        }

        /** How far one looks aside at a time, 0 to 1. */
        double aside(double time) {
            double most = 0;
            for (TimeRange range : asides) {
                most = Math.max(most, Math.min(ramp(time - range.start(), EYES), 1 - ramp(time - range.end(), EYES)));
            }
            return most;
        }

        /** How far the nod has gone, 0 to 1 and back. */
        double nod(double time) {
            double t = (time - other.speech.end() - NOD_LATER) / NOD_LASTS;
            return nods && t > 0 && t < 1 ? Math.pow(Math.sin(Math.PI * t), 2) : 0;
        }
    }

    /** @param others who else speaks when, in the order of time */
    public ListeningLayer(LayerSetting setting, Character character, List<Speaking> others) {
        this.setting = setting;
        this.others = List.copyOf(others);
        this.actions = new Actions(
                character,
                List.of("bodyYaw", "headYaw", "headPitch", "eyeYaw", "eyePitch", "lidClose.L", "lidClose.R"));
        this.others.forEach(o -> listened.add(Listened.to(o)));
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        double eyes = 0;
        double head = 0;
        double body = 0;
        double blink = 0;
        double down = 0;
        double nod = 0;
        for (Listened own : listened) {
            Speaking other = own.other;
            if (time < other.from() - 0.1 || time > other.to() + HEAD) {
                continue;
            }
            double out = ramp(other.to() + HEAD - time, HEAD);
            double turn = Math.clamp(other.yaw, -TURN, TURN);
            eyes += turn * ramp(time - other.from(), EYES) * out;
            head += turn * ramp(time - other.from() - 0.08, HEAD) * out;
            body += turn * ramp(time - other.from() - BODY_LATER, BODY) * out;
            double aside = own.aside(time) * out;
            eyes -= Math.signum(turn == 0 ? 1 : turn) * ASIDE * aside;
            down += DOWN * aside;
            nod = Math.max(nod, own.nod(time));
            double since = time - other.from() + 0.04;
            blink = Math.max(blink, since > 0 && since < 0.22 ? Math.sin(Math.PI * since / 0.22) : 0);
        }
        double yaw = HEAD_SHARE * Math.clamp(head, -TURN, TURN);
        double shoulders = actions.has("bodyYaw") ? BODY_SHARE * HEAD_SHARE * Math.clamp(body, -TURN, TURN) : 0;
        actions.ask("bodyYaw", shoulders, asked);
        // The body carries the head along: the neck turns for the rest.
        actions.ask("headYaw", yaw - shoulders, asked);
        actions.ask("headPitch", NOD * nod, asked);
        actions.ask("eyePitch", down - NOD * nod, asked);
        actions.ask("eyeYaw", Math.clamp(eyes, -TURN, TURN) - yaw, asked);
        actions.ask("lidClose.L", blink, asked);
        actions.ask("lidClose.R", blink, asked);
    }

    /** 0 before, 1 after so many seconds, smooth between. */
    private static double ramp(double since, double length) {
        double t = Math.clamp(since / length, 0, 1);
        return t * t * (3 - 2 * t);
    }

    @Override
    public Changes since(Layer earlier) {
        return earlier instanceof ListeningLayer other && other.setting.equals(setting)
                ? Changes.between(other.others, others, o -> new TimeRange(Math.max(0, o.from() - 0.1), o.to() + HEAD))
                : Changes.EVERYWHERE;
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        return List.of(new Reason(setting.name(), "Looks at the one who speaks", adds));
    }
}
