package graykite.live;

import graykite.acting.MotionOn;
import graykite.acting.Mouths;
import graykite.layer.Changes;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Track;
import graykite.rig.Character;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;

/**
 * What a hand or a camera does to a face at this very moment, whatever the time of the line. It lies over everything until it
 * is recorded. The one layer that changes: only the stage looks at it, and safely from any thread.
 */
public final class LiveLayer implements Layer {
    private final LayerSetting setting;
    private final boolean adds;
    private final MotionOn basis;
    private final double[][] shares;
    private final boolean[] moved;
    private final double[] seen;
    private final AtomicReference<double[]> values;

    /**
     * @param controls what is performed, in the order in which values come
     * @param adds true when it is added to what is there, false when it takes its place
     * @param mouth how much of its jaw, lips and tongue is seen, 0 to 1
     */
    public LiveLayer(Character character, List<String> controls, boolean adds, double mouth) {
        this.setting = LayerSetting.of("Live", Blend.OVERRIDE);
        this.adds = adds;
        this.basis = new MotionOn(character, new Track(1, controls, new float[2 * controls.size()]));
        this.moved = basis.moved();
        this.seen = character.channels().stream()
                .mapToDouble(c -> Mouths.isOfMouth(c) ? mouth : 1)
                .toArray();
        this.shares = new double[controls.size()][];
        for (int c = 0; c < controls.size(); c++) {
            float[] one = new float[2 * controls.size()];
            one[c] = 1;
            shares[c] = new MotionOn(character, new Track(1, controls, one)).at(0);
        }
        this.values = new AtomicReference<>(new double[controls.size()]);
    }

    /** Names of the controls that the character lacks. */
    public List<String> missing() {
        return basis.missing();
    }

    /** The controls are here now. @param now a value each, finite */
    public void set(double[] now) {
        values.set(now.clone());
    }

    @Override
    public LayerSetting setting() {
        return setting;
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        double[] now = values.get();
        for (int channel = 0; channel < below.length; channel++) {
            if (!moved[channel]) {
                continue;
            }
            double sum = 0;
            for (int c = 0; c < now.length; c++) {
                sum += now[c] * shares[c][channel];
            }
            asked[channel] = below[channel] + seen[channel] * (adds ? sum : sum - below[channel]);
        }
    }

    @Override
    public Changes since(Layer earlier) {
        return Changes.EVERYWHERE;
    }
}
