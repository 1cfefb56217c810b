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

/**
 * Makes a reading of what was heard and when.
 *
 * @param heard phones and pauses without gaps
 * @param times one more value than phones: the start of each and the end of the last, in seconds
 * @param choices the words of the script
 * @param ceiling by analysis frame, how likely the sound up to it is at best; empty when there is no script
 * @param pins what was set by hand before
 * @param tongue whether the words are of the language of the acoustic model
 */
record HeardTiming(
        List<HeardPhone> heard, double[] times, List<WordChoice> choices, double[] ceiling, Pins pins, Tongue tongue) {
    HeardTiming(List<HeardPhone> heard, double[] times, List<WordChoice> choices, double[] ceiling) {
        this(heard, times, choices, ceiling, Pins.none(), Tongue.OWN);
    }

    HeardTiming pinned(Pins held) {
        return new HeardTiming(heard, times, choices, ceiling, held, tongue);
    }

    HeardTiming spokenIn(Tongue otherTongue) {
        return new HeardTiming(heard, times, choices, ceiling, pins, otherTongue);
    }

    Timing timing(double duration) {
        LineFit fit = new LineFit(heard, ceiling, tongue);
        List<TimedWord> words = new ArrayList<>();
        List<MissingWord> missing = new ArrayList<>();
        int next = 0;
        int i = 0;
        while (i < heard.size()) {
            int word = heard.get(i).word();
            if (word == HeardPhone.PAUSE) {
                i++;
                continue;
            }
            int from = i;
            while (i < heard.size() && heard.get(i).word() == word) {
                i++;
            }
            if (word == HeardPhone.UNSCRIPTED) {
                words.add(new TimedWord(TimedWord.UNSCRIPTED, "", phones(from, i), WordSource.SOUND, 0));
                continue;
            }
            while (next < word) {
                missing.add(missing(next++, words.size()));
            }
            next = word + 1;
            WordChoice choice = choices.get(word);
            words.add(new TimedWord(
                    choice.word().written(),
                    choice.word().mark(),
                    phones(from, i),
                    choice.guessed(),
                    fit.of(heard.subList(from, i), isUnscripted(from - 1) || isUnscripted(i))));
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

    private boolean isUnscripted(int at) {
        return at >= 0 && at < heard.size() && heard.get(at).word() == HeardPhone.UNSCRIPTED;
    }
}
