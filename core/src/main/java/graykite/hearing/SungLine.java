package graykite.hearing;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.reading.Pins;
import graykite.text.Phone;
import graykite.text.WordChoice;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A line that may be sung. Which of its words were said is asked of the line with its held sounds made shorter; when they were, of the line as it
 * is. Who holds a diphthong holds its first sound and glides at its end (common practice), so there it may be heard as its first sound.
 *
 * @param shorter searches the line with its held sounds made shorter
 * @param features of that
 * @param whole lays words into the line as it is
 */
record SungLine(ScriptSearch shorter, Features features, Aligner whole) {
    /**
     * Frames that the middle one of a song's vowels lasts at least: 150 ms. Vowels held three times as long as spoken have 140 to 420 ms, of
     * announcements by people 99 in a hundred have less.
     */
    private static final int HELD = 30;

    private static final Map<Phone, List<Phone>> HELD_AS = Map.of(
            Phone.OY, List.of(Phone.AO),
            Phone.OW, List.of(Phone.AO, Phone.AH),
            Phone.AY, List.of(Phone.AA, Phone.AH),
            Phone.AW, List.of(Phone.AA, Phone.AE),
            Phone.EY, List.of(Phone.EH));

    /** What phones may sound like where they are held. @param spoken what they may sound like elsewhere */
    static Map<Phone, List<Phone>> alike(Map<Phone, List<Phone>> spoken) {
        Map<Phone, List<Phone>> alike = new HashMap<>(spoken);
        HELD_AS.forEach((phone, others) -> alike.merge(
                phone, others, (a, b) -> Stream.concat(a.stream(), b.stream()).toList()));
        return alike;
    }

    /**
     * What was heard.
     *
     * @param line in the line as it is
     * @param judged by which it is told how well words fit their sound
     */
    record Heard(ScriptSearch.Heard line, ScriptSearch.Heard judged) {
        /** Of a line that is spoken. */
        static Heard spoken(ScriptSearch.Heard line) {
            return new Heard(line, line);
        }
    }

    /**
     * What was sung, if vowels are held and that explains the whole line, or more of it than what was heard of it as it is.
     *
     * @param spoken what was heard of the line as it is
     * @param lineFeatures of the line as it is
     * @param pins on its clock
     * @param shorterPins the same on the clock of the shorter one
     */
    Heard heard(
            ScriptSearch.Heard spoken,
            Features lineFeatures,
            List<WordChoice> choices,
            Pins pins,
            Pins shorterPins,
            Progress progress) {
        return heardShorter(choices, shorterPins, progress.part(0, 0.7))
                .filter(sung ->
                        unexplained(sung, choices) == 0 || unexplained(sung, choices) < unexplained(spoken, choices))
                .flatMap(sung -> sung.again(whole, lineFeatures, choices, pins, progress.part(0.7, 1))
                        .filter(SungLine::holdsItsVowels)
                        .map(line -> new Heard(line, sung)))
                .orElseGet(() -> Heard.spoken(spoken));
    }

    /** None when there is no room for the words, or between those that a hand set: there may be in the line as it is. */
    private Optional<ScriptSearch.Heard> heardShorter(List<WordChoice> choices, Pins pins, Progress progress) {
        try {
            return Optional.of(shorter.hear(features, choices, pins, progress).withTrailingSounds());
        } catch (BadInput noRoom) {
            return Optional.empty();
        }
    }

    private static boolean holdsItsVowels(ScriptSearch.Heard line) {
        int[] vowels = line.phones().stream()
                .filter(p -> p.phone().isVowel())
                .mapToInt(p -> p.endFrame() - p.startFrame())
                .sorted()
                .toArray();
        return vowels.length > 0 && vowels[vowels.length / 2] >= HELD;
    }

    /** Words of the script that were not heard, and stretches that it does not have. */
    private static long unexplained(ScriptSearch.Heard heard, List<WordChoice> choices) {
        List<List<HeardPhone>> runs = PhoneRuns.runs(heard.phones());
        long stretches = runs.stream()
                .filter(r -> r.getFirst().word() == HeardPhone.UNSCRIPTED)
                .count();
        long words = runs.stream().filter(r -> r.getFirst().word() >= 0).count();
        return stretches + choices.size() - words;
    }
}
