package graykite.bench.proof;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.bench.proof.ProofQuality.Score;
import graykite.proof.checks.Checks;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every check against faults of its kind, planted in lines of people (LibriVox) and of the demo: it finds them, and its fixes
 * mend them. The table with more variations stands in docs/benchmarks.md.
 */
class PlantedFaultsTest {
    private static final int VARIATIONS = 5;

    private static ProofQuality quality;

    @BeforeAll
    static void read() throws IOException {
        quality = ProofQuality.on(Path.of("../core/src/test/resources/speech"));
    }

    static Stream<String> checks() {
        return Checks.names().stream();
    }

    @ParameterizedTest
    @MethodSource("checks")
    void findsAndMends(String check) {
        Score score = quality.score(check, VARIATIONS);
        assertEquals(VARIATIONS, score.planted());
        // All but one: lines differ in how much room they leave for a fault.
        assertTrue(score.found() >= VARIATIONS - 1, score.missed()::toString);
        assertTrue(score.mended() >= score.mendable() - 1, score.missed()::toString);
    }

    @Test
    void everyCheckHasItsFaults() {
        assertEquals(
                new TreeSet<>(Checks.names()),
                new TreeSet<>(ProofQuality.kinds().keySet()));
    }

    /** At most one note a minute that nobody planted, all checks together. */
    @Test
    void cleanLinesAreLeftAlone() {
        List<String> notes = quality.falseNotes();
        assertTrue(notes.size() <= quality.minutes(), notes::toString);
    }
}
