package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.edit.LineEdit;
import graykite.edit.ReadingEdit;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.TimingTest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.io.TempDir;

/** Edits in any order: each gives the next project or one clear line, and whichever way one comes there it is the same. */
class EditSequencesTest {
    private static Project start() {
        Project project = Project.empty();
        for (Edit edit : List.of(
                new LineEdit.AddLine(
                        "x", "A", Optional.of(new SoundFile("a.wav", new byte[] {1, 2})), "fog bell map", "pim"),
                new ReadingEdit.SetReading("x", TimingTest.sample(), true))) {
            project = edit.on(project);
        }
        return project;
    }

    private static Optional<History> tried(History history, Edit edit, long gesture) {
        try {
            return Optional.of(history.edited(edit, gesture));
        } catch (BadInput refused) {
            String why = refused.getMessage();
            assertTrue(why.length() > 10 && why.lines().count() == 1 && why.endsWith("."), edit + ": " + why);
            return Optional.empty();
        }
    }

    @RepeatedTest(150)
    void allWaysLeadToTheSame(RepetitionInfo repetition, @TempDir Path folder) throws IOException {
        SplittableRandom random = new SplittableRandom(repetition.getCurrentRepetition());
        History history = History.of(start());
        List<Edit> done = new ArrayList<>();
        List<Project> states = new ArrayList<>(List.of(history.present()));
        for (int i = 0; i < 40; i++) {
            Edit edit = EditJsonTest.ALL.get(random.nextInt(EditJsonTest.ALL.size()));
            Optional<History> next = tried(history, edit, 0);
            if (next.isPresent() && next.get() != history) {
                history = next.get();
                done.add(edit);
                states.add(history.present());
            }
        }
        // One click or a hundred: every state of the history is what stood there.
        for (int i = 0; i < 10; i++) {
            int step = random.nextInt(history.steps().size());
            assertEquals(
                    states.get(states.size() - history.steps().size() + step),
                    history.jumped(step).present());
        }
        // As text, done again from the beginning.
        EditJson json = new EditJson(new EditJsonTest.Memory());
        Project again = start();
        for (Edit edit : done) {
            again = json.read(json.write(edit)).on(again);
        }
        assertEquals(history.present(), again);
        // Saved and opened. Files hold times to a microsecond, so what they say is compared.
        Path file = folder.resolve("project.kite");
        ProjectFiles.save(history.present(), file);
        assertEquals(
                new String(ProjectJson.write(history.present()), StandardCharsets.UTF_8),
                new String(ProjectJson.write(ProjectFiles.open(file)), StandardCharsets.UTF_8));
    }

    /** A drag of many small edits undoes as one, whatever it dragged. */
    @RepeatedTest(30)
    void aGestureIsOneStep(RepetitionInfo repetition) {
        SplittableRandom random = new SplittableRandom(repetition.getCurrentRepetition());
        History history = History.of(start());
        History dragged = history;
        for (int i = 0; i < 12; i++) {
            Edit edit = new ReadingEdit.MoveStart("x", 1, 0, 0.5 + 0.02 * random.nextInt(-5, 5));
            dragged = tried(dragged, edit, 7).orElse(dragged);
        }
        assertEquals(history.present(), dragged.undone().present());
        assertEquals(dragged.present(), dragged.undone().redone().present());
        assertTrue(dragged.steps().size() <= 2);
    }
}
