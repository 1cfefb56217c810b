package graykite.edit;

import graykite.acting.Clip;
import graykite.acting.ClipsPlan;
import graykite.base.BadInput;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Place;
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

    private static Clip placed(Line line, double from, double to, Clip.Look look) {
        if (!(to > from)) {
            throw new BadInput("A clip ends after it begins, not at %.2f s after %.2f s.".formatted(to, from));
        }
        WordFinder words = Find.words(line);
        return new Clip(Place.at(Math.max(0, from), words), Place.at(Math.max(0, to), words), look);
    }

    private static Project changed(Project project, String named, String layer, UnaryOperator<ClipsPlan> change) {
        return LineEdit.changed(project, named, l -> {
            int at = l.layers()
                    .find(ClipsPlan.class, layer)
                    .orElseThrow(() -> new BadInput(
                            layer.isEmpty()
                                    ? "The line has no clips."
                                    : "The line has no layer for clips of the name \"" + layer + "\"."));
            return l.withLayers(l.layers()
                    .with(at, change.apply((ClipsPlan) l.layers().plans().get(at))));
        });
    }

    private static int there(ClipsPlan plan, int clip) {
        if (clip < 0 || clip >= plan.clips().size()) {
            throw new BadInput("There is no clip " + clip + ": the layer has "
                    + plan.clips().size() + ", from 0.");
        }
        return clip;
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
            Clip clip = placed(own, from, to, look);
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
            Line own = Find.line(project, line);
            WordFinder words = Find.words(own);
            return changed(project, line, layer, p -> {
                Clip before = p.clips().get(there(p, clip));
                Clip after = placed(own, from, to, look);
                // What was not moved hangs where it hung.
                boolean starts = Math.abs(before.from().in(words) - from) < 1e-9;
                boolean ends = Math.abs(before.to().in(words) - to) < 1e-9;
                return p.with(
                        clip, new Clip(starts ? before.from() : after.from(), ends ? before.to() : after.to(), look));
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
            return changed(project, line, layer, p -> p.without(there(p, clip)));
        }
    }
}
