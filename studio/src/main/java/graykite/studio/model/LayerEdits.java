package graykite.studio.model;

import graykite.acting.ClipsPlan;
import graykite.acting.Instincts;
import graykite.acting.InstinctsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.acting.NeutralPlan;
import graykite.edit.ActingEdit;
import graykite.edit.ClipEdit;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.project.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** The layers of the line: what lies over what. Every change undoes. */
public final class LayerEdits {
    private final Workspace workspace;

    /** @param workspace whose line is worked on */
    public LayerEdits(Workspace workspace) {
        this.workspace = workspace;
    }

    /** The layers of the line, the lowest first. */
    public List<LayerPlan> plans() {
        return layers().plans();
    }

    private Layers layers() {
        return workspace.line().map(Line::layers).orElse(Layers.usual());
    }

    /** Changes name, weight, blend, mask or mute of a layer. */
    public void setting(int index, long gesture, UnaryOperator<LayerSetting> change) {
        LayerPlan plan = plans().get(index);
        workspace.editLine(gesture, l -> new ActingEdit.ChangeLayer(l, index, plan.with(change.apply(plan.setting()))));
    }

    /**
     * Sets how much of a layer is seen at a time; before the first such weight and after the last it stays what it is there.
     *
     * @param time seconds of the line
     * @param weight 0 to 2
     */
    public void weigh(int index, double time, double weight) {
        setting(index, 0, s -> {
            List<Key> keys = new ArrayList<>(s.weight().keys());
            // The one key of a layer that is weighed alike throughout stands for no place.
            if (keys.size() == 1) {
                keys.clear();
                keys.add(new Key(Math.max(0, time - 0.5), s.weight().at(0), Key.Way.SMOOTH, 0, 0));
            }
            keys.removeIf(k -> Math.abs(k.time() - time) < 0.02);
            keys.add(new Key(Math.max(0, time), Math.clamp(weight, 0, 2), Key.Way.SMOOTH, 0, 0));
            return s.withWeight(new Curve(keys));
        });
    }

    /** Takes a weight away; the last one that is left holds throughout. @param key index of the key */
    public void unweigh(int index, int key) {
        setting(index, 0, s -> {
            List<Key> keys = new ArrayList<>(s.weight().keys());
            if (keys.size() < 2) {
                return s;
            }
            keys.remove(key);
            return s.withWeight(
                    keys.size() == 1 ? LayerSetting.always(keys.getFirst().value()) : new Curve(keys));
        });
    }

    /** What the face does by itself; as everybody does where the layer was taken out. */
    public Instincts instincts() {
        return layers().first(InstinctsPlan.class).map(InstinctsPlan::instincts).orElseGet(() -> Instincts.of(1));
    }

    /** True when the line has a layer for what the face does by itself. */
    public boolean hasInstincts() {
        return layers().first(InstinctsPlan.class).isPresent();
    }

    /** Changes one instinct of the line. */
    public void instinct(Instincts.Kind kind, long gesture, UnaryOperator<Instincts.Figures> change) {
        for (int i = 0; i < plans().size(); i++) {
            if (plans().get(i) instanceof InstinctsPlan plan) {
                int index = i;
                Instincts after = plan.instincts()
                        .with(kind, change.apply(plan.instincts().of(kind)));
                workspace.editLine(gesture, l -> new ActingEdit.ChangeLayer(l, index, plan.with(after)));
                return;
            }
        }
    }

    /** How much the mood of the voice moves the instincts. @param share 0 to 1 */
    public void mood(double share, long gesture) {
        for (int i = 0; i < plans().size(); i++) {
            if (plans().get(i) instanceof InstinctsPlan plan) {
                int index = i;
                workspace.editLine(
                        gesture,
                        l -> new ActingEdit.ChangeLayer(
                                l, index, plan.with(plan.instincts().withMood(share))));
                return;
            }
        }
    }

    /** Adds an empty layer for expressions on top. */
    public void add() {
        LayerPlan plan = new ClipsPlan(LayerSetting.of(layers().freeName(ClipEdit.USUAL_LAYER), Blend.ADD), List.of());
        workspace.editLine(0, l -> new ActingEdit.AddLayer(l, plans().size(), plan));
    }

    /** Puts the face to rest some frames before the start. */
    public void addNeutral() {
        double seconds = NeutralPlan.USUAL_FRAMES * workspace.project().rate().frameLength();
        LayerPlan plan = new NeutralPlan(LayerSetting.of(layers().freeName("Neutral"), Blend.OVERRIDE), seconds);
        workspace.editLine(0, l -> new ActingEdit.AddLayer(l, plans().size(), plan));
    }

    /** How many frames before the start the face is at rest; one at least. */
    public void neutralFrames(int index, double frames) {
        if (plans().get(index) instanceof NeutralPlan plan) {
            double length = workspace.project().rate().frameLength();
            double seconds = Math.clamp(frames * length, length, NeutralPlan.MOST);
            workspace.editLine(0, l -> new ActingEdit.ChangeLayer(l, index, new NeutralPlan(plan.setting(), seconds)));
        }
    }

    /** Another copy of a layer, right above it. */
    public void duplicate(int index) {
        LayerPlan plan = plans().get(index);
        LayerSetting setting = plan.setting();
        workspace.editLine(
                0,
                l -> new ActingEdit.AddLayer(
                        l, index + 1, plan.with(setting.withName(layers().freeName(setting.name())))));
    }

    public void remove(int index) {
        workspace.editLine(0, l -> new ActingEdit.RemoveLayer(l, index));
    }

    /** Puts a layer so many places higher. */
    public void lift(int index, int by) {
        int to = Math.clamp((long) index + by, 0, plans().size() - 1);
        if (to != index) {
            workspace.editLine(0, l -> new ActingEdit.OrderLayer(l, index, to));
        }
    }

    /** Mutes every other layer, or lets all be seen again when they are muted already. */
    public void alone(int index) {
        long gesture = workspace.newGesture();
        boolean others = false;
        for (int i = 0; i < plans().size(); i++) {
            others |= i != index && !plans().get(i).setting().muted();
        }
        for (int i = 0; i < plans().size(); i++) {
            boolean mute = others && i != index;
            if (plans().get(i).setting().muted() != mute) {
                setting(i, gesture, s -> s.withMuted(mute));
            }
        }
    }
}
