package graykite.bench;

import graykite.hearing.SimulatedVoice.Said;
import graykite.sound.Sound;
import graykite.sound.Stretch;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

/** Other ways of speaking, made of clean recordings: whispered, shouted, sung. */
final class Manners {
    /** How many times longer a sung vowel is held. */
    private static final double HELD = 3;

    private static final int ORDER = 18;
    private static final int WINDOW = 400;
    /** Samples over which the parts of a song are let in and out, so that no click parts them. */
    private static final int EDGE = 24;

    private Manners() {}

    /** A song and when each of its phones sounds. */
    record Song(Sound sound, List<Said> phones) {}

    /** Half of each vowel is held; how it begins and ends, and the consonants, stay as long as they were. */
    static Song sung(Sound clean, List<Said> phones) {
        List<float[]> parts = new ArrayList<>();
        List<Said> sung = new ArrayList<>();
        int length = 0;
        for (Said phone : phones) {
            double end = Math.min(phone.end(), clean.duration());
            if (end <= phone.start()) {
                continue;
            }
            int before = length;
            TimeRange middle = held(phone, end);
            double speed = phone.phone().isVowel() ? 1 / (2 * HELD - 1) : 1;
            for (float[] part : List.of(
                    clean.cut(new TimeRange(phone.start(), middle.start())).mixed(),
                    faded(Stretch.atSpeed(clean.cut(middle), speed).mixed()),
                    clean.cut(new TimeRange(middle.end(), end)).mixed())) {
                parts.add(part);
                length += part.length;
            }
            double rate = clean.rate();
            sung.add(new Said(phone.phone(), before / rate, length / rate));
        }
        float[] all = new float[length];
        int from = 0;
        for (float[] part : parts) {
            System.arraycopy(part, 0, all, from, part.length);
            from += part.length;
        }
        return new Song(Sound.mono(all, clean.rate()), sung);
    }

    /** The half of a vowel that is held: its middle, or what comes before the glide of a diphthong (common practice). */
    private static TimeRange held(Said phone, double end) {
        double length = end - phone.start();
        return switch (phone.phone().kind()) {
            case VOWEL -> new TimeRange(phone.start() + 0.25 * length, phone.start() + 0.75 * length);
            case DIPHTHONG -> new TimeRange(phone.start() + 0.1 * length, phone.start() + 0.6 * length);
            default -> new TimeRange(phone.start(), end);
        };
    }

    private static float[] faded(float[] samples) {
        float[] out = samples.clone();
        for (int i = 0; i < EDGE && i < out.length; i++) {
            out[i] *= (i + 1f) / EDGE;
            out[out.length - 1 - i] *= (i + 1f) / EDGE;
        }
        return out;
    }

    /** With the treble lifted, and driven into the limits of the recording. */
    static Sound shouted(Sound clean) {
        float[] samples = Conditions.tilted(clean, -0.8).mixed().clone();
        float peak = 0;
        for (float sample : samples) {
            peak = Math.max(peak, Math.abs(sample));
        }
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.9 * Math.tanh(4 * samples[i] / Math.max(1e-6f, peak)));
        }
        return Sound.mono(samples, clean.rate());
    }

    /**
     * Without voice: the throat and mouth of every 12.5 ms, by linear prediction (autocorrelation method, Makhoul 1975), are
     * blown through with noise as loud as the voice was.
     *
     * @param clean one channel at 16 kHz
     */
    static Sound whispered(Sound clean, SplittableRandom random) {
        float[] samples = clean.mixed();
        float[] out = new float[samples.length];
        double[] breath = random.doubles(samples.length, -1, 1).toArray();
        double[] frame = new double[WINDOW];
        for (int from = 0; from + WINDOW <= samples.length; from += WINDOW / 2) {
            double power = 0;
            for (int i = 0; i < WINDOW; i++) {
                frame[i] = samples[from + i] * hann(i);
                power += frame[i] * frame[i];
            }
            double[] tract = prediction(frame);
            double[] blown = new double[WINDOW];
            double blownPower = 0;
            for (int i = 0; i < WINDOW; i++) {
                blown[i] = breath[from + i];
                for (int k = 1; k <= ORDER && k <= i; k++) {
                    blown[i] -= tract[k] * blown[i - k];
                }
                blownPower += blown[i] * hann(i) * blown[i] * hann(i);
            }
            double level = Math.sqrt(power / Math.max(1e-12, blownPower));
            for (int i = 0; i < WINDOW; i++) {
                out[from + i] += (float) (level * blown[i] * hann(i));
            }
        }
        return Sound.mono(out, clean.rate());
    }

    private static double hann(int i) {
        return 0.5 - 0.5 * Math.cos(2 * Math.PI * (i + 0.5) / WINDOW);
    }

    /** Coefficients of the filter that whitens a frame, the first of them 1 (Levinson and Durbin). */
    private static double[] prediction(double[] frame) {
        double[] alike = new double[ORDER + 1];
        for (int lag = 0; lag <= ORDER; lag++) {
            for (int i = lag; i < frame.length; i++) {
                alike[lag] += frame[i] * frame[i - lag];
            }
        }
        alike[0] = alike[0] * 1.0001 + 1e-9;
        double[] a = new double[ORDER + 1];
        a[0] = 1;
        double error = alike[0];
        for (int m = 1; m <= ORDER; m++) {
            double sum = alike[m];
            for (int k = 1; k < m; k++) {
                sum += a[k] * alike[m - k];
            }
            double reflection = -sum / error;
            double[] next = a.clone();
            for (int k = 1; k < m; k++) {
                next[k] = a[k] + reflection * a[m - k];
            }
            next[m] = reflection;
            a = next;
            error *= 1 - reflection * reflection;
        }
        return a;
    }
}
