package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.List;

/** Who does not speak looks at the one who does: the eyes first, the head after them, a blink over the turn. */
public final class ListeningLayer implements Layer {
    /** How far somebody turns towards another, in degrees at most, and how much of that the head takes. */
    public static final double TURN = 27;

    private static final double HEAD_SHARE = 0.62;

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

    private final LayerSetting setting;
    private final List<Speaking> others;
    private final Actions actions;

    /** @param others who else speaks when, in the order of time */
    public ListeningLayer(LayerSetting setting, Character character, List<Speaking> others) {
        this.setting = setting;
        this.others = List.copyOf(others);
        this.actions = new Actions(character, List.of("headYaw", "eyeYaw", "lidClose.L", "lidClose.R"));
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        double eyes = 0;
        double head = 0;
        double blink = 0;
        for (Speaking other : others) {
            if (time < other.from() - 0.1 || time > other.to() + HEAD) {
                continue;
            }
            double out = ramp(other.to() + HEAD - time, HEAD);
            double turn = Math.clamp(other.yaw, -TURN, TURN);
            eyes += turn * ramp(time - other.from(), EYES) * out;
            head += turn * ramp(time - other.from() - 0.08, HEAD) * out;
            double since = time - other.from() + 0.04;
            blink = Math.max(blink, since > 0 && since < 0.22 ? Math.sin(Math.PI * since / 0.22) : 0);
        }
        double yaw = HEAD_SHARE * Math.clamp(head, -TURN, TURN);
        actions.ask("headYaw", yaw, asked);
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
