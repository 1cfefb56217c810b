package graykite.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Performed;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.edit.LineEdit;
import graykite.edit.PassEdit;
import graykite.edit.ProjectEdit;
import graykite.edit.ProjectEdit.NameProject;
import graykite.motion.Track;
import graykite.project.Project;
import graykite.project.SoundFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SessionTest {
    @TempDir
    Path root;

    private final List<String> trouble = new CopyOnWriteArrayList<>();
    private History history = History.of(Project.empty());

    private void edit(Session session, Edit edit, long gesture) {
        history = history.edited(edit, gesture);
        session.did(edit, gesture, history, Optional.empty());
    }

    private void go(Session session, int step) {
        history = history.jumped(step);
        session.jumped(history, Optional.empty());
    }

    private History restored() {
        Rescues rescues = new Rescues(root);
        return rescues.restore(rescues.list().getFirst());
    }

    /** What was done comes back, undo and all, from a session that never ended properly. */
    @Test
    void whatWasDoneComesBack() {
        Session session = new Session(root, trouble::add);
        session.begin(history, Optional.of(Path.of("ferry.kite")), false);
        SoundFile sound = new SoundFile("a.wav", new byte[100_000]);
        edit(session, new LineEdit.AddLine("a", "A", Optional.of(sound), "Fog.", ""), 0);
        for (int i = 0; i < 10; i++) {
            edit(session, new LineEdit.SetGain("a", i), 5);
        }
        edit(session, new NameProject("Night"), 0);
        edit(session, new NameProject("Day"), 0);
        go(session, history.at() - 1);
        session.flush();
        session.close();
        assertEquals(List.of(), trouble);
        History back = restored();
        assertEquals(history.present(), back.present());
        assertEquals(history.at(), back.at());
        assertEquals("Day", back.redone().present().title());
        assertEquals(
                0,
                back.undone().undone().present().line("a").orElseThrow().voice().gain());
        assertEquals("Untitled", new Rescues(root).list().getFirst().title());
    }

    /** Dense performances lie once on the shelf and come back: from the journal, and from the state that it begins with. */
    @Test
    void performancesComeBack() throws IOException {
        float[] values = new float[3 * 600];
        for (int i = 0; i < values.length; i++) {
            values[i] = (float) Math.sin(i);
        }
        Performed dense = Performed.whole("Take", new Track(60, List.of("headYaw", "headPitch", "jawDrop"), values));
        PassEdit.Look look = new PassEdit.Look(dense, false, 0.1, 0, Map.of());
        Session session = new Session(root, trouble::add);
        edit(session, new LineEdit.AddLine("a", "A", Optional.empty(), "Fog.", ""), 0);
        edit(session, new PassEdit.AddPass("a", "", 0, 10, look), 0);
        session.begin(history, Optional.empty(), true);
        for (int i = 1; i < 20; i++) {
            edit(session, new PassEdit.ChangePass("a", "", 0, 0.1 * i, 10, look), 9);
        }
        edit(session, new ProjectEdit.KeepPerformance(dense), 0);
        session.flush();
        session.close();
        assertEquals(List.of(), trouble);
        assertEquals(history.present(), restored().present());
        try (Stream<Path> shelf = Files.list(root.resolve(Session.SHELF))) {
            assertEquals(1, shelf.count(), "one file, however often it was dragged");
        }
    }

    /** Undo further back than the state on disk is kept as a state of its own. */
    @Test
    void undoBeyondTheSavedState() {
        Session session = new Session(root, trouble::add);
        session.begin(history, Optional.empty(), false);
        edit(session, new NameProject("A"), 0);
        edit(session, new NameProject("B"), 0);
        session.begin(history, Optional.of(Path.of("saved.kite")), false);
        go(session, 1);
        edit(session, new NameProject("C"), 0);
        session.flush();
        session.close();
        assertEquals("C", restored().present().title());
    }

    /** A save in the middle of a drag: what the drag does afterwards is not lost. */
    @Test
    void aSaveWithinADrag() {
        Session session = new Session(root, trouble::add);
        session.begin(history, Optional.empty(), false);
        edit(session, new LineEdit.AddLine("a", "A", Optional.empty(), "", ""), 0);
        edit(session, new LineEdit.SetGain("a", 1), 9);
        session.begin(history, Optional.of(Path.of("saved.kite")), false);
        edit(session, new LineEdit.SetGain("a", 2), 9);
        edit(session, new NameProject("After"), 0);
        session.flush();
        session.close();
        assertEquals(2, restored().present().line("a").orElseThrow().voice().gain());
        assertEquals("After", restored().present().title());
    }

    @Test
    void savedWorkNeedsNoRescue() {
        Session session = new Session(root, trouble::add);
        session.begin(history, Optional.of(Path.of("ferry.kite")), false);
        edit(session, new NameProject("A"), 0);
        assertTrue(new Rescues(root).list().isEmpty(), "it still runs");
        session.begin(history, Optional.of(Path.of("ferry.kite")), false);
        session.flush();
        session.close();
        assertTrue(new Rescues(root).list().isEmpty(), "all is saved");
        Session next = new Session(root, trouble::add);
        next.begin(history, Optional.empty(), false);
        edit(next, new NameProject("B"), 0);
        next.closeClean();
        assertTrue(new Rescues(root).list().isEmpty(), "given up on purpose");
        new Rescues(root).tidy();
        assertFalse(Files.exists(root.resolve(Session.SHELF)), "nothing is left behind");
    }

    /** The last entry of a process that was killed may be half; what stands before it counts. */
    @Test
    void aHalfEntryIsLeftOut() throws Exception {
        Session session = new Session(root, trouble::add);
        session.begin(history, Optional.empty(), false);
        edit(session, new NameProject("Whole"), 0);
        session.flush();
        session.close();
        Path journal = new Rescues(root).list().getFirst().folder().resolve(Journal.FILE);
        Files.write(
                journal,
                "{\"gesture\":0,\"do\":{\"edit\":\"name-proj".getBytes(StandardCharsets.UTF_8),
                StandardOpenOption.APPEND);
        assertEquals("Whole", restored().present().title());
    }

    @Test
    void oneHasAProjectAtATime() {
        Path project = root.resolve("ferry.kite");
        assertEquals(Optional.empty(), ProjectLock.holder(project));
        ProjectLock lock = ProjectLock.take(project, "odile (process 7)").orElseThrow();
        assertEquals(Optional.of("odile (process 7)"), ProjectLock.holder(project));
        assertTrue(ProjectLock.take(project, "pim").isEmpty());
        lock.close();
        assertEquals(Optional.empty(), ProjectLock.holder(project));
        ProjectLock.take(project, "pim").orElseThrow().close();
    }
}
