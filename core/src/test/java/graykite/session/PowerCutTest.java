package graykite.session;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.ProjectFiles;
import graykite.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The plug is pulled at fifty random moments of editing and saving, on a real process: each time the project opens, and at
 * most a second of work is gone.
 */
class PowerCutTest {
    private static final int TIMES = 50;

    /** Two scribblers at a time, each killed at a moment of its own. */
    @Test
    void atMostASecondIsGone(@TempDir Path folder) throws Exception {
        Random random = new Random(12);
        int rescued = 0;
        for (int i = 0; i < TIMES; i += 2) {
            Attempt one = new Attempt(folder.resolve("a" + i), i);
            Attempt two = new Attempt(folder.resolve("b" + i), i + 1);
            one.begin();
            two.begin();
            Thread.sleep(random.nextInt(900));
            long firstCut = one.kill();
            Thread.sleep(random.nextInt(200));
            long secondCut = two.kill();
            rescued += one.check(firstCut) + two.check(secondCut);
        }
        assertTrue(rescued > TIMES / 3, "only " + rescued + " were killed with work to rescue");
    }

    private static final class Attempt {
        private final Path sessions;
        private final Path project;
        private final Path told;
        private final Process process;

        Attempt(Path folder, int seed) throws Exception {
            sessions = folder.resolve("sessions");
            project = Files.createDirectories(folder).resolve("work.kite");
            told = folder.resolve("told.txt");
            process = new ProcessBuilder(
                            ProcessHandle.current().info().command().orElseThrow(),
                            "-XX:TieredStopAtLevel=1",
                            "-Xshare:auto",
                            "-cp",
                            System.getProperty("java.class.path"),
                            Scribbler.class.getName(),
                            sessions.toString(),
                            project.toString(),
                            Integer.toString(seed))
                    .redirectOutput(told.toFile())
                    .redirectError(ProcessBuilder.Redirect.INHERIT)
                    .start();
        }

        /** Waits until it scribbles, however slow the machine is. */
        void begin() throws Exception {
            for (int waits = 0; Files.size(told) == 0; waits++) {
                assertTrue(waits < 3000 && process.isAlive(), "it should begin");
                Thread.sleep(10);
            }
        }

        /** As kill -9 does. */
        long kill() throws Exception {
            long now = System.currentTimeMillis();
            process.destroyForcibly();
            assertTrue(process.waitFor(10, TimeUnit.SECONDS));
            return now;
        }

        /** @return 1 when there was something to rescue */
        int check(long cut) throws Exception {
            List<String> lines = Files.readAllLines(told);
            int must = -1;
            for (String line : lines) {
                String[] parts = line.split(" ");
                if (parts.length == 2 && Long.parseLong(parts[1]) < cut - 1000) {
                    must = Integer.parseInt(parts[0]);
                }
            }
            int last = lines.isEmpty() ? -1 : Integer.parseInt(lines.getLast().split(" ")[0]);
            Rescues rescues = new Rescues(sessions);
            List<Rescues.Rescue> found = Files.isDirectory(sessions) ? rescues.list() : List.of();
            int kept = -1;
            if (Files.exists(project)) {
                kept = number(ProjectFiles.open(project));
            }
            if (!found.isEmpty()) {
                assertEquals(1, found.size());
                kept = Math.max(kept, number(rescues.restore(found.getFirst()).present()));
            }
            assertTrue(kept >= must, "edit " + must + " was made a second before, but only " + kept + " is there");
            assertTrue(kept <= last + 1, kept + " of " + last);
            return found.isEmpty() ? 0 : 1;
        }

        private static int number(Project project) {
            return project.title().startsWith("n")
                    ? Integer.parseInt(project.title().substring(1))
                    : -1;
        }
    }
}
