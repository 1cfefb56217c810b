package graykite.edit;

import graykite.acting.Layers;
import graykite.acting.Pass;
import graykite.acting.PassesPlan;
import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Keyed;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.WordFinder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Changes of live passes and captures on a line. Passes stand on a layer, which is named; an empty name stands for the first
 * that holds passes, and is made when there is none.
 */
public sealed interface PassEdit extends Edit {
    /** Name of the layer that is made for the first pass of a line. */
    String USUAL_LAYER = "Live";

    String line();

    String layer();

    /** A pass apart from where it stands; its fields are those of {@link Pass}. */
    record Look(Performed what, boolean adds, double ease, double mouth, Map<String, Double> weights) {
        public Look {
            weights = Map.copyOf(weights);
        }

        public static Look of(Pass pass) {
            return new Look(pass.what(), pass.adds(), pass.ease(), pass.mouth(), pass.weights());
        }

        public Pass at(Place from, Place to) {
            return new Pass(from, to, what, adds, ease, mouth, weights);
        }
    }

    private static Project changed(Project project, String named, String layer, UnaryOperator<List<Pass>> change) {
        return LineEdit.changed(project, named, PassesPlan.class, layer, "passes", plan -> plan.with(change));
    }

    /** Lays a performance on a stretch of the line, over the passes that are there. Times are seconds of the line. */
    record AddPass(String line, String layer, double from, double to, Look look) implements PassEdit {
        @Override
        public String inWords() {
            return "Record " + look.what().name();
        }

        @Override
        public Project on(Project project) {
            Places.inOrder("A pass", from, to);
            Line own = Find.line(project, line);
            WordFinder words = own.words();
            Pass pass = look.at(Places.at(from, words), Places.at(to, words));
            Optional<Integer> there = own.layers().find(PassesPlan.class, layer);
            if (there.isPresent()) {
                return changed(project, line, layer, all -> {
                    all.add(pass);
                    return all;
                });
            }
            String name = layer.isEmpty() ? own.layers().freeName(USUAL_LAYER) : layer.strip();
            PassesPlan plan = new PassesPlan(LayerSetting.of(name, Blend.OVERRIDE), List.of(pass));
            Layers layers = own.layers();
            return LineEdit.changed(
                    project, line, l -> l.withLayers(layers.plus(layers.plans().size(), plan)));
        }
    }

    /** Moves, stretches or changes a pass. @param pass its index on the layer */
    record ChangePass(String line, String layer, int pass, double from, double to, Look look) implements PassEdit {
        @Override
        public String inWords() {
            return "Change the pass " + look.what().name();
        }

        @Override
        public Project on(Project project) {
            Places.inOrder("A pass", from, to);
            WordFinder words = Find.line(project, line).words();
            return changed(project, line, layer, all -> {
                Find.there(all, pass, "pass", "layer");
                Pass before = all.get(pass);
                all.set(pass, look.at(Places.moved(before.from(), from, words), Places.moved(before.to(), to, words)));
                return all;
            });
        }
    }

    /** Gives a control of a pass of keys another curve; one that it has not yet is added. Times are those of the motion. */
    record SetCurve(String line, String layer, int pass, String control, Curve curve) implements PassEdit {
        @Override
        public String inWords() {
            return "Keys of " + control;
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, layer, all -> {
                Find.there(all, pass, "pass", "layer");
                Performed what = all.get(pass).what();
                if (!(what.motion() instanceof Keyed keyed)) {
                    throw new BadInput("The pass " + what.name() + " is dense: turn it into keys first.");
                }
                all.set(pass, all.get(pass).with(what.withMotion(keyed.with(control, curve))));
                return all;
            });
        }
    }

    /** @param pass its index on the layer */
    record RemovePass(String line, String layer, int pass) implements PassEdit {
        @Override
        public String inWords() {
            return "Remove a pass";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, layer, all -> {
                Find.there(all, pass, "pass", "layer");
                all.remove(pass);
                return all;
            });
        }
    }
}
