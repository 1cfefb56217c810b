package graykite.studio.view;

import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** A frame round a drawn pane while the keyboard is there; controls have one of their own. */
final class FocusFrame extends Region {
    private FocusFrame(Pane framed) {
        getStyleClass().add("focus-frame");
        setManaged(false);
        setMouseTransparent(true);
        visibleProperty().bind(framed.focusVisibleProperty());
        framed.layoutBoundsProperty().addListener((o, before, now) -> resize(now.getWidth(), now.getHeight()));
    }

    /** Lays a frame over what a pane holds. */
    static void over(Pane framed) {
        framed.getChildren().add(new FocusFrame(framed));
    }
}
