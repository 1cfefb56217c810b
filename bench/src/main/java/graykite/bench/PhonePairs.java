package graykite.bench;

import graykite.text.CmuDictionary;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Counts which phone follows which over the dictionary: inside words, and across their edges as if words met at random. */
final class PhonePairs {
    /** Share of words after which a pause follows. */
    private static final double PAUSE = 0.15;

    private PhonePairs() {}

    static void write(Path file) throws IOException {
        CmuDictionary dictionary = CmuDictionary.shipped();
        int count = Phone.values().length;
        double[][] pairs = new double[count][count];
        double[] starts = new double[count];
        double[] ends = new double[count];
        double words = 0;
        for (String word : dictionary.words()) {
            for (Pronunciation way : dictionary.pronunciations(word)) {
                List<Phone> phones = way.phones();
                for (int i = 1; i < phones.size(); i++) {
                    pairs[phones.get(i - 1).ordinal()][phones.get(i).ordinal()]++;
                }
                starts[phones.getFirst().ordinal()]++;
                ends[phones.getLast().ordinal()]++;
                words++;
            }
        }
        int pause = Phone.SIL.ordinal();
        List<String> lines = new ArrayList<>();
        for (Phone left : Phone.values()) {
            double[] row = pairs[left.ordinal()];
            double end = left == Phone.SIL ? words : ends[left.ordinal()];
            for (int q = 0; q < count; q++) {
                row[q] += end * (left == Phone.SIL ? 1 : 1 - PAUSE) * starts[q] / words;
            }
            row[pause] += left == Phone.SIL ? 0 : end * PAUSE;
            double sum = Arrays.stream(row).sum();
            for (Phone right : Phone.values()) {
                lines.add(String.format(Locale.ROOT, "%s %s %.5f", left, right, row[right.ordinal()] / sum));
            }
        }
        Files.write(file, lines);
    }
}
