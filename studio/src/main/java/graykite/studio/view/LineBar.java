package graykite.studio.view;

import graykite.studio.model.Workspace;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Over the desks: which line is worked on, undo, redo and save. */
public final class LineBar extends HBox {
    private final Workspace workspace;
    private final Button lines = new Button();

    /**
     * @param save saves the project
     * @param table shows all lines
     */
    public LineBar(Workspace workspace, Runnable save, Runnable table) {
        super(6);
        this.workspace = workspace;
        lines.setMaxWidth(Double.MAX_VALUE);
        lines.setAlignment(Pos.CENTER_LEFT);
        lines.setGraphic(new FontIcon(Feather.LIST));
        lines.setAccessibleText("The line that is worked on; opens the table of lines");
        lines.setTooltip(
                new Tooltip("All lines and scenes (Ctrl+L); the next and previous line with Ctrl+Down and Ctrl+Up"));
        lines.setId("lines");
        lines.setOnAction(e -> table.run());
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

    /** Shows what is worked on. */
    public void refresh() {
        String line = workspace
                .line()
                .map(l -> l.title().strip() + "  –  "
                        + workspace.project().speakerOf(l).name())
                .orElse("No line yet");
        lines.setText(workspace.openScene().map(s -> s.title() + "  ·  " + line).orElse(line));
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
