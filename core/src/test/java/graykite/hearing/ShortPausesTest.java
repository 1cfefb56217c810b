package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A hum of a second with a quiet from 0.5 s on, and two words that were heard to meet near it. Frames last 5 ms. */
class ShortPausesTest {
    private static final int RATE = 16_000;
    private static final double QUIET = 0.5;

    /** @param lasting seconds of quiet @param level of it, where the hum has 0.3 */
    private static Sound humming(double lasting, double level) {
        Random noise = new Random(1);
        float[] samples = new float[RATE];
        for (int i = 0; i < samples.length; i++) {
            double time = i / (double) RATE;
            boolean quiet = time >= QUIET && time < QUIET + lasting || time > 0.95;
            samples[i] = (float) ((quiet ? 0 : 0.3 * Math.sin(0.05 * i)) + level * (noise.nextDouble() - 0.5));
        }
        return Sound.mono(samples, RATE);
    }

    private static HeardPhone phone(int word, Phone phone, int start, int end) {
        return new HeardPhone(word, 0, 0, phone, start, end, 1);
    }

    private static HeardPhone pause(int start, int end) {
        return phone(HeardPhone.PAUSE, Phone.SIL, start, end);
    }

    private static List<HeardPhone> parted(Sound sound, HeardPhone... heard) {
        return ShortPauses.of(sound).between(Arrays.asList(heard), Pins.none()).phones();
    }

    private static void unchanged(Sound sound, HeardPhone... heard) {
        assertEquals(Arrays.asList(heard), parted(sound, heard));
    }

    @Test
    void wordsThatMeetArePartedByAMomentOfQuiet() {
        for (double level : new double[] {0, 0.002}) {
            for (int meet : new int[] {92, 100, 110}) {
                ShortPauses.Parted found = ShortPauses.of(humming(0.025, level))
                        .between(List.of(phone(0, Phone.AA, 40, meet), phone(1, Phone.L, meet, 150)), Pins.none());
                assertEquals(
                        List.of(0, HeardPhone.PAUSE, 1),
                        found.phones().stream().map(HeardPhone::word).toList());
                assertTrue(Double.isNaN(found.held()[0]) && Double.isNaN(found.held()[3]));
                assertEquals(0.5, found.held()[1], 0.006);
                assertEquals(0.525, found.held()[2], 0.006);
                assertEquals(
                        found.phones().get(0).endFrame(), found.phones().get(1).startFrame());
                assertEquals(
                        found.phones().get(1).endFrame(), found.phones().get(2).startFrame());
                assertEquals(150, found.phones().get(2).endFrame());
            }
        }
    }

    @Test
    void aShortPauseThatWasHeardLastsAsLongAsTheQuiet() {
        ShortPauses.Parted found = ShortPauses.of(humming(0.025, 0))
                .between(
                        List.of(phone(0, Phone.T, 40, 100), pause(100, 118), phone(1, Phone.AA, 118, 150)),
                        Pins.none());
        assertEquals(3, found.phones().size());
        assertEquals(0.5, found.held()[1], 0.006);
        assertEquals(0.525, found.held()[2], 0.006);
        unchanged(humming(0.2, 0), phone(0, Phone.AA, 40, 95), pause(95, 142), phone(1, Phone.AA, 142, 190));
    }

    /** The next word was found to begin a tenth of a second late. */
    @Test
    void aWordBeginsWhereTheQuietBeforeItEnds() {
        HeardPhone[] late = {phone(0, Phone.AA, 40, 98), pause(98, 128), phone(1, Phone.AA, 128, 150)};
        List<HeardPhone> found = parted(humming(0.025, 0), late);
        assertEquals(0.525, found.getLast().startFrame() * 0.005, 0.011);
        // Where it is quiet more than once, as in noise that rises and falls, none of it tells where a word begins.
        Sound twice = Sound.together(
                List.of(humming(0.025, 0).cut(new TimeRange(0, 0.58)), humming(0, 0)), List.of(0.0, 0.6));
        unchanged(twice, late);
    }

    /** Its closure is as quiet. */
    @Test
    void aStopKeepsItsClosure() {
        Sound sound = humming(0.04, 0);
        unchanged(sound, phone(0, Phone.AA, 40, 100), phone(1, Phone.T, 100, 150));
        unchanged(sound, phone(0, Phone.CH, 40, 110), phone(1, Phone.AA, 110, 150));
        ShortPauses.Parted found = ShortPauses.of(sound)
                .between(List.of(phone(0, Phone.AA, 40, 96), pause(96, 105), phone(1, Phone.T, 105, 150)), Pins.none());
        assertEquals(0.5, found.held()[1], 0.006, "the word before has ended");
        assertTrue(Double.isNaN(found.held()[2]));
        assertEquals(105, found.phones().get(2).startFrame());
    }

    @Test
    void nothingIsPartedWhereNothingIsQuietOrItIsNotBetweenWords() {
        HeardPhone first = phone(0, Phone.AA, 40, 100);
        unchanged(humming(0.025, 0.1), first, phone(1, Phone.L, 100, 150));
        unchanged(humming(0.005, 0), first, phone(1, Phone.L, 100, 150));
        unchanged(humming(0.025, 0), phone(0, Phone.AA, 20, 60), phone(1, Phone.L, 60, 150));
        unchanged(humming(0.025, 0), first, phone(0, Phone.L, 100, 150));
        unchanged(humming(0.025, 0), first, phone(HeardPhone.UNSCRIPTED, Phone.L, 100, 150));
    }

    @Test
    void nothingIsMovedBesideWhatAHandSet() {
        TimedPhone set = new TimedPhone(Phone.L, 0.5, 0.75, true);
        Timing earlier = new Timing(
                List.of(
                        new TimedWord("ah", "", List.of(new TimedPhone(Phone.AA, 0.2, 0.5, false)), false, 1),
                        new TimedWord("l", "", List.of(set), false, 1)),
                1);
        List<HeardPhone> heard = List.of(phone(0, Phone.AA, 40, 100), phone(1, Phone.L, 100, 150));
        ShortPauses pauses = ShortPauses.of(humming(0.025, 0));
        assertEquals(
                heard,
                pauses.between(heard, Pins.of(earlier, Script.of("ah l"))).phones());
        assertEquals(3, pauses.between(heard, Pins.none()).phones().size());
    }

    private static Sound spoken(String word) {
        SimulatedVoice.Speech speech = SimulatedVoice.speak(word);
        List<SimulatedVoice.Said> phones =
                speech.phones().stream().filter(p -> p.phone() != Phone.SIL).toList();
        return speech.sound()
                .mixedAt(RATE)
                .cut(new TimeRange(phones.getFirst().start(), phones.getLast().end()));
    }

    /** Words that were cut to their sound, a fortieth of a second apart. */
    @ParameterizedTest
    @CsvSource({"moon, all", "gull, away", "lamp, oar", "sail, no"})
    void wordsAreReadUntilTheyEnd(String first, String second) {
        Sound one = spoken(first);
        Sound other = spoken(second);
        double end = 0.3 + one.duration();
        Sound line =
                Sound.together(List.of(one, other, Sound.silence(0.3, RATE)), List.of(0.3, end + 0.025, end + 0.4));
        Timing timing = Reader.shipped().read(line, Script.of(first + ". " + second + "."), Progress.none());
        assertEquals(end, timing.words().get(0).end(), 0.011);
        assertEquals(end + 0.025, timing.words().get(1).start(), 0.011);
    }
}
