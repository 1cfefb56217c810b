package graykite.studio;

import graykite.studio.model.Settings;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * How the window is divided: the stage with the sheet below it, and beside both the desk from the top to the strip. The
 * desk can be pulled wider and put away; both are remembered.
 */
final class WorkArea extends HBox {
    private static final double LEAST_DESK = 320;
    private static final double USUAL_DESK = 372;
    private static final double MOST_DESK = 640;
    private static final double LEAST_STAGE = 420;

    private final Settings settings;
    private final StackPane stage;
    private final VBox left;
    private final SplitPane upright;
    private final Region desk;
    private final Region edge = new Region();
    private final Region bar;
    private final Region sheet;
    private boolean alone;
    private double chosen = 0.64;

    /**
     * @param stage the face and what lies over it
     * @param bar between stage and sheet
     */
    WorkArea(Settings settings, StackPane stage, Region bar, Region sheet, Region desk) {
        this.settings = settings;
        this.stage = stage;
        this.desk = desk;
        this.bar = bar;
        this.sheet = sheet;
        sheet.prefHeightProperty().addListener((o, b, n) -> Platform.runLater(this::makeRoomForSheet));
        VBox lower = new VBox(bar, sheet);
        VBox.setVgrow(sheet, Priority.ALWAYS);
        lower.setMinHeight(150);
        upright = new SplitPane(stage, lower);
        upright.setOrientation(Orientation.VERTICAL);
        upright.setDividerPositions(chosen);
        rememberEdge();
        SplitPane.setResizableWithParent(lower, false);
        left = new VBox(upright);
        VBox.setVgrow(upright, Priority.ALWAYS);
        left.setMinWidth(LEAST_STAGE);
        HBox.setHgrow(left, Priority.ALWAYS);
        edge.setId("desk-edge");
        edge.getStyleClass().add("desk-edge");
        edge.setMinWidth(5);
        edge.setCursor(Cursor.H_RESIZE);
        edge.setOnMouseDragged(
                e -> resizeDesk(getWidth() - sceneToLocal(e.getSceneX(), 0).getX() - 2));
        edge.setOnMouseReleased(e -> settings.setText("desk.width", Long.toString(Math.round(desk.getWidth()))));
        edge.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                resizeDesk(USUAL_DESK);
            }
        });
        resizeDesk(remembered());
        getChildren().add(left);
        if (!settings.flag("desk.away")) {
            getChildren().addAll(edge, desk);
        }
    }

    private double remembered() {
        String text = settings.text("desk.width", "");
        return text.matches("\\d{3}") ? Double.parseDouble(text) : USUAL_DESK;
    }

    private void resizeDesk(double wanted) {
        double most = getWidth() > 0 ? Math.min(MOST_DESK, getWidth() - LEAST_STAGE - 5) : MOST_DESK;
        double width = Math.clamp(wanted, LEAST_DESK, Math.max(LEAST_DESK, most));
        desk.setMinWidth(width);
        desk.setPrefWidth(width);
        desk.setMaxWidth(width);
    }

    boolean isDeskShown() {
        return getChildren().contains(desk);
    }

    /** Puts the desk away, or brings it back. */
    void showDesk(boolean shown) {
        if (alone) {
            return;
        }
        settings.setFlag("desk.away", !shown);
        if (shown && !isDeskShown()) {
            getChildren().addAll(edge, desk);
        } else if (!shown) {
            getChildren().removeAll(edge, desk);
        }
    }

    /** The face alone, without desk, bar and sheet; or everything again. */
    void showAlone(boolean onlyFace) {
        if (onlyFace == alone) {
            return;
        }
        alone = onlyFace;
        if (onlyFace) {
            getChildren().removeAll(edge, desk);
            upright.getItems().remove(stage);
            left.getChildren().setAll(stage);
            VBox.setVgrow(stage, Priority.ALWAYS);
        } else {
            left.getChildren().setAll(upright);
            upright.getItems().addFirst(stage);
            showDesk(!settings.flag("desk.away"));
        }
    }

    boolean isAlone() {
        return alone;
    }

    /** Takes room from the stage when rows come that would not be seen, and gives it back when they go. */
    private void makeRoomForSheet() {
        if (upright.getHeight() > 0 && upright.getDividers().size() == 1) {
            double needed = (sheet.getPrefHeight() + bar.getHeight() + 6) / upright.getHeight();
            upright.setDividerPositions(Math.min(chosen, 1 - Math.min(0.55, needed)));
        }
    }

    /** Where the user put the edge between stage and sheet is where it goes back to. */
    private void rememberEdge() {
        upright.addEventFilter(MouseEvent.MOUSE_RELEASED, e -> {
            boolean dragged =
                    e.getTarget() instanceof Node n && n.getStyleClass().contains("split-pane-divider");
            if (dragged && !upright.getDividers().isEmpty()) {
                chosen = upright.getDividerPositions()[0];
            }
        });
    }
}
