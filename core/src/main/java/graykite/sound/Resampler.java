package graykite.sound;

import static graykite.base.Require.requireThat;

/**
 * Changes the sample rate by band-limited interpolation with a Kaiser-windowed sinc (Smith & Gossett 1984, "A flexible
 * sampling-rate conversion method"). Stop band below -80 dB.
 */
public final class Resampler {
    private static final int ZERO_CROSSINGS = 24;
    private static final double KAISER_BETA = 9.0;
    private static final int TABLE_STEPS = 512;
    private static final double ROLL_OFF = 0.945;

    private Resampler() {}

    /** @return the samples at the new rate; its length is the old duration rounded to the new grid */
    public static float[] resample(float[] samples, int fromRate, int toRate) {
        requireThat(fromRate > 0 && toRate > 0, "Sample rates are positive.");
        if (fromRate == toRate) {
            return samples.clone();
        }
        int length = (int) Math.round(samples.length * (double) toRate / fromRate);
        double cutoff = Math.min(1.0, toRate / (double) fromRate) * ROLL_OFF;
        float[] table = kernel();
        double reach = ZERO_CROSSINGS / cutoff;
        float[] result = new float[length];
        double step = fromRate / (double) toRate;
        for (int i = 0; i < length; i++) {
            double centre = i * step;
            int first = Math.max(0, (int) Math.ceil(centre - reach));
            int last = Math.min(samples.length - 1, (int) Math.floor(centre + reach));
            double sum = 0;
            for (int k = first; k <= last; k++) {
                double position = Math.abs(k - centre) * cutoff * TABLE_STEPS;
                int index = (int) position;
                double part = position - index;
                sum += samples[k] * (table[index] + part * (table[index + 1] - table[index]));
            }
            result[i] = (float) (sum * cutoff);
        }
        return result;
    }

    private static float[] kernel() {
        float[] table = new float[ZERO_CROSSINGS * TABLE_STEPS + 2];
        double scale = bessel(KAISER_BETA);
        for (int i = 0; i < table.length; i++) {
            double x = i / (double) TABLE_STEPS;
            double ratio = Math.min(1, x / ZERO_CROSSINGS);
            double window = bessel(KAISER_BETA * Math.sqrt(1 - ratio * ratio)) / scale;
            double sinc = x == 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
            table[i] = (float) (sinc * window);
        }
        table[table.length - 1] = 0;
        return table;
    }

    /** Modified Bessel function of order zero, by its power series. */
    private static double bessel(double x) {
        double sum = 1;
        double term = 1;
        for (int k = 1; k < 40; k++) {
            term *= (x / (2 * k)) * (x / (2 * k));
            sum += term;
        }
        return sum;
    }
}
