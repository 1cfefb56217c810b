package graykite.hearing;

/**
 * Which Gaussians of a phone are near the sound at a frame. In each stream the few best stand for all (the usual shortcut for tied
 * mixtures).
 */
final class Gaussians {
    /** Below the best density by so much, in natural logarithm, a density adds nothing. */
    private static final float NOTHING = 5;

    private static final int ALL = SpeechModel.DENSITIES;
    private static final int BLOCKS = ALL / 4;

    private final SpeechModel model;
    private final float[] density = new float[ALL];
    /** The highest of every four densities, each so many apart. */
    private final float[] highest = new float[BLOCKS];

    private final int[] kept = new int[ALL + 1];

    Gaussians(SpeechModel model) {
        this.model = model;
    }

    /**
     * Those of one phone in one stream.
     *
     * @param vector of a frame, as {@link Features#vector} fills it
     */
    Near near(int base, int stream, float[] vector) {
        System.arraycopy(model.normsOf(base, stream), 0, density, 0, ALL);
        float[][] means = model.meansOf(base, stream);
        float[][] precisions = model.precisionsOf(base, stream);
        int offset = stream * SpeechModel.DIMENSIONS;
        for (int i = 0; i + 1 < SpeechModel.DIMENSIONS; i += 2) {
            subtract(
                    vector[offset + i],
                    means[i],
                    precisions[i],
                    vector[offset + i + 1],
                    means[i + 1],
                    precisions[i + 1]);
        }
        int last = SpeechModel.DIMENSIONS - 1;
        subtract(vector[offset + last], means[last], precisions[last]);
        return best(stream);
    }

    /** Two dimensions at once: the sums are fetched and stored half as often. */
    private void subtract(float x, float[] mean, float[] precision, float y, float[] nextMean, float[] nextPrecision) {
        float[] sums = density;
        for (int d = 0; d < ALL; d++) {
            float a = x - mean[d];
            float b = y - nextMean[d];
            sums[d] -= a * a * precision[d] + b * b * nextPrecision[d];
        }
    }

    private void subtract(float x, float[] mean, float[] precision) {
        float[] sums = density;
        for (int d = 0; d < ALL; d++) {
            float a = x - mean[d];
            sums[d] -= a * a * precision[d];
        }
    }

    private Near best(int stream) {
        float[] sums = density;
        float[] most = highest;
        for (int i = 0; i < BLOCKS; i++) {
            most[i] =
                    Math.max(Math.max(sums[i], sums[i + BLOCKS]), Math.max(sums[i + 2 * BLOCKS], sums[i + 3 * BLOCKS]));
        }
        float best = highest(most);
        float limit = best - NOTHING;
        int count = 0;
        for (int i = 0; i < BLOCKS; i++) {
            if (most[i] > limit) {
                for (int k = i; k < ALL; k += BLOCKS) {
                    // Written before it is known whether it counts: a branch that cannot be foretold costs more.
                    kept[count] = k;
                    count += sums[k] > limit ? 1 : 0;
                }
            }
        }
        int[] which = new int[count];
        float[] shares = new float[count];
        for (int k = 0; k < count; k++) {
            which[k] = stream * ALL + kept[k];
            shares[k] = power(sums[kept[k]] - best);
        }
        return new Near(best, which, shares);
    }

    private static float highest(float[] values) {
        float a = values[0];
        float b = values[1];
        float c = values[2];
        float d = values[3];
        for (int i = 4; i < BLOCKS; i += 4) {
            a = Math.max(a, values[i]);
            b = Math.max(b, values[i + 1]);
            c = Math.max(c, values[i + 2]);
            d = Math.max(d, values[i + 3]);
        }
        return Math.max(Math.max(a, b), Math.max(c, d));
    }

    /** e to the power of a number from -5 to 0, within two hundredths of the value: enough for shares, and quick. */
    private static float power(float x) {
        float y = 1 + x * (1 / 1024f);
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        y *= y;
        return y * y;
    }
}
