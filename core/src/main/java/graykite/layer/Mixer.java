package graykite.layer;

import graykite.rig.Channel;
import graykite.rig.Character;
import java.util.Arrays;
import java.util.List;

/** Lays layers one over another on the channels of one character. Immutable; safe for several threads. */
public final class Mixer {
    private final List<Layer> layers;
    private final boolean[][] allowed;
    private final double[] low;
    private final double[] high;

    /** Is told after each layer what the channels are. */
    public interface Watch {
        /** @param values of every channel; not to be written to, and only good for the moment */
        void after(Layer layer, double[] values);
    }

    /** @param layers the lowest first */
    public Mixer(Character character, List<Layer> layers) {
        this.layers = List.copyOf(layers);
        List<Channel> channels = character.channels();
        low = channels.stream().mapToDouble(Channel::min).toArray();
        high = channels.stream().mapToDouble(Channel::max).toArray();
        allowed = new boolean[layers.size()][channels.size()];
        for (int l = 0; l < layers.size(); l++) {
            for (int c = 0; c < channels.size(); c++) {
                allowed[l][c] = layers.get(l).setting().mask().allows(channels.get(c));
            }
        }
    }

    public List<Layer> layers() {
        return layers;
    }

    /** The values of every channel at a time, in the character's order; a new array. */
    public double[] at(double time) {
        return at(time, (layer, values) -> {});
    }

    /** As {@link #at(double)}, telling the values after each layer. */
    public double[] at(double time, Watch watch) {
        double[] values = new double[low.length];
        double[] asked = new double[low.length];
        for (int l = 0; l < layers.size(); l++) {
            Layer layer = layers.get(l);
            double weight = layer.weight(time);
            if (weight > 0) {
                Arrays.fill(asked, Double.NaN);
                layer.ask(time, values, asked);
                boolean adds = layer.setting().blend() == LayerSetting.Blend.ADD;
                for (int c = 0; c < values.length; c++) {
                    if (allowed[l][c] && !Double.isNaN(asked[c])) {
                        double by = adds ? asked[c] : asked[c] - values[c];
                        if (by != 0) {
                            values[c] = Math.clamp(values[c] + weight * by, low[c], high[c]);
                        }
                    }
                }
            }
            watch.after(layer, values);
        }
        return values;
    }
}
