package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.reading.MissingWord;
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
import java.util.SplittableRandom;

/**
 * How a reading bears a wrong script: a share of the words is replaced by others, left out or added. Words that were spoken
 * and scripted should keep the boundaries that the exact script gives them; words that were not spoken should be marked.
 */
final class InexactScripts {
    private static final double SAME = 0.030;

    /** What became of a word of the wrong script, which keeps its marks: the index of the spoken word it stands for, or -1. */
    private record Written(String text, int spoken) {}

    private int kept;
    private int compared;
    private int lost;
    private int spoken;
    private int marked;
    private int wrong;
    private int lostExactly;
    private int unscriptedExactly;

    private InexactScripts() {}

    static void print(Path folder, double share, Every every) throws IOException {
        Reader reader = Recorded.reader(folder);
        List<Recorded> lines = Recorded.in(folder);
        List<String> others = lines.stream()
                .flatMap(l -> l.words().stream())
                .map(w -> w.replaceAll("[^\\p{L}']", ""))
                .filter(w -> w.length() > 3)
                .toList();
        InexactScripts all = new InexactScripts();
        for (Recorded line : every.of(lines)) {
            all.one(reader, line, others, share);
        }
        System.out.println(all.figures());
    }

    private void one(Reader reader, Recorded line, List<String> others, double share) {
        Script script = line.script();
        Sound sound = line.sound();
        SplittableRandom random = new SplittableRandom(line.words().hashCode());
        Timing exact = reader.read(sound, script, Progress.none());
        lostExactly += exact.missing().size();
        unscriptedExactly += (int) exact.words().stream()
                .filter(w -> w.source() == WordSource.SOUND)
                .count();
        if (!exact.missing().isEmpty() || exact.words().size() != script.words().size()) {
            return;
        }
        List<Written> written = new ArrayList<>();
        for (int w = 0; w < script.words().size(); w++) {
            String own = script.words().get(w).written();
            String mark = script.words().get(w).mark();
            String other = others.get(random.nextInt(others.size()));
            double dice = random.nextDouble() / share;
            if (dice > 1 || other.equalsIgnoreCase(own)) {
                written.add(new Written(own + mark, w));
            } else if (dice < 1.0 / 3) {
                written.add(new Written(other + mark, -1));
            } else if (dice < 2.0 / 3) {
                written.add(new Written(own, w));
                written.add(new Written(other + mark, -1));
            }
        }
        if (written.isEmpty()) {
            return;
        }
        String wrongText = String.join(" ", written.stream().map(Written::text).toList());
        compare(written, exact, reader.read(sound, Script.of(wrongText), Progress.none()));
    }

    private void compare(List<Written> written, Timing exact, Timing read) {
        List<TimedWord> heard = read.words();
        int missing = 0;
        int at = 0;
        for (Written word : written) {
            while (at < heard.size() && heard.get(at).source() == WordSource.SOUND) {
                at++;
            }
            boolean gone =
                    missing < read.missing().size() && isNext(read.missing().get(missing), at);
            if (word.spoken < 0) {
                wrong++;
                marked += gone ? 1 : 0;
            } else {
                spoken++;
                lost += gone ? 1 : 0;
                if (!gone) {
                    compared++;
                    TimedWord truth = exact.words().get(word.spoken);
                    TimedWord found = heard.get(at);
                    boolean same = Math.abs(truth.start() - found.start()) <= SAME
                            && Math.abs(truth.end() - found.end()) <= SAME;
                    kept += same ? 1 : 0;
                }
            }
            if (gone) {
                missing++;
            } else {
                at++;
            }
        }
    }

    private static boolean isNext(MissingWord word, int at) {
        return word.before() <= at;
    }

    private String figures() {
        return String.format(
                Locale.ROOT,
                "exact scripts: %d words lost, %d unscripted stretches%n"
                        + "spoken and scripted words: %d, within 30 ms %.1f %%, called missing %.1f %%%n"
                        + "words not spoken: %d, marked missing %.1f %%",
                lostExactly,
                unscriptedExactly,
                spoken,
                100.0 * kept / spoken,
                100.0 * lost / spoken,
                wrong,
                100.0 * marked / Math.max(1, wrong));
    }
}
