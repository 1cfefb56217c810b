package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScriptTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Hello, world! | hello world",
                "It wasn't me. | it wasn't me",
                "21 boats | twenty one boats",
                "1,204 gulls | one thousand two hundred four gulls",
                "the 3rd buoy | the third buoy",
                "in 1984 | in nineteen eighty four",
                "in 2005 | in two thousand five",
                "$5 each | five dollars each",
                "50% off | fifty percent off",
                "3.14 | three point one four",
                "at 5:30 | at five thirty",
                "at 5:00 | at five o'clock",
                "Mr. Tarrant | mister tarrant",
                "half-past | half past",
                "salt & tar | salt and tar",
                "caf\u00e9 | cafe",
                "007 | zero zero seven",
                "the '90s | the nineties"
            })
    void writtenIsSpoken(String written, String spoken) {
        assertEquals(spoken, Script.of(written).spokenText());
    }

    @Test
    void quotesAndDashesFallAway() {
        assertEquals(
                "'tis the end surely",
                Script.of("\u2019Tis the \u201cend\u201d \u2014 surely\u2026").spokenText());
    }

    @Test
    void punctuationStaysWithItsWord() {
        Script script = Script.of("Pim, the fog bell rang! (Again?)");
        assertEquals(",", script.words().getFirst().mark());
        assertEquals("rang", script.words().get(4).written());
        assertEquals("!", script.words().get(4).mark());
        assertEquals("Again", script.words().getLast().written());
    }

    @Test
    void oddTextIsHarmless() {
        assertTrue(Script.of("").isEmpty());
        assertTrue(Script.of(" ... --- !!! \uD83D\uDE00 ").isEmpty());
        assertEquals("one", Script.of("\uFEFFone \uD83D\uDE00").spokenText());
        assertThrows(BadInput.class, () -> Script.of("a".repeat(500)));
        assertThrows(BadInput.class, () -> Script.of("word ".repeat(100_001)));
    }

    @Test
    void dictionaryFormat() throws Exception {
        String text = ";;; a comment\nbuoy  B UW1 IY0\nbuoy(2)  B OY1\n";
        CmuDictionary dictionary =
                CmuDictionary.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), "own.dict");
        assertEquals(
                List.of("B UW IY", "B OY"),
                dictionary.pronunciations("buoy").stream()
                        .map(Pronunciation::toString)
                        .toList());
        assertTrue(dictionary.pronunciations("fog").isEmpty());
        byte[] broken = "buoy B QQ\n".getBytes(StandardCharsets.UTF_8);
        BadInput failure =
                assertThrows(BadInput.class, () -> CmuDictionary.read(new ByteArrayInputStream(broken), "own.dict"));
        assertTrue(failure.getMessage().contains("own.dict")
                && failure.getMessage().contains("buoy"));
    }

    @Test
    void lettersGiveSoundsToAnything() {
        LetterToSound letters = LetterToSound.shipped();
        assertEquals("S AO L T M IH R", letters.guess("saltmere").toString());
        assertEquals(1, letters.guess("***").phones().size());
        assertTrue(letters.guess("bosun".repeat(40)).phones().size() > 100);
    }
}
