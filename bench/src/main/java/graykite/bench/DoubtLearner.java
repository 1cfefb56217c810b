package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.WordSigns;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Learns what the signs of a word weigh when it is asked whether it was said, from recordings with their words of which a tenth is
 * replaced by others, each laid into the sound in any case; and tells how well weights do that were learnt from the other folders
 * alone.
 */
final class DoubtLearner {
    private static final double SHARE = 0.1;
    /** Every so-manieth recording is enough. */
    private static final Every EVERY = new Every(4, 0);
    /** Share of the right words that may be pointed at. */
    private static final double FALSE = 0.03;

    private DoubtLearner() {}

    static void print(List<Path> folders) throws IOException {
        Map<Path, List<LogisticRegression.Example>> all = new LinkedHashMap<>();
        for (Path folder : folders) {
            all.put(folder, examples(folder));
        }
        for (Path held : folders) {
            List<LogisticRegression.Example> others = folders.stream()
                    .filter(f -> !f.equals(held))
                    .flatMap(f -> all.get(f).stream())
                    .toList();
            if (!others.isEmpty()) {
                System.out.println(held + ": " + figures(all.get(held), LogisticRegression.of(others)));
            }
        }
        LogisticRegression weights = LogisticRegression.of(
                all.values().stream().flatMap(List::stream).toList());
        System.out.printf(
                Locale.ROOT,
                "below %.3f, certain %.3f, squeezed %.3f, base %.3f%n",
                Arrays.stream(weights.weights()).boxed().toArray());
    }

    private static List<LogisticRegression.Example> examples(Path folder) throws IOException {
        Reader reader = Recorded.reader(folder);
        List<Recorded> recordings = Recorded.in(folder);
        List<String> others =
                ReplacedWords.others(recordings.stream().map(Recorded::words).toList());
        List<LogisticRegression.Example> examples = new ArrayList<>();
        for (Recorded recording : EVERY.of(recordings)) {
            ReplacedWords line = ReplacedWords.of(recording.script(), others, SHARE);
            List<WordSigns> signs = reader.signs(recording.sound(), line.script(), Progress.none());
            // A replacement that is read as several words has no signs of its own.
            for (int w = 0; signs.size() == line.words().size() && w < signs.size(); w++) {
                WordSigns s = signs.get(w);
                examples.add(new LogisticRegression.Example(
                        new double[] {s.below(), s.certainty() * s.below(), s.squeezed()},
                        line.wrong().get(w)));
            }
        }
        return examples;
    }

    private static String figures(List<LogisticRegression.Example> examples, LogisticRegression weights) {
        double[] right = odds(examples, weights, false);
        double[] wrong = odds(examples, weights, true);
        double limit = right[(int) ((1 - FALSE) * (right.length - 1))];
        return String.format(
                Locale.ROOT,
                "of %d replaced words %.1f %% are above a limit that %.0f %% of %d right ones are above",
                wrong.length,
                100.0 * Arrays.stream(wrong).filter(o -> o > limit).count() / Math.max(1, wrong.length),
                100 * FALSE,
                right.length);
    }

    private static double[] odds(List<LogisticRegression.Example> examples, LogisticRegression weights, boolean kind) {
        return examples.stream()
                .filter(e -> e.kind() == kind)
                .mapToDouble(e -> weights.odds(e.signs()))
                .sorted()
                .toArray();
    }
}
