package graykite.hearing;

import graykite.text.Phone;
import java.util.Arrays;
import java.util.Optional;

/**
 * Logarithms of how likely states of the speech model are at the frames of a recording, with what a trained network hears of their phones added. Only the phones that are asked
 * for are computed, and not again for who hears the same sound another time.
 */
final class Scorer {
    private static final float SMALLEST = 1e-12f;

    private final SpeechModel model;
    private final Features features;
    private final Gaussians gaussians;
    private final float[] vector = new float[SpeechModel.STREAMS * SpeechModel.DIMENSIONS];
    private final Heard[] bases;
    private final int[] senoneFrame;
    private final float[] senoneScore;
    /** By base phone, where it stands among the phones; -1 for what is none. */
    private final int[] phones;

    private int frame = -1;
    private Optional<float[]> odds = Optional.empty();

    /** What was heard of a phone: in each stream the Gaussians that are near. */
    private static final class Heard {
        final Near[] near = new Near[SpeechModel.STREAMS];
        float all;
        int firstFrame = -1;
        int allFrame = -1;
    }

    Scorer(SpeechModel model, Features features) {
        this.model = model;
        this.features = features;
        gaussians = new Gaussians(model);
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
            heard.near[0] = near(base, 0);
            heard.firstFrame = frame;
        }
        return heard.near[0].best();
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
                heard.near[s] = near(base, s);
                total += heard.near[s].best();
            }
            heard.all = total;
            heard.allFrame = frame;
        }
        float[] weights = model.weightsOf(senone);
        double product = 1;
        for (int s = 0; s < SpeechModel.STREAMS; s++) {
            float sum = 0;
            int[] kept = heard.near[s].which();
            float[] share = heard.near[s].shares();
            for (int k = 0; k < kept.length; k++) {
                sum += share[k] * weights[kept[k]];
            }
            product *= Math.max(SMALLEST, sum);
        }
        senoneFrame[senone] = frame;
        senoneScore[senone] = (float) (heard.all + Math.log(product));
        return senoneScore[senone];
    }

    private Near near(int base, int stream) {
        int which = base * SpeechModel.STREAMS + stream;
        Near known = features.remembered(frame, which);
        if (known != Near.UNKNOWN) {
            return known;
        }
        Near found = gaussians.near(base, stream, vector);
        features.remember(frame, which, found);
        return found;
    }
}
