package graykite.hearing;

import graykite.text.Phone;
import java.util.Arrays;
import java.util.Optional;

/**
 * Logarithms of how likely states of the speech model are at the frames of a recording, with what a trained network hears of their phones added. Only the phones that are asked
 * for are computed; in each stream the few best Gaussians stand for all (the usual shortcut for tied mixtures).
 */
final class Scorer {
    /** Below the best density by so much, in natural logarithm, a density adds nothing. */
    private static final float NOTHING = 5;

    private static final float SMALLEST = 1e-12f;
    private static final int BLOCKS = SpeechModel.DENSITIES / 4;

    private final SpeechModel model;
    private final Features features;
    private final float[] vector = new float[SpeechModel.STREAMS * SpeechModel.DIMENSIONS];
    private final Heard[] bases;
    private final int[] senoneFrame;
    private final float[] senoneScore;
    private final float[] density = new float[SpeechModel.DENSITIES];
    /** The highest of every four densities, each so many apart. */
    private final float[] highest = new float[BLOCKS];

    /** By base phone, where it stands among the phones; -1 for what is none. */
    private final int[] phones;

    private int frame = -1;
    private Optional<float[]> odds = Optional.empty();

    /** What was computed for a phone: in each stream the best densities and their shares of the best. */
    private static final class Heard {
        final int[][] kept = new int[SpeechModel.STREAMS][SpeechModel.DENSITIES + 1];
        final float[][] share = new float[SpeechModel.STREAMS][SpeechModel.DENSITIES];
        final int[] count = new int[SpeechModel.STREAMS];
        float first;
        float all;
        int firstFrame = -1;
        int allFrame = -1;
    }

    Scorer(SpeechModel model, Features features) {
        this.model = model;
        this.features = features;
        bases = new Heard[model.baseCount()];
        Arrays.setAll(bases, b -> new Heard());
        senoneFrame = new int[model.senoneCount()];
        Arrays.fill(senoneFrame, -1);
        senoneScore = new float[model.senoneCount()];
        phones = new int[model.baseCount()];
        Arrays.fill(phones, -1);
        for (Phone phone : Phone.values()) {
            phones[model.baseOf(phone.name())] = phone.ordinal();
        }
    }

    /** The frame that {@link #score} answers for from now on. */
    void frame(int newFrame) {
        frame = newFrame;
        features.vector(newFrame, vector);
        odds = features.odds(newFrame);
    }

    /**
     * A first impression of a phone: the logarithm of its best density for the cepstra alone, and what a trained network hears of it. Costs a
     * third of {@link #score}, and what it takes is used again there.
     */
    float impression(int base) {
        return ownImpression(base) + odds(base);
    }

    /** The same without the network, which may be so sure of one phone that no other would be left. */
    float ownImpression(int base) {
        Heard heard = bases[base];
        if (heard.firstFrame != frame) {
            heard.first = evaluate(base, 0);
            heard.firstFrame = frame;
        }
        return heard.first;
    }

    private float odds(int base) {
        return odds.isEmpty() || phones[base] < 0 ? 0 : odds.get()[phones[base]];
    }

    /** Natural logarithm of the likelihood of a senone at the current frame. */
    float score(int senone) {
        if (senoneFrame[senone] == frame) {
            return senoneScore[senone];
        }
        int base = model.baseOfSenone(senone);
        Heard heard = bases[base];
        if (heard.allFrame != frame) {
            float total = impression(base);
            for (int s = 1; s < SpeechModel.STREAMS; s++) {
                total += evaluate(base, s);
            }
            heard.all = total;
            heard.allFrame = frame;
        }
        float[] weights = model.weightsOf(senone);
        double product = 1;
        for (int s = 0; s < SpeechModel.STREAMS; s++) {
            float sum = 0;
            int[] kept = heard.kept[s];
            float[] share = heard.share[s];
            for (int k = 0; k < heard.count[s]; k++) {
                sum += share[k] * weights[kept[k]];
            }
            product *= Math.max(SMALLEST, sum);
        }
        senoneFrame[senone] = frame;
        senoneScore[senone] = (float) (heard.all + Math.log(product));
        return senoneScore[senone];
    }

    /** Fills in the best densities of a phone in one stream and tells the logarithm of the best. */
    private float evaluate(int base, int stream) {
        System.arraycopy(model.normsOf(base, stream), 0, density, 0, SpeechModel.DENSITIES);
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
        return keepBest(bases[base], stream);
    }

    /** Two dimensions at once: the sums are fetched and stored half as often. */
    private void subtract(float x, float[] mean, float[] precision, float y, float[] nextMean, float[] nextPrecision) {
        float[] sums = density;
        for (int d = 0; d < SpeechModel.DENSITIES; d++) {
            float a = x - mean[d];
            float b = y - nextMean[d];
            sums[d] -= a * a * precision[d] + b * b * nextPrecision[d];
        }
    }

    private void subtract(float x, float[] mean, float[] precision) {
        float[] sums = density;
        for (int d = 0; d < SpeechModel.DENSITIES; d++) {
            float a = x - mean[d];
            sums[d] -= a * a * precision[d];
        }
    }

    private float keepBest(Heard heard, int stream) {
        float[] sums = density;
        float[] most = highest;
        for (int i = 0; i < BLOCKS; i++) {
            most[i] =
                    Math.max(Math.max(sums[i], sums[i + BLOCKS]), Math.max(sums[i + 2 * BLOCKS], sums[i + 3 * BLOCKS]));
        }
        float best = highest(most);
        float limit = best - NOTHING;
        int[] kept = heard.kept[stream];
        int count = 0;
        for (int i = 0; i < BLOCKS; i++) {
            if (most[i] > limit) {
                for (int k = i; k < SpeechModel.DENSITIES; k += BLOCKS) {
                    // Written before it is known whether it counts: a branch that cannot be foretold costs more.
                    kept[count] = k;
                    count += sums[k] > limit ? 1 : 0;
                }
            }
        }
        float[] share = heard.share[stream];
        int offset = stream * SpeechModel.DENSITIES;
        for (int k = 0; k < count; k++) {
            share[k] = power(sums[kept[k]] - best);
            kept[k] += offset;
        }
        heard.count[stream] = count;
        return best;
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
