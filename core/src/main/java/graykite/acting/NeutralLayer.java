package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.rig.Character;
import java.util.List;

/** A neutral key before the start as a layer: before the line it brings everything to rest, in the line it does nothing. */
public final class NeutralLayer implements Layer {
    private final LayerSetting setting;
    private final Character character;
    private final Drawings drawings;
    private final double seconds;

    NeutralLayer(LayerSetting setting, Character character, double seconds) {
        this.setting = setting;
        this.character = character;
        this.drawings = new Drawings(character);
        this.seconds = seconds;
    }

    /** Seconds before the line at which the face is at rest; 0 while it is muted. */
    public double seconds() {
        return setting.muted() ? 0 : seconds;
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        if (time >= 0) {
            return;
        }
        double t = Math.clamp(1 + time / seconds, 0, 1);
        double share = t * t * (3 - 2 * t);
        for (int c = 0; c < below.length; c++) {
            asked[c] = drawings.is(c) ? drawings.rest(c) : share * below[c];
        }
    }

    @Override
    public Changes since(Layer earlier) {
        boolean same = earlier instanceof NeutralLayer other
                && other.character == character
                && other.setting.equals(setting)
                && other.seconds == seconds;
        return same ? Changes.NONE : Changes.EVERYWHERE;
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        return List.of(new Reason(setting.name(), "The neutral key before the start", adds));
    }
}
