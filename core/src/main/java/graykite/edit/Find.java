package graykite.edit;

import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.Timing;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Finds what an edit is about: by its id, or by its title or name where only one has it. */
final class Find {
    private Find() {}

    static Line line(Project project, String named) {
        return found(project.line(named), project.lines(), Line::title, "line", named);
    }

    static SceneWork scene(Project project, String named) {
        return found(project.scene(named), project.scenes(), SceneWork::title, "scene", named);
    }

    /** The id of a line, or of a scene where no line is called so. */
    static String lineOrScene(Project project, String named) {
        boolean scene = project.scene(named).isPresent()
                || project.line(named).isEmpty()
                        && project.scenes().stream()
                                .anyMatch(s -> s.title().strip().equalsIgnoreCase(named.strip()));
        return scene ? scene(project, named).id() : line(project, named).id();
    }

    static Member member(Project project, String named) {
        return found(project.member(named), project.cast(), Member::name, "character", named);
    }

    private static <T> T found(Optional<T> byId, List<T> all, Function<T, String> name, String what, String named) {
        if (byId.isPresent()) {
            return byId.get();
        }
        List<T> called = all.stream()
                .filter(t -> name.apply(t).strip().equalsIgnoreCase(named.strip()))
                .toList();
        if (called.size() > 1) {
            throw new BadInput("Several of the name \"" + named + "\" are there: name the " + what + " by its id.");
        }
        return called.stream()
                .findFirst()
                .orElseThrow(() -> new BadInput("There is no " + what + " \"" + named + "\" in the project."));
    }

    /** The reading of a line. */
    static Timing reading(Line line) {
        return line.timing()
                .orElseThrow(() -> new BadInput("The line \"" + line.title().strip() + "\" is not read yet."));
    }

    /** The same index, when something is there. @param what such as "clip" @param where such as "layer" @throws BadInput otherwise */
    static int there(List<?> all, int index, String what, String where) {
        if (index < 0 || index >= all.size()) {
            throw new BadInput(
                    "There is no " + what + " " + index + ": the " + where + " has " + all.size() + ", from 0.");
        }
        return index;
    }

    /** The same reading, when it has a word, and a sound in it where one is named. @throws BadInput otherwise */
    static Timing there(Timing timing, int word, int phone) {
        if (word < 0 || word >= timing.words().size()) {
            throw new BadInput("There is no word " + word + ": the line has "
                    + timing.words().size() + ", from 0.");
        }
        int sounds = timing.words().get(word).phones().size();
        if (phone >= sounds) {
            throw new BadInput("There is no sound " + phone + " in \""
                    + timing.words().get(word).text() + "\": it has " + sounds + ", from 0.");
        }
        return timing;
    }
}
