package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Stream;

/**
 * Human speech with known truth: words that people recorded one by one are joined with known gaps, and read. The file of a word
 * is named after it, perhaps with a group before: hat.ogg, moon_star.ogg. Where a word begins and ends is where its own recording
 * stays 10 dB above its quietest part and within 30 dB of its peak, so weak first and last sounds are late and early in this truth,
 * and a room that rings on counts to the word.
 */
final class JoinedWords {
    private static final int RATE = 16_000;
    private static final int WORDS_A_LINE = 6;
    private static final int LINES = 60;
    private static final int HOP = RATE / 200;
    private static final double AUDIBLE = Math.pow(10, -30 / 20.0);
    private static final double ABOVE_NOISE = Math.pow(10, 10 / 20.0);

    private record Spoken(String word, Sound sound) {}

    private JoinedWords() {}

    static void print(Path folder) throws IOException {
        Reader reader = Reader.shipped();
        List<Spoken> all = recordings(folder);
        SplittableRandom random = new SplittableRandom(17);
        List<Double> starts = new ArrayList<>();
        List<Double> ends = new ArrayList<>();
        int said = 0;
        int missing = 0;
        for (int line = 0; line < LINES; line++) {
            List<Spoken> chosen = new ArrayList<>();
            List<Double> begins = new ArrayList<>();
            double at = 0.25;
            for (int w = 0; w < WORDS_A_LINE; w++) {
                Spoken word = all.get(random.nextInt(all.size()));
                chosen.add(word);
                begins.add(at);
                at += word.sound.duration() + 0.1 + 0.4 * random.nextDouble();
            }
            String text = String.join(" ", chosen.stream().map(Spoken::word).toList());
            Timing timing = reader.read(
                    Sound.together(chosen.stream().map(Spoken::sound).toList(), begins),
                    Script.of(text),
                    Progress.none());
            said += WORDS_A_LINE;
            missing += timing.missing().size();
            List<TimedWord> found = timing.words().stream()
                    .filter(w -> w.source() != WordSource.SOUND)
                    .toList();
            if (found.size() == WORDS_A_LINE) {
                for (int w = 0; w < WORDS_A_LINE; w++) {
                    starts.add(Math.abs(found.get(w).start() - begins.get(w)));
                    ends.add(Math.abs(found.get(w).end()
                            - begins.get(w)
                            - chosen.get(w).sound.duration()));
                }
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%d recordings; %d words in %d lines, called missing %.1f %%%n",
                all.size(),
                said,
                LINES,
                100.0 * missing / said);
        System.out.println("starts: " + figures(starts));
        System.out.println("ends:   " + figures(ends));
    }

    private static String figures(List<Double> errors) {
        errors.sort(null);
        return String.format(
                Locale.ROOT,
                "median %.0f ms, within 20/50/100 ms: %.1f / %.1f / %.1f %%",
                1000 * errors.get(errors.size() / 2),
                within(errors, 0.02),
                within(errors, 0.05),
                within(errors, 0.1));
    }

    private static double within(List<Double> errors, double limit) {
        return 100.0 * errors.stream().filter(e -> e <= limit).count() / errors.size();
    }

    private static List<Spoken> recordings(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().matches(".*\\.(ogg|wav|flac)"))
                    .sorted()
                    .map(f -> new Spoken(
                            f.getFileName()
                                    .toString()
                                    .replaceFirst("\\.[^.]*$", "")
                                    .replaceFirst(".*_", ""),
                            audible(SoundReader.read(f, Progress.none())
                                    .mixedAt(RATE)
                                    .mixed())))
                    .toList();
        }
    }

    /** The stretch of a recording in which its word is heard. */
    private static Sound audible(float[] samples) {
        int frames = samples.length / HOP;
        double[] levels = new double[frames];
        double peak = 0;
        for (int f = 0; f < frames; f++) {
            for (int i = f * HOP; i < (f + 1) * HOP; i++) {
                levels[f] += samples[i] * samples[i];
            }
            levels[f] = Math.sqrt(levels[f]);
            peak = Math.max(peak, levels[f]);
        }
        double[] sorted = levels.clone();
        Arrays.sort(sorted);
        double limit = Math.max(AUDIBLE * peak, ABOVE_NOISE * sorted[frames / 20]);
        int first = 0;
        int last = frames - 1;
        while (first < last && levels[first] < limit) {
            first++;
        }
        while (last > first && levels[last] < limit) {
            last--;
        }
        return Sound.mono(Arrays.copyOfRange(samples, first * HOP, (last + 1) * HOP), RATE);
    }
}
