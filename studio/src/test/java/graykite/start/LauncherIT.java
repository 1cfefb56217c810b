package graykite.start;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/**
 * The packaged program, started by the launcher as an ordinary user would: from a folder with a space and an accent in its
 * name, with Debian's plain path and plain locale. There are no sources in it, so a start that wanted to build would fail.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LauncherIT {
    private static final String PLAIN_PATH = "/usr/local/bin:/usr/bin:/bin";
    private static final String NOBODY = "65534";

    private final Path root = Path.of("").toAbsolutePath().getParent();
    private final boolean powerful = "root".equals(System.getProperty("user.name"));
    private Path top;
    private Path house;
    private Path home;

    private record Ended(int code, String out, String err) {}

    @BeforeAll
    void install() throws Exception {
        top = Files.createTempDirectory("kite-start");
        Files.setPosixFilePermissions(top, PosixFilePermissions.fromString("rwxr-xr-x"));
        house = Files.createDirectories(top.resolve("Gray Kité"));
        Files.copy(root.resolve("kite"), house.resolve("kite"));
        for (String module : List.of("command", "studio")) {
            Path target = root.resolve(module).resolve("target");
            Path there = Files.createDirectories(house.resolve(module).resolve("target/lib"));
            link(target.resolve(module + "-0.1.0.jar"), there.getParent());
            try (Stream<Path> libraries = Files.list(target.resolve("lib"))) {
                for (Path library : libraries.toList()) {
                    link(library, there);
                }
            }
        }
        Path stamp = Files.createFile(
                Files.createDirectories(house.resolve("target")).resolve("kite-built"));
        Files.setLastModifiedTime(stamp, FileTime.from(Instant.now().plusSeconds(60)));
        home = Files.createDirectories(top.resolve("home of somebody"));
        if (powerful) {
            assertEquals(
                    0,
                    new ProcessBuilder("chown", "-R", NOBODY + ":" + NOBODY, top.toString())
                            .start()
                            .waitFor());
        }
    }

    private static void link(Path file, Path folder) throws IOException {
        // A copy, not a link: its owner and the right to read it must be an ordinary user's own.
        Files.copy(file, folder.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
    }

    @AfterAll
    void remove() throws Exception {
        assertEquals(0, new ProcessBuilder("rm", "-rf", top.toString()).start().waitFor());
    }

    private Process start(String... command) throws IOException {
        List<String> words = new ArrayList<>();
        if (powerful) {
            words.addAll(List.of("setpriv", "--reuid=" + NOBODY, "--regid=" + NOBODY, "--clear-groups"));
        }
        words.addAll(List.of(command));
        ProcessBuilder builder = new ProcessBuilder(words).directory(house.toFile());
        builder.environment().keySet().removeIf(k -> k.startsWith("LC_") || k.equals("LANG") || k.equals("DISPLAY"));
        builder.environment().put("PATH", PLAIN_PATH);
        // Who runs this may have no home of their own.
        builder.environment().put("HOME", top.resolve("home").toString());
        builder.environment().put("KITE_HOME", home.toString());
        builder.environment().put("KITE_HEADLESS", "1");
        builder.redirectOutput(Files.createTempFile(top, "kite", ".out").toFile());
        builder.redirectError(Files.createTempFile(top, "kite", ".err").toFile());
        outputs.add(builder);
        return builder.start();
    }

    private final List<ProcessBuilder> outputs = new ArrayList<>();

    private Ended end(Process process, int started) throws Exception {
        assertTrue(process.waitFor(150, TimeUnit.SECONDS), "it should end");
        Path out = outputs.get(started).redirectOutput().file().toPath();
        Path err = outputs.get(started).redirectError().file().toPath();
        Ended ended = new Ended(
                process.exitValue(),
                Files.readString(out, StandardCharsets.UTF_8),
                Files.readString(err, StandardCharsets.UTF_8));
        Files.delete(out);
        Files.delete(err);
        return ended;
    }

    private Ended run(String... command) throws Exception {
        Process process = start(command);
        return end(process, outputs.size() - 1);
    }

    @Test
    void startsTwiceAtOnceAndAgainAndOpensFilesWithAccents() throws Exception {
        Process first = start("./kite", "cast", "odile", "--list");
        Process second = start("./kite", "cast", "pim", "--list");
        for (Ended ended : List.of(end(first, outputs.size() - 2), end(second, outputs.size() - 1))) {
            assertEquals(0, ended.code(), ended.err());
            assertEquals("", ended.err());
            assertTrue(ended.out().contains("jawDrop"), ended.out());
        }
        // Now with what the first ones left behind for a faster start.
        Ended again = run("./kite", "cast", "brine", "-o", "möwe nr 1.kite-character");
        assertEquals(0, again.code(), again.err());
        assertEquals("", again.err());
        assertTrue(Files.size(house.resolve("möwe nr 1.kite-character")) > 10_000);
        Ended opened = run("./kite", "cast", "möwe nr 1.kite-character", "--list");
        assertEquals(0, opened.code(), opened.err());
    }

    /** A JDK that says the right release and does not run is passed over, and the doctor says so. */
    @Test
    void aBrokenJavaIsPassedOverAndTheDoctorNamesIt() throws Exception {
        Path broken = Files.createDirectories(top.resolve("broken jdk/bin"));
        for (String tool : List.of("java", "javac")) {
            Path program = Files.writeString(broken.resolve(tool), "#!/bin/sh\nexit 1\n");
            Files.setPosixFilePermissions(program, PosixFilePermissions.fromString("rwxr-xr-x"));
        }
        String home99 = broken.getParent().toString();
        // Without a word about its release it is asked, which ends badly too.
        Ended silent = run("env", "JAVA_HOME=" + home99, "./kite", "cast", "odile", "--list");
        assertEquals(0, silent.code(), silent.err());
        Files.writeString(broken.resolveSibling("release"), "JAVA_VERSION=\"99.0.1\"\n");
        Ended started = run("env", "JAVA_HOME=" + home99, "./kite", "cast", "odile", "--list");
        assertEquals(0, started.code(), started.err());
        Ended doctor = run("env", "JAVA_HOME=" + home99, "./kite", "doctor");
        assertEquals(0, doctor.code(), doctor.out() + doctor.err());
        assertTrue(doctor.out().contains("the JDK in " + home99 + " does not run"), doctor.out());
        assertTrue(doctor.out().lines().anyMatch(l -> l.matches("  found +JDK \\d+ in .*")), doctor.out());
        assertTrue(doctor.out().endsWith("Gray Kite can start.\n"), doctor.out());
    }

    @Test
    void theWindowOpensForAnOrdinaryUser() throws Exception {
        Process window = start("./kite", "demo", "--timing");
        Path told = outputs.getLast().redirectOutput().file().toPath();
        Instant late = Instant.now().plusSeconds(140);
        while (!Files.readString(told, StandardCharsets.UTF_8).contains("pictures a second")
                && window.isAlive()
                && Instant.now().isBefore(late)) {
            Thread.sleep(200);
        }
        window.descendants().forEach(ProcessHandle::destroy);
        window.destroy();
        Ended ended = end(window, outputs.size() - 1);
        assertTrue(ended.out().contains("pictures a second"), ended.out() + ended.err());
    }

    /** Where nothing can be kept the window does not open, and one line says why. */
    @Test
    void aHomeThatCannotBeWrittenToIsSaidInOneLine() throws Exception {
        Path file = Files.writeString(top.resolve("no folder"), "");
        Ended ended = run("env", "KITE_HOME=" + file, "./kite", "demo");
        assertEquals(1, ended.code(), ended.err());
        assertEquals(
                1,
                ended.err()
                        .lines()
                        .filter(l -> l.contains("cannot be written to"))
                        .count(),
                ended.err());
        assertFalse(ended.err().contains("\tat "), "no trace: " + ended.err());
    }

    @Test
    void librariesAreFoundWithoutTheSystemFoldersOnThePath() throws Exception {
        Ended there = run("bash", "-c", ". ./kite; has_library libc.so.6 && echo found");
        assertEquals("found\n", there.out(), there.err());
        Ended absent = run("bash", "-c", ". ./kite; has_library libnosuchthing.so.9 || echo missing");
        assertEquals("missing\n", absent.out(), absent.err());
    }

    /** A JDK is known by the file beside it; a short line into curves is hurried, a movie and a long recording are not. */
    @Test
    void theLauncherKnowsJavaAndWhatIsQuick() throws Exception {
        Path jdk = Files.createDirectories(top.resolve("some jdk"));
        Files.writeString(jdk.resolve("release"), "IMPLEMENTOR=\"x\"\nJAVA_VERSION=\"25.0.3\"\n");
        Ended told = run("bash", "-c", ". ./kite; java_release \"" + jdk + "\"");
        assertEquals("25\n", told.out(), told.err());
        Path small = Files.write(top.resolve("short.wav"), new byte[1000]);
        Path large = Files.write(top.resolve("long.wav"), new byte[2_000_000]);
        String[][] cases = {
            {"quick", "speak '" + small + "' -o a.csv"},
            {"quick", "time '" + small + "' -o a.ctm"},
            {"slow", "speak '" + small + "' -o a.mp4"},
            {"slow", "speak '" + large + "' -o a.csv"},
            {"slow", "cast odile --sheet a.png"},
            {"slow", "batch table.csv -o out"}
        };
        for (String[] one : cases) {
            Ended ended = run("bash", "-c", ". ./kite; is_quick " + one[1] + " && echo quick || echo slow");
            assertEquals(one[0] + "\n", ended.out(), one[1] + ended.err());
        }
    }

    /** They are there before Java starts: the toolkit would move them all while other threads read them. */
    @Test
    void theToolkitFindsItsVariables() throws Exception {
        Ended told = run(
                "bash",
                "-c",
                ". ./kite; toolkit_variables; env | grep -E '^(GDK_BACKEND|IBUS_ENABLE_SYNC_MODE)=' | sort");
        assertEquals("GDK_BACKEND=x11\nIBUS_ENABLE_SYNC_MODE=1\n", told.out(), told.err());
    }

    @Test
    void whatCannotBeBuiltIsSaidInOneLine() throws Exception {
        Path bare = Files.createDirectories(top.resolve("unbuilt place"));
        Files.copy(root.resolve("kite"), bare.resolve("kite"), StandardCopyOption.REPLACE_EXISTING);
        Files.setPosixFilePermissions(bare, PosixFilePermissions.fromString("r-xr-xr-x"));
        Ended ended = run("bash", "-c", "exec \"" + bare.resolve("kite") + "\" cast odile --list");
        assertEquals(1, ended.code());
        assertTrue(ended.err().contains("is not built yet"), ended.err());
        assertEquals(1, ended.err().lines().count(), ended.err());
        Files.setPosixFilePermissions(bare, PosixFilePermissions.fromString("rwxr-xr-x"));
    }
}
