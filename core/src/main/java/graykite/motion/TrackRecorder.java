package graykite.motion;

import static graykite.base.Require.requireThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Makes an even track of samples that come when they come: late, twice, backwards, with holes. What is no figure leaves its
 * control as it was; what jumps back in time is left out; holes are gone over in a straight line. Not safe for several threads.
 */
public final class TrackRecorder {
    private final List<String> controls;
    private final List<double[]> rows = new ArrayList<>();
    private final List<Double> times = new ArrayList<>();
    private final double[] last;
    private int refused;
    private int late;

    /** @param controls names, each once; what a sample holds, in this order */
    public TrackRecorder(List<String> controls) {
        requireThat(!controls.isEmpty(), "Something is recorded.");
        this.controls = List.copyOf(controls);
        this.last = new double[controls.size()];
    }

    /** A sample. @param time seconds @param values of every control, in order; what is not finite counts as unchanged */
    public void add(double time, double[] values) {
        requireThat(values.length == controls.size(), "A sample has a value for each control.");
        if (!Double.isFinite(time) || !times.isEmpty() && time <= times.getLast()) {
            late++;
            return;
        }
        for (int c = 0; c < last.length; c++) {
            if (Double.isFinite(values[c])) {
                last[c] = values[c];
            } else {
                refused++;
            }
        }
        times.add(time);
        rows.add(Arrays.copyOf(last, last.length));
    }

    /** How many values were no figures. */
    public int refused() {
        return refused;
    }

    /** How many samples came at a time that had passed already. */
    public int late() {
        return late;
    }

    /** How many samples were taken. */
    public int size() {
        return times.size();
    }

    /** The time of the first sample; 0 while there is none. */
    public double start() {
        return times.isEmpty() ? 0 : times.getFirst();
    }

    /** The time of the last sample; 0 while there is none. */
    public double end() {
        return times.isEmpty() ? 0 : times.getLast();
    }

    /** What was recorded at even steps, from the first sample on; nothing when it is shorter than two of them. */
    public Optional<Track> track(double rate) {
        int count = (int) Math.floor((end() - start()) * rate + 1e-3) + 1;
        if (times.size() < 2 || count < 2) {
            return Optional.empty();
        }
        float[] values = new float[Math.multiplyExact(count, controls.size())];
        int row = 0;
        for (int s = 0; s < count; s++) {
            double time = start() + s / rate;
            while (row < times.size() - 2 && times.get(row + 1) <= time) {
                row++;
            }
            double from = times.get(row);
            double t = Math.clamp((time - from) / (times.get(row + 1) - from), 0, 1);
            for (int c = 0; c < controls.size(); c++) {
                double value = rows.get(row)[c] + t * (rows.get(row + 1)[c] - rows.get(row)[c]);
                values[s * controls.size() + c] = (float) value;
            }
        }
        return Optional.of(new Track(rate, controls, values));
    }
}
