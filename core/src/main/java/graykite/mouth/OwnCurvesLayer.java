package graykite.mouth;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.Reason;
import graykite.motion.Curve;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Curves that the animator took over: in their stretches they stand in the place of what is generated. */
public final class OwnCurvesLayer implements Layer {
    /** A key that lies on the edge of its stretch still counts as inside. */
    private static final double EDGE = 1e-9;

    private record Own(int channel, Curve curve) {
        TimeRange range() {
            return new TimeRange(curve.start(), curve.end());
        }
    }

    private final LayerSetting setting;
    private final List<Own> curves = new ArrayList<>();

    /** A channel that the character lacks, or words that are gone: the curve waits. */
    public OwnCurvesLayer(LayerSetting setting, Character character, List<TakenCurve> taken, WordFinder words) {
        this.setting = setting;
        Map<String, Integer> index = character.channelIndex();
        for (TakenCurve curve : taken) {
            Integer channel = index.get(curve.channel());
            if (channel != null) {
                curve.in(words).ifPresent(c -> curves.add(new Own(channel, c)));
            }
        }
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        for (Own own : curves) {
            double in = (time - own.curve.start()) / TakenCurve.BLEND;
            double out = (own.curve.end() - time) / TakenCurve.BLEND;
            double share = Math.clamp(Math.min(in, out) + EDGE, 0, 1);
            if (share > 0) {
                double from = Double.isNaN(asked[own.channel]) ? below[own.channel] : asked[own.channel];
                asked[own.channel] = from + share * (own.curve.at(time) - from);
            }
        }
    }

    @Override
    public Changes since(Layer earlier) {
        return earlier instanceof OwnCurvesLayer other && other.setting.equals(setting)
                ? Changes.between(other.curves, curves, Own::range)
                : Changes.EVERYWHERE;
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        return List.of(new Reason(setting.name(), "A curve of your own takes the place of what is generated", adds));
    }
}
