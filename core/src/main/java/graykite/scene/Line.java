package graykite.scene;

import graykite.acting.PoseKey;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.reading.Timing;
import graykite.sound.Loudness;
import graykite.time.FrameRate;
import java.util.List;

/**
 * What is to be acted, apart from who acts it.
 *
 * @param timing words and sounds
 * @param loudness of the sound, measured on the same clock
 * @param work everything that was decided about the mouth
 * @param rate frames a second, which drawings keep to and in which every closure has one
 * @param keys poses that the animator set, in the order of time
 * @param seed of the instincts; another number gives another variation
 */
public record Line(Timing timing, Loudness loudness, MouthWork work, FrameRate rate, List<PoseKey> keys, long seed) {
    public Line {
        keys = List.copyOf(keys);
    }

    /** A line without decisions of the animator's own. */
    public Line(Timing timing, Loudness loudness, MouthSettings settings, FrameRate rate, long seed) {
        this(timing, loudness, MouthWork.of(settings), rate, List.of(), seed);
    }

    public MouthSettings settings() {
        return work.settings();
    }

    Line withTiming(Timing newTiming) {
        return new Line(newTiming, loudness, work, rate, keys, seed);
    }

    Line withWork(MouthWork newWork) {
        return new Line(timing, loudness, newWork, rate, keys, seed);
    }

    Line withKeys(List<PoseKey> newKeys) {
        return new Line(timing, loudness, work, rate, newKeys, seed);
    }
}
