package graykite.media.ear;

import graykite.base.Progress;
import graykite.hearing.PhoneOdds;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;

/** Tells phones by what the {@link SpeechEncoder} hears at each moment: one layer of weights, learnt from recordings in several languages. */
public final class PhoneNetwork {
    /** A phone that is less likely, in natural logarithm, is not counted as any less: nobody is that sure. */
    private static final double LEAST = -8;
    /** What counts of how likely a phone is anywhere: chosen out of 0.5, 0.8 and 1 by how well wrong words of announcements are told. */
    private static final double PRIOR = 0.8;

    private final SpeechEncoder encoder;
    private final PhoneLayer layer;
    /** By phone, the natural logarithm of how likely it is anywhere. */
    private final double[] priors;

    private PhoneNetwork(SpeechEncoder encoder, PhoneLayer layer) {
        this.encoder = encoder;
        this.layer = layer;
        this.priors = layer.priors();
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
        double[] chances = new double[Phone.values().length];
        List<float[]> moments = new ArrayList<>();
        encoder.features(sound, progress, features -> {
            layer.chances(features, chances);
            float[] logarithms = new float[chances.length];
            for (int p = 0; p < chances.length; p++) {
                logarithms[p] = (float) (Math.max(LEAST, Math.log(chances[p])) - PRIOR * priors[p]);
            }
            moments.add(logarithms);
        });
        return new PhoneOdds(moments.toArray(float[][]::new));
    }
}
