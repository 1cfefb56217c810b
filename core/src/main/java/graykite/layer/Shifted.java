package graykite.layer;

import graykite.motion.Curve;
import java.util.List;

/**
 * A layer of a line where the line stands on a stage: later by its start, and only as much of it as the envelope lets
 * through.
 *
 * @param start when the line begins, in seconds of the stage
 * @param envelope factor on the layer's weight, over the time of the stage
 */
public record Shifted(Layer layer, double start, Curve envelope) implements Layer {
    @Override
    public LayerSetting setting() {
        return layer.setting();
    }

    @Override
    public void ask(double time, double[] below, double[] asked) {
        layer.ask(time - start, below, asked);
    }

    @Override
    public double weight(double time) {
        return envelope.at(time) * layer.weight(time - start);
    }

    @Override
    public Changes since(Layer earlier) {
        return earlier instanceof Shifted other && other.start == start && other.envelope.equals(envelope)
                ? layer.since(other.layer).later(start)
                : Changes.EVERYWHERE;
    }

    @Override
    public boolean isGenerated() {
        return layer.isGenerated();
    }

    @Override
    public boolean alwaysTells() {
        return layer.alwaysTells();
    }

    @Override
    public List<Reason> why(int channel, double time, double adds) {
        return layer.why(channel, time - start, adds);
    }
}
