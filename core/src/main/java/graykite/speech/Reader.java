package graykite.speech;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Reads a recorded line: which word and which phone sounds when. Safe to share between threads once made; make it once,
 * loading the model is the slow part.
 */
public final class Reader {
    /** Longest recording that is read in one go, in seconds. */
    public static final double LONGEST = 4 * 3600;

    private static final double SECONDS_A_FRAME = Features.HOP / (double) Features.RATE;

    private final SpeechModel model;
    private final Lexicon lexicon;
    private final LetterToSound letters;

    public Reader(SpeechModel model, Lexicon lexicon, LetterToSound letters) {
        this.model = model;
        this.lexicon = lexicon;
        this.letters = letters;
    }

    /** A reader with everything that ships with Gray Kite. */
    public static Reader shipped() {
        return new Reader(SpeechModel.load(), CmuDictionary.shipped(), new LetterToSound());
    }

    /** Reads with dictionary pronunciations only. */
    public Timing read(Sound sound, Script script, Progress progress) {
        return read(sound, script, Map.of(), progress);
    }

    /**
     * Aligns a script to a sound.
     *
     * @param own pronunciations of the project by plain word; they replace those of the dictionary
     * @return every word of the script, in order
     * @throws BadInput when there are no words, or the sound is silent or too short for them
     */
    public Timing read(Sound sound, Script script, Map<String, Pronunciation> own, Progress progress) {
        if (script.isEmpty()) {
            throw new BadInput("The script has no words. Type or load what is said in the recording.");
        }
        if (sound.peak() < 1e-4) {
            throw new BadInput("The recording is silent, so nothing can be read from it. Choose another file.");
        }
        if (sound.duration() > LONGEST) {
            throw new BadInput("The recording is longer than four hours. Cut it into lines.");
        }
        Features features = Features.of(sound.mixedAt(Features.RATE));
        progress.step(0.1);
        List<WordChoice> choices = new ArrayList<>();
        for (Script.Word word : script.words()) {
            choices.add(choice(word, own));
        }
        Optional<List<Aligner.Heard>> heard = new Aligner(model).align(features, choices, progress.part(0.1, 0.95));
        if (heard.isEmpty()) {
            throw new BadInput(String.format(
                    Locale.ROOT,
                    "The recording lasts %.1f s, too short for the %d words of the script. Check that they belong together.",
                    sound.duration(),
                    script.words().size()));
        }
        Timing timing = timing(heard.get(), choices, sound.duration());
        progress.step(1);
        return timing;
    }

    /** True when the dictionary knows every plain word of a written one. */
    public boolean knows(Script.Word word) {
        return word.spoken().stream().noneMatch(s -> lexicon.pronunciations(s).isEmpty());
    }

    private WordChoice choice(Script.Word word, Map<String, Pronunciation> own) {
        List<Pronunciation> ways = List.of();
        boolean guessed = false;
        for (String spoken : word.spoken()) {
            List<Pronunciation> found = own.containsKey(spoken)
                    ? List.of(own.get(spoken))
                    : lexicon.pronunciations(spoken.toLowerCase(Locale.ROOT));
            if (found.isEmpty()) {
                found = List.of(possessive(spoken).orElseGet(() -> letters.guess(spoken)));
                guessed = true;
            }
            ways = combine(ways, found);
        }
        return new WordChoice(word, ways, guessed);
    }

    /** "ferryman's" is "ferryman" and a sound that depends on its end. */
    private Optional<Pronunciation> possessive(String spoken) {
        if (!spoken.endsWith("'s")) {
            return Optional.empty();
        }
        List<Pronunciation> stem = lexicon.pronunciations(spoken.substring(0, spoken.length() - 2));
        if (stem.isEmpty()) {
            return Optional.empty();
        }
        Phone end = stem.getFirst().phones().getLast();
        List<Phone> ending =
                switch (end) {
                    case S, Z, SH, ZH, CH, JH -> List.of(Phone.IH, Phone.Z);
                    case P, T, K, F, TH -> List.of(Phone.S);
                    default -> List.of(Phone.Z);
                };
        return Optional.of(stem.getFirst().then(new Pronunciation(ending)));
    }

    private static List<Pronunciation> combine(List<Pronunciation> before, List<Pronunciation> after) {
        if (before.isEmpty()) {
            return after;
        }
        List<Pronunciation> all = new ArrayList<>();
        for (Pronunciation a : before) {
            for (Pronunciation b : after) {
                if (all.size() < 12) {
                    all.add(a.then(b));
                }
            }
        }
        return all;
    }

    private static Timing timing(List<Aligner.Heard> heard, List<WordChoice> choices, double duration) {
        List<TimedWord> words = new ArrayList<>();
        List<TimedPhone> phones = new ArrayList<>();
        double score = 0;
        double[] times = BoundaryShift.times(heard, SECONDS_A_FRAME, duration);
        for (int i = 0; i < heard.size(); i++) {
            Aligner.Heard part = heard.get(i);
            if (part.word() < 0) {
                continue;
            }
            phones.add(new TimedPhone(part.phone(), times[i], times[i + 1], false));
            score += part.score() / Math.max(1, part.endFrame() - part.startFrame());
            boolean lastOfWord = i + 1 == heard.size() || heard.get(i + 1).word() != part.word();
            if (lastOfWord) {
                WordChoice choice = choices.get(part.word());
                double fit = fit(score / phones.size());
                words.add(new TimedWord(choice.word().written(), choice.word().mark(), phones, choice.guessed(), fit));
                phones = new ArrayList<>();
                score = 0;
            }
        }
        return new Timing(words, duration);
    }

    /**
     * Log likelihoods a frame lie around -152 for words that are there and around -160 for words that are not, with much
     * overlap (measured on own sentences with right and wrong scripts), so this is a hint and no proof.
     */
    private static double fit(double logLikelihood) {
        return 1 / (1 + Math.exp(-(logLikelihood + 162) / 4));
    }

    /** The stretch of the sound in which words are spoken; the whole sound when there are none. */
    public static TimeRange spoken(Timing timing) {
        if (timing.words().isEmpty()) {
            return new TimeRange(0, timing.duration());
        }
        return new TimeRange(
                timing.words().getFirst().start(), timing.words().getLast().end());
    }
}
