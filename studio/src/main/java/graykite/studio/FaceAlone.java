package graykite.studio;

import graykite.studio.view.ReviewBar;
import javafx.beans.value.ChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** The face alone on the whole screen, with controls that come with the pointer; Escape or the same key brings the window back. */
final class FaceAlone implements AutoCloseable {
    private final Stage stage;
    private final BorderPane all;
    private final WorkArea work;
    private final Node string;
    private final Node strip;
    private final StackPane face;
    private final ReviewBar controls;
    private final ChangeListener<Boolean> fullScreen = (o, before, full) -> {
        if (!full) {
            show(false);
        }
    };

    /**
     * @param all holds string and strip beside the work area
     * @param face the stage, over which the controls come
     */
    FaceAlone(Stage stage, BorderPane all, WorkArea work, StackPane face, ReviewBar controls) {
        this.stage = stage;
        this.all = all;
        this.work = work;
        this.string = all.getLeft();
        this.strip = all.getBottom();
        this.face = face;
        this.controls = controls;
        StackPane.setAlignment(controls, Pos.BOTTOM_CENTER);
        stage.fullScreenProperty().addListener(fullScreen);
    }

    void toggle() {
        show(!work.isAlone());
    }

    /** True while nothing but the face is seen. */
    boolean isShown() {
        return work.isAlone();
    }

    void show(boolean alone) {
        if (alone == work.isAlone()) {
            return;
        }
        work.showAlone(alone);
        all.setLeft(alone ? null : string);
        all.setBottom(alone ? null : strip);
        if (alone) {
            face.getStyleClass().add("alone");
            face.getChildren().add(controls);
            controls.comeWith(face);
        } else {
            controls.leave(face);
            face.getChildren().remove(controls);
            face.getStyleClass().remove("alone");
        }
        stage.setFullScreenExitHint("");
        stage.setFullScreen(alone);
    }

    /** The stage outlives the window where several are opened one after the other. */
    @Override
    public void close() {
        stage.fullScreenProperty().removeListener(fullScreen);
    }
}
