package graykite.speech;

/**
 * Logarithms of how likely states of the speech model are at the frames of a recording. Only the phones that are asked
 * for are computed; in each stream the best few Gaussians stand for all (the usual shortcut for tied mixtures).
 */
final class Scorer {
    private static final int KEPT = 10;

    private final SpeechModel model;
    private final Features features;
    private final float[] vector = new float[SpeechModel.STREAMS * SpeechModel.DIMENSIONS];
    private final int[] baseFrame;
    private final int[][] bestDensity;
    private final float[][] bestShare;
    private final double[][] bestBasis;
    private final int[] senoneFrame;
    private final float[] senoneScore;
    private final float[] density = new float[SpeechModel.DENSITIES];
    private int frame = -1;

    Scorer(SpeechModel model, Features features) {
        this.model = model;
        this.features = features;
        int bases = model.baseCount();
        baseFrame = new int[bases];
        java.util.Arrays.fill(baseFrame, -1);
        bestDensity = new int[bases][SpeechModel.STREAMS * KEPT];
        bestShare = new float[bases][SpeechModel.STREAMS * KEPT];
        bestBasis = new double[bases][SpeechModel.STREAMS];
        senoneFrame = new int[model.senoneCount()];
        java.util.Arrays.fill(senoneFrame, -1);
        senoneScore = new float[model.senoneCount()];
    }

    /** The frame that {@link #score} answers for from now on. */
    void frame(int newFrame) {
        frame = newFrame;
        features.vector(newFrame, vector);
    }

    /** Natural logarithm of the likelihood of a senone at the current frame. */
    float score(int senone) {
        if (senoneFrame[senone] == frame) {
            return senoneScore[senone];
        }
        int base = model.baseOfSenone(senone);
        if (baseFrame[base] != frame) {
            evaluate(base);
            baseFrame[base] = frame;
        }
        float[] weights = model.weightsOf(senone);
        int[] kept = bestDensity[base];
        float[] share = bestShare[base];
        double total = 0;
        for (int s = 0; s < SpeechModel.STREAMS; s++) {
            float sum = 0;
            for (int k = s * KEPT; k < (s + 1) * KEPT; k++) {
                sum += share[k] * weights[kept[k]];
            }
            total += bestBasis[base][s] + Math.log(sum);
        }
        senoneFrame[senone] = frame;
        senoneScore[senone] = (float) total;
        return (float) total;
    }

    private void evaluate(int base) {
        for (int s = 0; s < SpeechModel.STREAMS; s++) {
            float[] means = model.meansOf(base, s);
            float[] precisions = model.precisionsOf(base, s);
            float[] norms = model.normsOf(base, s);
            int offset = s * SpeechModel.DIMENSIONS;
            for (int d = 0; d < SpeechModel.DENSITIES; d++) {
                int at = d * SpeechModel.DIMENSIONS;
                float sum = 0;
                for (int i = 0; i < SpeechModel.DIMENSIONS; i++) {
                    float difference = vector[offset + i] - means[at + i];
                    sum += difference * difference * precisions[at + i];
                }
                density[d] = norms[d] - sum;
            }
            keepBest(base, s);
        }
    }

    private void keepBest(int base, int stream) {
        int[] kept = bestDensity[base];
        float[] share = bestShare[base];
        int from = stream * KEPT;
        for (int k = 0; k < KEPT; k++) {
            share[from + k] = Float.NEGATIVE_INFINITY;
        }
        for (int d = 0; d < SpeechModel.DENSITIES; d++) {
            float value = density[d];
            if (value > share[from + KEPT - 1]) {
                int k = from + KEPT - 1;
                while (k > from && share[k - 1] < value) {
                    share[k] = share[k - 1];
                    kept[k] = kept[k - 1];
                    k--;
                }
                share[k] = value;
                kept[k] = stream * SpeechModel.DENSITIES + d;
            }
        }
        double basis = share[from];
        bestBasis[base][stream] = basis;
        for (int k = from; k < from + KEPT; k++) {
            share[k] = (float) Math.exp(share[k] - basis);
        }
    }
}
