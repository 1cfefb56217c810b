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
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Stream;

/**
 * Human speech with known truth: words that people recorded one by one are joined with known gaps, and read. The file of a word
 * is named after it, perhaps with a group before: hat.ogg, moon_star.ogg. Where a word begins and ends is its
 * {@link AudibleStretch}.
 */
final class JoinedWords {
    private static final int WORDS_A_LINE = 6;
    private static final int LINES = 60;

    private record Spoken(String word, Sound sound) {}

    /**
     * Words that follow one another.
     *
     * @param begins seconds at which each is heard first
     * @param ends seconds at which each was heard last
     */
    record Line(Sound sound, List<String> words, List<Double> begins, List<Double> ends) {}

    private JoinedWords() {}

    /** @param gap seconds between words; below 0 for gaps of 0.1 to 0.5 s */
    static void print(Path folder, double gap) throws IOException {
        Reader reader = Reader.shipped();
        EdgeErrors starts = new EdgeErrors();
        EdgeErrors ends = new EdgeErrors();
        int lost = 0;
        int missing = 0;
        List<Line> lines = lines(folder, gap);
        for (Line line : lines) {
            Timing timing = reader.read(line.sound, Script.of(String.join(" ", line.words)), Progress.none());
            missing += timing.missing().size();
            List<TimedWord> found = timing.words().stream()
                    .filter(w -> w.source() != WordSource.SOUND)
                    .toList();
            if (found.size() == WORDS_A_LINE) {
                for (int w = 0; w < WORDS_A_LINE; w++) {
                    starts.add(found.get(w).start(), line.begins.get(w));
                    ends.add(found.get(w).end(), line.ends.get(w));
                }
            } else {
                lost++;
            }
        }
        int said = WORDS_A_LINE * lines.size();
        System.out.printf(
                Locale.ROOT,
                "%d words in %d lines, called missing %.1f %%, lines with a word amiss %d%n",
                said,
                lines.size(),
                100.0 * missing / said,
                lost);
        System.out.println("starts: " + starts.figures());
        System.out.println("ends:   " + ends.figures());
    }

    /** Lines of words picked by chance, always the same ones. */
    static List<Line> lines(Path folder, double gap) throws IOException {
        List<Spoken> all = recordings(folder);
        SplittableRandom random = new SplittableRandom(17);
        List<Line> lines = new ArrayList<>();
        for (int line = 0; line < LINES; line++) {
            List<Spoken> chosen = new ArrayList<>();
            List<Double> begins = new ArrayList<>();
            List<Double> ends = new ArrayList<>();
            double at = 0.25;
            for (int w = 0; w < WORDS_A_LINE; w++) {
                Spoken word = all.get(random.nextInt(all.size()));
                chosen.add(word);
                begins.add(at);
                ends.add(at + word.sound.duration());
                double chance = random.nextDouble();
                at += word.sound.duration() + (gap < 0 ? 0.1 + 0.4 * chance : gap);
            }
            lines.add(new Line(
                    Sound.together(chosen.stream().map(Spoken::sound).toList(), begins),
                    chosen.stream().map(Spoken::word).toList(),
                    begins,
                    ends));
        }
        return lines;
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
                            AudibleStretch.cut(SoundReader.read(f, Progress.none()))))
                    .toList();
        }
    }
}
