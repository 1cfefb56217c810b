package graykite.studio.desk;

import graykite.project.Line;
import graykite.project.Member;
import graykite.project.SceneWork;
import graykite.scene.Stand;
import graykite.studio.model.SceneEdits;
import graykite.studio.model.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The scene that is open: which lines are said when, and who stands where. Without one it offers to make one. */
final class SceneCard extends VBox {
    private final Workspace workspace;
    private final SceneEdits scenes;
    private final TextField title = new TextField();
    private final Button remove = new Button("", new FontIcon(Feather.TRASH_2));
    private final VBox blocks = new VBox(4);
    private final VBox people = new VBox(4);
    private final ComboBox<Line> nextLine = new ComboBox<>();
    private final ComboBox<Member> newcomer = new ComboBox<>();
    private final CheckBox ripple = new CheckBox("Those after it move along");
    private final Label hint = Parts.quiet("");
    private final HBox name;

    SceneCard(Workspace workspace) {
        super(8);
        getStyleClass().add("card");
        this.workspace = workspace;
        this.scenes = workspace.scenes();
        title.setAccessibleText("Name of the scene");
        title.setOnAction(e -> scenes.rename(title.getText().strip()));
        HBox.setHgrow(title, Priority.ALWAYS);
        remove.setTooltip(new Tooltip("Delete the scene; its lines stay"));
        remove.setAccessibleText("Delete the scene");
        remove.setOnAction(e -> scenes.remove());
        name = Parts.row(title, remove);
        nextLine.setMaxWidth(Double.MAX_VALUE);
        nextLine.setPromptText("A line…");
        nextLine.setId("scene-line");
        nextLine.setAccessibleText("The line that comes next in the scene");
        nextLine.setCellFactory(v -> cell(l -> l.title().strip()));
        nextLine.setButtonCell(cell(l -> l.title().strip()));
        HBox.setHgrow(nextLine, Priority.ALWAYS);
        Button add = new Button("Add", new FontIcon(Feather.PLUS));
        add.setId("add-to-scene");
        add.setTooltip(new Tooltip("Put it after the last line of the scene"));
        add.setOnAction(e -> Optional.ofNullable(nextLine.getValue()).ifPresent(scenes::add));
        newcomer.setMaxWidth(Double.MAX_VALUE);
        newcomer.setPromptText("Somebody…");
        newcomer.setAccessibleText("Who joins on stage");
        newcomer.setCellFactory(v -> cell(Member::name));
        newcomer.setButtonCell(cell(Member::name));
        HBox.setHgrow(newcomer, Priority.ALWAYS);
        Button join = new Button("Join", new FontIcon(Feather.USER_PLUS));
        join.setId("join-stage");
        join.setTooltip(new Tooltip("Stands on the stage and listens"));
        join.setOnAction(e -> Optional.ofNullable(newcomer.getValue()).ifPresent(scenes::join));
        ripple.selectedProperty().bindBidirectional(scenes.ripple());
        ripple.setTooltip(new Tooltip("Moving a line moves all that begin after it by as much"));
        getChildren()
                .addAll(
                        Parts.heading("Scene"),
                        hint,
                        name,
                        blocks,
                        Parts.row(nextLine, add),
                        ripple,
                        people,
                        Parts.row(newcomer, join));
    }

    private interface Name<T> {
        String of(T item);
    }

    private static <T> ListCell<T> cell(Name<T> name) {
        return new ListCell<>() {
            @Override
            protected void updateItem(T item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty || item == null ? null : name.of(item));
            }
        };
    }

    void refresh() {
        Optional<SceneWork> open = workspace.openScene();
        Parts.shown(name, open.isPresent());
        Parts.shown(blocks, open.isPresent());
        Parts.shown(people, open.isPresent());
        Parts.shown(ripple, open.isPresent());
        hint.setText(
                open.isPresent()
                        ? "Lines in time: drag them on the row \"scene\", or type when they begin. A click works on the line."
                        : "Let others answer or listen: add a line, or let somebody join.");
        blocks.getChildren().clear();
        people.getChildren().clear();
        open.ifPresent(scene -> {
            if (!title.isFocused()) {
                title.setText(scene.title());
            }
            scene.blocks().forEach(b -> blocks.getChildren().add(block(b)));
            scenes.people(scene).forEach(p -> people.getChildren().add(person(scene, p)));
        });
        offer(open);
    }

    private void offer(Optional<SceneWork> open) {
        List<Line> lines = new ArrayList<>(workspace.project().lines());
        lines.removeIf(l -> open.map(s -> s.block(l.id()).isPresent())
                .orElse(l.id().equals(workspace.lineId().get())));
        Parts.offer(nextLine, lines);
        List<String> present =
                open.map(scenes::people).orElse(List.of(workspace.speaker().id()));
        List<Member> free = workspace.project().cast().stream()
                .filter(m -> !present.contains(m.id()))
                .toList();
        Parts.offer(newcomer, free);
    }

    private HBox block(SceneWork.Block block) {
        Optional<Line> line = workspace.project().line(block.line());
        Button pick = new Button(line.map(l -> l.title().strip()).orElse("A line that is gone"));
        pick.getStyleClass().setAll("button", "row-button");
        pick.setMaxWidth(Double.MAX_VALUE);
        pick.setTooltip(new Tooltip("Work on this line"));
        boolean chosen = block.line().equals(workspace.lineId().get());
        pick.pseudoClassStateChanged(PseudoClass.getPseudoClass("selected"), chosen);
        pick.setOnAction(e -> workspace.lineId().set(block.line()));
        HBox.setHgrow(pick, Priority.ALWAYS);
        TextField start =
                figure(block.start(), "When the line begins, in seconds", v -> scenes.move(block.line(), v, 0));
        Button out = new Button("", new FontIcon(Feather.X));
        out.setTooltip(new Tooltip("Take the line out of the scene"));
        out.setAccessibleText("Take the line out of the scene");
        out.setOnAction(e -> scenes.takeOut(block.line()));
        return Parts.row(pick, start, new Label("s"), out);
    }

    private HBox person(SceneWork scene, String member) {
        Label who =
                new Label(workspace.project().member(member).map(Member::name).orElse(member));
        who.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(who, Priority.ALWAYS);
        List<String> all = scenes.people(scene);
        Stand stand = scene.people().stream()
                .filter(p -> p.member().equals(member))
                .findFirst()
                .flatMap(SceneWork.Standing::stand)
                .orElse(Stand.of(all.indexOf(member), all.size()));
        TextField x = figure(
                stand.x() / 10,
                "Centimetres to the right",
                v -> scenes.stand(member, Optional.of(new Stand(10 * v, stand.z(), stand.facing())), 0));
        TextField turned = figure(
                stand.facing(),
                "Degrees by which they are turned, to their left",
                v -> scenes.stand(member, Optional.of(new Stand(stand.x(), stand.z(), v)), 0));
        HBox row = Parts.row(who, x, new Label("cm"), turned, new Label("°"));
        if (!scenes.speakers(scene).contains(member)) {
            Button leave = new Button("", new FontIcon(Feather.X));
            leave.setTooltip(new Tooltip("Leave the stage"));
            leave.setAccessibleText("Leave the stage");
            leave.setOnAction(e -> scenes.leave(member));
            row.getChildren().add(leave);
        }
        return row;
    }

    private TextField figure(double value, String tip, DoubleConsumer typed) {
        TextField field = new TextField(String.format(Locale.ROOT, value == Math.rint(value) ? "%.0f" : "%.2f", value));
        field.setPrefWidth(62);
        field.getStyleClass().add("figures");
        field.setTooltip(new Tooltip(tip));
        field.setAccessibleText(tip);
        field.setOnAction(e -> {
            try {
                typed.accept(Double.parseDouble(field.getText().strip().replace(',', '.')));
            } catch (IllegalArgumentException none) {
                workspace.jobs().say("\"" + field.getText() + "\" does not do here. " + tip + ".");
                refresh();
            }
        });
        return field;
    }
}
