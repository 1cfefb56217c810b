package graykite.scene;

import static graykite.base.Require.requireThat;

import graykite.acting.MotionOn;
import graykite.base.Progress;
import graykite.layer.Layer;
import graykite.layer.Mixer;
import graykite.motion.Track;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** What layers come to, as a dense track: to be merged, or kept for other lines and characters. */
public final class Baked {
    /** Samples a second. */
    public static final double RATE = 60;

    private static final double STILL = 1e-4;

    private Baked() {}

    /**
     * What two neighbouring layers together add to what lies below them.
     *
     * @param upper index of the upper one, at least 1
     * @return a track to be added from the start of the line on; it ends with the line or less than a sample later
     */
    public static Track merged(Performance performance, int upper, Progress progress) {
        requireThat(upper >= 1 && upper < performance.layers().size(), "A layer is merged with the one below it.");
        List<Layer> layers = performance.layers();
        Mixer below = new Mixer(performance.character(), layers.subList(0, upper - 1));
        Mixer all = new Mixer(performance.character(), layers.subList(0, upper + 1));
        return sampled(
                performance.character(),
                new TimeRange(0, Math.max(0.1, performance.duration())),
                time -> {
                    double[] with = all.at(time);
                    double[] without = below.at(time);
                    for (int c = 0; c < with.length; c++) {
                        with[c] -= without[c];
                    }
                    return with;
                },
                progress);
    }

    /**
     * What some layers come to over nothing: a performance that can lie on any line.
     *
     * @param layers indices, the lowest first
     * @param range seconds of the line
     */
    public static Track performance(Performance performance, List<Integer> layers, TimeRange range, Progress progress) {
        Mixer chosen = new Mixer(
                performance.character(),
                layers.stream().map(performance.layers()::get).toList());
        return sampled(performance.character(), range, chosen::at, progress);
    }

    private static Track sampled(
            Character character, TimeRange range, Function<Double, double[]> values, Progress progress) {
        int samples = Math.max(2, (int) Math.ceil(range.length() * RATE - 1e-6) + 1);
        List<double[]> rows = new ArrayList<>();
        boolean[] moves = new boolean[character.channels().size()];
        for (int s = 0; s < samples; s++) {
            double[] row = values.apply(range.start() + s / RATE);
            for (int c = 0; c < row.length; c++) {
                moves[c] |= Math.abs(row[c]) > STILL;
            }
            rows.add(row);
            progress.step(s / (double) samples);
        }
        Map<String, MotionOn.Naming> names = MotionOn.namings(character);
        List<String> controls = new ArrayList<>();
        List<Integer> channels = new ArrayList<>();
        List<Double> factors = new ArrayList<>();
        for (Channel channel : character.channels()) {
            int c = character.channelIndex().get(channel.name());
            MotionOn.Naming naming = names.get(channel.name());
            if (moves[c] && !controls.contains(naming.control())) {
                controls.add(naming.control());
                channels.add(c);
                factors.add(naming.factor());
            }
        }
        if (controls.isEmpty()) {
            // Layers that do nothing become a pass that does nothing.
            controls.add(names.get(character.channels().getFirst().name()).control());
            channels.add(0);
            factors.add(0.0);
        }
        float[] dense = new float[samples * controls.size()];
        for (int s = 0; s < samples; s++) {
            for (int k = 0; k < controls.size(); k++) {
                dense[s * controls.size() + k] = (float) (rows.get(s)[channels.get(k)] * factors.get(k));
            }
        }
        return new Track(RATE, controls, dense);
    }
}
