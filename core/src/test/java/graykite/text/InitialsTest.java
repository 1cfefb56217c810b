package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** English words of capitals that no dictionary has. */
class InitialsTest {
    private static Pronouncer pronouncer;

    @BeforeAll
    static void load() {
        pronouncer = Pronouncer.shipped();
    }

    private static List<String> ways(String written, Map<String, Pronunciation> own) {
        Script.Word word = Script.of(written).words().getFirst();
        return pronouncer.choice(word, own).pronunciations().stream()
                .map(Pronunciation::toString)
                .toList();
    }

    private static List<String> ways(String written) {
        return ways(written, Map.of());
    }

    @Test
    void withoutAVowelTheyAreSpelt() {
        assertEquals("P IY B IY EH K S", ways("PBX").getFirst());
        assertTrue(ways("PBX").size() > 1, "or said as a word");
        assertTrue(
                pronouncer.choice(Script.of("PBX").words().getFirst(), Map.of()).guessed());
    }

    /** Whether "GUVO" is a name or four letters, the sound tells. */
    @Test
    void withAVowelTheyMayBe() {
        List<String> ways = ways("GUVO");
        assertTrue(ways.indexOf("JH IY Y UW V IY OW") > 0, ways.toString());
        assertFalse(ways("Guvo").contains("JH IY Y UW V IY OW"), "only in capitals");
    }

    @Test
    void whatIsKnownStays() {
        assertEquals(ways("ferry"), ways("FERRY"));
        Pronunciation own = new Pronunciation(List.of(Phone.P, Phone.AH, Phone.B));
        assertEquals(List.of("P AH B"), ways("PBX", Map.of("pbx", own)));
    }
}
