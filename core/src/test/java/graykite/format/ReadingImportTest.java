package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.Pronouncer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingImportTest {
    private static final Pronouncer PRONOUNCER = Pronouncer.shipped();

    @TempDir
    Path folder;

    private Path file(String name, String text) throws Exception {
        return Files.writeString(folder.resolve(name), text);
    }

    private static List<String> texts(Timing timing) {
        return timing.words().stream().map(TimedWord::text).toList();
    }

    /** What is written in each format reads back with the same words at the same times. */
    @ParameterizedTest
    @CsvSource({"CTM, a.ctm", "CSV, a.csv"})
    void readingsComeBack(TimingFiles.Kind kind, String name) throws Exception {
        Timing timing = ReadingImport.open(file("in.ctm", "a 1 0.5 0.25 fog\na 1 0.75 0.5 bell\n"), 2, PRONOUNCER);
        Path out = folder.resolve("out-" + name);
        try (var stream = Files.newOutputStream(out)) {
            TimingFiles.write(timing, kind, TimingFiles.Level.WORDS, "a", stream);
        }
        Timing back = ReadingImport.open(out, 2, PRONOUNCER);
        assertEquals(List.of("fog", "bell"), texts(back));
        assertEquals(0.5, back.words().get(0).start(), 1e-9);
        assertEquals(1.25, back.words().get(1).end(), 1e-9);
        assertTrue(back.words().get(0).phones().stream().allMatch(p -> p.pinned()));
    }

    /** The example of NIST's description of the format (sclite, from memory): comments, blank lines, and two sides of a call. */
    @Test
    void aReadingIsOfOneChannel() throws Exception {
        String side = ";;\n;;  Comments follow ';;'\n\n7654 A 11.34 0.2 YES -6.763\n7654 A 12.00 0.34 YOU -12.384530\n";
        Timing timing = ReadingImport.open(file("a.ctm", side + "7654 A 13.30 0.5 CAN -2.806418\n"), 14, PRONOUNCER);
        assertEquals(List.of("YES", "YOU", "CAN"), texts(timing));
        Path call = file("b.ctm", side + "7654 B 1.34 0.2 I -6.763\n");
        BadInput mixed = assertThrows(BadInput.class, () -> ReadingImport.open(call, 14, PRONOUNCER));
        assertEquals(
                "b.ctm, line 6: goes on with \"7654 B\" after \"7654 A\". Keep the lines of one recording and one channel.",
                mixed.getMessage());
        Path others = file("c.ctm", side + "7655 A 13.30 0.5 CAN\n");
        assertThrows(BadInput.class, () -> ReadingImport.open(others, 14, PRONOUNCER));
    }

    @Test
    void phrasesOfSubtitlesAreSpreadOverTheirTime() throws Exception {
        Path cues = file("a.srt", "1\n00:00:01,000 --> 00:00:03,000\nThe fog bell, rang!\n");
        Timing timing = ReadingImport.open(cues, 4, PRONOUNCER);
        assertEquals(List.of("The", "fog", "bell", "rang"), texts(timing));
        assertEquals(1, timing.words().getFirst().start(), 1e-9);
        assertEquals(3, timing.words().getLast().end(), 1e-9);
        assertEquals("!", timing.words().getLast().mark());
    }

    @Test
    void phonesBecomeWordsOfUnknownText() throws Exception {
        Path ctm = file("a.ctm", "a 1 0.0 0.2 SIL\na 1 0.2 0.1 F\na 1 0.3 0.1 AA1\na 1 0.4 0.1 G\na 1 0.9 0.1 B\n");
        Timing timing = ReadingImport.open(ctm, 2, PRONOUNCER);
        assertEquals(2, timing.words().size());
        assertEquals(3, timing.words().getFirst().phones().size());
    }

    @ParameterizedTest
    @CsvSource({
        "a.ctm, 'a 1 0.5 0.25 fog|a 1 0.6 0.3 bell', overlaps",
        "a.ctm, 'a 1 0.5 9.25 fog', belongs to another recording",
        "a.ctm, 'this is no reading', line 1",
        "a.ctm, '', holds no words",
        "a.csv, 'apple,pear|1,2', names the columns",
        "a.csv, 'word,start,end|fog,soon,later', row 1",
        "a.srt, 'just text', holds no words"
    })
    void brokenFilesAreNamedWithTheirPlace(String name, String text, String part) throws Exception {
        Path file = file(name, text.replace('|', '\n'));
        String message = assertThrows(BadInput.class, () -> ReadingImport.open(file, 2, PRONOUNCER))
                .getMessage();
        assertTrue(message.contains(name) && message.contains(part.replace("names the", "name the")), message);
    }

    @Test
    void binaryIsRefused() throws Exception {
        byte[] noise = new byte[5000];
        new Random(3).nextBytes(noise);
        Path file = Files.write(folder.resolve("a.ctm"), noise);
        assertThrows(BadInput.class, () -> ReadingImport.open(file, 2, PRONOUNCER));
    }

    /** The format of the CMU Pronouncing Dictionary, and IPA in its place. */
    @Test
    void dictionariesAreReadAndSaved() throws Exception {
        var words = DictionaryFiles.read(
                ";;; comment\nBOSUN  B OW1 S AH0 N\nbosun(2) B AO S AH N\nniño\tˈniɲo\n", "a.dict");
        assertEquals("B OW S AH N", words.get("bosun").toString());
        assertEquals("N IY N Y OW", words.get("niño").toString());
        Path saved = folder.resolve("saved.dict");
        DictionaryFiles.save(words, saved);
        assertEquals(words, DictionaryFiles.open(saved));
    }

    @ParameterizedTest
    @CsvSource({"'bosun', line 1", "'fog F AA G|bell ☃', line 2", "';;; nothing', holds no words"})
    void brokenDictionariesAreNamedWithTheirPlace(String text, String part) {
        String message = assertThrows(BadInput.class, () -> DictionaryFiles.read(text.replace('|', '\n'), "own.dict"))
                .getMessage();
        assertTrue(message.startsWith("own.dict") && message.contains(part), message);
    }

    /** Encodings that scripts come in: UTF-8 with and without mark, UTF-16 both ways, Latin-1. */
    @ParameterizedTest
    @CsvSource({"UTF-8, false", "UTF-8, true", "UTF-16LE, true", "UTF-16BE, true", "ISO-8859-1, false"})
    void scriptsOfAllEncodings(String charset, boolean mark) throws Exception {
        String text = (mark ? "\uFEFF" : "") + "Où est la bouée?";
        Path file = Files.write(folder.resolve("s.txt"), text.getBytes(charset));
        assertEquals("Où est la bouée?", ScriptFiles.read(file), "without the mark");
    }
}
