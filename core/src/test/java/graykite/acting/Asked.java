package graykite.acting;

import graykite.layer.Layer;
import graykite.rig.Character;
import java.util.Arrays;

/** What a layer asks of one channel, for tests. */
final class Asked {
    private Asked() {}

    /** @param below what the channel is under the layer @return NaN when nothing is asked */
    static double of(Character who, Layer layer, String channel, double time, double below) {
        int at = who.channelIndex().get(channel);
        double[] under = new double[who.channels().size()];
        under[at] = below;
        double[] asked = new double[under.length];
        Arrays.fill(asked, Double.NaN);
        layer.ask(time, under, asked);
        return asked[at];
    }
}
