package graykite.studio.view;

import javafx.event.Event;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/** Between a version and the present on the stage: what is which, and where one ends and the other begins. */
final class CompareLine extends Pane {
    private static final double GRIP = 14;
    private static final double LOW = 14;

    private final Label was = new Label();
    private final Label now = new Label("Now");
    private final Region grip = new Region();
    private double share = 0.5;
    private boolean inOne;

    /** @param moved called while the line is dragged */
    CompareLine(Runnable moved) {
        setPickOnBounds(false);
        setVisible(false);
        was.getStyleClass().add("stage-chip");
        now.getStyleClass().add("stage-chip");
        was.setMouseTransparent(true);
        now.setMouseTransparent(true);
        was.setAlignment(Pos.CENTER);
        was.setId("compare-was");
        grip.getStyleClass().add("compare-grip");
        grip.setId("compare-grip");
        grip.setCursor(Cursor.H_RESIZE);
        grip.setAccessibleText("Line between the version and the present");
        grip.setOnMouseDragged(e -> {
            share = Math.clamp(sceneToLocal(e.getSceneX(), 0).getX() / Math.max(1, getWidth()), 0.02, 0.98);
            requestLayout();
            moved.run();
            e.consume();
        });
        grip.setOnMousePressed(Event::consume);
        getChildren().addAll(grip, was, now);
    }

    /** The part of the width, from the left, in which the version is seen. */
    double share() {
        return share;
    }

    void show(boolean compared, boolean split, String name) {
        inOne = split;
        was.setText(name);
        grip.setVisible(split);
        setVisible(compared);
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double middle = inOne ? share * getWidth() : getWidth() / 2;
        double y = getHeight() - LOW - was.prefHeight(-1);
        was.resizeRelocate(Math.max(4, middle - was.prefWidth(-1) - 12), y, was.prefWidth(-1), was.prefHeight(-1));
        now.resizeRelocate(middle + 12, y, now.prefWidth(-1), now.prefHeight(-1));
        grip.resizeRelocate(middle - GRIP / 2, 0, GRIP, getHeight());
    }
}
