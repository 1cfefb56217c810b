package graykite.edit;

import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.mouth.Lines;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import java.util.List;

/** A small project to try edits on: a line that is read, and one that is not. */
final class Edited {
    static final Timing READING = Lines.spoken("the fog bell rang before we moved the map", 0.07);

    static final Project START = Project.empty()
            .with(Line.empty("a", "First").withScript(READING.text()).withTiming(READING))
            .with(Line.empty("b", "Second"));

    private Edited() {}

    static Project after(Project project, Edit... edits) {
        Project now = project;
        for (Edit edit : edits) {
            now = edit.apply(now);
            assertTrue(!edit.inWords().isBlank(), "every edit has a name for the history");
        }
        return now;
    }

    static Project after(Edit... edits) {
        return after(START, edits);
    }

    static Line line(Project project) {
        return project.line("a").orElseThrow();
    }

    static Timing reading(Project project) {
        return line(project).timing().orElseThrow();
    }

    static List<String> words(Project project) {
        return reading(project).words().stream().map(TimedWord::text).toList();
    }

    /** Holds that an edit is refused in one clear line. @param says part of it */
    static void refused(Project project, String says, Edit edit) {
        String message = assertThrows(BadInput.class, () -> edit.apply(project)).getMessage();
        assertNotNull(message);
        assertTrue(message.contains(says), message);
        assertTrue(message.lines().count() == 1, "one line: " + message);
    }

    static void refused(String says, Edit edit) {
        refused(START, says, edit);
    }
}
