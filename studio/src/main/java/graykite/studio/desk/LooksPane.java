package graykite.studio.desk;

import graykite.acting.LookBlock;
import graykite.acting.LookPoint;
import graykite.acting.LooksLayer.Ready;
import graykite.geometry.Vec;
import graykite.studio.model.LookEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Where whoever speaks looks: a click puts a look at the playhead, or lets the chosen one go elsewhere. */
final class LooksPane extends VBox {
    private final Workspace workspace;
    private final Player player;
    private final LookEdits edits;
    private final FlowPane points = new FlowPane(6, 6);
    private final VBox card;
    private final TextField from = new TextField();
    private final TextField to = new TextField();
    private final TextField[] place = {new TextField(), new TextField(), new TextField()};
    private final Parts.Tuner head;
    private final LookTool tool;
    private final Label absent = Parts.quiet("");
    private List<LookPoint> shown = List.of();
    private long gesture;

    LooksPane(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.edits = workspace.looks();
        this.tool = new LookTool(workspace, player);
        head = new Parts.Tuner(
                "Head",
                "How much of the turn the head takes; the eyes go first",
                0,
                1,
                LookBlock.USUAL_HEAD,
                Parts::percent,
                () -> gesture = workspace.newGesture(),
                v -> edits.head(v, gesture));
        card = card();
        getChildren()
                .addAll(
                        Parts.quiet(
                                "Point at one to see it; a click looks there from the playhead on, or lets the chosen look"
                                        + " go there. The eyes lead, lids and a blink follow, then the head."),
                        points,
                        own(),
                        card);
    }

    /** What the stage is for while this is open. */
    LookTool tool() {
        return tool;
    }

    private VBox card() {
        for (TextField field : List.of(from, to)) {
            field.setPrefWidth(72);
            field.getStyleClass().add("figures");
            field.setOnAction(e -> {
                Optional<Double> first = Parts.number(from.getText());
                Optional<Double> last = Parts.number(to.getText());
                if (first.isPresent() && last.isPresent()) {
                    edits.place(first.get(), last.get(), 0);
                }
                refresh();
            });
        }
        from.setAccessibleText("When the look begins, in seconds");
        to.setAccessibleText("When the look ends, in seconds");
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setAccessibleText("Delete the look");
        delete.setTooltip(new Tooltip("Delete the look (Delete)"));
        delete.setOnAction(e -> edits.delete());
        return Parts.card(
                Parts.heading("The chosen look"),
                Parts.row(new Label("from"), from, new Label("to"), to, new Label("s"), delete),
                head,
                absent);
    }

    /** A place on the stage, typed. */
    private VBox own() {
        String[] names = {"To the viewer's right, in centimetres", "Up from the eyes", "Towards the viewer"};
        for (int i = 0; i < 3; i++) {
            place[i].setPrefWidth(58);
            place[i].getStyleClass().add("figures");
            place[i].setAccessibleText(names[i]);
            place[i].setTooltip(new Tooltip(names[i] + (i == 0 ? "" : ", in centimetres")));
            place[i].setText(i == 0 ? "40" : i == 1 ? "0" : "60");
        }
        Button there = new Button("Look there");
        there.setId("look-at-place");
        there.setTooltip(new Tooltip("A place on the stage of your own"));
        there.setOnAction(e -> {
            Optional<Double> x = Parts.number(place[0].getText());
            Optional<Double> y = Parts.number(place[1].getText());
            Optional<Double> z = Parts.number(place[2].getText());
            if (x.isEmpty() || y.isEmpty() || z.isEmpty()) {
                workspace.jobs().say("Type the place in centimetres: to the right, up, and towards the viewer.");
                return;
            }
            go(new LookPoint.Spot(
                    String.format(Locale.ROOT, "%.0f, %.0f, %.0f", x.get(), y.get(), z.get()),
                    new Vec(10 * x.get(), 14 + 10 * y.get(), 10 * z.get())));
        });
        Button onStage = new Button("Place on the stage", new FontIcon(Feather.CROSSHAIR));
        onStage.setId("place-look");
        onStage.setTooltip(
                new Tooltip("The next press on the stage puts a place there; drag its ring and the eyes follow"));
        onStage.setOnAction(e -> tool.place());
        return new VBox(
                4,
                Parts.quiet("A place of your own: right, up, near, in cm"),
                Parts.row(place[0], place[1], place[2], there),
                onStage);
    }

    private TimeRange room() {
        return player.loopRange().get().orElseGet(() -> edits.room(player.time().get()));
    }

    private void go(LookPoint point) {
        if (edits.look().isPresent()) {
            edits.point(point);
        } else {
            edits.add(point, room());
        }
    }

    private static String said(LookPoint point) {
        return switch (point) {
            case LookPoint.Viewer v -> "Into the camera";
            case LookPoint.Toward t -> "To the side of whoever looks: their left is the viewer's right";
            case LookPoint.Person p ->
                "At the eyes of this person, where they stand in the scene; without a scene nobody is there";
            case LookPoint.Spot s -> "At a place on the stage";
        };
    }

    void refresh() {
        List<LookPoint> now = edits.points();
        if (!now.equals(shown)) {
            shown = now;
            points.getChildren().clear();
            for (LookPoint point : now) {
                ToggleButton button = new ToggleButton(edits.nameOf(point));
                button.getStyleClass().setAll("toggle-button", "chip");
                button.setUserData(point);
                button.setId("look-" + point.name().toLowerCase(Locale.ROOT));
                button.setTooltip(new Tooltip(said(point)));
                button.setOnAction(e -> {
                    go(point);
                    refresh();
                });
                button.setOnMouseEntered(e -> {
                    if (edits.look().isEmpty()) {
                        edits.preview(point, room());
                    }
                });
                button.setOnMouseExited(e -> workspace.preview(Optional.empty()));
                points.getChildren().add(button);
            }
        }
        Optional<Ready> chosen = edits.look();
        points.getChildren()
                .forEach(n -> ((ToggleButton) n)
                        .setSelected(chosen.filter(r -> r.look().point().equals(n.getUserData()))
                                .isPresent()));
        Parts.shown(card, chosen.isPresent());
        chosen.ifPresent(r -> {
            if (!from.isFocused()) {
                from.setText(String.format(Locale.ROOT, "%.3f", r.start()));
            }
            if (!to.isFocused()) {
                to.setText(String.format(Locale.ROOT, "%.3f", r.end()));
            }
            head.set(r.look().head());
            Parts.shown(absent, !edits.isThere(r.look().point()));
            absent.setText(edits.nameOf(r.look().point()) + " does not share this stage: open the line in a scene.");
        });
    }
}
