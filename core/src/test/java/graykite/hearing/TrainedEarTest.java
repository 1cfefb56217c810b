package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.hearing.SimulatedVoice.Said;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import graykite.text.Script;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** What reading makes of what a trained ear hears, with ears that know the truth of a voice of flite, or something else. */
class TrainedEarTest {
    private static final int LACKING = 3;

    private static Reader reader;
    private static Script script;
    private static Sound sound;
    private static List<Said> truth;

    @BeforeAll
    static void load() throws Exception {
        reader = Reader.shipped();
        script = Script.of(Recordings.text("slt-4.txt"));
        sound = Recordings.sound("slt-4");
        truth = Recordings.truth("slt-4");
    }

    /** An ear that always hears the same, and counts how often it is asked. */
    private static final class Ear implements TrainedEar {
        final Optional<Script> words;
        final Optional<PhoneOdds> phones;
        int askedForWords;
        int askedForPhones;

        Ear(Optional<Script> words, Optional<PhoneOdds> phones) {
            this.words = words;
            this.phones = phones;
        }

        static Ear hears(String words) {
            return new Ear(Optional.of(Script.of(words)), Optional.empty());
        }

        @Override
        public Optional<Script> words(Sound heard, Progress progress) {
            askedForWords++;
            return words;
        }

        @Override
        public Optional<PhoneOdds> phones(Sound heard, Progress progress) {
            askedForPhones++;
            return phones;
        }
    }

    /** Odds of an ear that is sure of the phones of the truth, all of them so many seconds late. */
    private static PhoneOdds sure(double late) {
        float[][] odds = new float[(int) (sound.duration() / PhoneOdds.STEP)][Phone.values().length];
        for (int m = 0; m < odds.length; m++) {
            double time = m * PhoneOdds.STEP + PhoneOdds.FIRST - late;
            Arrays.fill(odds[m], -8);
            odds[m][at(time).ordinal()] = 0;
        }
        return new PhoneOdds(odds);
    }

    private static Phone at(double time) {
        return truth.stream()
                .filter(p -> p.start() <= time && time < p.end())
                .findFirst()
                .map(Said::phone)
                .orElse(Phone.SIL);
    }

    private static double right(Timing reading) {
        return RightTime.between(reading, truth, p -> p).share();
    }

    @Test
    void wordsThatAreHeardGiveTheirSoundsAndNoText() {
        Timing heard = reader.with(Ear.hears(script.text())).listen(sound, Progress.none());
        Timing read = reader.read(sound, script, Progress.none());
        assertEquals(read.segments(), heard.segments());
        for (TimedWord word : heard.words()) {
            assertEquals(new TimedWord(TimedWord.UNSCRIPTED, "", word.phones(), WordSource.SOUND, 0), word);
        }
        assertTrue(heard.missing().isEmpty());
    }

    @Test
    void wordsThatDoNotFitTheSoundAreNotBelieved() {
        Timing alone = reader.listen(sound, Progress.none());
        String others = "Sugar prices fell again because nobody bought chocolate cake during winter months";
        Ear ear = Ear.hears(others);
        assertEquals(alone, reader.with(ear).listen(sound, Progress.none()));
        assertEquals(1, ear.askedForWords, "It is not asked whether it heard right.");
        assertEquals(alone, reader.with(TrainedEar.none()).listen(sound, Progress.none()));
    }

    @Test
    void phonesThatAreHeardMakeTheSoundAloneRight() {
        double alone = right(reader.listen(sound, Progress.none()));
        Ear knows = new Ear(Optional.empty(), Optional.of(sure(0)));
        double trained = right(reader.with(knows).listen(sound, Progress.none()));
        assertTrue(alone < 0.85, alone + " by our model alone");
        assertTrue(trained > 0.9, trained + " with the truth beside it");
        Ear late = new Ear(Optional.empty(), Optional.of(sure(0.1)));
        assertTrue(
                right(reader.with(late).listen(sound, Progress.none())) < trained - 0.2, "Times are those of the ear.");
    }

    @Test
    void whoIsAskedDependsOnTheLanguage() {
        Ear ear = new Ear(Optional.empty(), Optional.of(sure(0)));
        Reader english = reader.with(ear);
        Reader spanish = english.with(Pronouncer.of(Language.SPANISH));
        english.read(sound, script, Progress.none());
        assertEquals(0, ear.askedForWords + ear.askedForPhones, "A script in English is read without.");
        Timing alone = english.listen(sound, Progress.none());
        assertEquals(1, ear.askedForWords);
        assertEquals(1, ear.askedForPhones);
        assertEquals(alone, spanish.listen(sound, Progress.none()));
        assertEquals(1, ear.askedForWords, "It knows no words of Spanish.");
        assertEquals(2, ear.askedForPhones);
        spanish.read(sound, script, Progress.none());
        assertEquals(3, ear.askedForPhones);
    }

    /** Who wrote the words is no witness of them: doubts of a draft stay, and its phones are still heard. */
    @Test
    void aDraftIsDoubtedWithoutAskingWhoDraftedIt() {
        Script wrong = Script.of(script.text() + " Sugar prices fell again");
        Ear ear = Ear.hears(wrong.text());
        Timing drafted = reader.with(ear).ofDrafts().read(sound, wrong, Progress.none());
        assertEquals(0, ear.askedForWords);
        assertEquals(reader.read(sound, wrong, Progress.none()), drafted);
        reader.with(ear).read(sound, wrong, Progress.none());
        assertEquals(1, ear.askedForWords, "The script of a person is held against it.");
        Ear phones = new Ear(Optional.empty(), Optional.of(sure(0)));
        assertEquals(phones.phones, phones.withoutWords().phones(sound, Progress.none()));
    }

    /** In another language a word that was not said is told from one that was by what the ear hears of both. */
    @Test
    void anotherLanguageIsReadWithWhatTheEarHears() {
        Script wrong = Script.of("uno dos tres cuatro cinco seis siete ocho nueve diez");
        Reader spanish = reader.with(Pronouncer.of(Language.SPANISH));
        Timing own = spanish.read(sound, wrong, Progress.none());
        Ear knows = new Ear(Optional.empty(), Optional.of(sure(0)));
        Timing trained = spanish.with(knows).read(sound, wrong, Progress.none());
        assertNotEquals(own, trained);
        assertTrue(
                trained.missing().size() >= own.missing().size(),
                trained.missing().size() + " missing, without the ear "
                        + own.missing().size());
    }

    /** Where several words lack in a script the right path falls far behind before it is past them. */
    @Test
    void wordsStayInPlaceBesideOthersThatLack() {
        Reader spanish =
                reader.with(Pronouncer.of(Language.SPANISH)).with(new Ear(Optional.empty(), Optional.of(sure(0))));
        List<String> words = List.of(
                script.text().toLowerCase(Locale.ROOT).replaceAll("[^a-z ]", "").split(" "));
        Map<String, Pronunciation> own = new HashMap<>();
        words.forEach(w -> own.put(w, reader.pronouncer().ways(w).getFirst()));
        Timing exact = spanish.read(sound, script, own, Progress.none());
        for (int first = 1; first + LACKING < words.size(); first++) {
            List<String> rest = new ArrayList<>(words);
            rest.subList(first, first + LACKING).clear();
            Timing read = spanish.read(sound, Script.of(String.join(" ", rest)), own, Progress.none());
            assertEquals(List.of(), read.missing());
            for (int w = 0; w < rest.size(); w++) {
                TimedWord there = exact.words().get(w < first ? w : w + LACKING);
                assertEquals(there.start(), read.scripted().get(w).start(), 0.03, rest.get(w) + " of " + rest);
            }
        }
    }

    /** Our own voice under noise as loud as it: words lie where the ear has them too, and which were said is told without it. */
    @Test
    void throughNoiseWordsArePlacedByWhatTheEarHears() {
        Sound murky = noisy(sound);
        Ear knows = new Ear(Optional.empty(), Optional.of(sure(0)));
        Timing alone = reader.read(murky, script, Progress.none());
        Timing helped = reader.with(knows).read(murky, script, Progress.none());
        assertEquals(1, knows.askedForPhones);
        double before = ReadingError.between(alone, truth).within(0.05);
        double after = ReadingError.between(helped, truth).within(0.05);
        assertTrue(after > before + 0.03, after + " within 50 ms, alone " + before);
        assertEquals(alone.text(), helped.text());
        assertEquals(fits(alone), fits(helped));
    }

    private static List<String> fits(Timing timing) {
        return timing.words().stream()
                .map(w -> w.text() + " " + w.source() + " " + w.fit())
                .toList();
    }

    /** The same with white noise whose power is the voice's. */
    private static Sound noisy(Sound voice) {
        SplittableRandom random = new SplittableRandom(3);
        float[] samples = voice.mixedAt(Features.RATE).mixed().clone();
        double power = 0;
        for (float sample : samples) {
            power += sample * sample / samples.length;
        }
        for (int i = 0; i < samples.length; i++) {
            samples[i] += (float) (Math.sqrt(power) * random.nextGaussian());
        }
        return Sound.mono(samples, Features.RATE);
    }

    @Test
    void cancelReachesTheEar() {
        TrainedEar slow = new TrainedEar() {
            @Override
            public Optional<Script> words(Sound heard, Progress progress) {
                progress.step(0);
                return Optional.empty();
            }
        };
        Progress stopped = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThrows(CancellationException.class, () -> reader.with(slow).listen(sound, stopped));
    }

    @Test
    void momentsAreTheNearestOnesAndTellOfEveryPhone() {
        float[][] two = new float[2][Phone.values().length];
        two[1][0] = -4;
        PhoneOdds odds = new PhoneOdds(two);
        assertEquals(0, odds.at(0)[0], "28 ms is the first moment, and nothing is before it");
        assertEquals(0, odds.at(7)[0], "35 ms");
        assertEquals(-4, odds.at(9)[0], "45 ms is nearer to 52 ms");
        assertEquals(-4, odds.at(4000)[0], "nor after the last");
        assertEquals(-8, odds.times(2).at(9)[0]);
        assertThrows(IllegalArgumentException.class, () -> new PhoneOdds(new float[0][]));
        assertThrows(IllegalArgumentException.class, () -> new PhoneOdds(new float[3][5]));
    }
}
