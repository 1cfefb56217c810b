package graykite.bench.proof;

import graykite.reading.MissingWord;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.function.UnaryOperator;

/** Faults of words and recordings. */
final class PlantedWords {
    private PlantedWords() {}

    static Map<String, Planted.Kind> kinds() {
        Map<String, Planted.Kind> all = new TreeMap<>();
        all.put("word-missing", PlantedWords::missing);
        all.put(
                "word-unscripted",
                (c, r) -> word(c, r, w -> new TimedWord(TimedWord.UNSCRIPTED, "", w.phones(), WordSource.SOUND, 0)));
        all.put(
                "word-unknown",
                (c, r) -> word(
                        c, r, w -> new TimedWord(w.text() + "ish", w.mark(), w.phones(), WordSource.LETTERS, 0.9)));
        all.put(
                "word-weak",
                (c, r) -> word(
                        c, r, w -> new TimedWord(w.text(), w.mark(), w.phones(), w.source(), r.nextDouble(0, 0.04))));
        all.put("words-foreign", (c, r) -> {
            Timing timing = c.timing();
            Timing foreign = timing.withWords(timing.words().stream()
                    .map(w -> new TimedWord(w.text(), w.mark(), w.phones(), w.source(), r.nextDouble(0, 0.3)))
                    .toList());
            return timing.words().size() < 3 ? Optional.empty() : Planted.at(c.with(foreign), 0, c.duration());
        });
        all.put("sound-clipped", (c, r) -> {
            double gain = r.nextDouble(1.5, 4) / c.sound().peak();
            return sound(c, "clipped", s -> Math.clamp(gain * s, -1, 1));
        });
        all.put("sound-quiet", (c, r) -> {
            double gain = r.nextDouble(0.002, 0.015) / c.sound().peak();
            return sound(c, "quiet", s -> gain * s);
        });
        all.put("sound-noisy", (c, r) -> {
            double noise = c.sound().peak() * r.nextDouble(0.12, 0.3);
            return sound(c, "noisy", s -> s + noise * r.nextDouble(-1, 1));
        });
        all.put("sound-cut", PlantedWords::cut);
        return all;
    }

    private static Optional<Planted> missing(Clean clean, SplittableRandom random) {
        Timing timing = clean.timing();
        int w = random.nextInt(timing.words().size());
        TimedWord gone = timing.words().get(w);
        List<TimedWord> left = new ArrayList<>(timing.words());
        left.remove(w);
        Timing without = new Timing(left, List.of(new MissingWord(gone.text(), gone.mark(), w)), timing.duration());
        double time = w < left.size() ? left.get(w).start() : timing.duration();
        return left.isEmpty() ? Optional.empty() : Planted.at(clean.with(without), time, time);
    }

    private static Optional<Planted> word(Clean clean, SplittableRandom random, UnaryOperator<TimedWord> change) {
        Timing timing = clean.timing();
        List<TimedWord> words = new ArrayList<>(timing.words());
        int w = random.nextInt(words.size());
        words.set(w, change.apply(words.get(w)));
        return Planted.at(
                clean.with(timing.withWords(words)),
                words.get(w).start(),
                words.get(w).end());
    }

    private static Optional<Planted> sound(Clean clean, String as, DoubleUnaryOperator change) {
        float[] samples = clean.sound().mixed().clone();
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) change.applyAsDouble(samples[i]);
        }
        return Planted.at(clean.recorded(as, Sound.mono(samples, clean.sound().rate())), 0, clean.duration());
    }

    /** The recording begins in the middle of a vowel; what is cut off is made up for by silence behind. */
    private static Optional<Planted> cut(Clean clean, SplittableRandom random) {
        List<Double> vowels = clean.timing().words().stream()
                .flatMap(w -> w.phones().stream())
                .filter(p -> p.phone().isVowel() && p.length() > 0.08)
                .map(p -> (p.start() + p.end()) / 2)
                .toList();
        if (vowels.isEmpty()) {
            return Optional.empty();
        }
        double from = vowels.get(random.nextInt(vowels.size()));
        Sound cut = clean.sound().cut(new TimeRange(from, from + clean.duration()));
        return Planted.at(clean.recorded("cut", cut), 0, 0);
    }
}
