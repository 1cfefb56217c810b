package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.reading.MissingWord;
import graykite.reading.Pins;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Script;
import graykite.text.WordChoice;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Makes a reading of what was heard and when.
 *
 * @param heard phones and pauses without gaps
 * @param times one more value than phones: the start of each and the end of the last, in seconds
 * @param choices the words of the script
 * @param fits how well each word of the script fits, by its index
 * @param texts what is known of words that the script does not have, by the frame at which each begins
 * @param pins what was set by hand before
 */
record HeardTiming(
        List<HeardPhone> heard,
        double[] times,
        List<WordChoice> choices,
        Map<Integer, Double> fits,
        Map<Integer, String> texts,
        Pins pins) {
    /** Phones without words. */
    static HeardTiming wordless(List<HeardPhone> heard, double[] times) {
        return new HeardTiming(heard, times, List.of(), Map.of(), Map.of(), Pins.none());
    }

    Timing timing(double duration) {
        List<TimedWord> words = new ArrayList<>();
        List<MissingWord> missing = new ArrayList<>();
        int next = 0;
        int from = 0;
        for (List<HeardPhone> run : PhoneRuns.runs(heard, texts.keySet())) {
            int word = run.getFirst().word();
            int to = from + run.size();
            if (word == HeardPhone.UNSCRIPTED) {
                String text = texts.getOrDefault(run.getFirst().startFrame(), TimedWord.UNSCRIPTED);
                words.add(new TimedWord(text, "", phones(from, to), WordSource.SOUND, 0));
            } else if (word != HeardPhone.PAUSE) {
                while (next < word) {
                    missing.add(missing(next++, words.size()));
                }
                next = word + 1;
                WordChoice choice = choices.get(word);
                words.add(new TimedWord(
                        choice.word().written(),
                        choice.word().mark(),
                        phones(from, to),
                        choice.guessed(),
                        fits.get(word)));
            }
            from = to;
        }
        while (next < choices.size()) {
            missing.add(missing(next++, words.size()));
        }
        return new Timing(words, missing, duration);
    }

    private MissingWord missing(int word, int before) {
        Script.Word written = choices.get(word).word();
        return new MissingWord(written.written(), written.mark(), before);
    }

    private List<TimedPhone> phones(int from, int to) {
        List<TimedPhone> phones = new ArrayList<>();
        for (int i = from; i < to; i++) {
            HeardPhone part = heard.get(i);
            boolean pinned =
                    part.word() >= 0 && pins.at(part.word(), part.index()).isPresent();
            phones.add(new TimedPhone(part.phone(), times[i], times[i + 1], pinned));
        }
        return phones;
    }
}
