package graykite.sound;

import static graykite.base.Require.requireThat;

import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * The spectrum of real samples: two neighbours are taken as one complex number, so that a transform of half the length does (Press
 * et al. 2007, Numerical Recipes, 12.3). Holds working memory, so one serves one thread.
 */
public final class RealTransform {
    private final int half;
    private final double[][] packed;
    private final double[] real;
    private final double[] imaginary;
    private final double[] cosines;
    private final double[] sines;

    /** @param length of the samples, a power of two, at least 4 */
    public RealTransform(int length) {
        requireThat(
                length >= 4 && Integer.bitCount(length) == 1,
                "A transform's length is a power of two, not %s.",
                length);
        half = length / 2;
        packed = new double[2][half];
        real = new double[half + 1];
        imaginary = new double[half + 1];
        cosines = new double[half + 1];
        sines = new double[half + 1];
        for (int k = 0; k <= half; k++) {
            cosines[k] = Math.cos(Math.PI * k / half);
            sines[k] = Math.sin(Math.PI * k / half);
        }
    }

    /** Takes the spectrum of samples, which are left as they are: the sum of sample n times e to the -2 pi i k n / length. */
    public void of(double[] samples) {
        if (samples.length != 2 * half) {
            // Not asked by requireThat, which would box both figures for each of thousands of frames.
            throw new IllegalArgumentException(
                    "This transform takes " + 2 * half + " samples, not " + samples.length + ".");
        }
        for (int i = 0; i < half; i++) {
            packed[0][i] = samples[2 * i];
            packed[1][i] = samples[2 * i + 1];
        }
        FastFourierTransformer.transformInPlace(packed, DftNormalization.STANDARD, TransformType.FORWARD);
        // The first value stands beyond the last one too.
        unpack(0, 0, 0);
        for (int k = 1; k < half; k++) {
            unpack(k, k, half - k);
        }
        unpack(half, 0, 0);
    }

    /** What the even samples give, and the odd ones, lies in the sum and the difference of mirrored values. */
    private void unpack(int k, int low, int high) {
        double[] re = packed[0];
        double[] im = packed[1];
        double evenRe = (re[low] + re[high]) / 2;
        double evenIm = (im[low] - im[high]) / 2;
        double oddRe = (im[low] + im[high]) / 2;
        double oddIm = (re[high] - re[low]) / 2;
        real[k] = evenRe + cosines[k] * oddRe + sines[k] * oddIm;
        imaginary[k] = evenIm + cosines[k] * oddIm - sines[k] * oddRe;
    }

    /** Real part of a value of the last spectrum, from 0 to half the length, both included. */
    public double real(int k) {
        return real[k];
    }

    public double imaginary(int k) {
        return imaginary[k];
    }

    /** Square of a value's magnitude. */
    public double power(int k) {
        return real[k] * real[k] + imaginary[k] * imaginary[k];
    }
}
