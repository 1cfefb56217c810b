package graykite.bench;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.reading.TimedWord;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** Whether the last word lasts to the end of recordings that are cut off while they still sound. */
final class CutOff {
    /** Seconds: what is shorter is hardly a word, and what is longer tells no more. */
    private static final double SHORTEST = 0.4;

    private static final double LONGEST = 8;
    private static final double NEAR = 0.02;
    private static final double EARLY = 0.05;

    private CutOff() {}

    /**
     * @param folder recordings; in English unless it is named after another language
     * @param before seconds by which each is cut off before it can no longer be heard
     * @param every which of the recordings
     */
    static void print(Path folder, double before, Every every) throws IOException {
        Reader reader = Recorded.reader(folder);
        int read = 0;
        int near = 0;
        int early = 0;
        for (Recorded recording : every.of(Recorded.in(folder))) {
            Sound whole = AudibleStretch.cut(recording.sound());
            if (whole.duration() < SHORTEST || whole.duration() > LONGEST) {
                continue;
            }
            Sound sound = whole.cut(new TimeRange(0, whole.duration() - before));
            try {
                List<TimedWord> words =
                        reader.read(sound, recording.script(), Progress.none()).scripted();
                if (!words.isEmpty()) {
                    double off = words.getLast().end() - sound.duration();
                    read++;
                    near += Math.abs(off) <= NEAR ? 1 : 0;
                    early += off < -EARLY ? 1 : 0;
                }
            } catch (BadInput unreadable) {
                System.err.println(recording.file() + " is left out: " + unreadable.getMessage());
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%d recordings cut off %.0f ms early: the last word ends within 20 ms of the cut in %.1f %%, more than 50 ms before it in %.1f %%%n",
                read,
                1000 * before,
                100.0 * near / read,
                100.0 * early / read);
    }
}
