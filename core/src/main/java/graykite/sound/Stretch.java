package graykite.sound;

import static graykite.base.Require.requireThat;

/**
 * Plays slower or faster with the pitch kept: waveform-similarity overlap-add (Verhelst & Roelands 1993). Each output
 * grain is taken from where the input, near its due place, continues the last grain best.
 */
public final class Stretch {
    private static final double GRAIN = 0.030;
    private static final double SEARCH = 0.010;

    private Stretch() {}

    /**
     * @param speed 1 leaves the length, 0.5 doubles it; 0.1 to 4
     * @return the same channels and rate, length divided by speed
     */
    public static Sound atSpeed(Sound sound, double speed) {
        requireThat(speed >= 0.1 && speed <= 4, "A playing speed lies between 0.1 and 4, not %.3f.", speed);
        if (speed == 1) {
            return sound;
        }
        int rate = sound.rate();
        int hop = Math.max(1, (int) (GRAIN * rate / 2));
        int grain = hop * 2;
        int search = (int) (SEARCH * rate);
        int stride = Math.max(1, rate / 8000);
        int outLength = (int) Math.round(sound.length() / speed);
        float[] guide = sound.mixed();
        float[][] out = new float[sound.channelCount()][outLength];
        float[] window = new float[grain];
        for (int i = 0; i < grain; i++) {
            window[i] = (float) (0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / grain));
        }
        int last = -hop;
        for (int at = -hop; at < outLength; at += hop) {
            int due = (int) Math.round((at + hop) * speed) - hop;
            int from = at < 0 ? due : bestNear(guide, due, last + hop, hop, search, stride);
            for (int c = 0; c < out.length; c++) {
                add(sound.channel(c), from, window, out[c], at);
            }
            last = from;
        }
        return new Sound(out, rate);
    }

    private static int bestNear(float[] guide, int due, int natural, int length, int search, int stride) {
        int best = due;
        double bestScore = Double.NEGATIVE_INFINITY;
        for (int candidate = due - search; candidate <= due + search; candidate += stride) {
            double cross = 0;
            double power = 1e-9;
            for (int i = 0; i < length; i += stride) {
                double a = at(guide, natural + i);
                double b = at(guide, candidate + i);
                cross += a * b;
                power += b * b;
            }
            double score = cross / Math.sqrt(power);
            if (score > bestScore) {
                bestScore = score;
                best = candidate;
            }
        }
        return best;
    }

    private static void add(float[] in, int from, float[] window, float[] out, int at) {
        for (int i = Math.max(0, -at); i < window.length && at + i < out.length; i++) {
            out[at + i] += (float) at(in, from + i) * window[i];
        }
    }

    private static double at(float[] samples, int index) {
        return index < 0 || index >= samples.length ? 0 : samples[index];
    }
}
