package graykite.studio.model;

import graykite.acting.PoseKey;
import graykite.edit.ActingEdit;
import graykite.project.Line;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;

/** The keyed poses of the line that is open: which is chosen, and the edits of it. */
public final class PoseKeys {
    private final Workspace workspace;
    private final IntegerProperty index = new SimpleIntegerProperty(-1);

    PoseKeys(Workspace workspace) {
        this.workspace = workspace;
    }

    /** Which keyed pose of the line is chosen, -1 for none. */
    public IntegerProperty index() {
        return index;
    }

    /** The keyed pose that is chosen. */
    public Optional<PoseKey> chosen() {
        int at = index.get();
        return workspace
                .line()
                .map(Line::keys)
                .filter(k -> at >= 0 && at < k.size())
                .map(k -> k.get(at));
    }

    /** Where a keyed pose stands, in seconds of the line. */
    public double timeOf(PoseKey key) {
        return key.at().in(LineWords.of(workspace));
    }

    /** Keys a pose at a time; a key that stands there already is replaced. */
    public void key(String pose, double time) {
        boolean keyed =
                workspace.editLine(0, l -> new ActingEdit.KeyPose(l, Math.max(0, time), pose, 1, PoseKey.USUAL_EASE));
        if (keyed) {
            workspace.jobs().say("Keyed " + pose + " at the playhead.");
        } else if (workspace.line().isEmpty()) {
            workspace.jobs().say("There is no line to key on.");
        }
    }

    /** Changes the chosen keyed pose. */
    public void edit(long gesture, UnaryOperator<PoseKey> change) {
        chosen().ifPresent(key -> {
            PoseKey changed = change.apply(key);
            change(changed, timeOf(changed), gesture);
        });
    }

    private void change(PoseKey key, double time, long gesture) {
        int at = index.get();
        workspace.editLine(gesture, l -> new ActingEdit.ChangeKey(l, at, time, key.pose(), key.strength(), key.ease()));
        // Keys are kept in the order of time: the chosen one may have passed another.
        workspace.line().ifPresent(l -> {
            List<PoseKey> keys = l.keys();
            for (int k = 0; k < keys.size(); k++) {
                if (keys.get(k).pose().equals(key.pose()) && Math.abs(timeOf(keys.get(k)) - time) < 1e-6) {
                    index.set(k);
                }
            }
        });
    }

    /** Moves the chosen keyed pose in time. */
    public void move(double time, long gesture) {
        double latest = workspace.sound().get().map(s -> s.sound().duration()).orElse(Double.MAX_VALUE);
        chosen().ifPresent(key -> change(key, Math.clamp(time, 0, latest), gesture));
    }

    public void delete() {
        chosen().ifPresent(key -> {
            int at = index.get();
            index.set(-1);
            workspace.editLine(0, l -> new ActingEdit.RemoveKey(l, at));
        });
    }
}
