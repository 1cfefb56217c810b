package graykite.bench;

import graykite.sound.Sound;
import java.util.Arrays;

/**
 * Where in a recording of its own something is heard: between the first and the last 5 ms that stay 10 dB above its quietest
 * part and within 30 dB of its peak. Weak first and last sounds are late and early in this truth, and a room that rings on
 * counts to the word.
 *
 * @param from seconds
 * @param to seconds
 */
record AudibleStretch(double from, double to) {
    private static final int RATE = 16_000;
    private static final int HOP = RATE / 200;
    private static final double AUDIBLE = Math.pow(10, -30 / 20.0);
    private static final double ABOVE_NOISE = Math.pow(10, 10 / 20.0);

    static AudibleStretch of(Sound sound) {
        return of(sound.mixedAt(RATE).mixed());
    }

    private static AudibleStretch of(float[] samples) {
        int frames = samples.length / HOP;
        double[] levels = new double[frames];
        double peak = 0;
        for (int f = 0; f < frames; f++) {
            for (int i = f * HOP; i < (f + 1) * HOP; i++) {
                levels[f] += samples[i] * samples[i];
            }
            levels[f] = Math.sqrt(levels[f]);
            peak = Math.max(peak, levels[f]);
        }
        double[] sorted = levels.clone();
        Arrays.sort(sorted);
        double limit = Math.max(AUDIBLE * peak, ABOVE_NOISE * sorted[frames / 20]);
        int first = 0;
        int last = frames - 1;
        while (first < last && levels[first] < limit) {
            first++;
        }
        while (last > first && levels[last] < limit) {
            last--;
        }
        return new AudibleStretch(first * (double) HOP / RATE, (last + 1.0) * HOP / RATE);
    }

    /** What is heard of a sound. */
    static Sound cut(Sound sound) {
        float[] samples = sound.mixedAt(RATE).mixed();
        AudibleStretch heard = of(samples);
        return Sound.mono(
                Arrays.copyOfRange(samples, (int) Math.round(heard.from * RATE), (int) Math.round(heard.to * RATE)),
                RATE);
    }
}
