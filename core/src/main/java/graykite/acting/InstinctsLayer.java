package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.List;

/** Blinks, eyes, brows and head as a layer, on whatever plays these actions on the character. */
public final class InstinctsLayer implements Layer {
    /** A movement of brows or head is felt so long before and after its beat, in seconds. */
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
                        "outerBrowRaiser.R"));
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
        actions.ask("lidClose.L", lids, asked);
        actions.ask("lidClose.R", lids, asked);
        actions.ask("eyeYaw", gaze.yaw() - head.yaw(), asked);
        actions.ask("eyePitch", gaze.pitch() - head.pitch(), asked);
        actions.ask("headYaw", head.yaw(), asked);
        actions.ask("headPitch", head.pitch(), asked);
        actions.ask("headRoll", head.roll(), asked);
        actions.ask("innerBrowRaiser.L", 0.28 * head.brows(), asked);
        actions.ask("innerBrowRaiser.R", 0.24 * head.brows(), asked);
        actions.ask("outerBrowRaiser.L", 0.32 * head.brows(), asked);
        actions.ask("outerBrowRaiser.R", 0.22 * head.brows(), asked);
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof InstinctsLayer other)
                || other.character != character
                || !other.setting.equals(setting)) {
            return Changes.EVERYWHERE;
        }
        return Changes.between(
                        other.life.blinks().blinks(), life.blinks().blinks(), b -> new TimeRange(b.start(), b.end()))
                .and(Changes.between(
                        other.life.darts().darts(),
                        life.darts().darts(),
                        d -> until(d.time(), life.darts().after(d))))
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
        return List.of(new Reason(setting.name(), "Instincts: blinks, eyes, brows and head", adds));
    }
}
