package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.SplittableRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What doubts are learnt with: words that are replaced, and weights that are found again. */
class DoubtLearnerTest {
    /** Things of which it is drawn by lot, with known odds, what kind they are. */
    @Test
    void weightsAreFoundAgain() {
        SplittableRandom random = new SplittableRandom(5);
        List<LogisticRegression.Example> examples = new ArrayList<>();
        for (int i = 0; i < 20_000; i++) {
            double[] signs = {random.nextDouble(-2, 2), random.nextDouble(0, 3)};
            double odds = 1.5 * signs[0] - 0.7 * signs[1] + 0.4;
            examples.add(new LogisticRegression.Example(signs, random.nextDouble() < 1 / (1 + Math.exp(-odds))));
        }
        LogisticRegression found = LogisticRegression.of(examples);
        assertEquals(1.5, found.weights()[0], 0.06);
        assertEquals(-0.7, found.weights()[1], 0.06);
        assertEquals(0.4, found.weights()[2], 0.1);
        assertEquals(1.5 - 1.4 + 0.4, found.odds(new double[] {1, 2}), 0.15);
    }

    @Test
    void whatNeverMeetsHasFiniteWeights() {
        LogisticRegression found = LogisticRegression.of(List.of(
                new LogisticRegression.Example(new double[] {-1}, false),
                new LogisticRegression.Example(new double[] {1}, true)));
        assertTrue(found.weights()[0] > 0.5 && found.weights()[0] < 10, "" + found.weights()[0]);
        assertEquals(0, found.weights()[1], 1e-6);
    }

    @Test
    void aShareOfTheWordsIsReplacedAlwaysTheSameOnes() {
        List<String> written = new ArrayList<>();
        for (int w = 0; w < 1000; w++) {
            written.add("word" + w % 7);
        }
        List<String> others = ReplacedWords.others(List.of(List.of("a", "of", "lamp"), List.of("rope", "WORD3")));
        assertEquals(List.of("lamp", "rope", "WORD3"), others);
        Script exact = Script.of(String.join(", ", written));
        ReplacedWords replaced = ReplacedWords.of(exact, others, 0.1);
        assertEquals(replaced, ReplacedWords.of(exact, others, 0.1));
        assertEquals(
                String.join(", ", replaced.words()), replaced.script().text().strip(), "marks stay");
        assertTrue(replaced.wrong().cardinality() > 70 && replaced.wrong().cardinality() < 130);
        for (int w = 0; w < written.size(); w++) {
            assertEquals(!replaced.wrong().get(w), replaced.words().get(w).equalsIgnoreCase(written.get(w)));
        }
        assertTrue(ReplacedWords.of(exact, others, 0).wrong().isEmpty());
    }

    /** Two folders of recordings by a voice, of which every fourth is read. */
    @Test
    void wrongWordsAreToldByWeightsOfTheOtherFolder(@TempDir Path home) throws IOException {
        List<Path> folders = List.of(
                spoken(home.resolve("one"), "who put the yellow lantern up by the wheelhouse door tonight"),
                spoken(home.resolve("two"), "turn the wheel and free the heavy rope before morning comes"));
        PrintStream usual = System.out;
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(told, true, StandardCharsets.UTF_8));
            DoubtLearner.print(folders);
        } finally {
            System.setOut(usual);
        }
        List<String> lines = told.toString(StandardCharsets.UTF_8).lines().toList();
        assertEquals(3, lines.size(), lines.toString());
        for (int f = 0; f < 2; f++) {
            Matcher figures = Pattern.compile(": of (\\d+) replaced words ([0-9.]+) % .* of (\\d+) right")
                    .matcher(lines.get(f));
            assertTrue(lines.get(f).startsWith(folders.get(f).toString()) && figures.find(), lines.get(f));
            int replaced = Integer.parseInt(figures.group(1));
            assertEquals(WORDS_A_FOLDER, replaced + Integer.parseInt(figures.group(3)));
            assertTrue(replaced > 0 && Double.parseDouble(figures.group(2)) >= 50, lines.get(f));
        }
        assertTrue(lines.getLast().matches("below .*, certain .*, squeezed .*, base -.*"), lines.getLast());
    }

    private static final int WORDS_A_FOLDER = 8 * 11;

    /** Eight sentences that are read, each with other words in front; the ones between are there to be left out. */
    private static Path spoken(Path folder, String words) throws IOException {
        Files.createDirectory(folder);
        List<String> all = new ArrayList<>(List.of(words.split(" ")));
        for (int i = 0; i < 32; i++) {
            Collections.rotate(all, i % 4 == 0 ? 1 : 0);
            String sentence = String.join(" ", all);
            Files.writeString(folder.resolve(String.format("%02d.txt", i)), sentence);
            try (OutputStream out = Files.newOutputStream(folder.resolve(String.format("%02d.wav", i)))) {
                WavFiles.write(i % 4 == 0 ? SimulatedVoice.speak(sentence).sound() : Sound.silence(1, 16_000), out);
            }
        }
        return folder;
    }
}
