package graykite.bench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.sound.Sound;
import graykite.text.Script;
import java.io.IOException;
import java.nio.file.Path;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;

/**
 * How right the doubts of a reading are: in exact scripts words are replaced by others, and it is counted which of them are
 * pointed at, and which that are right. A folder holds recordings, each with its words in a .txt of the same name, or single
 * words, which are joined to lines.
 */
final class PlantedWords {
    /** What was said in a recording. */
    private record Exact(Sound sound, Script script) {}

    private int planted;
    private int found;
    private int right;
    private int accused;
    private int accusedAlone;
    private int exactRight;
    private int exactAccused;

    private PlantedWords() {}

    /**
     * @param share of the words that are replaced
     * @param every which of the recordings are read
     */
    static void print(Path folder, double share, Every every) throws IOException {
        Reader reader = Recorded.reader(folder);
        List<Exact> lines = lines(folder, every);
        List<String> others =
                ReplacedWords.others(lines.stream().map(l -> l.script.written()).toList());
        PlantedWords all = new PlantedWords();
        for (Exact line : lines) {
            all.one(reader, line, others, share);
        }
        System.out.println(all.figures());
    }

    private static List<Exact> lines(Path folder, Every every) throws IOException {
        List<Recorded> recordings = Recorded.in(folder);
        if (recordings.isEmpty()) {
            return JoinedWords.lines(folder, -1).stream()
                    .map(l -> new Exact(l.sound(), l.script()))
                    .toList();
        }
        return every.of(recordings).stream()
                .map(r -> new Exact(r.sound(), r.script()))
                .toList();
    }

    private void one(Reader reader, Exact line, List<String> others, double share) {
        ReplacedWords replaced = ReplacedWords.of(line.script, others, share);
        BitSet wrong = replaced.wrong();
        int words = line.script.words().size();
        BitSet plain = doubted(reader, line.sound, line.script, words);
        exactRight += words;
        exactAccused += plain.cardinality();
        BitSet doubted = wrong.isEmpty() ? plain : doubted(reader, line.sound, replaced.script(), words);
        for (int w = 0; w < words; w++) {
            if (wrong.get(w)) {
                planted++;
                found += doubted.get(w) ? 1 : 0;
            } else {
                right++;
                accused += doubted.get(w) ? 1 : 0;
                boolean beside = wrong.get(w + 1) || w > 0 && wrong.get(w - 1);
                accusedAlone += doubted.get(w) && !beside ? 1 : 0;
            }
        }
    }

    /** Which words are said not to be in the sound, or not to fit it. */
    private static BitSet doubted(Reader reader, Sound sound, Script script, int words) {
        BitSet doubted = new BitSet();
        Timing timing;
        try {
            timing = reader.read(sound, script, Progress.none());
        } catch (BadInput unreadable) {
            doubted.set(0, words);
            return doubted;
        }
        int word = 0;
        int heard = 0;
        for (Doubt doubt : Doubt.of(timing)) {
            // Words of the script before it: those that were heard so far, and those that were missed.
            while (heard < doubt.word()) {
                word += timing.words().get(heard++).source() == WordSource.SOUND ? 0 : 1;
            }
            if (doubt.reason() == Doubt.Reason.MISSING) {
                doubted.set(word++);
            } else if (doubt.reason() == Doubt.Reason.WEAK) {
                doubted.set(word);
            }
        }
        return doubted;
    }

    private String figures() {
        return String.format(
                Locale.ROOT,
                "words replaced: %d, pointed at %.1f %%%n"
                        + "words pointed at: %d, really wrong %.1f %%; right beside a wrong one %.1f %%%n"
                        + "exact scripts: %d words, pointed at %.2f %%",
                planted,
                100.0 * found / Math.max(1, planted),
                found + accused,
                100.0 * found / Math.max(1, found + accused),
                100.0 * (accused - accusedAlone) / Math.max(1, found + accused),
                exactRight,
                100.0 * exactAccused / Math.max(1, exactRight));
    }
}
