package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.List;

/** Blinks, eyes, brows, head, shoulders and breath as a layer, on whatever plays these actions on the character. */
public final class InstinctsLayer implements Layer {
    /** How far a breath opens the jaw, as a share, and lifts the head, in degrees. */
    private static final double BREATH_OPENS = 0.07;

    private static final double BREATH_LIFTS = 0.9;
    private static final double BREATH_IN_SHOULDERS = 0.7;

    /** Shoulders turn against the head by this share of it (common practice: head and body counter each other). */
    private static final double COUNTER = 0.18;

    /** A movement of the head is felt so long before and after its beat, in seconds. */
    private static final double REACH = 1.2;

    private final LayerSetting setting;
    private final Character character;
    private final Life life;
    private final Actions actions;

    public InstinctsLayer(LayerSetting setting, Character character, Life life) {
        this.setting = setting;
        this.character = character;
        this.life = life;
        this.actions = new Actions(
                character,
                List.of(
                        "lidClose.L",
                        "lidClose.R",
                        "eyeYaw",
                        "eyePitch",
                        "headYaw",
                        "headPitch",
                        "headRoll",
                        "innerBrowRaiser.L",
                        "innerBrowRaiser.R",
                        "outerBrowRaiser.L",
                        "outerBrowRaiser.R",
                        "upperLidRaiser.L",
                        "upperLidRaiser.R",
                        "jawDrop",
                        "bodyYaw",
                        "bodyRoll",
                        "shouldersUp"));
    }

    /** When it blinks, looks about and nods. */
    public Life life() {
        return life;
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public boolean isGenerated() {
        return true;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        double lids = life.blinks().at(time);
        HeadMotion.Pose head = life.head().at(time);
        EyeDarts.Gaze gaze = life.darts().at(time);
        double breath = life.breaths().at(time);
        actions.ask("lidClose.L", lids, asked);
        actions.ask("lidClose.R", lids, asked);
        actions.ask("eyeYaw", gaze.yaw() - head.yaw(), asked);
        actions.ask("eyePitch", gaze.pitch() - head.pitch() - BREATH_LIFTS * breath, asked);
        double yawAgainst = actions.has("bodyYaw") ? COUNTER * head.yaw() : 0;
        double rollAgainst = actions.has("bodyRoll") ? COUNTER * head.roll() : 0;
        // The body carries the head: what it turns back, the neck turns forward.
        actions.ask("bodyYaw", -yawAgainst, asked);
        actions.ask("bodyRoll", -rollAgainst, asked);
        actions.ask("headYaw", head.yaw() + yawAgainst, asked);
        actions.ask("headPitch", head.pitch() + BREATH_LIFTS * breath, asked);
        actions.ask("headRoll", head.roll() + rollAgainst, asked);
        actions.ask("shouldersUp", BREATH_IN_SHOULDERS * life.breaths().chest(time), asked);
        Brows.Pose brows = life.brows().at(time);
        actions.ask("innerBrowRaiser.L", 0.27 * brows.left(), asked);
        actions.ask("innerBrowRaiser.R", 0.27 * brows.right(), asked);
        actions.ask("outerBrowRaiser.L", 0.30 * brows.left(), asked);
        actions.ask("outerBrowRaiser.R", 0.30 * brows.right(), asked);
        // Lids that are raised by excitement give way to a blink.
        actions.ask("upperLidRaiser.L", life.wide() * (1 - lids), asked);
        actions.ask("upperLidRaiser.R", life.wide() * (1 - lids), asked);
        actions.ask("jawDrop", BREATH_OPENS * breath, asked);
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof InstinctsLayer other)
                || other.character != character
                || !other.setting.equals(setting)
                || other.life.wide() != life.wide()
                || !other.life.head().melody().equals(life.head().melody())
                || !other.life.head().drift().equals(life.head().drift())) {
            return Changes.EVERYWHERE;
        }
        return Changes.between(
                        other.life.blinks().blinks(), life.blinks().blinks(), b -> new TimeRange(b.start(), b.end()))
                .and(Changes.between(
                        other.life.darts().darts(),
                        life.darts().darts(),
                        d -> until(d.time(), life.darts().after(d))))
                .and(Changes.between(
                        other.life.brows().lifts(), life.brows().lifts(), l -> new TimeRange(l.start(), l.end())))
                .and(Changes.between(
                        other.life.breaths().breaths(),
                        life.breaths().breaths(),
                        b -> new TimeRange(b.start(), b.end() + Breaths.SPENT)))
                .and(Changes.between(
                        other.life.head().beats(),
                        life.head().beats(),
                        b -> until(b.time() - REACH, life.head().after(b) + REACH)));
    }

    private static TimeRange until(double from, double to) {
        return new TimeRange(from, Math.max(from, to));
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        return List.of(new Reason(setting.name(), "Instincts: blinks, eyes, brows, head and breath", adds));
    }
}
