package graykite.performance;

import graykite.mouth.MouthSettings;
import graykite.sound.Loudness;
import graykite.speech.Timing;
import graykite.time.FrameRate;
import java.util.List;

/**
 * What is to be acted, apart from who acts it.
 *
 * @param timing words and sounds
 * @param loudness of the sound, measured on the same clock
 * @param settings how the mouth speaks it
 * @param rate frames a second, which drawings keep to
 * @param keys poses that the animator set, in the order of time
 * @param seed of the instincts; another number gives another variation
 */
public record Line(
        Timing timing, Loudness loudness, MouthSettings settings, FrameRate rate, List<PoseKey> keys, long seed) {
    public Line {
        keys = List.copyOf(keys);
    }

    /** A line without keys of the animator's own. */
    public Line(Timing timing, Loudness loudness, MouthSettings settings, FrameRate rate, long seed) {
        this(timing, loudness, settings, rate, List.of(), seed);
    }

    Line withTiming(Timing newTiming) {
        return new Line(newTiming, loudness, settings, rate, keys, seed);
    }

    Line withSettings(MouthSettings newSettings) {
        return new Line(timing, loudness, newSettings, rate, keys, seed);
    }

    Line withKeys(List<PoseKey> newKeys) {
        return new Line(timing, loudness, settings, rate, newKeys, seed);
    }
}
