package graykite.edit;

import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.acting.PoseKey;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

/** Changes of what lies over the speech of a line. */
public sealed interface ActingEdit extends Edit {
    String line();

    private static Project layers(Project project, String named, UnaryOperator<Layers> change) {
        return LineEdit.changed(project, named, l -> l.withLayers(change.apply(l.layers())));
    }

    private static Project keys(Project project, String named, BiConsumer<List<PoseKey>, WordFinder> change) {
        return LineEdit.changed(project, named, l -> {
            List<PoseKey> all = new ArrayList<>(l.keys());
            change.accept(all, l.words());
            return l.withKeys(all);
        });
    }

    /** Another variation of the instincts. */
    record Vary(String line, long seed) implements ActingEdit {
        @Override
        public String inWords() {
            return "Vary instincts";
        }

        @Override
        public Project on(Project project) {
            return layers(project, line, l -> l.withSeed(seed));
        }
    }

    /**
     * Keys a pose at a time of the line, by the word that is spoken there. A key within half a frame of it is replaced.
     *
     * @param ease seconds that the change takes, ending at the time
     */
    record KeyPose(String line, double time, String pose, double strength, double ease) implements ActingEdit {
        @Override
        public String inWords() {
            return "Key " + pose;
        }

        @Override
        public Project on(Project project) {
            double near = 0.5 / project.rate().perSecond();
            return keys(project, line, (all, words) -> {
                all.removeIf(k -> Math.abs(k.at().in(words) - time) < near);
                all.add(new PoseKey(Place.at(time, words), pose, strength, ease));
            });
        }
    }

    /** Changes a keyed pose. @param key its index in the line */
    record ChangeKey(String line, int key, double time, String pose, double strength, double ease)
            implements ActingEdit {
        @Override
        public String inWords() {
            return "Change a keyed pose";
        }

        @Override
        public Project on(Project project) {
            return keys(project, line, (all, words) -> {
                Find.there(all, key, "keyed pose", "line");
                PoseKey before = all.get(key);
                all.set(key, new PoseKey(Places.moved(before.at(), time, words), pose, strength, ease));
            });
        }
    }

    /** @param key its index in the line */
    record RemoveKey(String line, int key) implements ActingEdit {
        @Override
        public String inWords() {
            return "Delete key";
        }

        @Override
        public Project on(Project project) {
            return keys(project, line, (all, words) -> {
                Find.there(all, key, "keyed pose", "line");
                all.remove(key);
            });
        }
    }

    /** @param index 0 for the lowest */
    record AddLayer(String line, int index, LayerPlan layer) implements ActingEdit {
        @Override
        public String inWords() {
            return "Add the layer " + layer.setting().name();
        }

        @Override
        public Project on(Project project) {
            return layers(project, line, l -> l.plus(index, layer));
        }
    }

    /** Changes a layer: its name, weight, blend, mask, mute, or what is in it. */
    record ChangeLayer(String line, int index, LayerPlan layer) implements ActingEdit {
        @Override
        public String inWords() {
            return "Change the layer " + layer.setting().name();
        }

        @Override
        public Project on(Project project) {
            return layers(project, line, l -> {
                Find.there(l.plans(), index, "layer", "line");
                return l.with(index, layer);
            });
        }
    }

    record RemoveLayer(String line, int index) implements ActingEdit {
        @Override
        public String inWords() {
            return "Remove a layer";
        }

        @Override
        public Project on(Project project) {
            return layers(project, line, l -> {
                Find.there(l.plans(), index, "layer", "line");
                return l.without(index);
            });
        }
    }

    /** Puts a layer elsewhere in the order. */
    record OrderLayer(String line, int index, int to) implements ActingEdit {
        @Override
        public String inWords() {
            return "Order the layers";
        }

        @Override
        public Project on(Project project) {
            return layers(project, line, l -> {
                Find.there(l.plans(), index, "layer", "line");
                return l.without(index).plus(to, l.plans().get(index));
            });
        }
    }
}
