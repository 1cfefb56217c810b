package graykite.hearing;

import graykite.text.Phone;

/**
 * How well the sound could be explained at best by any phone, frame by frame: what a word is held against. Looked at every 30
 * ms only, which is enough for a word and keeps reading fast.
 */
final class Ceiling {
    private static final int EVERY = 6;
    /** Phones whose first impression lies further below the best one are not looked at closely. */
    private static final float NEAR = 3;

    private final Scorer scorer;
    private final int[] bases;
    private final int[][] senones;
    private final double[] sums;
    private float now;

    Ceiling(SpeechModel model, Scorer scorer, int frames) {
        this.scorer = scorer;
        Phone[] phones = Phone.values();
        bases = new int[phones.length];
        senones = new int[phones.length][];
        for (int p = 0; p < phones.length; p++) {
            bases[p] = model.baseOf(phones[p].name());
            senones[p] = model.plainSenones(bases[p]);
        }
        sums = new double[frames];
    }

    /** Takes in a step of the search at a frame, which the scorer has been set to. */
    void step(int frame) {
        if (frame % EVERY == 0) {
            now = best();
        }
        double sum = (frame > 0 ? sums[frame - 1] : 0) + now;
        for (int f = frame; f < Math.min(sums.length, frame + Aligner.STEP); f++) {
            sums[f] = sum;
        }
    }

    private float best() {
        float first = Float.NEGATIVE_INFINITY;
        for (int base : bases) {
            first = Math.max(first, scorer.impression(base));
        }
        float best = Float.NEGATIVE_INFINITY;
        for (int p = 0; p < bases.length; p++) {
            if (scorer.impression(bases[p]) >= first - NEAR) {
                for (int senone : senones[p]) {
                    best = Math.max(best, scorer.score(senone));
                }
            }
        }
        return best;
    }

    /** By frame: the logarithm of how likely all frames up to it are at best. */
    double[] sums() {
        return sums;
    }
}
