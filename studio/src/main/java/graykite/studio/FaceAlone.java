package graykite.studio;

import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;

/** The face alone on the whole screen; Escape or the same key brings the window back. */
final class FaceAlone implements AutoCloseable {
    private final Stage stage;
    private final BorderPane all;
    private final WorkArea work;
    private final Node string;
    private final Node strip;
    private final ChangeListener<Boolean> fullScreen = (o, before, full) -> {
        if (!full) {
            show(false);
        }
    };

    /** @param all holds string and strip beside the work area */
    FaceAlone(Stage stage, BorderPane all, WorkArea work) {
        this.stage = stage;
        this.all = all;
        this.work = work;
        this.string = all.getLeft();
        this.strip = all.getBottom();
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
        stage.setFullScreenExitHint("");
        stage.setFullScreen(alone);
    }

    /** The stage outlives the window where several are opened one after the other. */
    @Override
    public void close() {
        stage.fullScreenProperty().removeListener(fullScreen);
    }
}
