package graykite.studio.model;

import graykite.acting.PoseKey;
import graykite.project.Line;
import java.util.ArrayList;
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

    /** Changes the chosen keyed pose. */
    public void edit(String name, long gesture, UnaryOperator<PoseKey> change) {
        chosen().ifPresent(key -> {
            PoseKey changed = change.apply(key);
            workspace.editLine(name, gesture, s -> {
                List<PoseKey> keys = new ArrayList<>(s.keys());
                keys.set(index.get(), changed);
                return s.withKeys(keys);
            });
            // Keys are kept in the order of time: the chosen one may have passed another.
            workspace.line().ifPresent(s -> index.set(s.keys().indexOf(changed)));
        });
    }

    /** Moves the chosen keyed pose in time. */
    public void move(double time, long gesture) {
        double latest = workspace.sound().get().map(s -> s.sound().duration()).orElse(Double.MAX_VALUE);
        edit("Move key", gesture, k -> new PoseKey(Math.clamp(time, 0, latest), k.pose(), k.strength(), k.ease()));
    }

    public void delete() {
        chosen().ifPresent(key -> {
            workspace.editLine(
                    "Delete key",
                    0,
                    s -> s.withKeys(s.keys().stream().filter(k -> k != key).toList()));
            index.set(-1);
        });
    }
}
