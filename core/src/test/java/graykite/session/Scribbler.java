package graykite.session;

import graykite.edit.History;
import graykite.edit.LineEdit;
import graykite.edit.ProjectEdit.NameProject;
import graykite.format.ProjectFiles;
import graykite.project.Project;
import graykite.project.SoundFile;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;

/** A process of its own that edits and saves without end, telling each edit that it made; made to be killed. */
public final class Scribbler {
    private Scribbler() {}

    /** @param arguments where sessions are kept; the project that is saved; a seed */
    public static void main(String[] arguments) throws Exception {
        Path file = Path.of(arguments[1]);
        Random random = new Random(Long.parseLong(arguments[2]));
        History history = History.of(Project.empty());
        Session session = new Session(Path.of(arguments[0]), text -> System.exit(9));
        session.begin(history, Optional.of(file), false);
        byte[] sound = new byte[200_000];
        random.nextBytes(sound);
        for (int i = 0; ; i++) {
            if (i % 40 == 5) {
                LineEdit.AddLine line =
                        new LineEdit.AddLine("l" + i, "L", Optional.of(new SoundFile("s.wav", sound)), "", "");
                history = history.edited(line);
                session.did(line, 0, history, Optional.of(file));
            }
            NameProject edit = new NameProject("n" + i);
            history = history.edited(edit);
            session.did(edit, 0, history, Optional.of(file));
            // The clock starts when the edit is made, not when it is written.
            System.out.println(i + " " + System.currentTimeMillis());
            System.out.flush();
            if (random.nextInt(25) == 0) {
                ProjectFiles.save(history.present(), file);
                session.begin(history, Optional.of(file), false);
            }
            Thread.sleep(random.nextInt(6));
        }
    }
}
