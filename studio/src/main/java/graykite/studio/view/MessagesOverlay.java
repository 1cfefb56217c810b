package graykite.studio.view;

import graykite.studio.model.Jobs;
import graykite.studio.model.Workspace;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.Tooltip;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Everything that was said in the strip, whole; what is about a line leads to it. */
public final class MessagesOverlay extends Overlay {
    public MessagesOverlay(StackPane host, Workspace workspace) {
        super(host, 560, 460);
        Label title = new Label("Messages");
        title.getStyleClass().add("title");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        Button close = new Button("Close");
        close.setOnAction(e -> close());
        ListView<Jobs.Message> list = new ListView<>(workspace.jobs().messages());
        list.setId("messages");
        list.setPlaceholder(new Label("Nothing was said yet."));
        list.setCellFactory(v -> new MessageCell());
        VBox.setVgrow(list, Priority.ALWAYS);
        Button copy = new Button("Copy all");
        copy.setOnAction(e -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(
                    workspace.jobs().messages().stream().map(Jobs.Message::text).collect(Collectors.joining("\n")));
            Clipboard.getSystemClipboard().setContent(content);
        });
        Button line = new Button("Go to the line");
        line.setTooltip(new Tooltip("Opens the line that the chosen message is about"));
        line.setDisable(true);
        list.getSelectionModel()
                .selectedItemProperty()
                .addListener((o, b, m) -> line.setDisable(
                        m == null || workspace.project().line(m.line()).isEmpty()));
        line.setOnAction(e -> {
            workspace.lineId().set(list.getSelectionModel().getSelectedItem().line());
            close();
        });
        card().getChildren().addAll(new HBox(8, title, close), list, new HBox(8, line, copy));
    }

    private static final class MessageCell extends ListCell<Jobs.Message> {
        private final Label text = new Label();

        MessageCell() {
            text.setWrapText(true);
            text.maxWidthProperty().bind(widthProperty().subtract(24));
        }

        @Override
        protected void updateItem(Jobs.Message message, boolean empty) {
            super.updateItem(message, empty);
            text.setText(empty || message == null ? "" : message.text());
            setGraphic(empty ? null : text);
        }
    }
}
