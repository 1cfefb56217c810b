package graykite.sound;

import static graykite.base.Require.requireThat;

import graykite.time.TimeRange;
import java.util.Arrays;
import java.util.List;

/**
 * Recorded or synthesised sound: float PCM, nominally -1 to 1, one array a channel, at the rate of its source. Never
 * changed after construction; the arrays are shared for speed and must not be written to.
 */
public final class Sound {
    private static final double SILENT = 1e-4;

    private final float[][] channels;
    private final int rate;

    /**
     * @param channels one array of samples a channel, all of one length, at least one
     * @param rate samples a second
     */
    public Sound(float[][] channels, int rate) {
        requireThat(channels.length > 0, "A sound has at least one channel.");
        requireThat(rate >= 1000 && rate <= 1_000_000, "A sample rate of %d is not usable.", rate);
        for (float[] channel : channels) {
            requireThat(channel.length == channels[0].length, "All channels are equally long.");
        }
        this.channels = channels;
        this.rate = rate;
    }

    public static Sound mono(float[] samples, int rate) {
        return new Sound(new float[][] {samples}, rate);
    }

    public static Sound silence(double seconds, int rate) {
        return mono(new float[(int) Math.round(seconds * rate)], rate);
    }

    /**
     * Several sounds at once, as one channel at the rate of the first.
     *
     * @param starts when each begins, in seconds
     */
    public static Sound together(List<Sound> sounds, List<Double> starts) {
        requireThat(!sounds.isEmpty() && sounds.size() == starts.size(), "Every sound has a start.");
        int rate = sounds.getFirst().rate;
        double end = 0;
        for (int i = 0; i < sounds.size(); i++) {
            end = Math.max(end, starts.get(i) + sounds.get(i).duration());
        }
        float[] mix = new float[(int) Math.ceil(end * rate) + 1];
        for (int i = 0; i < sounds.size(); i++) {
            float[] own = Resampler.resample(sounds.get(i).mixed(), sounds.get(i).rate, rate);
            int first = (int) Math.round(starts.get(i) * rate);
            for (int k = 0; k < own.length && first + k < mix.length; k++) {
                mix[first + k] += own[k];
            }
        }
        return mono(mix, rate);
    }

    /** Samples a second. */
    public int rate() {
        return rate;
    }

    public int channelCount() {
        return channels.length;
    }

    /** Samples a channel. */
    public int length() {
        return channels[0].length;
    }

    /** Seconds. */
    public double duration() {
        return length() / (double) rate;
    }

    /** The samples of a channel; shared, not to be written to. */
    public float[] channel(int index) {
        return channels[index];
    }

    /** The mean of all channels; the channel itself, shared, where there is one only. */
    public float[] mixed() {
        if (channels.length == 1) {
            return channels[0];
        }
        float[] mix = new float[length()];
        for (float[] channel : channels) {
            for (int i = 0; i < mix.length; i++) {
                mix[i] += channel[i];
            }
        }
        float share = 1f / channels.length;
        for (int i = 0; i < mix.length; i++) {
            mix[i] *= share;
        }
        return mix;
    }

    /**
     * The mean of all channels, about nought: without the {@link Constant} that some recorders add, which would count as loudness.
     * Shared where there is one channel only and no such constant.
     */
    public float[] centred() {
        float[] samples = mixed();
        float constant = Constant.of(samples, rate);
        if (constant == 0) {
            return samples;
        }
        float[] centred = new float[samples.length];
        for (int i = 0; i < centred.length; i++) {
            centred[i] = samples[i] - constant;
        }
        return centred;
    }

    /** One channel about nought at another rate, for analysis. */
    public Sound mixedAt(int newRate) {
        return newRate == rate ? mono(centred(), rate) : mono(Resampler.resample(centred(), rate, newRate), newRate);
    }

    /** All channels at another rate. */
    public Sound at(int newRate) {
        if (newRate == rate) {
            return this;
        }
        float[][] converted = new float[channels.length][];
        for (int c = 0; c < channels.length; c++) {
            converted[c] = Resampler.resample(channels[c], rate, newRate);
        }
        return new Sound(converted, newRate);
    }

    /** A stretch of the sound, padded with silence where the range reaches beyond it. */
    public Sound cut(TimeRange range) {
        int from = (int) Math.round(range.start() * rate);
        int to = (int) Math.round(range.end() * rate);
        float[][] pieces = new float[channels.length][Math.max(0, to - from)];
        int begin = Math.max(0, from);
        int end = Math.min(length(), to);
        for (int c = 0; c < channels.length && begin < end; c++) {
            System.arraycopy(channels[c], begin, pieces[c], begin - from, end - begin);
        }
        return new Sound(pieces, rate);
    }

    /** Every sample times a factor, held within full scale. */
    public Sound louder(double factor) {
        float[][] scaled = new float[channels.length][length()];
        for (int c = 0; c < channels.length; c++) {
            for (int i = 0; i < scaled[c].length; i++) {
                scaled[c][i] = Math.clamp((float) (channels[c][i] * factor), -1, 1);
            }
        }
        return new Sound(scaled, rate);
    }

    /** The highest absolute sample of all channels. */
    public float peak() {
        float peak = 0;
        for (float[] channel : channels) {
            for (float sample : channel) {
                peak = Math.max(peak, Math.abs(sample));
            }
        }
        return peak;
    }

    /** True when no channel swings by more than -80 dB: nothing can be heard in it. */
    public boolean silent() {
        for (float[] channel : channels) {
            float lowest = Float.POSITIVE_INFINITY;
            float highest = Float.NEGATIVE_INFINITY;
            for (float sample : channel) {
                lowest = Math.min(lowest, sample);
                highest = Math.max(highest, sample);
            }
            if (highest - lowest >= 2 * SILENT) {
                return false;
            }
        }
        return true;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Sound sound && rate == sound.rate && Arrays.deepEquals(channels, sound.channels);
    }

    @Override
    public int hashCode() {
        return 31 * rate + length();
    }
}
