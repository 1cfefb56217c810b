package graykite.studio.desk;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.TakenCurve;
import graykite.rig.Channel;
import graykite.scene.Performance;
import graykite.studio.model.OwnCurves;
import graykite.studio.model.OwnCurves.KeyChoice;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Curves of single channels on the sheet: seen, taken over into own keys, edited and given back. */
final class CurvesPane extends VBox {
    private static final String NONE = "No curve";

    private final Workspace workspace;
    private final OwnCurves edits;
    private final Player player;
    private final ComboBox<String> channels = new ComboBox<>();
    private final Button takeOver = new Button("Take over", new FontIcon(Feather.EDIT_2));
    private final Button giveBack = new Button("Give back", new FontIcon(Feather.CORNER_UP_LEFT));
    private final Label stretch = Parts.quiet("");
    private final VBox keyCard;
    private final List<ToggleButton> ways = new ArrayList<>();
    private final TextField time = new TextField();
    private final TextField value = new TextField();
    private final TextField in = new TextField();
    private final TextField out = new TextField();
    private final VBox list = new VBox(4);
    private final Parts.Tuner error;
    private double allowed = OwnCurves.USUAL_ERROR;
    private boolean filling;

    CurvesPane(Workspace workspace, Player player) {
        super(12);
        this.workspace = workspace;
        this.edits = workspace.mouth().curves();
        this.player = player;
        channels.setId("curve-channel");
        channels.setMaxWidth(Double.MAX_VALUE);
        channels.setAccessibleText("The channel whose curve the sheet shows");
        channels.setTooltip(new Tooltip("The channel whose curve the sheet shows; the busiest come first"));
        channels.setOnAction(e -> {
            if (!filling && channels.getValue() != null) {
                edits.key().set(KeyChoice.NONE);
                edits.channel().set(channels.getValue().equals(NONE) ? "" : channels.getValue());
            }
        });
        HBox.setHgrow(channels, Priority.ALWAYS);
        takeOver.setId("take-over");
        takeOver.getStyleClass().add("primary");
        takeOver.setOnAction(e -> edits.takeOver(range(), allowed));
        giveBack.setId("give-back");
        giveBack.setTooltip(new Tooltip("Return the keys under the playhead to what is generated"));
        giveBack.setOnAction(e -> here().ifPresent(edits::giveBack));
        error = new Parts.Tuner(
                "May be off by",
                "How far the keys may lie beside what is generated, in per cent of the channel's range; less takes more keys",
                0.002,
                0.1,
                OwnCurves.USUAL_ERROR,
                v -> String.format(Locale.ROOT, "%.1f %%", 100 * v),
                () -> {},
                this::allow);
        keyCard = keyCard();
        getChildren()
                .addAll(
                        Parts.row(channels),
                        Parts.quiet(
                                "Sand is generated, bars are what each sound asks for, ink is what is seen in the end, red"
                                        + " bands are closures, grey is the lip gap. Tide is yours."),
                        Parts.card(stretch, Parts.row(takeOver, giveBack), error),
                        keyCard,
                        Parts.heading("Your curves"),
                        list);
        edits.channel().addListener((o, b, n) -> refresh());
        edits.key().addListener((o, b, n) -> refresh());
    }

    private void allow(double share) {
        allowed = share;
        error.set(share);
    }

    private VBox keyCard() {
        HBox chips = new HBox(4);
        for (Key.Way way : Key.Way.values()) {
            ToggleButton chip = new ToggleButton(way.title());
            chip.setId("way-" + way.title().toLowerCase(Locale.ROOT));
            chip.getStyleClass().setAll("toggle-button", "chip");
            chip.setTooltip(new Tooltip("How the curve goes on from this key"));
            chip.setOnAction(e -> change("Way of a key", (key, v) -> key.going(way), 0));
            ways.add(chip);
            chips.getChildren().add(chip);
        }
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setAccessibleText("Delete the key");
        delete.setTooltip(new Tooltip("Delete the key (Delete)"));
        delete.setOnAction(e -> edits.deleteKey());
        HBox row = Parts.row(Parts.heading("The chosen key"), delete);
        return Parts.card(
                row,
                chips,
                Parts.row(
                        figure("Time (s)", time, (k, v) -> k.movedTo(v, k.value())),
                        figure("Value", value, (k, v) -> k.movedTo(k.time(), v)),
                        figure("Slope in", in, (k, v) -> k.sloped(v, k.out())),
                        figure("Slope out", out, (k, v) -> k.sloped(k.in(), v))));
    }

    private VBox figure(String name, TextField field, BiFunction<Key, Double, Key> change) {
        field.setAccessibleText(name);
        field.setPrefWidth(66);
        field.setStyle("-fx-padding: 3 4 3 4; -fx-font-size: 12px;");
        field.setOnAction(
                e -> Parts.number(field.getText()).ifPresentOrElse(v -> change(name, change, v), this::refresh));
        VBox cell = new VBox(1, Parts.quiet(name), field);
        cell.setAlignment(Pos.CENTER_LEFT);
        return cell;
    }

    private void change(String name, BiFunction<Key, Double, Key> change, double v) {
        KeyChoice now = edits.key().get();
        edits.editCurve(
                now.curve(), 0, c -> c.with(now.key(), change.apply(c.keys().get(now.key()), v)));
        refresh();
    }

    /** What is taken over: the looped stretch, else the chosen word, else the whole line. */
    private TimeRange range() {
        return player.loopRange()
                .get()
                .or(workspace::selectedRange)
                .orElseGet(() -> new TimeRange(
                        0,
                        workspace.performance().get().map(Performance::duration).orElse(1.0)));
    }

    private Optional<Integer> here() {
        KeyChoice now = edits.key().get();
        return now.curve() >= 0
                ? Optional.of(now.curve())
                : edits.curveAt(player.time().get());
    }

    void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        filling = true;
        List<String> names = new ArrayList<>(List.of(NONE));
        performance.ifPresent(p -> p.channels().stream().map(Channel::name).forEach(names::add));
        Parts.offer(channels, names);
        channels.setValue(
                edits.channel().get().isEmpty() ? NONE : edits.channel().get());
        filling = false;
        boolean open = edits.channelIndex().isPresent();
        takeOver.setDisable(!open);
        giveBack.setDisable(here().isEmpty());
        String what = player.loopRange().get().isPresent()
                ? "the looped stretch"
                : workspace.selectedRange().isPresent() ? "what is chosen on the sheet" : "the whole line";
        takeOver.setTooltip(new Tooltip("Turn " + what + " into a few keys of your own"));
        stretch.setText(
                open
                        ? String.format(
                                Locale.ROOT,
                                "Taking over means %s, %.2f to %.2f s.",
                                what,
                                range().start(),
                                range().end())
                        : "Choose a channel to see its curve on the sheet.");
        fillKey();
        fillList();
    }

    private void fillKey() {
        KeyChoice now = edits.key().get();
        Optional<Key> key = edits.curve(now.curve())
                .filter(c -> now.key() >= 0 && now.key() < c.keys().size())
                .map(c -> c.keys().get(now.key()));
        Parts.shown(keyCard, key.isPresent());
        key.ifPresent(k -> {
            for (int w = 0; w < ways.size(); w++) {
                ways.get(w).setSelected(k.way().ordinal() == w);
            }
            time.setText(String.format(Locale.ROOT, "%.3f", k.time()));
            value.setText(String.format(Locale.ROOT, "%.3f", k.value()));
            in.setText(String.format(Locale.ROOT, "%.2f", k.in()));
            out.setText(String.format(Locale.ROOT, "%.2f", k.out()));
            in.setDisable(k.way() != Key.Way.SMOOTH);
            out.setDisable(k.way() != Key.Way.SMOOTH);
        });
    }

    private void fillList() {
        list.getChildren().clear();
        List<TakenCurve> all = workspace.mouth().work().curves();
        for (int c = 0; c < all.size(); c++) {
            list.getChildren().add(row(c, all.get(c), edits.curve(c)));
        }
        if (all.isEmpty()) {
            list.getChildren().add(Parts.quiet("None yet: all that moves is generated."));
        }
    }

    private HBox row(int index, TakenCurve taken, Optional<Curve> curve) {
        Label name = new Label(taken.channel());
        name.getStyleClass().add("touch-up");
        String where = curve.map(c -> String.format(
                        Locale.ROOT, "%d keys, %.2f to %.2f s", c.keys().size(), c.start(), c.end()))
                .orElse("this reading lacks its words");
        VBox text = new VBox(name, Parts.quiet(where));
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setOnMouseClicked(e -> {
            edits.channel().set(taken.channel());
            curve.ifPresent(c -> player.seek(c.start()));
        });
        Button back = new Button("Give back");
        back.setId("give-back-" + index);
        back.setOnAction(e -> edits.giveBack(index));
        HBox row = new HBox(4, text, back);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("list-row");
        if (curve.isEmpty()) {
            row.getStyleClass().add("lost");
        }
        return row;
    }
}
