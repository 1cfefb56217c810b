package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

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
        ReplacedWords replaced = ReplacedWords.of(written, others, 0.1);
        assertEquals(replaced, ReplacedWords.of(written, others, 0.1));
        assertTrue(replaced.wrong().cardinality() > 70 && replaced.wrong().cardinality() < 130);
        for (int w = 0; w < written.size(); w++) {
            assertEquals(!replaced.wrong().get(w), replaced.words().get(w).equalsIgnoreCase(written.get(w)));
        }
        assertTrue(ReplacedWords.of(written, others, 0).wrong().isEmpty());
    }
}
