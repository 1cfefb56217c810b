package graykite.sound;

import java.util.ArrayList;
import java.util.List;

/**
 * Lowest and highest samples of a sound at several zooms, so that a waveform of any length is drawn in the time that its
 * pixels take.
 */
public final class Envelope {
    private static final int BASE = 64;
    private static final int FACTOR = 4;

    private record Level(int samplesEach, float[] low, float[] high) {}

    private final float[] samples;
    private final int rate;
    private final List<Level> levels = new ArrayList<>();

    public Envelope(Sound sound) {
        samples = sound.mixed();
        rate = sound.rate();
        Level level = base();
        levels.add(level);
        while (level.low.length > 512) {
            level = coarser(level);
            levels.add(level);
        }
    }

    private Level base() {
        int count = (samples.length + BASE - 1) / BASE;
        float[] low = new float[count];
        float[] high = new float[count];
        for (int i = 0; i < count; i++) {
            float least = Float.MAX_VALUE;
            float most = -Float.MAX_VALUE;
            for (int k = i * BASE; k < Math.min(samples.length, (i + 1) * BASE); k++) {
                least = Math.min(least, samples[k]);
                most = Math.max(most, samples[k]);
            }
            low[i] = least;
            high[i] = most;
        }
        return new Level(BASE, low, high);
    }

    private static Level coarser(Level finer) {
        int count = (finer.low.length + FACTOR - 1) / FACTOR;
        float[] low = new float[count];
        float[] high = new float[count];
        for (int i = 0; i < count; i++) {
            low[i] = finer.low[i * FACTOR];
            high[i] = finer.high[i * FACTOR];
            for (int k = i * FACTOR + 1; k < Math.min(finer.low.length, (i + 1) * FACTOR); k++) {
                low[i] = Math.min(low[i], finer.low[k]);
                high[i] = Math.max(high[i], finer.high[k]);
            }
        }
        return new Level(finer.samplesEach * FACTOR, low, high);
    }

    /** The largest magnitude of the mean of all channels. */
    public float peak() {
        Level coarsest = levels.getLast();
        float peak = 0;
        for (int i = 0; i < coarsest.low.length; i++) {
            peak = Math.max(peak, Math.max(-coarsest.low[i], coarsest.high[i]));
        }
        return peak;
    }

    /**
     * Lowest and highest sample between two times; zeros outside the sound.
     *
     * @param extremes receives low at 0 and high at 1
     */
    public void between(double from, double to, float[] extremes) {
        extremes[0] = 0;
        extremes[1] = 0;
        long first = (long) Math.floor(from * rate);
        long last = Math.max(first + 1, (long) Math.ceil(to * rate));
        if (last <= 0 || first >= samples.length) {
            return;
        }
        int begin = (int) Math.max(0, first);
        int end = (int) Math.min(samples.length, last);
        Level level = null;
        for (Level candidate : levels) {
            if (candidate.samplesEach * 2 <= end - begin) {
                level = candidate;
            }
        }
        float least = Float.MAX_VALUE;
        float most = -Float.MAX_VALUE;
        if (level == null) {
            for (int i = begin; i < end; i++) {
                least = Math.min(least, samples[i]);
                most = Math.max(most, samples[i]);
            }
        } else {
            int stop = Math.min(level.low.length, (end + level.samplesEach - 1) / level.samplesEach);
            for (int i = begin / level.samplesEach; i < stop; i++) {
                least = Math.min(least, level.low[i]);
                most = Math.max(most, level.high[i]);
            }
        }
        extremes[0] = least;
        extremes[1] = most;
    }
}
