package graykite.hearing;

import graykite.reading.HeardPhone;
import graykite.sound.Sound;
import java.util.Arrays;
import java.util.Optional;

/**
 * What the acoustic model hears: 13 mel-frequency cepstra with first and second differences (Davis & Mermelstein 1980),
 * with the settings that the shipped model was trained with. Frames are taken twice as often as in training, so that
 * boundaries fall on a 5 ms grid; the differences still span the training distances.
 */
public final class Features {
    public static final int RATE = 16_000;
    static final int CEPSTRA = 13;
    /** Samples between frames: 5 ms. */
    public static final int HOP = (int) (RATE * HeardPhone.SECONDS_A_FRAME);

    private static final int HOPS_A_TRAINING_FRAME = 2;
    private static final double LIFTER = 22;
    /** As in training; the dither is half a step of 16 bit. */
    static final MelPowers.Settings BANDS = new MelPowers.Settings(25, 130, 6800, 410, 512, 0.97, 32768, 0.5);

    private final float[][] cepstra;
    private final Optional<PhoneOdds> odds;
    /** The frame of the odds that the first frame of these is. */
    private final int first;

    private final Remembered remembered;

    private Features(float[][] cepstra, Optional<PhoneOdds> odds, int first, Remembered remembered) {
        this.cepstra = cepstra;
        this.odds = odds;
        this.first = first;
        this.remembered = remembered;
    }

    /** Of a whole recording, whose noise is its own. @param sound one channel at 16 kHz */
    static Features of(Sound sound) {
        MelPowers powers = new MelPowers(sound, BANDS);
        return of(powers, NoiseFloor.of(powers));
    }

    /**
     * @param sound one channel at 16 kHz
     * @param noise of the recording that it is part of
     */
    static Features of(Sound sound, NoiseFloor noise) {
        return of(new MelPowers(sound, BANDS), noise);
    }

    private static Features of(MelPowers powers, NoiseFloor noise) {
        float[][] cepstra = new float[powers.frames()][];
        float[][] cosines = cosines();
        double[] mel = new double[BANDS.bands()];
        for (int f = 0; f < cepstra.length; f++) {
            powers.at(f, mel);
            noise.takenFrom(mel);
            for (int b = 0; b < mel.length; b++) {
                mel[b] = Math.log(Math.max(mel[b], 1e-5));
            }
            float[] c = new float[CEPSTRA];
            for (int i = 0; i < CEPSTRA; i++) {
                double sum = 0;
                for (int b = 0; b < mel.length; b++) {
                    sum += mel[b] * cosines[i][b];
                }
                c[i] = (float) (sum * (1 + LIFTER / 2 * Math.sin(Math.PI * i / LIFTER)));
            }
            cepstra[f] = c;
        }
        subtractMean(cepstra);
        return new Features(cepstra, Optional.empty(), 0, new Remembered(cepstra.length));
    }

    /** The same with what a trained network hears of the same sound. */
    Features with(PhoneOdds heard) {
        return new Features(cepstra, Optional.of(heard), 0, remembered);
    }

    /** True when a trained network has heard the sound. */
    boolean hasOdds() {
        return odds.isPresent();
    }

    /** What a trained network hears at a frame, by {@link graykite.text.Phone#ordinal()}. */
    Optional<float[]> odds(int frame) {
        return odds.map(o -> o.at(first + frame));
    }

    /** The frames from one to, not including, another, as features of their own. */
    Features between(int from, int to) {
        return new Features(Arrays.copyOfRange(cepstra, from, to), odds, first + from, remembered.part(from, to));
    }

    /** What of a phone in a stream was found near a frame before; {@link Near#UNKNOWN} when nothing is known of it. */
    Near remembered(int frame, int which) {
        return isWithin(frame) ? remembered.at(frame, which) : Near.UNKNOWN;
    }

    /** Keeps what was found, for these features and those of other parts of the same sound. */
    void remember(int frame, int which, Near near) {
        if (isWithin(frame)) {
            remembered.keep(frame, which, near);
        }
    }

    /** True where a frame has all the neighbours that its differences are of: at the ends of a part they are other ones than in the whole. */
    private boolean isWithin(int frame) {
        int reach = 3 * HOPS_A_TRAINING_FRAME;
        return frame >= reach && frame + reach < cepstra.length;
    }

    int frames() {
        return cepstra.length;
    }

    float[] cepstrum(int frame) {
        return cepstra[clamp(frame)];
    }

    /** Fills three streams of 13: cepstra, first differences, second differences. */
    void vector(int frame, float[] out) {
        int u = HOPS_A_TRAINING_FRAME;
        float[] now = cepstra[clamp(frame)];
        float[] p1 = cepstra[clamp(frame + u)];
        float[] m1 = cepstra[clamp(frame - u)];
        float[] p2 = cepstra[clamp(frame + 2 * u)];
        float[] m2 = cepstra[clamp(frame - 2 * u)];
        float[] p3 = cepstra[clamp(frame + 3 * u)];
        float[] m3 = cepstra[clamp(frame - 3 * u)];
        for (int i = 0; i < CEPSTRA; i++) {
            out[i] = now[i];
            out[CEPSTRA + i] = p2[i] - m2[i];
            out[2 * CEPSTRA + i] = (p3[i] - m1[i]) - (p1[i] - m3[i]);
        }
    }

    private int clamp(int frame) {
        return Math.clamp(frame, 0, cepstra.length - 1);
    }

    /** The mean is taken over the louder half of the frames, so that long pauses do not shift the speech. */
    private static void subtractMean(float[][] cepstra) {
        float[] energies = new float[cepstra.length];
        for (int f = 0; f < cepstra.length; f++) {
            energies[f] = cepstra[f][0];
        }
        Arrays.sort(energies);
        float high = energies[(int) (0.95 * (energies.length - 1))];
        float low = energies[(int) (0.05 * (energies.length - 1))];
        float threshold = low + 0.35f * (high - low);
        double[] mean = new double[CEPSTRA];
        int count = 0;
        for (float[] c : cepstra) {
            if (c[0] >= threshold) {
                count++;
                for (int i = 0; i < CEPSTRA; i++) {
                    mean[i] += c[i];
                }
            }
        }
        for (float[] c : cepstra) {
            for (int i = 0; i < CEPSTRA; i++) {
                c[i] -= (float) (mean[i] / Math.max(1, count));
            }
        }
    }

    private static float[][] cosines() {
        float[][] cosines = new float[CEPSTRA][BANDS.bands()];
        for (int i = 0; i < CEPSTRA; i++) {
            double norm = Math.sqrt((i == 0 ? 1.0 : 2.0) / BANDS.bands());
            for (int b = 0; b < BANDS.bands(); b++) {
                cosines[i][b] = (float) (norm * Math.cos(Math.PI * i * (b + 0.5) / BANDS.bands()));
            }
        }
        return cosines;
    }
}
