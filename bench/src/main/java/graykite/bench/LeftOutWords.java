package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What becomes of words that a speaker adds before or after the script: the first or the last word of exact scripts is left out, and
 * it is counted how often words are heard there, and how often the next word of the script keeps its place.
 */
final class LeftOutWords {
    private static final double SAME = 0.030;
    /** Words are heard there when so much of the time of the one that was left out belongs to unscripted ones. */
    private static final double MOST = 0.5;

    private static final int FEWEST = 3;

    private int leftOut;
    private int noticed;
    private int kept;

    private LeftOutWords() {}

    /** @param every which of the recordings are read */
    static void print(Path folder, Every every) throws IOException {
        Reader reader = Recorded.reader(folder);
        LeftOutWords first = new LeftOutWords();
        LeftOutWords last = new LeftOutWords();
        for (Recorded line : every.of(Recorded.in(folder))) {
            Sound sound = line.sound();
            Script script = line.script();
            int count = script.words().size();
            Timing exact = reader.read(sound, script, Progress.none());
            if (count < FEWEST || !exact.missing().isEmpty() || exact.words().size() != count) {
                continue;
            }
            first.one(exact, 0, 1, reader.read(sound, without(line, 0), Progress.none()));
            last.one(exact, count - 1, count - 2, reader.read(sound, without(line, count - 1), Progress.none()));
        }
        System.out.println(first.figures("first") + System.lineSeparator() + last.figures("last"));
    }

    private static Script without(Recorded line, int word) {
        List<String> others = new ArrayList<>(
                line.script().words().stream().map(w -> w.written() + w.mark()).toList());
        others.remove(word);
        return Script.of(String.join(" ", others));
    }

    private void one(Timing exact, int word, int next, Timing read) {
        TimedWord gone = exact.words().get(word);
        double heard = read.words().stream()
                .filter(w -> w.source() == WordSource.SOUND)
                .mapToDouble(w -> Math.max(0, Math.min(w.end(), gone.end()) - Math.max(w.start(), gone.start())))
                .sum();
        TimedWord neighbour = exact.words().get(next);
        boolean same = read.scripted().stream()
                .anyMatch(w ->
                        Math.abs(w.start() - neighbour.start()) <= SAME && Math.abs(w.end() - neighbour.end()) <= SAME);
        leftOut++;
        noticed += heard >= MOST * (gone.end() - gone.start()) ? 1 : 0;
        kept += same ? 1 : 0;
    }

    private String figures(String which) {
        return String.format(
                Locale.ROOT,
                "%s words left out: %d, heard there %.1f %%, the next word within 30 ms %.1f %%",
                which,
                leftOut,
                100.0 * noticed / Math.max(1, leftOut),
                100.0 * kept / Math.max(1, leftOut));
    }
}
