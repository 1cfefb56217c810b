package graykite.acting;

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
 * @param heard what acting hears in the voice
 * @param work everything that was decided about the mouth
 * @param rate frames a second, which drawings keep to and in which every closure has one
 * @param layers everything that moves the character, the lowest first
 */
public record Score(
        Timing timing, Loudness loudness, Heard heard, MouthWork work, FrameRate rate, List<LayerPlan> layers) {
    public Score {
        layers = List.copyOf(layers);
    }

    /** A voice that nobody listened to. */
    public Score(Timing timing, Loudness loudness, MouthWork work, FrameRate rate, List<LayerPlan> layers) {
        this(timing, loudness, Heard.NOTHING, work, rate, layers);
    }

    /** With what was heard in the voice. */
    public Score hearing(Heard voice) {
        return new Score(timing, loudness, voice, work, rate, layers);
    }

    /** With the usual layers and without decisions of the animator's own. */
    public Score(Timing timing, Loudness loudness, MouthSettings settings, FrameRate rate, long seed) {
        this(timing, loudness, MouthWork.of(settings), rate, List.of(), seed);
    }

    /**
     * With the usual layers.
     *
     * @param keys poses that the animator set
     * @param seed of the instincts; another number gives another variation
     */
    public Score(Timing timing, Loudness loudness, MouthWork work, FrameRate rate, List<PoseKey> keys, long seed) {
        this(
                timing,
                loudness,
                work,
                rate,
                Layers.usual().withSeed(seed).withKeys(keys).plans());
    }

    public MouthSettings settings() {
        return work.settings();
    }

    public Score withTiming(Timing newTiming) {
        return new Score(newTiming, loudness, heard, work, rate, layers);
    }

    public Score withWork(MouthWork newWork) {
        return new Score(timing, loudness, heard, newWork, rate, layers);
    }

    public Score withLayers(List<LayerPlan> newLayers) {
        return new Score(timing, loudness, heard, work, rate, newLayers);
    }
}
