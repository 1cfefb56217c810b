package graykite.media.ear;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;

/** Tells phones by what the {@link SpeechEncoder} hears at each moment: one layer of weights, learnt from recordings in several languages. */
public final class PhoneNetwork {
    /** A phone that is less likely, in natural logarithm, is not counted as any less: nobody is that sure. */
    private static final double LEAST = -8;
    /** What counts of how likely a phone is anywhere. */
    private static final double PRIOR = 0.5;

    private final SpeechEncoder encoder;
    private final PhoneLayer layer;

    private PhoneNetwork(SpeechEncoder encoder, PhoneLayer layer) {
        this.encoder = encoder;
        this.layer = layer;
    }

    static PhoneNetwork shipped(SpeechEncoder encoder) {
        try (InputStream in = PhoneNetwork.class.getResourceAsStream("phones.bin")) {
            return new PhoneNetwork(encoder, PhoneLayer.read(in));
        } catch (IOException failure) {
            throw new IllegalStateException("The network that tells phones cannot be read.", failure);
        }
    }

    /** With another layer: one that has not met certain speakers, for one. */
    public static PhoneNetwork of(SpeechEncoder encoder, PhoneLayer layer) {
        return new PhoneNetwork(encoder, layer);
    }

    /**
     * Which phones are heard when.
     *
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    public PhoneOdds odds(Sound sound, Progress progress) {
        List<float[]> features = encoder.features(sound, progress);
        float[][] logarithms = new float[features.size()][Phone.values().length];
        double[] chances = new double[Phone.values().length];
        for (int m = 0; m < logarithms.length; m++) {
            layer.chances(features.get(m), chances);
            for (int p = 0; p < chances.length; p++) {
                logarithms[m][p] = (float) (Math.max(LEAST, Math.log(chances[p])) - PRIOR * layer.prior(p));
            }
        }
        return new PhoneOdds(logarithms);
    }
}
