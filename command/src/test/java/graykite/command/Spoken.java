package graykite.command;

import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.IntSupplier;

/** Recordings of the simulated voice, and what a command said. */
final class Spoken {
    private Spoken() {}

    /** A command's exit code with what it wrote. */
    record Said(int code, String out, String err) {}

    /** Writes a recording of some words, with its script beside it. */
    static Path say(Path folder, String stem, String words) throws Exception {
        Path file = folder.resolve(stem + ".wav");
        try (OutputStream to = Files.newOutputStream(file)) {
            WavFiles.write(SimulatedVoice.speak(words).sound(), to);
        }
        Files.writeString(folder.resolve(stem + ".txt"), words);
        return file;
    }

    static Said run(String... arguments) {
        return heard(() -> Main.run(arguments));
    }

    private static Said heard(IntSupplier command) {
        PrintStream realOut = System.out;
        PrintStream realErr = System.err;
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ByteArrayOutputStream err = new ByteArrayOutputStream();
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
        try {
            int code = command.getAsInt();
            return new Said(code, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(realOut);
            System.setErr(realErr);
        }
    }
}
