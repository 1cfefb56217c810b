package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Acting from the command line: mood, instincts, looks and cues. */
class SpeakActingTest {
    @TempDir
    private Path folder;

    private final PrintStream realErr = System.err;
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    @BeforeEach
    void record() throws Exception {
        try (OutputStream out = Files.newOutputStream(folder.resolve("line.wav"))) {
            WavFiles.write(SimulatedVoice.speak("where is the bell").sound(), out);
        }
        System.setErr(new PrintStream(err, true));
    }

    @AfterEach
    void stopListening() {
        System.setErr(realErr);
    }

    private int speak(String out, String... more) {
        List<String> all = new ArrayList<>(
                List.of("speak", folder.resolve("line.wav").toString(), "--text", "Where is the bell?"));
        all.addAll(List.of(more));
        all.addAll(List.of("-o", folder.resolve(out).toString()));
        return Main.run(all.toArray(String[]::new));
    }

    private List<Double> column(String file, String channel) throws Exception {
        List<String> rows = Files.readAllLines(folder.resolve(file));
        int at = List.of(rows.getFirst().split(",")).indexOf(channel);
        return rows.stream()
                .skip(1)
                .map(r -> Double.parseDouble(r.split(",")[at]))
                .toList();
    }

    private static double most(List<Double> values) {
        return values.stream().mapToDouble(Math::abs).max().orElseThrow();
    }

    private String file(String name, String text) throws Exception {
        return Files.writeString(folder.resolve(name), text).toString();
    }

    @Test
    void aLookTurnsTheEyesAndACueRaisesTheBrow() throws Exception {
        assertEquals(0, speak("plain.csv", "--mood", "off"), err::toString);
        String looks = file(
                "looks.json",
                "{\"looks\":[{\"from\":0.1,\"to\":1.2,\"at\":{\"name\":\"Left\",\"yaw\":30,\"pitch\":0},\"head\":0.5}]}");
        String cues = file(
                "cues.json",
                "{\"cues\":[{\"name\":\"Brow\",\"at\":\"question\",\"pose\":\"Curious\",\"length\":0.8}]}");
        assertEquals(0, speak("acted.csv", "--mood", "off", "--look", looks, "--cues", cues), err::toString);
        assertTrue(most(column("acted.csv", "eyeYaw")) > most(column("plain.csv", "eyeYaw")) + 5);
        assertTrue(most(column("acted.csv", "headYaw")) > most(column("plain.csv", "headYaw")) + 5);
        assertTrue(
                most(column("acted.csv", "outerBrowRaiser.R")) > most(column("plain.csv", "outerBrowRaiser.R")) + 0.1);
    }

    @Test
    void instinctsAndMood() throws Exception {
        String still = file(
                "still.json",
                "{\"instincts\":{\"head\":{\"amount\":0},\"blinks\":{\"amount\":0},\"eyes\":{\"amount\":0},"
                        + "\"brows\":{\"amount\":0},\"breath\":{\"amount\":0}}}");
        assertEquals(0, speak("still.csv", "--instincts", still, "--mood", "off"), err::toString);
        assertEquals(0, most(column("still.csv", "headPitch")), 1e-9);
        assertEquals(0, speak("heard.csv"), err::toString);
        assertEquals(0, speak("unheard.csv", "--mood", "off"), err::toString);
        assertTrue(
                !column("heard.csv", "headPitch").equals(column("unheard.csv", "headPitch")),
                "the head follows the pitch");
        assertEquals(
                column("heard.csv", "jawDrop").size(),
                column("unheard.csv", "jawDrop").size());
    }

    @Test
    void wrongUseAndBadFiles() throws Exception {
        assertEquals(2, speak("x.csv", "--mood", "gloomy"));
        assertTrue(err.toString().contains("--mood is off or auto"), err.toString());
        assertEquals(1, speak("x.csv", "--cues", file("broken.json", "{\"cues\": 3}")));
        assertTrue(err.toString().contains("broken.json"), err.toString());
    }
}
