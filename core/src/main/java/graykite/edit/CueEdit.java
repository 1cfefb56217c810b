package graykite.edit;

import graykite.acting.Clip;
import graykite.acting.Cue;
import graykite.acting.CueChange;
import graykite.acting.CuesPlan;
import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.WordFinder;
import java.util.List;
import java.util.function.UnaryOperator;

/** Changes of the cues of a line. The layer for them is made with the first. */
public sealed interface CueEdit extends Edit {
    /** Name of the layer that is made for the first cue of a line. */
    String LAYER = "Cues";

    String line();

    private static Line changed(Line line, UnaryOperator<CuesPlan> change) {
        return line.withLayers(
                line.layers().changedOrMade(CuesPlan.class, LAYER, s -> new CuesPlan(s, List.of(), List.of()), change));
    }

    private static CuesPlan there(Line line, String cue) {
        return line.layers()
                .first(CuesPlan.class)
                .filter(p -> p.cue(cue).isPresent())
                .orElseThrow(() -> new BadInput("The line has no cue \"" + cue + "\"."));
    }

    /** Adds a cue, or replaces the one of its name. */
    record SetCue(String line, Cue cue) implements CueEdit {
        @Override
        public String inWords() {
            return "Cue " + cue.name();
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(project, line, l -> changed(l, p -> p.with(cue)));
        }
    }

    /** Gives every line of the project the cues of one; those of the same name are replaced. */
    record SpreadCues(String line) implements CueEdit {
        @Override
        public String inWords() {
            return "Use the cues on every line";
        }

        @Override
        public Project on(Project project) {
            CuesPlan from = Find.line(project, line)
                    .layers()
                    .first(CuesPlan.class)
                    .orElseThrow(() -> new BadInput("The line has no cues."));
            return project.withLines(project.lines().stream()
                    .map(l -> changed(l, p -> {
                        CuesPlan plan = p;
                        for (Cue cue : from.cues()) {
                            plan = plan.with(cue);
                        }
                        return plan;
                    }))
                    .toList());
        }
    }

    /** Removes a cue from a line. */
    record RemoveCue(String line, String cue) implements CueEdit {
        @Override
        public String inWords() {
            return "Remove the cue " + cue;
        }

        @Override
        public Project on(Project project) {
            there(Find.line(project, line), cue);
            return LineEdit.changed(project, line, l -> changed(l, p -> p.without(cue)));
        }
    }

    /**
     * Switches a cue on or off in one place, or moves it there.
     *
     * @param word index of the word at which it comes
     * @param shift seconds by which it comes later than by its rule
     */
    record SwitchCue(String line, String cue, int word, boolean on, double shift) implements CueEdit {
        @Override
        public String inWords() {
            return (on ? "Cue " : "Switch off the cue ") + cue + " here";
        }

        @Override
        public Project on(Project project) {
            Line own = Find.line(project, line);
            there(own, cue);
            WordFinder words = own.words();
            if (word < 0 || word >= words.timing().words().size()) {
                throw new BadInput("There is no word " + word + ": the line has "
                        + words.timing().words().size() + ", from 0.");
            }
            CueChange change = new CueChange(cue, words.anchor(word), on, shift);
            return LineEdit.changed(project, line, l -> changed(l, p -> p.with(change, words)));
        }
    }

    /**
     * Makes one place of a cue a clip of its own, to be worked on by hand; the cue stays away there.
     *
     * @param from seconds of the line at which the clip begins
     * @param to seconds of the line at which it ends
     */
    record TakeCue(String line, String cue, int word, double from, double to, Clip.Look look) implements CueEdit {
        @Override
        public String inWords() {
            return "Make the cue " + cue + " a clip here";
        }

        @Override
        public Project on(Project project) {
            Project off = new SwitchCue(line, cue, word, false, 0).on(project);
            return new ClipEdit.AddClip(line, "", from, to, look).on(off);
        }
    }
}
