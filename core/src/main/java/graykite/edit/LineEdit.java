package graykite.edit;

import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.base.BadInput;
import graykite.picture.Dressing;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.Reference;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.text.Language;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of lines: which there are, who speaks them, their recordings and words. A line is named by id, or by its title. */
public sealed interface LineEdit extends Edit {
    /** The project with one of its lines changed. */
    static Project changed(Project project, String named, UnaryOperator<Line> change) {
        Line before = Find.line(project, named);
        Line after = change.apply(before);
        return after.equals(before) ? project : project.with(after);
    }

    /**
     * The project with one layer of a line changed.
     *
     * @param layer its name; empty for the first of its kind
     * @param what the layer holds, such as "clips"
     */
    static <P extends LayerPlan> Project changed(
            Project project, String named, Class<P> kind, String layer, String what, UnaryOperator<P> change) {
        return changed(project, named, l -> {
            Layers layers = l.layers();
            int at = layers.find(kind, layer)
                    .orElseThrow(() -> new BadInput(
                            layer.isEmpty()
                                    ? "The line has no " + what + "."
                                    : "The line has no layer for " + what + " of the name \"" + layer + "\"."));
            return l.withLayers(
                    layers.with(at, change.apply(kind.cast(layers.plans().get(at)))));
        });
    }

    /**
     * Adds a line at the end.
     *
     * @param line id of the new line
     * @param speaker id of the character; empty for the first of the cast
     */
    record AddLine(String line, String title, Optional<SoundFile> recording, String script, String speaker)
            implements LineEdit {
        @Override
        public String inWords() {
            return "Add " + (title.isBlank() ? "a line" : title.strip());
        }

        @Override
        public Project on(Project project) {
            if (project.line(line).isPresent()) {
                throw new BadInput("There is a line of the id \"" + line + "\" already.");
            }
            Line added = Line.empty(line, title)
                    .withScript(script)
                    .withSpeaker(
                            speaker.isEmpty()
                                    ? ""
                                    : Find.member(project, speaker).id());
            return project.with(recording.map(added::withSound).orElse(added));
        }
    }

    record RemoveLine(String line) implements LineEdit {
        @Override
        public String inWords() {
            return "Delete the line";
        }

        @Override
        public Project on(Project project) {
            return project.without(Find.line(project, line).id());
        }
    }

    /** Another copy of a line, right after it. @param copy id of the copy */
    record CopyLine(String line, String copy) implements LineEdit {
        @Override
        public String inWords() {
            return "Copy the line";
        }

        @Override
        public Project on(Project project) {
            Line own = Find.line(project, line);
            List<Line> all = new ArrayList<>(project.lines());
            all.add(all.indexOf(own) + 1, own.withId(copy).withTitle(own.title() + " copy"));
            Project copied = project.withLines(all);
            Optional<Dressing> dressing =
                    Optional.ofNullable(project.dressings().get(own.id()));
            return dressing.map(d -> copied.dressed(copy, d)).orElse(copied);
        }
    }

    /** Puts a line elsewhere in the order. @param to its new index, from 0 */
    record OrderLine(String line, int to) implements LineEdit {
        @Override
        public String inWords() {
            return "Order the lines";
        }

        @Override
        public Project on(Project project) {
            List<Line> all = new ArrayList<>(project.lines());
            Line moved = Find.line(project, line);
            all.remove(moved);
            all.add(Math.clamp(to, 0, all.size()), moved);
            return all.equals(project.lines()) ? project : project.withLines(all);
        }
    }

    record NameLine(String line, String title) implements LineEdit {
        @Override
        public String inWords() {
            return "Name the line";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, l -> l.withTitle(title));
        }
    }

    /** Gives a line to another speaker. */
    record GiveLine(String line, String member) implements LineEdit {
        @Override
        public String inWords() {
            return "Give the line to another";
        }

        @Override
        public Project on(Project project) {
            String id = Find.member(project, member).id();
            return changed(project, line, l -> l.withSpeaker(id));
        }
    }

    /** Another recording; a reading of the old one no longer holds, what hangs on words waits for the next. */
    record SetRecording(String line, SoundFile recording) implements LineEdit {
        @Override
        public String inWords() {
            return "Recording " + recording.name();
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, l -> l.withSound(recording));
        }
    }

    /** @param draft true for words that come from recognition and nobody has corrected */
    record SetScript(String line, String script, boolean draft) implements LineEdit {
        @Override
        public String inWords() {
            return draft ? "Draft the words" : "Words of the line";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, l -> draft ? l.withDraft(script) : l.withScript(script));
        }
    }

    /** @param gain decibels */
    record SetGain(String line, double gain) implements LineEdit {
        @Override
        public String inWords() {
            return "Gain";
        }

        @Override
        public Project on(Project project) {
            return voice(project, line, v -> v.withGain(gain));
        }
    }

    /** Film or pictures that the line is acted after; none takes it away. */
    record SetReference(String line, Optional<Reference> reference) implements LineEdit {
        @Override
        public String inWords() {
            return reference.isPresent() ? "Reference" : "Remove the reference";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, l -> l.withReference(reference));
        }
    }

    /** @param frame number of the frame at which the line begins */
    record SetStartFrame(String line, long frame) implements LineEdit {
        @Override
        public String inWords() {
            return "Start frame";
        }

        @Override
        public Project on(Project project) {
            return voice(project, line, v -> v.withStartFrame(frame));
        }
    }

    /** @param channel from 0; nothing for all together */
    record SetChannel(String line, Optional<Integer> channel) implements LineEdit {
        @Override
        public String inWords() {
            return "Channel of the recording";
        }

        @Override
        public Project on(Project project) {
            return voice(project, line, v -> v.withChannel(channel));
        }
    }

    record SetLanguage(String line, Language language) implements LineEdit {
        @Override
        public String inWords() {
            return "Language of the line";
        }

        @Override
        public Project on(Project project) {
            return voice(project, line, v -> v.withLanguage(language));
        }
    }

    /** Stretches, squeezes or holds up a line: voice, reading, mouth and acting together. @param map from recording to line */
    record Retime(String line, TimeMap map) implements LineEdit {
        @Override
        public String inWords() {
            return map.isSame() ? "Take the retiming back" : "Retime the line";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, l -> l.voice().retiming().equals(map) ? l : l.retimed(map));
        }
    }

    private static Project voice(Project project, String named, UnaryOperator<Voice> change) {
        return changed(project, named, l -> {
            Voice after = change.apply(l.voice());
            return after.equals(l.voice()) ? l : l.withVoice(after);
        });
    }
}
