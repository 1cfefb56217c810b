package graykite.acting;

import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Reason;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;

/** Passes as a layer: each lies over those before it, on the controls that it performs and nowhere else. */
public final class PassesLayer implements Layer {
    /** A pass lasts at least so long, in seconds, however near its words came to one another. */
    public static final double LEAST = 0.05;

    private final LayerSetting setting;
    private final Character character;
    private final Drawings drawings;
    private final List<Ready> passes;
    private final List<MotionOn> motions = new ArrayList<>();
    private final List<double[]> weights = new ArrayList<>();

    /** A pass in a reading. @param index among the passes of the plan */
    public record Ready(int index, Pass pass, double start, double end) {
        /** How much of it is seen at a time, 0 to 1. */
        double seen(double time) {
            if (time < start || time > end) {
                return 0;
            }
            double ease = Math.min(pass.ease(), (end - start) / 2);
            double t = ease <= 0 ? 1 : Math.clamp(Math.min(time - start, end - time) / ease, 0, 1);
            return t * t * (3 - 2 * t);
        }

        /** The moment of the motion at a time. */
        double moment(double time) {
            return pass.what().moment((time - start) / (end - start));
        }
    }

    private record Moment(double start, double end, Pass pass) {}

    public PassesLayer(LayerSetting setting, Character character, List<Pass> passes, WordFinder words) {
        this.setting = setting;
        this.character = character;
        this.drawings = new Drawings(character);
        this.passes = placed(passes, words);
        for (Ready ready : this.passes) {
            MotionOn motion = new MotionOn(character, ready.pass.what().motion());
            double[] own = motion.weights(ready.pass::weight);
            for (int c = 0; c < own.length; c++) {
                if (Mouths.isOfMouth(character.channels().get(c))) {
                    own[c] *= ready.pass.mouth();
                }
            }
            motions.add(motion);
            weights.add(own);
        }
    }

    /** Where passes stand in a reading, in their order. */
    public static List<Ready> placed(List<Pass> passes, WordFinder words) {
        List<Ready> placed = new ArrayList<>();
        for (int i = 0; i < passes.size(); i++) {
            double start = passes.get(i).from().in(words);
            placed.add(new Ready(
                    i,
                    passes.get(i),
                    start,
                    Math.max(start + LEAST, passes.get(i).to().in(words))));
        }
        return List.copyOf(placed);
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        boolean adds = setting.blend() == Blend.ADD;
        for (int p = 0; p < passes.size(); p++) {
            Ready ready = passes.get(p);
            double seen = ready.seen(time);
            if (seen <= 0) {
                continue;
            }
            double[] values = motions.get(p).at(ready.moment(time));
            double[] share = weights.get(p);
            for (int c = 0; c < values.length; c++) {
                if (share[c] == 0) {
                    continue;
                }
                if (drawings.is(c)) {
                    drawings.ask(c, values[c], setting.blend(), below, asked);
                    continue;
                }
                // What lies under this pass: passes before it, or the layers below.
                double base = Double.isNaN(asked[c]) ? below[c] : adds ? below[c] + asked[c] : asked[c];
                double becomes = base + seen * share[c] * (ready.pass.adds() ? values[c] : values[c] - base);
                asked[c] = adds ? becomes - below[c] : becomes;
            }
        }
    }

    @Override
    public Changes since(Layer earlier) {
        if (!(earlier instanceof PassesLayer other) || other.character != character || !other.setting.equals(setting)) {
            return Changes.EVERYWHERE;
        }
        return Changes.between(other.moments(), moments(), m -> new TimeRange(m.start, m.end));
    }

    private List<Moment> moments() {
        return passes.stream().map(r -> new Moment(r.start, r.end, r.pass)).toList();
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        String name = "";
        for (int p = 0; p < passes.size(); p++) {
            if (passes.get(p).seen(time) > 0 && weights.get(p)[channel] > 0) {
                name = passes.get(p).pass.what().name();
            }
        }
        return List.of(new Reason(
                setting.name(), name.isEmpty() ? "A pass lies over it" : "The pass " + name + " lies over it", adds));
    }
}
