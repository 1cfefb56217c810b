package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.Lines;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.TimingEdits;
import graykite.reading.WordFinder;
import graykite.sound.Loudness;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CuesTest {
    private static final String TEXT = "[sigh] pam, the bell rang! who moved it? we did. [gulp]";

    /** The text as it would be read, with the marks of its script. */
    private static Timing read(String text, double pace) {
        Script script = Script.of(text);
        Timing plain = Lines.spoken(script.spokenText(), pace);
        List<TimedWord> words = new ArrayList<>();
        for (int w = 0; w < plain.words().size(); w++) {
            TimedWord word = plain.words().get(w);
            words.add(
                    new TimedWord(word.text(), script.words().get(w).mark(), word.phones(), word.source(), word.fit()));
        }
        return new Timing(words, plain.duration());
    }

    private static List<Spot> spots(Cue cue, Timing timing) {
        return plan(cue).spots(new WordFinder(timing), Loudness.silent(timing.duration()));
    }

    private static CuesPlan plan(Cue... cues) {
        return new CuesPlan(LayerSetting.of("Cues", Blend.ADD), List.of(cues), List.of());
    }

    private static List<String> words(Cue.Trigger at) {
        Timing timing = read(TEXT, 0.08);
        return spots(Cue.of("c", at, Clip.Look.of("Curious")), timing).stream()
                .map(s -> timing.words().get(s.word()).text())
                .toList();
    }

    @Test
    void everyMarkAndTagIsFound() {
        assertEquals(List.of("pam"), words(Cue.Mark.COMMA));
        assertEquals(List.of("rang"), words(Cue.Mark.EXCLAMATION));
        assertEquals(List.of("it"), words(Cue.Mark.QUESTION));
        assertEquals(List.of("did"), words(Cue.Mark.STOP));
        assertEquals(List.of("did"), words(new Cue.Tag("gulp")));
        assertEquals(List.of("pam"), words(new Cue.Tag("Sigh")));
        assertEquals(List.of(), words(new Cue.Tag("cough")));
    }

    @Test
    void aPlaceHasItsTime() {
        Timing timing = read(TEXT, 0.08);
        Cue cue = Cue.of("q", Cue.Mark.QUESTION, Clip.Look.of("Curious")).withTimes(-0.3, 0.5);
        Spot spot = spots(cue, timing).getFirst();
        assertEquals(timing.words().get(spot.word()).end() - 0.3, spot.start(), 1e-9);
        assertEquals(spot.start() + 0.5, spot.clip().to().time(), 1e-9);
        Spot before = spots(Cue.of("s", new Cue.Tag("sigh"), Clip.Look.of("Tired")), timing)
                .getFirst();
        assertTrue(before.start() < timing.words().getFirst().start(), "a tag before the first word comes before it");
    }

    @Test
    void pausesAreThoseLongEnough() {
        Timing timing = read(TEXT, 0.08);
        double longest = 0;
        for (int w = 1; w < timing.words().size(); w++) {
            longest = Math.max(
                    longest,
                    timing.words().get(w).start() - timing.words().get(w - 1).end());
        }
        Timing paused = TimingEdits.deleteWord(timing, 3);
        assertEquals(
                0,
                spots(Cue.of("p", new Cue.Pause(longest + 0.01), Clip.Look.of("Thoughtful")), timing)
                        .size());
        assertEquals(
                1,
                spots(Cue.of("p", new Cue.Pause(longest + 0.01), Clip.Look.of("Thoughtful")), paused)
                        .size());
    }

    /** Punctuation inside a line survives when words are joined; so do their tags. */
    @Test
    void marksSurviveJoining() {
        Timing joined = TimingEdits.mergeWords(read(TEXT, 0.08), 0);
        assertEquals("pam, the", joined.words().getFirst().text());
        assertEquals(
                1,
                spots(Cue.of("c", Cue.Mark.COMMA, Clip.Look.of("Wry")), joined).size());
        assertEquals(
                1,
                spots(Cue.of("s", new Cue.Tag("sigh"), Clip.Look.of("Tired")), joined)
                        .size());
        assertTrue(joined.text().startsWith("[sigh] pam, the bell rang!"), joined.text());
    }

    /** Chance decides by the word, not by the clock: another reading of the same words changes nothing. */
    @Test
    void chanceFollowsTheWords() {
        String many =
                "well, ".repeat(3) + "so, then, now, pam, bell, rope, fog, lamp, map, tide, buoy, deck, mast, crew,"
                        + " dock, port, keel, hull, bow, stern, wave, wind, rain, gull, night";
        Cue half = Cue.of("c", Cue.Mark.COMMA, Clip.Look.of("Wry")).withChance(0.5, 1);
        List<Spot> slow = spots(half, read(many, 0.13));
        List<Spot> fast = spots(half, read(many, 0.06));
        List<State> states = slow.stream().map(Spot::state).toList();
        assertEquals(states, fast.stream().map(Spot::state).toList());
        long come = states.stream().filter(s -> s == State.COMES).count();
        assertTrue(come >= 7 && come <= 20, come + " of " + states.size());
        assertTrue(slow.stream().map(s -> s.clip().look().left()).distinct().count() > 20, "strength varies");
        assertTrue(spots(half.withChance(0, 0), read(many, 0.06)).stream().noneMatch(s -> s.state() == State.COMES));
    }

    /** One place is switched off or moved, and stays so in another reading. */
    @Test
    void onePlaceIsSwitchedOff() {
        Timing timing = read("pam, the bell, the fog, the lamp", 0.08);
        WordFinder words = new WordFinder(timing);
        CuesPlan plan = plan(Cue.of("c", Cue.Mark.COMMA, Clip.Look.of("Wry")));
        CuesPlan changed = plan.with(new CueChange("c", words.anchor(2), false, 0), words)
                .with(new CueChange("c", words.anchor(0), true, 0.2), words);
        Timing slow = read("pam, the bell, the fog, the lamp", 0.12);
        List<Spot> spots = changed.spots(new WordFinder(slow), Loudness.silent(slow.duration()));
        assertEquals(
                List.of(State.COMES, State.OFF, State.COMES),
                spots.stream().map(Spot::state).toList());
        assertEquals(slow.words().getFirst().end() + 0.2, spots.getFirst().start(), 1e-9);
        CuesPlan back = changed.with(new CueChange("c", words.anchor(2), true, 0), words);
        assertEquals(2, back.changes().size(), "one decision a place");
        assertTrue(changed.without("c").changes().isEmpty());
    }

    @Test
    void whatMakesNoCueIsRefused() {
        Clip.Look look = Clip.Look.of("Wry");
        assertThrows(IllegalArgumentException.class, () -> Cue.of(" ", Cue.Mark.STOP, look));
        assertThrows(IllegalArgumentException.class, () -> new Cue.Tag("[sigh]"));
        assertThrows(IllegalArgumentException.class, () -> new Cue.Pause(0));
        assertThrows(
                IllegalArgumentException.class,
                () -> Cue.of("a", Cue.Mark.STOP, look).withChance(1.1, 0));
        assertThrows(
                IllegalArgumentException.class,
                () -> Cue.of("a", Cue.Mark.STOP, look).withTimes(0, 0.01));
        assertThrows(
                IllegalArgumentException.class,
                () -> plan(Cue.of("a", Cue.Mark.STOP, look), Cue.of("a", Cue.Mark.COMMA, look)));
        assertNotEquals(plan(), plan(Cue.of("a", Cue.Mark.STOP, look)));
    }
}
