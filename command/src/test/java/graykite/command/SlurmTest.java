package graykite.command;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import graykite.command.Spoken.Said;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A table on a real cluster of one node (Slurm of Debian): forty lines in four jobs, one of which is killed in the middle. All
 * is delivered once, and the report is that of one machine.
 */
class SlurmTest {
    @TempDir
    Path folder;

    private Path table() throws Exception {
        Spoken.say(folder, "hush", "Hush.");
        Spoken.say(folder, "boat", "Boat ahead.");
        StringBuilder table = new StringBuilder("audio,out,character\n");
        for (int line = 0; line < 40; line++) {
            table.append(line % 2 == 0 ? "hush.wav," : "boat.wav,")
                    .append("line")
                    .append(line)
                    .append(",odile\n");
        }
        return Files.writeString(folder.resolve("lines.csv"), table);
    }

    /** The launcher of the jobs: the same program, from the class path of this test. */
    private Path launcher() throws Exception {
        Path launcher = Files.writeString(
                folder.resolve("kite"),
                "#!/bin/bash\nexec '" + ProcessHandle.current().info().command().orElseThrow()
                        + "' --enable-native-access=ALL-UNNAMED -Xmx1g -cp '"
                        + System.getProperty("java.class.path") + "' graykite.command.Main \"$@\"\n");
        Files.setPosixFilePermissions(launcher, PosixFilePermissions.fromString("rwxr-xr-x"));
        return launcher;
    }

    private static boolean has(String program) throws Exception {
        return new ProcessBuilder("sh", "-c", "command -v " + program).start().waitFor() == 0;
    }

    private String cluster(String what) throws Exception {
        Path script = Path.of(SlurmTest.class.getResource("/one-node-slurm").toURI());
        Process process = new ProcessBuilder(
                        "bash", script.toString(), what, folder.resolve("slurm").toString())
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve(what + ".log").toFile())
                .start();
        process.waitFor();
        return Files.readString(folder.resolve(what + ".log"));
    }

    private static Optional<ProcessHandle> shard(String which) {
        return ProcessHandle.allProcesses()
                .filter(p -> p.info().command().orElse("").endsWith("java"))
                .filter(p -> arguments(p).contains("--shard\0" + which))
                .findFirst();
    }

    /** All of them: what the library tells of a process ends after a page, and class paths are longer. */
    private static String arguments(ProcessHandle process) {
        try {
            return Files.readString(Path.of("/proc", Long.toString(process.pid()), "cmdline"));
        } catch (IOException ended) {
            return "";
        }
    }

    @Test
    void fortyLinesInFourJobsOneOfThemKilled() throws Exception {
        // Only root may start the daemons; ./kite test installs them where it may.
        assumeTrue("root".equals(System.getProperty("user.name")) && has("sbatch") && has("munged"));
        Path table = table();
        Path one = folder.resolve("one");
        Path many = folder.resolve("many");
        assertEquals(
                0,
                Spoken.run("batch", table.toString(), "-o", one.toString(), "--format", "csv")
                        .code());
        String started = cluster("start");
        assertTrue(started.contains("SLURM_CONF="), started);
        try {
            System.setProperty(SlurmRun.LAUNCHER, launcher().toString());
            System.setProperty(
                    SlurmRun.CONFIGURATION,
                    started.lines()
                            .filter(l -> l.startsWith("SLURM_CONF="))
                            .findFirst()
                            .orElseThrow()
                            .substring(11));
            CompletableFuture<Boolean> killed = CompletableFuture.supplyAsync(() -> kill(many));
            Said said = Spoken.run(
                    "batch",
                    table.toString(),
                    "-o",
                    many.toString(),
                    "--format",
                    "csv",
                    "--slurm",
                    "--tasks",
                    "4",
                    "--cpus",
                    "1",
                    "--mem",
                    "1500M");
            assertTrue(killed.get(1, TimeUnit.MINUTES), "a job was killed in the middle");
            assertEquals(0, said.code(), said.err());
            assertTrue(said.err().contains("submitted once more"), said.err());
        } finally {
            System.clearProperty(SlurmRun.LAUNCHER);
            System.clearProperty(SlurmRun.CONFIGURATION);
            cluster("stop");
        }
        assertEquals(BatchCommandTest.said(one), BatchCommandTest.said(many));
        Map<String, byte[]> expected = BatchCommandTest.delivered(one);
        Map<String, byte[]> got = BatchCommandTest.delivered(many);
        assertEquals(40, got.size());
        assertEquals(expected.keySet(), got.keySet());
        expected.forEach((name, bytes) -> assertArrayEquals(bytes, got.get(name), name));
    }

    /** Kills the second job once some of its rows are done. */
    private static boolean kill(Path out) {
        long until = System.nanoTime() + TimeUnit.MINUTES.toNanos(2);
        while (System.nanoTime() < until) {
            // The second of four shards begins with the second row of lines, row 3 of the table; row 7 is its next.
            if (Files.exists(out.resolve(".kite-batch/lines/row-0000007.json"))) {
                return shard("2/4").map(ProcessHandle::destroyForcibly).orElse(false);
            }
            LockSupport.parkNanos(10_000_000);
        }
        return false;
    }

    /** What is submitted can be looked at first. */
    @Test
    void theScriptIsPrinted() throws Exception {
        Path table = table();
        Said said = Spoken.run(
                "batch",
                table.toString(),
                "-o",
                folder.resolve("o'ut").toString(),
                "--slurm",
                "--print",
                "--tasks",
                "8",
                "--cpus",
                "4",
                "--mem",
                "8G",
                "--time",
                "2:00:00",
                "--partition",
                "night",
                "--format",
                "csv,glb");
        assertEquals(0, said.code(), said.err());
        assertTrue(
                said.out().startsWith("#!/bin/bash\n#SBATCH --job-name=kite-lines.csv\n#SBATCH --array=1-8\n"),
                said.out());
        assertTrue(said.out().contains("#SBATCH --partition=night\n"));
        assertTrue(said.out().contains("--shard \"$SLURM_ARRAY_TASK_ID/8\""));
        assertTrue(said.out().contains("o'\\''ut"), "names are safe from the shell: " + said.out());
        assertTrue(said.out().contains("'--format' 'csv,glb'"));
        Said wrong = Spoken.run("batch", table.toString(), "-o", folder.toString(), "--print", "--mem", "8G; rm -rf /");
        assertEquals(2, wrong.code());
    }
}
