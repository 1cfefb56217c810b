package graykite.studio.view;

import graykite.edit.History;
import graykite.format.EditJson;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.value.ChangeListener;
import javafx.collections.FXCollections;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What was done to the project, to look at, to go back and forth in, and to copy out as a script of edits. */
public final class HistoryOverlay extends Overlay {
    private final Workspace workspace;
    private final EditJson edits;
    private final ListView<Integer> list = new ListView<>();

    /** @param edits writes edits as text */
    public HistoryOverlay(StackPane host, Workspace workspace, EditJson edits) {
        super(host, 460, 520);
        this.workspace = workspace;
        this.edits = edits;
        Label title = new Label("What was done");
        title.getStyleClass().add("title");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        Button close = new Button("Close");
        close.setOnAction(e -> close());
        list.setId("history");
        list.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        list.setCellFactory(v -> new StepCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        history();
        ChangeListener<History> follow = (o, before, now) -> history();
        workspace.history().addListener(follow);
        sceneProperty().addListener((o, before, now) -> {
            if (now == null) {
                workspace.history().removeListener(follow);
            }
        });
        list.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2) {
                go();
            }
        });
        list.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                go();
                e.consume();
            }
        });
        Button go = new Button("Go there");
        go.setId("history-go");
        go.setTooltip(new Tooltip("The project as it was after the chosen edit (double-click or Enter)"));
        go.setOnAction(e -> go());
        Button copy = new Button("Copy edits");
        copy.setId("history-copy");
        copy.setTooltip(new Tooltip("The chosen edits as lines of a script, for ./kite apply"));
        copy.setOnAction(e -> copy());
        card().getChildren().addAll(new HBox(8, title, close), list, new HBox(8, go, copy));
    }

    private void history() {
        History history = workspace.history().get();
        List<Integer> newestFirst = IntStream.range(0, history.steps().size())
                .map(i -> history.steps().size() - 1 - i)
                .boxed()
                .toList();
        list.setItems(FXCollections.observableList(newestFirst));
        list.getSelectionModel().clearAndSelect(newestFirst.indexOf(history.at()));
    }

    private void go() {
        Integer step = list.getSelectionModel().getSelectedItem();
        if (step != null) {
            workspace.jump(step);
            list.refresh();
        }
    }

    private void copy() {
        History history = workspace.history().get();
        List<String> lines = list.getSelectionModel().getSelectedItems().stream()
                .sorted()
                .filter(s -> s > 0)
                .flatMap(s -> history.edits(s, s + 1).stream())
                .map(edits::write)
                .toList();
        if (lines.isEmpty()) {
            workspace.jobs().say("The beginning holds no edit: choose others to copy.");
            return;
        }
        ClipboardContent content = new ClipboardContent();
        content.putString(lines.stream().collect(Collectors.joining("\n", "", "\n")));
        Clipboard.getSystemClipboard().setContent(content);
        workspace
                .jobs()
                .say(lines.size() + (lines.size() == 1 ? " edit" : " edits")
                        + " copied, a line each: paste them into a file for ./kite apply.");
    }

    private final class StepCell extends ListCell<Integer> {
        @Override
        protected void updateItem(Integer step, boolean empty) {
            super.updateItem(step, empty);
            History history = workspace.history().get();
            // Between an edit and the new list the old cells are drawn once more.
            if (empty || step == null || step >= history.steps().size()) {
                setText(null);
                setOpacity(1);
                return;
            }
            String name =
                    step == 0 ? "As it was opened" : history.steps().get(step).name();
            setText((step == history.at() ? "▸ " : "    ") + name);
            setOpacity(step > history.at() ? 0.5 : 1);
        }
    }
}
