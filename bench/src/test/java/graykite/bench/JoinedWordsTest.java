package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is made of recordings that hum from one time to another, in between two silences. */
class JoinedWordsTest {
    private static final int RATE = 16_000;

    @TempDir
    Path folder;

    @BeforeEach
    void threeRecordings() throws IOException {
        record("a", "good", 0.2, 0.5, 0.9);
        record("b", "evening, all", 0.1, 0.8, 1.2);
        record("c", "you", 0.3, 0.6, 0.7);
    }

    private void record(String name, String text, double from, double to, double duration) throws IOException {
        byte[] samples = new byte[2 * (int) (duration * RATE)];
        for (int i = (int) (from * RATE); i < to * RATE; i++) {
            samples[2 * i + 1] = (byte) (i % 100 < 50 ? 40 : -40);
        }
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(samples),
                        new AudioFormat(RATE, 16, 1, true, false),
                        samples.length / 2),
                AudioFileFormat.Type.WAVE,
                folder.resolve(name + ".wav").toFile());
        Files.writeString(folder.resolve(name + ".txt"), text);
    }

    @Test
    void recordingsAsTheyAreKnowWhereTheyAreHeard() throws IOException {
        List<JoinedWords.Line> lines = JoinedWords.whole(folder, new Every(1, 0));
        assertEquals(
                List.of(List.of(List.of("good")), List.of(List.of("evening", "all")), List.of(List.of("you"))),
                lines.stream().map(JoinedWords.Line::phrases).toList());
        JoinedWords.Line second = lines.get(1);
        assertEquals("evening, all", second.text());
        assertEquals(1.2, second.sound().duration(), 1e-3);
        assertEquals(0.1, second.begins().getFirst(), 0.006);
        assertEquals(0.8, second.ends().getFirst(), 0.006);
        assertEquals(
                List.of("good", "you"),
                JoinedWords.whole(folder, new Every(2, 0)).stream()
                        .map(JoinedWords.Line::text)
                        .toList());
    }

    @Test
    void joinedOnesHaveTheGapBetweenWhatIsHeard() throws IOException {
        JoinedWords.Line line = JoinedWords.lines(folder, 0.3).getFirst();
        for (int w = 0; w + 1 < line.phrases().size(); w++) {
            assertEquals(0.3, line.begins().get(w + 1) - line.ends().get(w), 1e-9);
        }
        Sound gap = line.sound()
                .cut(new TimeRange(line.ends().getFirst() + 0.01, line.begins().get(1) - 0.01));
        assertArrayEquals(new float[gap.mixed().length], gap.mixed(), 1e-6f);
    }
}
