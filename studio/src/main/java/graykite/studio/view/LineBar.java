package graykite.studio.view;

import graykite.project.Line;
import graykite.studio.model.Workspace;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Over the desks: which line is worked on, undo, redo and save. */
public final class LineBar extends HBox {
    private final Workspace workspace;
    private final ComboBox<Line> lines = new ComboBox<>();
    private boolean filling;

    /** @param save saves the project */
    public LineBar(Workspace workspace, Runnable save) {
        super(6);
        this.workspace = workspace;
        lines.setMaxWidth(Double.MAX_VALUE);
        lines.setPromptText("No line yet");
        lines.setAccessibleText("The line that is worked on");
        lines.setId("lines");
        lines.setButtonCell(new LineCell());
        lines.setCellFactory(view -> new LineCell());
        lines.setOnAction(e -> {
            if (!filling && lines.getValue() != null) {
                workspace.lineId().set(lines.getValue().id());
            }
        });
        HBox.setHgrow(lines, Priority.ALWAYS);
        Button undo = icon(Feather.CORNER_UP_LEFT, "Undo (Ctrl+Z)", workspace::undo);
        Button redo = icon(Feather.CORNER_UP_RIGHT, "Redo (Ctrl+Shift+Z)", workspace::redo);
        workspace.history().addListener((o, b, history) -> {
            undo.setDisable(!history.canUndo());
            redo.setDisable(!history.canRedo());
            undo.getTooltip()
                    .setText(history.canUndo() ? "Undo: " + history.undoName() + " (Ctrl+Z)" : "Undo (Ctrl+Z)");
        });
        undo.setDisable(true);
        redo.setDisable(true);
        getChildren().addAll(lines, undo, redo, icon(Feather.SAVE, "Save (Ctrl+S)", save));
        setPadding(new Insets(8, 12, 8, 12));
        setStyle("-fx-background-color: paper-2; -fx-border-color: transparent transparent line line;");
    }

    /** Lists the lines of the project. */
    public void refresh() {
        filling = true;
        lines.getItems().setAll(workspace.project().lines());
        lines.setValue(workspace.line().orElse(null));
        lines.setDisable(workspace.project().lines().isEmpty());
        filling = false;
    }

    private final class LineCell extends ListCell<Line> {
        @Override
        protected void updateItem(Line line, boolean empty) {
            super.updateItem(line, empty);
            setText(
                    empty || line == null
                            ? null
                            : line.title() + "  –  "
                                    + workspace.project().speakerOf(line).name());
        }
    }

    private static Button icon(Feather icon, String tip, Runnable action) {
        Button button = new Button();
        button.setGraphic(new FontIcon(icon));
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }
}
