package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.SoundFile;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.LipGap;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.text.Phone;
import graykite.workbench.Figures;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;

/**
 * Whether mouths shut before their words have ended, the fault that is seen first: {@link JoinedWords} of people, or their recordings one
 * by one, are read and spoken by Odile, and the gap of her lips is measured on the mesh. Words whose last sound shuts the lips are left out.
 */
final class ShutMouths {
    private static final Set<Phone> SHUTTING = Set.of(Phone.P, Phone.B, Phone.M);
    private static final double STEP = 0.005;
    /** How long before its end a word's lips may shut, in seconds: half a frame at 24 a second. */
    private static final double EARLY = 0.02;
    /** Millimetres between lips that look shut: nothing dark is seen between them. */
    private static final double SHUT = 0.5;

    /** How long the lips are looked at behind a recording that stands alone, in seconds. */
    private static final double BEHIND = 0.3;

    private ShutMouths() {}

    /** @param folder recordings; in English unless it is named after another language @param gap seconds between words */
    static void print(Path folder, double gap) throws IOException {
        print(Recorded.reader(folder), JoinedWords.lines(folder, gap), gap);
    }

    /** The same at the ends of recordings as they are. @param every which of them */
    static void printWhole(Path folder, Every every) throws IOException {
        print(Recorded.reader(folder), JoinedWords.whole(folder, every), BEHIND);
    }

    private static void print(Reader reader, List<JoinedWords.Line> lines, double gap) {
        List<Double> after = new ArrayList<>();
        int lost = 0;
        for (JoinedWords.Line line : lines) {
            Timing timing = reader.read(line.sound(), line.script(), Progress.none());
            List<TimedWord> words = timing.scripted();
            if (words.size() != line.words().size()) {
                lost++;
                continue;
            }
            Scene scene = Scene.solo(performance(line, timing));
            LipGap lips = new LipGap(scene.character(0));
            int next = 0;
            for (int p = 0; p < line.phrases().size(); p++) {
                next += line.phrases().get(p).size();
                if (SHUTTING.contains(words.get(next - 1).phones().getLast().phone())) {
                    continue;
                }
                double end = line.ends().get(p);
                double shut =
                        shut(time -> lips.at(scene.at(0, time)), line.begins().get(p), end, end + gap);
                after.add(shut);
                if (shut < -EARLY) {
                    String word = words.get(next - 1).text();
                    System.out.printf(
                            Locale.ROOT,
                            "%+.0f ms at \"%s\", which ends at %.2f s: %s%n",
                            1000 * shut,
                            word,
                            end,
                            line.text());
                }
            }
        }
        List<Double> sorted = after.stream().sorted().toList();
        int n = sorted.size();
        if (n == 0) {
            System.out.println("In every line a word is amiss, so nothing can be told.");
            return;
        }
        System.out.printf(
                Locale.ROOT,
                "%d words before a gap of %.2f s, %d lines with a word amiss left out: lips shut more than 20 ms before the end of"
                        + " %.1f %%, soonest %+.0f ms, one in twenty by %+.0f ms, half by %+.0f ms; within the gap %.1f %%%n",
                n,
                gap,
                lost,
                100.0 * after.stream().filter(a -> a < -EARLY).count() / n,
                1000 * sorted.getFirst(),
                1000 * sorted.get(n / 20),
                1000 * sorted.get(n / 2),
                100.0 * after.stream().filter(a -> a >= -EARLY && a < gap).count() / n);
    }

    private static Performance performance(JoinedWords.Line joined, Timing timing) {
        String name = "joined.wav";
        Line line = Line.empty("line", name)
                .withSpeaker("odile")
                .withSound(new SoundFile(name, name.getBytes(StandardCharsets.UTF_8)))
                .withScript(timing.text())
                .withTiming(timing);
        return new Workbench((file, progress) -> joined.sound(), new Figures())
                .performance(Project.empty().with(line), line, Progress.none())
                .orElseThrow();
    }

    /**
     * When the lips shut about the end of a word, in seconds after it: below 0 where they are shut there already; infinite where they
     * stay apart up to the next word.
     *
     * @param gap millimetres between the lips, by time in seconds
     */
    static double shut(DoubleUnaryOperator gap, double begin, double end, double next) {
        boolean early = gap.applyAsDouble(end) <= SHUT;
        double time = end;
        while (time > begin && time < next && gap.applyAsDouble(time) <= SHUT == early) {
            time += early ? -STEP : STEP;
        }
        return time >= next ? Double.POSITIVE_INFINITY : time - end;
    }
}
