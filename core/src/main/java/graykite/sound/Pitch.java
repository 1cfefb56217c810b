package graykite.sound;

import java.util.Arrays;

/**
 * The pitch of a voice over time: every 10 ms the period at which the sound is most like itself, by the normalised square
 * difference (McLeod & Wyvill 2005, "A smarter way to find pitch"); 0 where the sound has none.
 */
public final class Pitch {
    /** Seconds between values. */
    public static final double STEP = 0.01;

    /** Lowest and highest pitch that is looked for, in hertz. */
    public static final double LOWEST = 60;

    public static final double HIGHEST = 500;

    private static final int RATE = 8000;
    private static final int WINDOW = 400;
    private static final int FFT = 1024;
    private static final double VOICED = 0.72;
    /** A shorter period that fits nearly as well as the best is the true one: the best may be a multiple of it. */
    private static final double NEARLY = 0.9;

    private static final double SILENT = 1e-6;

    private final float[] hertz;

    private Pitch(float[] hertz) {
        this.hertz = hertz;
    }

    public static Pitch of(Sound sound) {
        float[] samples = sound.mixedAt(RATE).mixed();
        int step = (int) (STEP * RATE);
        float[] hertz = new float[samples.length / step + 1];
        RealTransform transform = new RealTransform(FFT);
        double[] buffer = new double[FFT];
        for (int f = 0; f < hertz.length; f++) {
            hertz[f] = at(samples, f * step - WINDOW / 2, transform, buffer);
        }
        return new Pitch(withoutOutliers(hertz));
    }

    private static float at(float[] samples, int from, RealTransform transform, double[] buffer) {
        Arrays.fill(buffer, 0);
        double energy = 0;
        for (int i = 0; i < WINDOW; i++) {
            int at = from + i;
            buffer[i] = at < 0 || at >= samples.length ? 0 : samples[at];
            energy += buffer[i] * buffer[i];
        }
        if (energy / WINDOW < SILENT) {
            return 0;
        }
        double[] window = Arrays.copyOf(buffer, WINDOW);
        transform.of(buffer);
        // The powers, mirrored, are the spectrum of how alike the window is to itself; being even, it transforms back
        // as forth.
        for (int k = 0; k <= FFT / 2; k++) {
            buffer[k] = transform.power(k) / FFT;
            buffer[(FFT - k) % FFT] = buffer[k];
        }
        transform.of(buffer);
        return period(transform, window, 2 * energy);
    }

    private static float period(RealTransform correlation, double[] window, double twiceEnergy) {
        int shortest = (int) (RATE / HIGHEST);
        int longest = (int) (RATE / LOWEST);
        double[] alike = new double[longest + 2];
        double square = twiceEnergy;
        for (int lag = 0; lag < alike.length; lag++) {
            alike[lag] = square > 0 ? 2 * correlation.real(lag) / square : 0;
            square -= window[lag] * window[lag] + window[WINDOW - 1 - lag] * window[WINDOW - 1 - lag];
        }
        double best = 0;
        for (int lag = shortest; lag <= longest; lag++) {
            best = Math.max(best, alike[lag]);
        }
        if (best < VOICED) {
            return 0;
        }
        for (int lag = shortest; lag <= longest; lag++) {
            boolean peak = alike[lag] >= alike[lag - 1] && alike[lag] >= alike[lag + 1];
            if (peak && alike[lag] >= NEARLY * best) {
                double bend = alike[lag - 1] - 2 * alike[lag] + alike[lag + 1];
                double shift = bend == 0 ? 0 : 0.5 * (alike[lag - 1] - alike[lag + 1]) / bend;
                return (float) (RATE / (lag + shift));
            }
        }
        return 0;
    }

    /** A single value that agrees with neither neighbour is an accident. */
    private static float[] withoutOutliers(float[] hertz) {
        float[] clean = hertz.clone();
        for (int i = 1; i + 1 < hertz.length; i++) {
            if (hertz[i] > 0 && !near(hertz[i], hertz[i - 1]) && !near(hertz[i], hertz[i + 1])) {
                clean[i] = 0;
            }
        }
        return clean;
    }

    private static boolean near(float a, float b) {
        return b > 0 && Math.abs(Math.log(a / b)) < 0.2;
    }

    /** Pitch at a time in hertz, 0 where there is none. */
    public double at(double seconds) {
        int at = (int) Math.round(seconds / STEP);
        return at < 0 || at >= hertz.length ? 0 : hertz[at];
    }

    public int count() {
        return hertz.length;
    }
}
