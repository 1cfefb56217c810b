package graykite.media.ear;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.hearing.Reader;
import graykite.hearing.RightTime;
import graykite.hearing.SimulatedVoice;
import graykite.hearing.SimulatedVoice.Speech;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;

/** What was learnt of phones never met this voice or its speaker (bench: PhoneTraining). */
class NetworkEarTest {
    private static final NetworkEar EAR = new NetworkEar();
    private static final Reader READER = Reader.shipped();

    @Test
    void isLoadedOnce() {
        assertSame(EAR.drafter(), EAR.drafter());
    }

    @Test
    void hearsNoWordsInSilence() {
        assertEquals(Optional.empty(), EAR.words(Sound.silence(3, 16_000), Progress.none()));
    }

    /** Truth: when the voice made each phone. By our model alone 70 % of the time is right in a hundred such sentences, by words 89 %. */
    @Test
    void wordsThatAreHeardMakeMorePhonesRightThanTheSoundAlone() {
        List<Speech> lines = List.of(
                SimulatedVoice.speak("The fog bell rang before the boat went out to sea."),
                SimulatedVoice.speak("Please bring the heavy ropes and leave the lamp on the table."),
                SimulatedVoice.speak("Nobody saw the keeper climb the stairs that evening."));
        double alone = right(READER, lines);
        double heard = right(READER.with(EAR), lines);
        assertTrue(heard > 0.8, heard + " of the time");
        assertTrue(heard > alone + 0.1, heard + " of the time, by our model alone " + alone);
    }

    /** Truth as above; the words are those of three other languages, of which the ear knows none. */
    @Test
    void soundsOfOtherLanguagesAreHeardBetterThanByOurModelAlone() {
        List<Speech> lines = List.of(
                say(Language.SPANISH, "la barca sale del puerto por la mañana"),
                say(Language.ITALIAN, "la nave porta le mele e il pane al capitano"),
                say(Language.GERMAN, "morgen regnet es und der kapitän ist müde"));
        Reader spanish = READER.with(Pronouncer.of(Language.SPANISH));
        double alone = right(spanish, lines);
        double heard = right(spanish.with(EAR), lines);
        assertTrue(heard > alone + 0.08, heard + " of the time, by our model alone " + alone);
    }

    private static Speech say(Language language, String sentence) {
        Pronouncer pronouncer = Pronouncer.of(language);
        List<Phone> phones = new ArrayList<>();
        for (String word : sentence.split(" ")) {
            phones.addAll(pronouncer.ways(word).getFirst().phones());
        }
        return SimulatedVoice.say(new Pronunciation(phones));
    }

    private static double right(Reader reader, List<Speech> lines) {
        return lines.stream()
                .map(l -> RightTime.between(reader.listen(l.sound(), Progress.none()), l.phones(), p -> p))
                .reduce(RightTime.NONE, RightTime::plus)
                .share();
    }

    /** A sound that is too long to be heard at once tells of its moments in step: what comes again is heard again. */
    @Test
    void momentsKeepInStepThroughLongSounds() {
        Sound line = SimulatedVoice.speak("The fog bell rang before the boat went out to sea.")
                .sound()
                .mixedAt(16_000);
        // A whole number of moments lies between two of them, so that they fall alike.
        double every = PhoneOdds.STEP * Math.ceil((line.duration() + 1) / PhoneOdds.STEP);
        List<Sound> again = new ArrayList<>();
        List<Double> starts = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            again.add(line);
            starts.add(i * every);
        }
        Sound all = Sound.together(again, starts);
        assertTrue(all.duration() > 30, all.duration() + " s");
        float[][] odds = EAR.phones(all, Progress.none()).orElseThrow().logarithms();
        assertEquals(all.duration() / PhoneOdds.STEP, odds.length, 1);
        int step = (int) Math.round(every / PhoneOdds.STEP);
        int spoken = (int) (line.duration() / PhoneOdds.STEP);
        for (int i = 1; i < 10; i++) {
            int alike = 0;
            for (int m = 2; m < spoken - 2; m++) {
                alike += best(odds[m]) == best(odds[i * step + m]) ? 1 : 0;
            }
            assertTrue(alike > 0.75 * (spoken - 4), alike + " of " + (spoken - 4) + " in line " + i);
        }
    }

    /** What is left over behind the last cut may be shorter than a moment. */
    @Test
    void aRestOfAFewSamplesIsHeardToo() {
        Sound sound = Sound.silence(24.002, 16_000);
        float[][] odds = EAR.phones(sound, Progress.none()).orElseThrow().logarithms();
        assertEquals(1001, odds.length);
        assertEquals(Phone.SIL.ordinal(), best(odds[500]));
    }

    private static int best(float[] moment) {
        int best = 0;
        for (int p = 1; p < moment.length; p++) {
            if (moment[p] > moment[best]) {
                best = p;
            }
        }
        return best;
    }

    @Test
    void phonesOfTheSameSoundAreTheSame() {
        Sound line = SimulatedVoice.speak("Boat ahead!").sound();
        assertArrayEquals(
                EAR.phones(line, Progress.none()).orElseThrow().logarithms(),
                new NetworkEar().phones(line, Progress.none()).orElseThrow().logarithms());
        assertThrows(
                CancellationException.class,
                () -> EAR.phones(line, new Progress() {
                    @Override
                    public void at(double fraction) {}

                    @Override
                    public boolean cancelled() {
                        return true;
                    }
                }));
    }
}
