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

    private JoinedWords() {}

    /** @param gap seconds between words; below 0 for gaps of 0.1 to 0.5 s */
    static void print(Path folder, double gap) throws IOException {
        Reader reader = Reader.shipped();
        List<Spoken> all = recordings(folder);
        SplittableRandom random = new SplittableRandom(17);
        EdgeErrors starts = new EdgeErrors();
        EdgeErrors ends = new EdgeErrors();
        int lost = 0;
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
                double chance = random.nextDouble();
                at += word.sound.duration() + (gap < 0 ? 0.1 + 0.4 * chance : gap);
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
                    starts.add(found.get(w).start(), begins.get(w));
                    ends.add(
                            found.get(w).end(),
                            begins.get(w) + chosen.get(w).sound.duration());
                }
            } else {
                lost++;
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%d recordings; %d words in %d lines, called missing %.1f %%, lines with a word amiss %d%n",
                all.size(),
                said,
                LINES,
                100.0 * missing / said,
                lost);
        System.out.println("starts: " + starts.figures());
        System.out.println("ends:   " + ends.figures());
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
