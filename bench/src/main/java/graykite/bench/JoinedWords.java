package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Human speech with known truth: words that people recorded one by one are joined with known gaps, and read. A text of the same
 * name holds the word, or a few; without one the file is named after it, perhaps with a group before: hat.ogg, moon_star.ogg.
 * Where a word begins and ends is its {@link AudibleStretch}.
 */
final class JoinedWords {
    private static final int WORDS_A_LINE = 6;
    private static final int LINES = 60;
    /** Words that one recording holds at most. */
    private static final int FEW = 3;

    /** What somebody said, with the marks of its text. */
    private record Spoken(String text, List<String> words, Sound sound) {
        /** What is joined is a sentence each, and ends with a full stop if its text has no mark there. */
        static Spoken of(String text, List<String> words, Sound sound) {
            String end = text.strip();
            return new Spoken(Character.isLetterOrDigit(end.charAt(end.length() - 1)) ? end + "." : end, words, sound);
        }
    }

    /**
     * Recordings that follow one another.
     *
     * @param text of all, with its marks
     * @param phrases the words of each
     * @param begins seconds at which each is heard first
     * @param ends seconds at which each was heard last
     */
    record Line(Sound sound, String text, List<List<String>> phrases, List<Double> begins, List<Double> ends) {
        List<String> words() {
            return phrases.stream().flatMap(List::stream).toList();
        }

        Script script() {
            return Script.of(text);
        }

        /** The words without any marks, as a list is typed. */
        Script unmarked() {
            return Script.of(String.join(" ", words()));
        }
    }

    private JoinedWords() {}

    /**
     * @param folder recordings; in English unless it is named after another language
     * @param gap seconds between words; below 0 for gaps of 0.1 to 0.5 s
     * @param marked whether the script has its punctuation
     */
    static void print(Path folder, double gap, boolean marked) throws IOException {
        Reader reader = Recorded.reader(folder);
        EdgeErrors starts = new EdgeErrors();
        EdgeErrors ends = new EdgeErrors();
        int lost = 0;
        int missing = 0;
        int said = 0;
        List<Line> lines = lines(folder, gap);
        for (Line line : lines) {
            Timing timing = reader.read(line.sound, marked ? line.script() : line.unmarked(), Progress.none());
            missing += timing.missing().size();
            said += line.words().size();
            List<TimedWord> found = timing.scripted();
            if (found.size() != line.words().size()) {
                lost++;
                continue;
            }
            int first = 0;
            for (int p = 0; p < WORDS_A_LINE; p++) {
                int next = first + line.phrases.get(p).size();
                starts.add(found.get(first).start(), line.begins.get(p));
                ends.add(found.get(next - 1).end(), line.ends.get(p));
                first = next;
            }
        }
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
                    chosen.stream().map(Spoken::text).collect(Collectors.joining(" ")),
                    chosen.stream().map(Spoken::words).toList(),
                    begins,
                    ends));
        }
        return lines;
    }

    /** Each a line of its own, as it was recorded. @param every which of them */
    static List<Line> whole(Path folder, Every every) throws IOException {
        List<Line> lines = new ArrayList<>();
        for (Recorded recording : every.of(Recorded.in(folder))) {
            Sound sound = recording.sound();
            AudibleStretch heard = AudibleStretch.of(sound);
            lines.add(new Line(
                    sound,
                    recording.script().text(),
                    List.of(recording.words()),
                    List.of(heard.from()),
                    List.of(heard.to())));
        }
        return lines;
    }

    private static List<Spoken> recordings(Path folder) throws IOException {
        List<Recorded> texts = Recorded.in(folder);
        if (!texts.isEmpty()) {
            return texts.stream()
                    .filter(r -> !r.words().isEmpty() && r.words().size() <= FEW)
                    .map(r -> Spoken.of(r.script().text(), r.words(), AudibleStretch.cut(r.sound())))
                    .toList();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().matches(".*\\.(ogg|wav|flac)"))
                    .sorted()
                    .map(f -> {
                        String word = f.getFileName()
                                .toString()
                                .replaceFirst("\\.[^.]*$", "")
                                .replaceFirst(".*_", "");
                        return Spoken.of(word, List.of(word), AudibleStretch.cut(SoundReader.read(f, Progress.none())));
                    })
                    .toList();
        }
    }
}
