package graykite.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.TimingReaders;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.sound.Sound;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Recordings read from the command line: a folder of them, and each of the ways to read one. */
class ReadCommandTest {
    @TempDir
    Path folder;

    private final PrintStream realErr = System.err;
    private final PrintStream realOut = System.out;
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();

    @BeforeEach
    void listen() {
        System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void stopListening() {
        System.setErr(realErr);
        System.setOut(realOut);
    }

    private Path record(String name, Sound sound) throws Exception {
        Path file = folder.resolve(name);
        try (OutputStream to = Files.newOutputStream(file)) {
            WavFiles.write(sound, to);
        }
        return file;
    }

    private Path say(String name, String said) throws Exception {
        return record(name, SimulatedVoice.speak(said).sound());
    }

    private List<String> words(Path ctm) throws Exception {
        return TimingReaders.readCtm(Files.readString(ctm), ctm.getFileName().toString()).stream()
                .map(TimingReaders.Token::text)
                .filter(t -> !t.equals("SIL"))
                .toList();
    }

    private List<String> timed(Path sound, String... more) throws Exception {
        Path ctm = folder.resolve("out.ctm");
        List<String> arguments = new ArrayList<>(List.of("time", sound.toString(), "-o", ctm.toString()));
        arguments.addAll(List.of(more));
        assertEquals(0, Main.run(arguments.toArray(String[]::new)), err.toString());
        return words(ctm);
    }

    @Test
    void aFolderIsReadAndOneBadRecordingDoesNotStopTheOthers() throws Exception {
        say("one.wav", "Boat ahead.");
        Files.writeString(folder.resolve("one.txt"), "Boat ahead!");
        say("two.wav", "Free the rope.");
        Files.writeString(folder.resolve("two.txt"), "Free the rope.");
        Files.writeString(folder.resolve("three.wav"), "this is no recording");
        Files.writeString(folder.resolve("three.txt"), "Nothing.");
        say("four.wav", "Nobody wrote this down.");
        Path readings = folder.resolve("readings");
        assertEquals(1, Main.run("read", folder.toString(), "-o", readings.toString()));
        assertEquals(List.of("Boat", "ahead"), words(readings.resolve("one.ctm")));
        assertEquals(List.of("Free", "the", "rope"), words(readings.resolve("two.ctm")));
        assertFalse(Files.exists(readings.resolve("three.ctm")));
        assertTrue(err.toString().contains("three.wav"), err.toString());
        assertTrue(err.toString().contains("four.wav: no script lies beside it"), err.toString());
        assertTrue(out.toString().contains("2 recordings read, 5 words"), out.toString());
        assertEquals(1, Main.run("read", folder.toString(), "--by-sound", "--overwrite", "-o", readings.toString()));
        assertTrue(Files.exists(readings.resolve("four.ctm")));
    }

    /** Nothing is written over that was not named: not the scripts that are read, nor readings of before, nor one by another. */
    @Test
    void nothingIsWrittenOverUnasked() throws Exception {
        say("line.wav", "Fog bell.");
        Path script = folder.resolve("line.srt");
        String cues = "1\n00:00:00,000 --> 00:00:02,000\nFog bell.\n";
        Files.writeString(script, cues);
        assertEquals(1, Main.run("read", folder.toString(), "--format", "srt", "-o", folder.toString()));
        assertTrue(err.toString().contains("line.srt: is there already"), err.toString());
        assertEquals(cues, Files.readString(script));
        record("line.aiff.wav", Sound.silence(1, 16_000));
        Files.move(folder.resolve("line.aiff.wav"), folder.resolve("line.aiff"));
        Path readings = folder.resolve("readings");
        Main.run("read", folder.toString(), "-o", readings.toString());
        assertEquals(List.of("Fog", "bell"), words(readings.resolve("line.wav.ctm")));
        assertFalse(Files.exists(readings.resolve("line.ctm")), "two recordings are called line");
        assertEquals(1, Main.run("read", folder.toString(), "-o", readings.toString()));
        assertTrue(err.toString().contains("add --overwrite"), err.toString());
    }

    @Test
    void whatCannotBeReadIsNamed() throws Exception {
        assertEquals(1, Main.run("read", folder.toString(), "-o", folder.toString()));
        assertTrue(err.toString().contains("holds no recordings"), err.toString());
        assertEquals(1, Main.run("read", folder.resolve("gone").toString(), "-o", folder.toString()));
        assertTrue(err.toString().contains("is no folder"), err.toString());
        say("line.wav", "Fog.");
        assertEquals(2, Main.run("read", folder.toString(), "--language", "klingon", "-o", folder.toString()));
        assertTrue(
                err.toString().contains("--language is en, es, it, de, fr, pt, nl, pl, sv, tr or ja"), err.toString());
    }

    /** Whatever a text editor saves a script as, its words are the same. */
    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16LE", "UTF-16BE", "ISO-8859-1"})
    void scriptsOfEveryEncoding(String encoding) throws Exception {
        Path sound = say("line.wav", "The cafe by the fog bell.");
        String mark = encoding.equals("ISO-8859-1") ? "" : "\ufeff";
        Files.write(
                folder.resolve("line.txt"), (mark + "The café by the fog bell.").getBytes(Charset.forName(encoding)));
        assertEquals(List.of("The", "café", "by", "the", "fog", "bell"), timed(sound));
    }

    @Test
    void aBinaryScriptIsRefused() throws Exception {
        Path sound = say("line.wav", "Fog bell.");
        byte[] noise = new byte[4000];
        new Random(3).nextBytes(noise);
        Files.write(folder.resolve("line.txt"), noise);
        assertEquals(
                1,
                Main.run("time", sound.toString(), "-o", folder.resolve("o.ctm").toString()));
        assertTrue(err.toString().contains("line.txt"), err.toString());
        assertFalse(Files.exists(folder.resolve("o.ctm")));
    }

    /** Two people, one in each channel: the chosen one is heard. */
    @Test
    void oneOfTwoChannelsIsHeard() throws Exception {
        float[] left =
                SimulatedVoice.speak("Boat ahead, turn to the left.").sound().mixed();
        float[] right =
                SimulatedVoice.speak("Free the rope and drop anchor.").sound().mixed();
        int length = Math.max(left.length, right.length);
        Sound both = new Sound(new float[][] {Arrays.copyOf(left, length), Arrays.copyOf(right, length)}, 16_000);
        Path sound = record("two.wav", both);
        timed(sound, "--channel", "2", "--text", "Free the rope and drop anchor.");
        assertFalse(err.toString().contains("do not fit"), err.toString());
        timed(sound, "--channel", "1", "--text", "Free the rope and drop anchor.");
        assertTrue(err.toString().contains("do not fit"), "the other channel says something else: " + err);
        assertEquals(1, Main.run("time", sound.toString(), "--channel", "3", "--text", "a", "-o", "o.ctm"));
        assertTrue(err.toString().contains("2 channels"), err.toString());
    }

    @Test
    void aDictionaryTeachesWords() throws Exception {
        Path sound = say("line.wav", "The bow sun sleeps.");
        Path dictionary = folder.resolve("words.dict");
        Files.writeString(dictionary, "bosunny  B OW1 S AH0 N\n");
        timed(sound, "--text", "The bosunny sleeps.", "--dictionary", dictionary.toString());
        assertFalse(err.toString().contains("bosunny"), "a word that was taught is not doubted: " + err);
    }

    @Test
    void louderIsHeardAndStillTheSameWords() throws Exception {
        Path sound = say("line.wav", "The fog bell rang.");
        assertEquals(
                List.of("The", "fog", "bell", "rang"), timed(sound, "--gain", "-20", "--text", "The fog bell rang."));
        assertEquals(2, Main.run("time", sound.toString(), "--gain", "loud", "-o", "o.ctm"));
    }

    @Test
    void aForeignLanguageIsReadByItsRules() throws Exception {
        Path sound = say("line.wav", "la nave porta le mele");
        assertEquals(
                List.of("La", "nave", "porta", "le", "mele"),
                timed(sound, "--language", "it", "--text", "La nave porta le mele."));
    }

    @Test
    void aDraftSaysWhatItHeard() throws Exception {
        Path sound = say("line.wav", "The fog bell rang before the boat went out to sea.");
        List<String> words = timed(sound, "--draft");
        String drafted = out.toString().lines().findFirst().orElse("");
        assertTrue(drafted.startsWith("draft: "), drafted);
        assertEquals(words.size(), drafted.substring("draft: ".length()).split("\\s+").length, drafted);
        assertTrue(drafted.contains("bell rang before the boat went out to sea"), drafted);
    }

    @Test
    void draftsAreEnglish() throws Exception {
        Path sound = say("line.wav", "The fog bell rang before the boat went out to sea.");
        Path out = folder.resolve("line.ctm");
        assertEquals(1, Main.run("time", sound.toString(), "--draft", "--language", "es", "-o", out.toString()));
        assertFalse(Files.exists(out));
        assertTrue(err.toString().contains("in English alone, not in Spanish"), err.toString());
    }
}
