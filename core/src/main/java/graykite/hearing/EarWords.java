package graykite.hearing;

import graykite.base.Progress;
import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import graykite.text.Script;
import graykite.text.WordChoice;
import graykite.time.TimeRange;
import java.util.List;
import java.util.function.Function;

/**
 * What a trained ear hears in a stretch of a recording, as words to be found there.
 *
 * @param sound the whole recording
 * @param choices how the words of a text may be said
 */
record EarWords(TrainedEar ear, Sound sound, Function<Script, List<WordChoice>> choices) {
    /** Seconds; listening takes longer than reading, and of a longer stretch most is doubtful, as script and sound do not belong together. */
    private static final double LONGEST = 60;

    /** Seconds on either side: words are found a little late and left a little early. */
    private static final double BESIDE = 0.05;

    /** The words between two analysis frames; none where the ear hears none, or nothing that it is sure of. */
    List<WordChoice> between(int from, int to, Progress progress) {
        double start = Math.max(0, from * HeardPhone.SECONDS_A_FRAME - BESIDE);
        double end = Math.min(sound.duration(), to * HeardPhone.SECONDS_A_FRAME + BESIDE);
        return end - start > LONGEST
                ? List.of()
                : ear.words(sound.cut(new TimeRange(start, end)), progress)
                        .map(choices)
                        .orElse(List.of());
    }
}
