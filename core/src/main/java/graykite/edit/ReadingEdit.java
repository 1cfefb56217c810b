package graykite.edit;

import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Timing;
import graykite.reading.TimingEdits;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.util.function.UnaryOperator;

/**
 * Changes of what is said when. Words are counted from 0 in the line, sounds from 0 in their word; times are seconds of the
 * line.
 */
public sealed interface ReadingEdit extends Edit {
    String line();

    private static Project changed(Project project, String named, UnaryOperator<Timing> change) {
        return LineEdit.changed(project, named, l -> {
            Timing before = Find.reading(l);
            Timing after = change.apply(before);
            return after.equals(before) ? l : l.withTiming(after);
        });
    }

    /** As changed, of a word that must be there, or of a sound in it. @param phone -1 for the word */
    private static Project changed(Project project, String named, int word, int phone, UnaryOperator<Timing> change) {
        return changed(project, named, t -> change.apply(Find.there(t, word, phone)));
    }

    /** As changed, for changes of the words themselves: the script follows, so that reading again does not undo them. */
    private static Project rewritten(Project project, String named, UnaryOperator<Timing> change) {
        return LineEdit.changed(project, named, l -> {
            Timing after = change.apply(Find.reading(l));
            return l.withTiming(after).withScript(after.text());
        });
    }

    private static Project rewritten(Project project, String named, int word, int phone, UnaryOperator<Timing> change) {
        return rewritten(project, named, t -> change.apply(Find.there(t, word, phone)));
    }

    /**
     * A whole reading, as it was found in the sound or brought in from a file.
     *
     * @param rewrites true when its words become the script
     */
    record SetReading(String line, Timing reading, boolean rewrites) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Read the line";
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(project, line, l -> {
                Line read = l.withTiming(reading);
                return rewrites ? read.withScript(reading.text()) : read;
            });
        }
    }

    /** Takes all words off the line, to mark them by hand. @param duration of the line, in seconds */
    record ClearReading(String line, double duration) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Clear the reading";
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(project, line, l -> l.withTiming(Timing.empty(duration)));
        }
    }

    /** Moves where a sound begins, and with it the end of the one before where the two touch. */
    record MoveStart(String line, int word, int phone, double time) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Move boundary";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, phone, t -> t.withStart(word, phone, time));
        }
    }

    /** Moves where a word ends. */
    record MoveEnd(String line, int word, double time) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Move boundary";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, -1, t -> t.withEnd(word, time));
        }
    }

    /** Moves a word as a whole, as far as its neighbours let it. @param by seconds */
    record MoveWord(String line, int word, double by) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Move word";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, -1, t -> TimingEdits.moveWord(t, word, by));
        }
    }

    /** Pins a sound, or a whole word where the sound is -1, or releases it. */
    record Pin(String line, int word, int phone, boolean pinned) implements ReadingEdit {
        @Override
        public String inWords() {
            return pinned ? "Pin" : "Release pin";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, phone, t -> TimingEdits.pin(t, word, phone, pinned));
        }
    }

    record ChangeSound(String line, int word, int phone, Phone sound) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Change sound";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, phone, t -> TimingEdits.withPhone(t, word, phone, sound));
        }
    }

    /** Puts a sound after another. */
    record InsertSound(String line, int word, int phone, Phone sound) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Insert sound";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, phone, t -> TimingEdits.insertPhone(t, word, phone, sound));
        }
    }

    record DeleteSound(String line, int word, int phone) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Delete sound";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, word, phone, t -> TimingEdits.deletePhone(t, word, phone));
        }
    }

    /** Cuts a word in two before one of its sounds. @param first text of the first part @param second of the second */
    record SplitWord(String line, int word, int phone, String first, String second) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Split word";
        }

        @Override
        public Project on(Project project) {
            return rewritten(project, line, word, phone, t -> TimingEdits.splitWord(t, word, phone, first, second));
        }
    }

    /** Joins a word with the next. */
    record JoinWords(String line, int word) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Join words";
        }

        @Override
        public Project on(Project project) {
            return rewritten(project, line, word, -1, t -> TimingEdits.mergeWords(t, word));
        }
    }

    record DeleteWord(String line, int word) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Delete word";
        }

        @Override
        public Project on(Project project) {
            return rewritten(project, line, word, -1, t -> TimingEdits.deleteWord(t, word));
        }
    }

    /** Puts a word that was heard beside the script into it, in the place of words that were missed there. */
    record WriteWord(String line, int word) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Write word into the script";
        }

        @Override
        public Project on(Project project) {
            return rewritten(project, line, word, -1, t -> TimingEdits.write(t, word));
        }
    }

    /** Puts a word before another; the number of words is its end. */
    record InsertWord(String line, int before, String text, Pronunciation said) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Insert word";
        }

        @Override
        public Project on(Project project) {
            return rewritten(
                    project,
                    line,
                    t -> TimingEdits.insertWord(
                            before == t.words().size() ? t : Find.there(t, before, -1), before, text, said));
        }
    }

    /**
     * Marks that the next word begins at a time.
     *
     * @param mark its punctuation
     * @param duration of the line, for one that has no reading yet
     */
    record MarkWord(String line, String text, String mark, Pronunciation said, double time, double duration)
            implements ReadingEdit {
        @Override
        public String inWords() {
            return "Mark word";
        }

        @Override
        public Project on(Project project) {
            return LineEdit.changed(
                    project,
                    line,
                    l -> l.withTiming(TimingEdits.mark(
                            l.timing().orElseGet(() -> Timing.empty(duration)), text, mark, said, time)));
        }
    }

    /** Marks that the word before a time ends there and silence follows. */
    record EndWord(String line, double time) implements ReadingEdit {
        @Override
        public String inWords() {
            return "Mark silence";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, t -> TimingEdits.endWord(t, time));
        }
    }
}
