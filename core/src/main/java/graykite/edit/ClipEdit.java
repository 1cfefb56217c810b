package graykite.edit;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.WordFinder;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Changes of the expressions on a line. Clips stand on a layer, which is named; an empty name stands for the first that holds
 * clips, and is made when there is none.
 */
public sealed interface ClipEdit extends Edit {
    /** Name of the layer that is made for the first clip of a line. */
    String USUAL_LAYER = "Feel";

    String line();

    String layer();

    private static Project changed(Project project, String named, String layer, UnaryOperator<ClipsPlan> change) {
        return LineEdit.changed(project, named, ClipsPlan.class, layer, "clips", change);
    }

    /** Puts an expression on a stretch of the line. @param from seconds of the line @param to seconds of the line */
    record AddClip(String line, String layer, double from, double to, Clip.Look look) implements ClipEdit {
        @Override
        public String inWords() {
            return "Add the clip " + look.content().name();
        }

        @Override
        public Project on(Project project) {
            Line own = Find.line(project, line);
            Places.inOrder("A clip", from, to);
            WordFinder words = own.words();
            Clip clip = new Clip(Places.at(from, words), Places.at(to, words), look);
            if (own.layers().find(ClipsPlan.class, layer).isPresent()) {
                return changed(project, line, layer, p -> p.plus(clip));
            }
            String name = layer.isEmpty() ? own.layers().freeName(USUAL_LAYER) : layer.strip();
            ClipsPlan plan = new ClipsPlan(LayerSetting.of(name, Blend.ADD), List.of(clip));
            return LineEdit.changed(
                    project,
                    line,
                    l -> l.withLayers(l.layers().plus(l.layers().plans().size(), plan)));
        }
    }

    /** Moves, stretches or changes a clip. @param clip its index on the layer */
    record ChangeClip(String line, String layer, int clip, double from, double to, Clip.Look look) implements ClipEdit {
        @Override
        public String inWords() {
            return "Change the clip " + look.content().name();
        }

        @Override
        public Project on(Project project) {
            Places.inOrder("A clip", from, to);
            WordFinder words = Find.line(project, line).words();
            return changed(project, line, layer, p -> {
                Clip before = p.clips().get(Find.there(p.clips(), clip, "clip", "layer"));
                return p.with(
                        clip,
                        new Clip(Places.moved(before.from(), from, words), Places.moved(before.to(), to, words), look));
            });
        }
    }

    /** @param clip its index on the layer */
    record RemoveClip(String line, String layer, int clip) implements ClipEdit {
        @Override
        public String inWords() {
            return "Remove a clip";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, layer, p -> p.without(Find.there(p.clips(), clip, "clip", "layer")));
        }
    }
}
