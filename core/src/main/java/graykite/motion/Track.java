package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;

/** A dense motion: a value for each control at even steps, as it was performed or captured. Between samples it is linear. */
public final class Track implements Motion {
    /** The most values that one track holds: some eleven hours of 52 channels at 60 a second would be too many. */
    public static final int MOST_VALUES = 100_000_000;

    private final double rate;
    private final List<String> controls;
    private final float[] values;
    private final int samples;

    /**
     * @param rate samples a second, above 0 and up to 1000
     * @param controls names, each once
     * @param values sample after sample, in each the controls in their order; finite; copied
     */
    public Track(double rate, List<String> controls, float[] values) {
        this(rate, List.copyOf(controls), values.clone(), true);
    }

    private Track(double rate, List<String> controls, float[] own, boolean check) {
        requireThat(rate > 0 && rate <= 1000, "A track has up to 1000 samples a second, not %.3f.", rate);
        requireThat(
                !controls.isEmpty() && controls.size() <= MOST_CONTROLS,
                "A track moves 1 to %d controls, not %d.",
                MOST_CONTROLS,
                controls.size());
        requireThat(
                own.length <= MOST_VALUES && own.length >= 2 * controls.size() && own.length % controls.size() == 0,
                "A track has at least two samples of every control.");
        if (check) {
            requireThat(
                    new HashSet<>(controls).size() == controls.size(), "Every control of a track has its own name.");
            for (float value : own) {
                requireThat(Float.isFinite(value), "A track is made of finite figures.");
            }
        }
        this.rate = rate;
        this.controls = controls;
        this.values = own;
        this.samples = own.length / controls.size();
        requireThat(duration() <= LONGEST, "A motion lasts up to four hours, not %.0f s.", duration());
    }

    /** Samples a second. */
    public double rate() {
        return rate;
    }

    /** How many samples each control has. */
    public int samples() {
        return samples;
    }

    @Override
    public double duration() {
        return (samples - 1) / rate;
    }

    @Override
    public List<String> controls() {
        return controls;
    }

    /** One value. @param sample from 0 @param control index */
    public float value(int sample, int control) {
        return values[sample * controls.size() + control];
    }

    /** All samples of a control; a new array. */
    public double[] of(int control) {
        double[] own = new double[samples];
        for (int s = 0; s < samples; s++) {
            own[s] = value(s, control);
        }
        return own;
    }

    @Override
    public double at(int control, double time) {
        double place = Math.clamp(time * rate, 0, samples - 1);
        int before = Math.min((int) place, samples - 2);
        double t = place - before;
        return (1 - t) * value(before, control) + t * value(before + 1, control);
    }

    @Override
    public Track part(double from, double to) {
        int count = Math.max(2, (int) Math.round((to - from) * rate) + 1);
        float[] cut = new float[count * controls.size()];
        for (int s = 0; s < count; s++) {
            for (int c = 0; c < controls.size(); c++) {
                cut[s * controls.size() + c] = (float) at(c, from + s / rate);
            }
        }
        return new Track(rate, controls, cut, false);
    }

    @Override
    public Track only(List<String> wanted) {
        List<String> kept = controls.stream().filter(wanted::contains).toList();
        float[] some = new float[samples * kept.size()];
        for (int c = 0; c < kept.size(); c++) {
            int own = controls.indexOf(kept.get(c));
            for (int s = 0; s < samples; s++) {
                some[s * kept.size() + c] = value(s, own);
            }
        }
        return new Track(rate, kept, some, false);
    }

    /** With another one after it, of the same controls at the same rate; a twelfth of a second blends them. */
    public Track joined(Track after) {
        requireThat(
                after.rate == rate && after.controls.equals(controls),
                "Tracks are joined that have the same controls and rate.");
        int width = controls.size();
        float[] both = Arrays.copyOf(values, Math.addExact(values.length, after.values.length));
        int blend = Math.min(after.samples, (int) Math.round(rate / 12));
        for (int s = 0; s < after.samples; s++) {
            float t = s < blend ? (s + 1f) / (blend + 1) : 1;
            for (int c = 0; c < width; c++) {
                float last = values[(samples - 1) * width + c];
                both[(samples + s) * width + c] = last + t * (after.value(s, c) - last);
            }
        }
        return new Track(rate, controls, both, false);
    }

    /** With the samples of a control replaced. @param own as many as the track has */
    public Track with(int control, double[] own) {
        requireThat(own.length == samples, "A control has %d samples, not %d.", samples, own.length);
        float[] changed = values.clone();
        for (int s = 0; s < samples; s++) {
            requireThat(Double.isFinite(own[s]), "A track is made of finite figures.");
            changed[s * controls.size() + control] = (float) own[s];
        }
        return new Track(rate, controls, changed, false);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Track track
                        && rate == track.rate
                        && controls.equals(track.controls)
                        && Arrays.equals(values, track.values);
    }

    @Override
    public int hashCode() {
        return 31 * controls.hashCode() + values.length;
    }

    @Override
    public String toString() {
        return controls.size() + " controls, " + samples + " samples at " + rate + " a second";
    }
}
