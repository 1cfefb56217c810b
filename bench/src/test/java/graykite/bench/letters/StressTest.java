package graykite.bench.letters;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.text.Phone;
import graykite.text.PieceTree;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class StressTest {
    private static Pronunciation said(String phones) {
        return new Pronunciation(Arrays.stream(phones.split(" "))
                .map(p -> Phone.parse(p).orElseThrow())
                .toList());
    }

    private static List<StressedPhone> sounds(String text) {
        return Arrays.stream(text.split(" "))
                .map(s -> new StressedPhone(Phone.parse(s).orElseThrow(), s.endsWith("1")))
                .toList();
    }

    private static String text(List<StressedPhone> sounds) {
        return sounds.stream().map(s -> s.phone() + (s.stressed() ? "1" : "")).collect(Collectors.joining(" "));
    }

    /** Stress as the CMU Pronouncing Dictionary marks it. */
    @Test
    void stressIsKnownWhereAWordIsSaidAsFreettsHasIt() throws IOException {
        Stresses stresses = Stresses.shipped();
        assertEquals(
                Optional.of("K AH N T EH1 S T AH D"),
                stresses.of("contested", said("K AH N T EH S T AH D")).map(StressTest::text));
        assertEquals(Optional.empty(), stresses.of("contested", said("K AA N T EH S T AH D")));
    }

    @Test
    void soundsAreToldApartByTheirNumbers() {
        for (int number = 0; number < StressedPhone.COUNT; number++) {
            assertEquals(number, StressedPhone.of(number).number());
        }
    }

    /** Words that end in -ato are stressed on their last vowel but one; so is another one whose stress is not known. */
    @Test
    void stressIsGuessedFromOtherWords() {
        List<Pieces.Sample> known = new ArrayList<>();
        // Pieces that come more rarely than three times count as chance.
        for (int times = 0; times < 3; times++) {
            for (String word :
                    List.of("bavato B AA V AA1 T OW", "davato D AA V AA1 T OW", "at AA T", "va V AA", "to T OW")) {
                known.add(new Pieces.Sample(
                        word.substring(0, word.indexOf(' ')), sounds(word.substring(word.indexOf(' ') + 1))));
            }
        }
        Pieces pieces = Pieces.of(known);
        PieceTree tree = Contexts.of(pieces.words(), 4, pieces.pieces().size(), 0);
        LikelyStress likely = new LikelyStress(pieces.pieces(), tree);
        List<Phone> phones = said("AA V AA T OW").phones();
        assertEquals(Optional.of("AA V AA1 T OW"), likely.of("avato", phones).map(StressTest::text));
        assertEquals(Optional.empty(), likely.of("avato", said("AA V AA T").phones()), "the last letter always sounds");
    }
}
