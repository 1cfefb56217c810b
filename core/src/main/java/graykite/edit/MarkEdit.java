package graykite.edit;

import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.Mark;
import graykite.base.BadInput;
import graykite.project.Project;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;

/** Changes of single blinks, darts, lifts, movements and breaths. A kind is taken over first; then its marks are the hand's. */
public sealed interface MarkEdit extends Edit {
    String line();

    Kind kind();

    private static Project changed(Project project, String line, UnaryOperator<InstinctsPlan> change) {
        return LineEdit.changed(
                project, line, InstinctsPlan.class, "", "layer for what the face does by itself", change);
    }

    private static Project marks(Project project, MarkEdit edit, UnaryOperator<List<Mark>> change) {
        return changed(project, edit.line(), p -> {
            if (!p.own().containsKey(edit.kind())) {
                throw new BadInput(edit.kind().title() + " are not taken over: their marks are made anew each time.");
            }
            return p.with(edit.kind(), own -> change.apply(new ArrayList<>(own)));
        });
    }

    private static void there(List<Mark> marks, int mark, Kind kind) {
        if (mark < 0 || mark >= marks.size()) {
            throw new BadInput("There is no mark " + mark + " of "
                    + kind.title().toLowerCase(Locale.ROOT) + ": the line has " + marks.size() + ", from 0.");
        }
    }

    /** Takes a kind over: what was generated becomes marks. */
    record TakeMarks(String line, Kind kind, List<Mark> marks) implements MarkEdit {
        public TakeMarks {
            marks = List.copyOf(marks);
        }

        @Override
        public String inWords() {
            return "Take over " + kind.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, p -> p.with(kind, own -> marks));
        }
    }

    /** @param time seconds of the line @param figures what a mark of the kind has */
    record AddMark(String line, Kind kind, double time, List<Double> figures) implements MarkEdit {
        public AddMark {
            figures = List.copyOf(figures);
        }

        @Override
        public String inWords() {
            return "Add to " + kind.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public Project on(Project project) {
            WordFinder words = Find.line(project, line).words();
            return marks(project, this, all -> {
                all.add(new Mark(Places.at(time, words), figures));
                return all;
            });
        }
    }

    /** Moves or changes a mark. @param mark its index among those of its kind */
    record ChangeMark(String line, Kind kind, int mark, double time, List<Double> figures) implements MarkEdit {
        public ChangeMark {
            figures = List.copyOf(figures);
        }

        @Override
        public String inWords() {
            return "Change " + kind.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public Project on(Project project) {
            WordFinder words = Find.line(project, line).words();
            return marks(project, this, all -> {
                there(all, mark, kind);
                all.set(mark, new Mark(Places.moved(all.get(mark).at(), time, words), figures));
                return all;
            });
        }
    }

    /** @param mark its index among those of its kind */
    record RemoveMark(String line, Kind kind, int mark) implements MarkEdit {
        @Override
        public String inWords() {
            return "Remove one of " + kind.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public Project on(Project project) {
            return marks(project, this, all -> {
                there(all, mark, kind);
                all.remove(mark);
                return all;
            });
        }
    }

    /** Lets a kind be generated again. */
    record GiveBackMarks(String line, Kind kind) implements MarkEdit {
        @Override
        public String inWords() {
            return "Give back " + kind.title().toLowerCase(Locale.ROOT);
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, p -> p.givenBack(kind));
        }
    }
}
