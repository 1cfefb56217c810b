package graykite.studio.view;

import graykite.studio.model.UserAction;
import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.collections.FXCollections;
import javafx.collections.transformation.FilteredList;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/** Ctrl+K: type what you want to do, press Enter. */
public final class CommandOverlay extends Overlay {
    private static final double ROW = 30;

    private final ListView<UserAction> list;

    public CommandOverlay(StackPane host, List<UserAction> actions) {
        super(host, 520, 420);
        FilteredList<UserAction> shown = new FilteredList<>(FXCollections.observableList(actions));
        TextField search = new TextField();
        search.setPromptText("What do you want to do?");
        list = new ListView<>(shown);
        list.setPrefHeight(330);
        list.setFixedCellSize(ROW);
        list.setPlaceholder(new Label("Nothing is called that."));
        list.setCellFactory(view -> new ActionCell());
        list.getSelectionModel().select(0);
        search.textProperty().addListener((o, b, text) -> {
            String needle = text.toLowerCase(Locale.ROOT).strip();
            shown.setPredicate(a -> a.name().toLowerCase(Locale.ROOT).contains(needle));
            list.getSelectionModel().select(0);
        });
        search.setOnKeyPressed(e -> {
            int at = list.getSelectionModel().getSelectedIndex();
            if (e.getCode() == KeyCode.DOWN || e.getCode() == KeyCode.UP) {
                list.getSelectionModel().select(at + (e.getCode() == KeyCode.DOWN ? 1 : -1));
                list.scrollTo(list.getSelectionModel().getSelectedIndex());
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER) {
                runSelected();
                e.consume();
            }
        });
        list.setOnMouseClicked(e -> runSelected());
        card().getChildren().addAll(search, list);
        Platform.runLater(search::requestFocus);
    }

    private void runSelected() {
        UserAction action = list.getSelectionModel().getSelectedItem();
        if (action != null) {
            close();
            action.run().run();
        }
    }

    private static final class ActionCell extends ListCell<UserAction> {
        @Override
        protected void updateItem(UserAction action, boolean empty) {
            super.updateItem(action, empty);
            if (empty || action == null) {
                setGraphic(null);
                return;
            }
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            Label keys = new Label(action.keysText());
            keys.getStyleClass().add("quiet");
            HBox row = new HBox(new Label(action.name()), gap, keys);
            row.setAlignment(Pos.CENTER_LEFT);
            setGraphic(row);
        }
    }
}
