package graykite.studio.desk;

import javafx.scene.layout.VBox;

/** The tools of one knot, top to bottom in the order in which one uses them. */
public abstract class Desk extends VBox {
    protected Desk() {
        getStyleClass().add("desk-body");
    }

    /** Called whenever the project, the sound, the reading or the selection changed while this desk is open. */
    public abstract void refresh();
}
