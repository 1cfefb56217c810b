package graykite.studio.desk;

import graykite.studio.view.FaceTool;
import graykite.studio.view.MouthPictures;
import java.util.Optional;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.VBox;

/** The tools of one knot, top to bottom in the order in which one uses them. */
public abstract class Desk extends VBox implements AutoCloseable {
    protected Desk() {
        getStyleClass().add("desk-body");
    }

    /** Called whenever the project, the sound, the reading or the selection changed while this desk is open. */
    public abstract void refresh();

    /** Called with the small mouths of who speaks whenever they were drawn anew; most desks show none. */
    public void show(MouthPictures mouths) {}

    /** What dragging on the face does while this desk is open: nothing, for most. */
    public ObservableValue<Optional<FaceTool>> tool() {
        return new SimpleObjectProperty<>(Optional.empty());
    }

    /** Called when another desk is opened. */
    public void leave() {}

    /** Stops what works in the background. */
    @Override
    public void close() {}
}
