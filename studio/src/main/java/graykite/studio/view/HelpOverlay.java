package graykite.studio.view;

import graykite.studio.model.UserAction;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** F1: every key in a searchable list. */
public final class HelpOverlay extends Overlay {
    private static final List<String[]> MOUSE = List.of(
            new String[] {"Wheel over the sheet", "Scroll"},
            new String[] {"Ctrl+wheel over the sheet", "Zoom at the pointer"},
            new String[] {"Drag on ruler or wave", "Scrub"},
            new String[] {"Shift+drag on the ruler", "Choose the stretch to loop"},
            new String[] {"Drag the end of the chosen stretch in the wave", "Slower or faster; all goes along"},
            new String[] {"Drag an edge of a word or sound", "Move the boundary; Alt lets go of the frames"},
            new String[] {"Double-click a word", "Edit its text and read again"},
            new String[] {"Drag on the face", "Turn it; right drag moves, wheel zooms"});

    public HelpOverlay(StackPane host, List<UserAction> actions) {
        super(host, 620, 600);
        Label title = new Label("Keys and mouse");
        title.getStyleClass().add("title");
        Button close = new Button("Close");
        close.setOnAction(e -> close());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        TextField search = new TextField();
        search.setPromptText("Search");
        GridPane list = new GridPane();
        list.setHgap(24);
        list.setVgap(5);
        list.setPadding(new Insets(4));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(460);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        search.textProperty().addListener((o, b, text) -> fill(list, actions, text));
        fill(list, actions, "");
        card().getChildren().addAll(new HBox(title, gap, close), search, scroll);
    }

    private static void fill(GridPane list, List<UserAction> actions, String wanted) {
        list.getChildren().clear();
        String needle = wanted.toLowerCase(Locale.ROOT).strip();
        int row = 0;
        String group = "";
        for (UserAction action : actions) {
            if (action.keys().isEmpty() || !matches(needle, action.name(), action.keysText())) {
                continue;
            }
            if (!group.equals(action.group())) {
                group = action.group();
                list.add(heading(group), 0, row++, 2, 1);
            }
            row = row(list, row, action.keysText(), action.name());
        }
        boolean headed = false;
        for (String[] mouse : MOUSE) {
            if (matches(needle, mouse[0], mouse[1])) {
                if (!headed) {
                    list.add(heading("Mouse"), 0, row++, 2, 1);
                    headed = true;
                }
                row = row(list, row, mouse[0], mouse[1]);
            }
        }
        if (row == 0) {
            list.add(new Label("No key does that. Try the command box, Ctrl+K."), 0, 0);
        }
    }

    private static int row(GridPane list, int row, String keys, String does) {
        Label left = new Label(keys);
        left.getStyleClass().add("figures");
        left.setMinWidth(210);
        list.add(left, 0, row);
        list.add(new Label(does), 1, row);
        return row + 1;
    }

    private static Label heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        label.setPadding(new Insets(8, 0, 0, 0));
        return label;
    }

    private static boolean matches(String needle, String... texts) {
        for (String text : texts) {
            if (text.toLowerCase(Locale.ROOT).contains(needle)) {
                return true;
            }
        }
        return false;
    }
}
