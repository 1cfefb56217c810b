package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.Phone;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Two lines of 42 signs, 17 signs a second, broken by sense: common practice in subtitling. */
class SubtitlesTest {
    /** Words that take so long each, with their marks; "|" is a pause of a second. */
    private static Timing said(String text, double each) {
        List<TimedWord> words = new ArrayList<>();
        double time = 0.5;
        for (String token : text.split(" ")) {
            if (token.equals("|")) {
                time += 1;
                continue;
            }
            String mark = token.replaceAll("^[\\p{L}\\p{N}'-]+", "");
            String word = token.substring(0, token.length() - mark.length());
            words.add(new TimedWord(word, mark, List.of(new TimedPhone(Phone.AA, time, time + each, false)), false, 1));
            time += each;
        }
        return new Timing(words, time + 0.5);
    }

    private static List<String> texts(Timing timing) {
        return Subtitles.of(timing, "Odile", 0).stream()
                .map(c -> String.join("/", c.lines()))
                .toList();
    }

    @Test
    void sentencesStandAlone() {
        assertEquals(
                List.of("Pim, the fog bell rang/before we moved the buoy.", "Who put my map up by the lamp?"),
                texts(said("Pim, the fog bell rang before we moved the buoy. Who put my map up by the lamp?", 0.28)));
    }

    @Test
    void shortSentencesShareOne() {
        assertEquals(List.of("Boat ahead! Turn, turn, turn!"), texts(said("Boat ahead! Turn, turn, turn!", 0.3)));
    }

    @Test
    void aPauseParts() {
        assertEquals(List.of("Wake up,", "the ferry leaves."), texts(said("Wake up, | the ferry leaves.", 0.5)));
    }

    /** A line does not end with a word that belongs to the next. */
    @Test
    void linesBreakBySense() {
        String shown = texts(said("Drop the fenders and keep both hands away from the winch drum", 0.25))
                .getFirst();
        String upper = shown.substring(0, shown.indexOf('/'));
        assertTrue(!upper.endsWith(" the") && !upper.endsWith(" and") && !upper.endsWith(" from"), shown);
    }

    /** Any words at any speed: nothing is lost, nothing is too wide or too long, nothing overlaps. */
    @Test
    void limitsHoldForAnyWords() {
        Random random = new Random(11);
        String[] some = {"a", "of", "harbour", "the", "unmistakable", "fog,", "bell.", "and", "who?", "lighthouses"};
        for (int round = 0; round < 200; round++) {
            StringBuilder text = new StringBuilder();
            int count = 1 + random.nextInt(60);
            for (int w = 0; w < count; w++) {
                text.append(some[random.nextInt(some.length)]).append(random.nextInt(9) == 0 ? " | " : " ");
            }
            Timing timing = said(text.toString().strip(), 0.1 + 0.5 * random.nextDouble());
            List<Cue> cues = Subtitles.of(timing, "", 0);
            StringBuilder shown = new StringBuilder();
            double last = -1;
            for (Cue cue : cues) {
                assertTrue(cue.lines().size() <= 2);
                cue.lines().forEach(l -> assertTrue(l.length() <= Subtitles.WIDEST, l));
                assertTrue(cue.start() >= last - 1e-9, "subtitles do not overlap");
                assertTrue(cue.end() > cue.start());
                assertTrue(cue.end() - cue.start() <= Subtitles.LONGEST + 0.61, "and do not stay for ever");
                last = cue.end();
                shown.append(String.join(" ", cue.lines())).append(' ');
            }
            assertEquals(
                    text.toString().replace("|", " ").replaceAll("\\s+", " ").strip(),
                    shown.toString().strip());
        }
    }

    /** Slow enough words are shown long enough to be read. */
    @Test
    void thereIsTimeToRead() {
        List<Cue> cues = Subtitles.of(said("Hush. | Something follows us, very softly, off the bow.", 0.2), "", 0);
        assertTrue(cues.getFirst().end() - cues.getFirst().start() >= Subtitles.LEAST - 1e-9);
        Cue second = cues.get(1);
        double signs = String.join(" ", second.lines()).length();
        assertTrue(signs / (second.end() - second.start()) <= Subtitles.READ + 1e-6);
    }

    /** Written as the formats ask: SubRip counts and has commas, WebVTT names speakers and escapes; both read back. */
    @Test
    void files() throws Exception {
        List<Cue> cues = List.of(
                new Cue(3661.5, 3662.25, "Odile", List.of("Pim & co.", "Hush.")),
                new Cue(3663, 3664, "Pim", List.of("Aye.")));
        ByteArrayOutputStream srt = new ByteArrayOutputStream();
        SubtitleFiles.writeSubRip(cues, srt);
        assertEquals(
                "1\n01:01:01,500 --> 01:01:02,250\nPim & co.\nHush.\n\n2\n01:01:03,000 --> 01:01:04,000\nAye.\n\n",
                srt.toString(StandardCharsets.UTF_8));
        ByteArrayOutputStream vtt = new ByteArrayOutputStream();
        SubtitleFiles.writeWebVtt(cues, vtt);
        String text = vtt.toString(StandardCharsets.UTF_8);
        assertTrue(
                text.startsWith("WEBVTT\n\n1\n01:01:01.500 --> 01:01:02.250\n<v Odile>Pim &amp; co.\nHush.\n\n"), text);
        Matcher arrows = Pattern.compile("-->").matcher(text);
        assertEquals(2, arrows.results().count());
    }
}
