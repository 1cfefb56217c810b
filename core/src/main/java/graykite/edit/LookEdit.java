package graykite.edit;

import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.Place;
import graykite.reading.WordFinder;
import java.util.List;
import java.util.function.UnaryOperator;

/** Changes of where somebody looks on a line. The layer for it is made with the first look. */
public sealed interface LookEdit extends Edit {
    /** Name of the layer that is made for the first look of a line. */
    String LAYER = "Look";

    String line();

    private static Project changed(Project project, String named, UnaryOperator<LooksPlan> change) {
        return LineEdit.changed(
                project,
                named,
                l -> l.withLayers(
                        l.layers().changedOrMade(LooksPlan.class, LAYER, s -> new LooksPlan(s, List.of()), change)));
    }

    private static LookBlock placed(
            Project project, String named, double from, double to, LookPoint point, double head) {
        if (!(to > from)) {
            throw new BadInput("A look ends after it begins, not at %.2f s after %.2f s.".formatted(to, from));
        }
        if (point instanceof LookPoint.Person person) {
            Find.member(project, person.member());
        }
        Line line = Find.line(project, named);
        WordFinder words = Find.words(line);
        return new LookBlock(Place.at(Math.max(0, from), words), Place.at(Math.max(0, to), words), point, head);
    }

    private static int there(LooksPlan plan, int look) {
        if (look < 0 || look >= plan.looks().size()) {
            throw new BadInput("There is no look " + look + ": the line has "
                    + plan.looks().size() + ", from 0.");
        }
        return look;
    }

    /** @param from seconds of the line @param to seconds of the line @param head how much of the turn the head takes, 0 to 1 */
    record AddLook(String line, double from, double to, LookPoint point, double head) implements LookEdit {
        @Override
        public String inWords() {
            return "Look at " + point.name();
        }

        @Override
        public Project on(Project project) {
            LookBlock look = placed(project, line, from, to, point, head);
            return changed(project, line, p -> p.plus(look));
        }
    }

    /** @param look its index in the line */
    record ChangeLook(String line, int look, double from, double to, LookPoint point, double head) implements LookEdit {
        @Override
        public String inWords() {
            return "Change a look";
        }

        @Override
        public Project on(Project project) {
            LookBlock after = placed(project, line, from, to, point, head);
            return changed(project, line, p -> p.with(there(p, look), after));
        }
    }

    /** @param look its index in the line */
    record RemoveLook(String line, int look) implements LookEdit {
        @Override
        public String inWords() {
            return "Remove a look";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, p -> p.without(there(p, look)));
        }
    }
}
