package graykite.edit;

import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksPlan;
import graykite.project.Project;
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

    private static void check(Project project, double from, double to, LookPoint point) {
        Places.inOrder("A look", from, to);
        if (point instanceof LookPoint.Person person) {
            Find.member(project, person.member());
        }
    }

    /** @param from seconds of the line @param to seconds of the line @param head how much of the turn the head takes, 0 to 1 */
    record AddLook(String line, double from, double to, LookPoint point, double head) implements LookEdit {
        @Override
        public String inWords() {
            return "Look at " + point.name();
        }

        @Override
        public Project on(Project project) {
            check(project, from, to, point);
            WordFinder words = Find.line(project, line).words();
            LookBlock look = new LookBlock(Places.at(from, words), Places.at(to, words), point, head);
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
            check(project, from, to, point);
            WordFinder words = Find.line(project, line).words();
            return changed(project, line, p -> {
                LookBlock before = p.looks().get(Find.there(p.looks(), look, "look", "line"));
                return p.with(
                        look,
                        new LookBlock(
                                Places.moved(before.from(), from, words),
                                Places.moved(before.to(), to, words),
                                point,
                                head));
            });
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
            return changed(project, line, p -> p.without(Find.there(p.looks(), look, "look", "line")));
        }
    }
}
