package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.ReadingError;
import graykite.hearing.SimulatedVoice.Said;
import graykite.reading.Doubt;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * How sung lines are read with their words: what is heard that nobody sang, which right words are doubted, and whether it is the vowels that are
 * held. A folder holds songs with the times of their phones, or speech of which songs are made.
 */
final class Songs {
    private int lines;
    private int unsung;
    private int missing;
    private int weak;
    private ReadingError boundaries;
    private double vowels;
    private double vowelsRead;
    private double consonants;
    private double consonantsRead;

    private Songs() {}

    /** @param spoken true when the vowels of the sentences are to be held first */
    static void print(Path folder, boolean spoken, Every every) throws IOException {
        Reader reader = Reader.shipped().with(Trained.ear());
        Songs songs = new Songs();
        for (SpokenSentence sentence : every.of(SpokenSentence.in(folder))) {
            Manners.Song song = spoken
                    ? Manners.sung(sentence.sound(), sentence.phones())
                    : new Manners.Song(sentence.sound(), sentence.phones());
            songs.one(song, reader.read(song.sound(), Script.of(sentence.text()), Progress.none()));
        }
        System.out.println(songs.figures());
    }

    private void one(Manners.Song song, Timing timing) {
        ReadingError error = ReadingError.between(timing, song.phones());
        boundaries = lines == 0 ? error : boundaries.and(error);
        lines++;
        List<TimedWord> words = timing.words();
        unsung +=
                (int) words.stream().filter(w -> w.source() == WordSource.SOUND).count();
        missing += timing.missing().size();
        weak += (int) Doubt.of(timing).stream()
                .filter(d -> d.reason() == Doubt.Reason.WEAK)
                .count();
        for (Said sung : song.phones()) {
            if (sung.phone() != Phone.SIL) {
                vowels += sung.phone().isVowel() ? sung.end() - sung.start() : 0;
                consonants += sung.phone().isVowel() ? 0 : sung.end() - sung.start();
                vowelsRead += sung.phone().isVowel() ? shared(sung, words) : 0;
            }
        }
        consonantsRead += phones(words)
                .filter(p -> !p.phone().isVowel())
                .mapToDouble(TimedPhone::length)
                .sum();
    }

    /** Seconds of a vowel that are read as a vowel of the script. */
    private static double shared(Said vowel, List<TimedWord> words) {
        return phones(words.stream().filter(w -> w.source() != WordSource.SOUND).toList())
                .filter(p -> p.phone().isVowel())
                .mapToDouble(p -> Math.max(0, Math.min(p.end(), vowel.end()) - Math.max(p.start(), vowel.start())))
                .sum();
    }

    private static Stream<TimedPhone> phones(List<TimedWord> words) {
        return words.stream().flatMap(w -> w.phones().stream());
    }

    private String figures() {
        return String.format(
                Locale.ROOT,
                "%d songs: stretches heard that nobody sang %d, words called missing %d, said not to fit %d%n%s%n"
                        + "vowels read as vowels %.1f %% of their time, consonants last %.2f times theirs",
                lines,
                unsung,
                missing,
                weak,
                boundaries,
                100 * vowelsRead / vowels,
                consonantsRead / consonants);
    }
}
