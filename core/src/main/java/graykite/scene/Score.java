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
public record Score(Timing timing, Loudness loudness, MouthWork work, FrameRate rate, List<PoseKey> keys, long seed) {
    public Score {
        keys = List.copyOf(keys);
    }

    /** A line without decisions of the animator's own. */
    public Score(Timing timing, Loudness loudness, MouthSettings settings, FrameRate rate, long seed) {
        this(timing, loudness, MouthWork.of(settings), rate, List.of(), seed);
    }

    public MouthSettings settings() {
        return work.settings();
    }

    Score withTiming(Timing newTiming) {
        return new Score(newTiming, loudness, work, rate, keys, seed);
    }

    Score withWork(MouthWork newWork) {
        return new Score(timing, loudness, newWork, rate, keys, seed);
    }

    Score withKeys(List<PoseKey> newKeys) {
        return new Score(timing, loudness, work, rate, newKeys, seed);
    }
}
