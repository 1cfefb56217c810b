package graykite.edit;

import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.reading.Timing;
import java.util.List;

/** Finds what an edit is about: by its id, or by its title or name where only one has it. */
final class Find {
    private Find() {}

    static Line line(Project project, String named) {
        return project.line(named)
                .orElseGet(() -> only(
                        project.lines().stream()
                                .filter(l -> l.title().strip().equalsIgnoreCase(named.strip()))
                                .toList(),
                        "line",
                        named));
    }

    static SceneWork scene(Project project, String named) {
        return project.scene(named)
                .orElseGet(() -> only(
                        project.scenes().stream()
                                .filter(s -> s.title().strip().equalsIgnoreCase(named.strip()))
                                .toList(),
                        "scene",
                        named));
    }

    static Member member(Project project, String named) {
        return project.member(named)
                .orElseGet(() -> only(
                        project.cast().stream()
                                .filter(m -> m.name().strip().equalsIgnoreCase(named.strip()))
                                .toList(),
                        "character",
                        named));
    }

    private static <T> T only(List<T> found, String what, String named) {
        if (found.size() > 1) {
            throw new BadInput("Several of the name \"" + named + "\" are there: name the " + what + " by its id.");
        }
        return found.stream()
                .findFirst()
                .orElseThrow(() -> new BadInput("There is no " + what + " \"" + named + "\" in the project."));
    }

    /** The reading of a line. */
    static Timing reading(Line line) {
        return line.timing()
                .orElseThrow(() -> new BadInput("The line \"" + line.title().strip() + "\" is not read yet."));
    }

    /** Checks that a reading has a word, and a sound in it where one is named. */
    static void there(Timing timing, int word, int phone) {
        if (word < 0 || word >= timing.words().size()) {
            throw new BadInput("There is no word " + word + ": the line has "
                    + timing.words().size() + ", from 0.");
        }
        int sounds = timing.words().get(word).phones().size();
        if (phone >= sounds) {
            throw new BadInput("There is no sound " + phone + " in \""
                    + timing.words().get(word).text() + "\": it has " + sounds + ", from 0.");
        }
    }
}
