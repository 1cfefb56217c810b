package graykite.bench;

import graykite.base.EditDistance;
import graykite.mouth.MouthChart;
import graykite.text.Language;
import graykite.text.Phone;
import graykite.text.Pronouncer;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * How the rules of other languages say their most frequent words, held against espeak-ng, which has rules and lists of its own
 * (bench/make-voices.sh common-words). The rules of German, French, Dutch and Swedish were mended with such words in view.
 */
final class CommonWords {
    private static final MouthChart CHART = MouthChart.standard();

    /** A word, how often it is used, and how it is said. */
    private record Known(String word, double count, List<Phone> phones) {
        static Known of(String line) {
            String[] fields = line.split("\t");
            return new Known(fields[0], Double.parseDouble(fields[1]), Languages.phonesOf(fields[2]));
        }

        /** By how many sounds the nearest of some ways to say it differs, as mouths. */
        int wrong(List<Pronunciation> ways) {
            return ways.stream()
                    .mapToInt(way -> EditDistance.between(phones, way.phones(), CHART::shapeOf))
                    .min()
                    .orElseThrow();
        }
    }

    private CommonWords() {}

    static void print(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(f -> f.toString().endsWith("-words.tsv"))
                    .sorted()
                    .toList()) {
                Language language = Language.parse(file.getFileName().toString().substring(0, 2))
                        .orElseThrow();
                System.out.println(figures(language, Files.readAllLines(file)));
            }
        }
    }

    private static String figures(Language language, List<String> lines) {
        Pronouncer pronouncer = Pronouncer.of(language);
        // What espeak-ng spells out or takes for a word of another language stands in signs that we do not have.
        List<Known> words =
                lines.stream().filter(l -> l.matches("[^?(]+")).map(Known::of).toList();
        double all = words.stream().mapToDouble(Known::count).sum();
        double whole = 0;
        double mouths = 0;
        double wrong = 0;
        for (Known word : words) {
            int off = word.wrong(pronouncer.ways(word.word));
            whole += off == 0 ? word.count : 0;
            mouths += word.count * word.phones.size();
            wrong += word.count * off;
        }
        return String.format(
                Locale.ROOT,
                "%s: %d words, of running text %.1f %% with the same mouths, %.1f %% of mouths differ",
                language.title(),
                words.size(),
                100 * whole / all,
                100 * wrong / mouths);
    }
}
