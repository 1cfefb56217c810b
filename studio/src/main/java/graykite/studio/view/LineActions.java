package graykite.studio.view;

import graykite.delivery.Item;
import graykite.edit.LineEdit;
import graykite.edit.SceneEdit;
import graykite.project.Line;
import graykite.project.Member;
import graykite.studio.model.Workspace;
import graykite.text.Language;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TableView;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What can be done with the lines and scenes that are chosen in the table. */
final class LineActions extends HBox {
    private final Workspace workspace;
    private final TableView<LineEntry> table;
    private final MenuButton speaker = new MenuButton("Give to…");
    private final Button delete;
    private final Button deliver;
    private final List<Node> forLines;

    /**
     * @param hide puts the table away
     * @param openDelivery opens the Delivery desk
     */
    LineActions(Workspace workspace, TableView<LineEntry> table, Runnable hide, Runnable openDelivery) {
        super(8);
        this.workspace = workspace;
        this.table = table;
        Button read = button(
                "Read",
                Feather.EYE,
                "Find the words of the chosen lines in their recordings",
                () -> workspace.readings().readAll(chosenLines()));
        Button scene =
                button("Make a scene", Feather.USERS, "Place the chosen lines one after another on one stage", () -> {
                    List<Line> lines = chosenLines();
                    if (!lines.isEmpty()) {
                        workspace
                                .scenes()
                                .make("Scene " + (workspace.project().scenes().size() + 1), lines);
                        hide.run();
                    }
                });
        deliver = button("Deliver", Feather.SEND, "Hand what is chosen over, from the Delivery desk", () -> {
            workspace.deliveries().choose(chosenItems());
            openDelivery.run();
        });
        deliver.setId("deliver-lines");
        Button up = button("", Feather.ARROW_UP, "Earlier in the order (Alt+Up)", () -> order(-1));
        Button down = button("", Feather.ARROW_DOWN, "Later in the order (Alt+Down)", () -> order(1));
        up.setAccessibleText("Earlier in the order");
        down.setAccessibleText("Later in the order");
        MenuButton language = new MenuButton("Language…");
        for (Language each : Language.values()) {
            MenuItem item = new MenuItem(each.title());
            item.setOnAction(e -> onLines(l -> new LineEdit.SetLanguage(l.id(), each)));
            language.getItems().add(item);
        }
        delete = button("Delete", Feather.TRASH_2, "Delete what is chosen (Delete)", this::delete);
        delete.setId("delete-lines");
        forLines = List.of(read, scene, up, down, language, speaker);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        getChildren().addAll(read, scene, speaker, language, deliver, up, down, gap, delete);
        setAlignment(Pos.CENTER_LEFT);
    }

    private static Button button(String text, Feather icon, String tip, Runnable action) {
        Button button = new Button(text, new FontIcon(icon));
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(e -> action.run());
        return button;
    }

    /** Offers everybody of the cast. */
    void refresh() {
        speaker.getItems().clear();
        for (Member member : workspace.project().cast()) {
            MenuItem item = new MenuItem(member.name());
            item.setOnAction(e -> onLines(l -> new LineEdit.GiveLine(l.id(), member.id())));
            speaker.getItems().add(item);
        }
    }

    /** Something else is chosen. */
    void chosenChanged() {
        boolean none = chosenLines().isEmpty();
        forLines.forEach(n -> n.setDisable(none));
        deliver.setDisable(chosenItems().isEmpty());
        delete.setDisable(table.getSelectionModel().getSelectedItems().isEmpty());
    }

    private List<LineEntry> chosen() {
        return List.copyOf(table.getSelectionModel().getSelectedItems());
    }

    private List<Item> chosenItems() {
        return chosen().stream()
                .filter(Objects::nonNull)
                .map(e -> e.scene() ? Item.scene(e.id()) : Item.line(e.id()))
                .toList();
    }

    private List<Line> chosenLines() {
        return chosen().stream()
                .filter(e -> e != null && !e.scene())
                .flatMap(e -> workspace.project().line(e.id()).stream())
                .toList();
    }

    private void onLines(Function<Line, LineEdit> edit) {
        long gesture = workspace.newGesture();
        chosenLines().forEach(l -> workspace.edit(edit.apply(l), gesture));
    }

    /** Deletes what is chosen. */
    void delete() {
        long gesture = workspace.newGesture();
        List<LineEntry> gone = chosen();
        for (LineEntry entry : gone) {
            workspace.edit(
                    entry.scene() ? new SceneEdit.RemoveScene(entry.id()) : new LineEdit.RemoveLine(entry.id()),
                    gesture);
        }
        if (!gone.isEmpty()) {
            workspace
                    .jobs()
                    .say("Deleted " + gone.size() + (gone.size() == 1 ? " entry" : " entries")
                            + "; Ctrl+Z brings them back.");
        }
    }

    /** Moves the chosen lines by one place; only while the table is in the order of the project. */
    void order(int by) {
        if (!table.getSortOrder().isEmpty()) {
            table.getSortOrder().clear();
            workspace.jobs().say("The table is in the project's order again; now lines can be put elsewhere in it.");
            return;
        }
        List<Line> lines = new ArrayList<>(chosenLines());
        if (by > 0) {
            Collections.reverse(lines);
        }
        long gesture = workspace.newGesture();
        for (Line line : lines) {
            int at = workspace.project().lines().indexOf(line);
            workspace.edit(new LineEdit.OrderLine(line.id(), Math.max(0, at + by)), gesture);
        }
    }
}
