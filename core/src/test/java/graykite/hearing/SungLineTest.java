package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Retimed;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Script;
import graykite.text.WordChoice;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines whose vowels are held three times as long as the simulated voice speaks them. */
class SungLineTest {
    private static final Reader READER = Reader.shipped();
    private static final String LINE = "The noise woke everybody aboard.";

    /** A song and how many seconds its vowels last. */
    private record Song(Sound sound, double vowels) {}

    private static Song sung(String text, double held) {
        SimulatedVoice.Speech speech = SimulatedVoice.speak(text);
        List<TimeMap.Pair> pairs = new ArrayList<>();
        double later = 0;
        double vowels = 0;
        for (SimulatedVoice.Said said : speech.phones()) {
            if (said.phone().isVowel()) {
                pairs.add(new TimeMap.Pair(said.start(), said.start() + later));
                later += (held - 1) * (said.end() - said.start());
                pairs.add(new TimeMap.Pair(said.end(), said.end() + later));
                vowels += held * (said.end() - said.start());
            }
        }
        TimeMap holding = new TimeMap(pairs);
        return new Song(Retimed.of(speech.sound().mixedAt(Features.RATE), holding), vowels);
    }

    private static Optional<HeldSounds> held(Sound plain, String text) {
        return HeldSounds.in(plain, Features.of(plain), words(text));
    }

    private static List<WordChoice> words(String text) {
        return Script.of(text).words().stream()
                .map(w -> READER.pronouncer().choice(w, Map.of()))
                .toList();
    }

    @Test
    void whatIsHeldIsMadeShorterAndWhatIsSpokenIsNot() {
        assertEquals(Optional.empty(), held(sung(LINE, 1).sound, LINE));
        Song song = sung(LINE, 3);
        HeldSounds held = held(song.sound, LINE).orElseThrow();
        double spoken = sung(LINE, 1).sound.duration();
        assertTrue(song.sound.duration() > 1.7 * spoken);
        assertEquals(spoken, held.shorter().duration(), 0.35 * spoken);
        assertEquals(held.shorter().duration(), held.shortening().after(song.sound.duration()), 0.001);
        assertTrue(held.shortening().extremes()[1] <= 1 && held.shortening().extremes()[0] >= 0.25);
        assertEquals(
                Optional.empty(), held(song.sound, "The noise."), "so few vowels tell nothing of how quick a line is");
    }

    @Test
    void aRecordingOfWhichTheScriptHasAPartAloneIsNoSong() {
        Song song = sung(LINE, 3);
        Sound evening = Sound.together(List.of(song.sound, song.sound), List.of(0.0, 601.0));
        assertEquals(Optional.empty(), HeldSounds.in(evening, Features.of(song.sound), words(LINE)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                LINE,
                "All the gulls are sleeping on the pier tonight.",
                "Row the little boat across the bay.",
                "The point is that the boat will never go to sea."
            })
    void nothingIsHeardThatNobodySingsAndItIsVowelsThatAreHeld(String text) {
        Song song = sung(text, 3);
        Timing timing = READER.read(song.sound, Script.of(text), Progress.none());
        assertEquals(
                Script.of(text).written(),
                timing.words().stream().map(TimedWord::text).toList());
        assertEquals(List.of(), timing.missing());
        double vowels = timing.words().stream()
                .flatMap(w -> w.phones().stream())
                .filter(p -> p.phone().isVowel())
                .mapToDouble(TimedPhone::length)
                .sum();
        assertEquals(1, vowels / song.vowels, 0.15);
    }

    @Test
    void aWordThatNobodySingsIsStillMissed() {
        Song song = sung(LINE, 3);
        Timing timing = READER.read(song.sound, Script.of("The noise woke Pamela aboard."), Progress.none());
        assertTrue(
                timing.words().stream().anyMatch(w -> w.source() == WordSource.SOUND)
                        || timing.missing().stream().anyMatch(m -> m.text().equals("Pamela"))
                        || timing.words().stream().anyMatch(w -> w.text().equals("Pamela") && w.fit() < 0.4),
                timing.toString());
    }

    /** What was set by hand in a song keeps its time when it is read again. */
    @Test
    void whatIsPinnedStaysInASong() {
        Song song = sung(LINE, 3);
        Timing read = READER.read(song.sound, Script.of(LINE), Progress.none());
        double end = read.words().get(1).phones().getFirst().end();
        Timing moved = read.withStart(1, 1, end + 0.03);
        TimedPhone pinned = moved.words().get(1).phones().getFirst();
        assertEquals(end + 0.03, pinned.end(), 1e-6);
        Timing again = READER.reread(song.sound, Script.of(LINE), Map.of(), moved, Progress.none());
        assertEquals(pinned, again.words().get(1).phones().getFirst());
        assertEquals(
                Script.of(LINE).written(),
                again.words().stream().map(TimedWord::text).toList());
    }

    /** Made shorter, sounds that follow each other by hand leave each other no room. */
    @Test
    void aSongOfWhichEverySoundWasSetIsReadAgainAsItWas() {
        Song song = sung(LINE, 3);
        Timing read = READER.read(song.sound, Script.of(LINE), Progress.none());
        List<TimedWord> words = new ArrayList<>();
        for (TimedWord word : read.words()) {
            List<TimedPhone> phones = new ArrayList<>();
            double at = 0.3 + 0.8 * words.size();
            for (TimedPhone phone : word.phones()) {
                phones.add(new TimedPhone(phone.phone(), at, at + 0.03, true));
                at += 0.03;
            }
            words.add(word.withPhones(phones));
        }
        Timing set = read.withWords(words);
        Timing again = READER.reread(song.sound, Script.of(LINE), Map.of(), set, Progress.none());
        assertEquals(
                set.words().stream().map(TimedWord::phones).toList(),
                again.scripted().stream().map(TimedWord::phones).toList());
    }

    @Test
    void aHeldDiphthongMayBeHeardAsItsFirstSound() {
        Map<Phone, List<Phone>> alike = SungLine.alike(Map.of(Phone.OY, List.of(Phone.ER), Phone.Z, List.of(Phone.S)));
        assertEquals(List.of(Phone.ER, Phone.AO), alike.get(Phone.OY));
        assertEquals(List.of(Phone.S), alike.get(Phone.Z));
        assertEquals(List.of(Phone.EH), alike.get(Phone.EY));
    }
}
