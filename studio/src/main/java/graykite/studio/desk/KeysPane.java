package graykite.studio.desk;

import graykite.motion.Key;
import graykite.motion.KeyWork.Ref;
import graykite.rig.Channel;
import graykite.studio.model.Counted;
import graykite.studio.model.KeyEdits;
import graykite.studio.model.KeyEdits.Target;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** Keys of any channel: which, what it is at the playhead, what is done to the chosen keys, and all of them as a list. */
final class KeysPane extends VBox {
    /** Rows of the list at most; the rest stand on the sheet. */
    private static final int MOST = 60;

    private final Workspace workspace;
    private final Player player;
    private final KeyEdits edits;
    private final ComboBox<String> control = new ComboBox<>();
    private final Slider value = new Slider(0, 1, 0);
    private final TextField number = new TextField();
    private final CheckBox blocking = new CheckBox("Stepped, all of it");
    private final Label where = Parts.quiet("");
    private final VBox list = new VBox(2);
    private List<Key> shown = List.of();
    private Set<Ref> shownChosen = Set.of();
    private long gesture;
    private boolean filling;

    KeysPane(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.edits = workspace.passes().keys();
        getStyleClass().add("card");
        control.setId("key-control");
        control.setMaxWidth(Double.MAX_VALUE);
        control.setPromptText("A channel…");
        control.setAccessibleText("The channel that is keyed");
        control.setOnAction(e -> {
            if (!filling && control.getValue() != null) {
                edits.control().set(control.getValue());
            }
        });
        HBox.setHgrow(control, Priority.ALWAYS);
        CheckBox auto = new CheckBox("Auto key");
        auto.setId("auto-key");
        auto.setTooltip(new Tooltip("Every change of the value sets a key at the playhead"));
        auto.selectedProperty().bindBidirectional(edits.auto());
        blocking.setId("keys-blocking");
        blocking.setTooltip(new Tooltip("All keys of the pass at once: stepped while you block, smooth again after"));
        blocking.setOnAction(e -> edits.block(blocking.isSelected()));
        getChildren()
                .addAll(
                        Parts.heading("Keys of a channel"),
                        control,
                        Parts.row(auto, blocking),
                        values(),
                        where,
                        ways(),
                        operations(),
                        list);
        edits.control().addListener((o, b, n) -> refresh());
        edits.chosen().addListener((o, b, n) -> refresh());
        player.time().addListener((o, b, n) -> {
            if (getScene() != null && !value.isPressed()) {
                showValue();
            }
        });
    }

    private HBox values() {
        value.setId("key-value");
        value.setAccessibleText("Value at the playhead");
        value.setOnMousePressed(e -> gesture = workspace.newGesture());
        value.setOnKeyPressed(e -> gesture = workspace.newGesture());
        value.valueProperty().addListener((o, b, n) -> {
            if (!filling) {
                number.setText(String.format(Locale.ROOT, "%.3f", n.doubleValue()));
                if (edits.auto().get()) {
                    edits.key(now(), n.doubleValue(), gesture);
                }
            }
        });
        HBox.setHgrow(value, Priority.ALWAYS);
        number.setPrefWidth(76);
        number.getStyleClass().add("figures");
        number.setAccessibleText("Value at the playhead, as a number");
        number.setOnAction(e -> Parts.number(number.getText()).ifPresent(v -> edits.key(now(), v, 0)));
        Button key = Parts.button(
                "Key",
                Feather.PLUS,
                "Set a key at the playhead",
                "set-key",
                () -> edits.key(now(), value.getValue(), 0));
        return Parts.row(value, number, key);
    }

    private double now() {
        return Math.max(0, player.time().get());
    }

    private HBox ways() {
        HBox row = Parts.row(
                Parts.button(
                        "Stepped",
                        Feather.BAR_CHART,
                        "The chosen keys jump; all of them when none is chosen",
                        "keys-stepped",
                        () -> edits.going(Key.Way.STEPPED)),
                Parts.button(
                        "Linear",
                        Feather.TRENDING_UP,
                        "Straight lines",
                        "keys-linear",
                        () -> edits.going(Key.Way.LINEAR)),
                Parts.button(
                        "Smooth",
                        Feather.ACTIVITY,
                        "Smooth, without overshooting",
                        "keys-smooth",
                        () -> edits.going(Key.Way.SMOOTH)));
        row.setSpacing(4);
        return row;
    }

    private FlowPane operations() {
        return new FlowPane(
                4,
                4,
                small("Copy", "Copy the chosen keys", "keys-copy", edits::copy),
                small("Paste", "Paste at the playhead", "keys-paste", () -> edits.paste(now(), false)),
                small("Mirror", "Paste with left and right exchanged", "keys-mirror", () -> edits.paste(now(), true)),
                small("‹ Favour", "A little towards the key before", "keys-before", () -> edits.favour(-0.25)),
                small("Favour ›", "A little towards the key after", "keys-after", () -> edits.favour(0.25)),
                small("More", "A tenth more of the chosen keys", "keys-more", () -> edits.scale(1.1)),
                small("Less", "A tenth less of them", "keys-less", () -> edits.scale(1 / 1.1)),
                small("Spread", "A tenth further apart", "keys-spread", () -> edits.stretch(1.1)),
                small("Gather", "A tenth nearer together", "keys-gather", () -> edits.stretch(1 / 1.1)),
                small(
                        "Living hold",
                        "After each chosen key a hold that drifts a little",
                        "keys-living",
                        edits::movingHold),
                small("Hold all", "This value over the whole line", "keys-hold", () -> edits.hold(value.getValue())),
                small("Delete", "Delete the chosen keys (Delete)", "keys-delete", edits::delete));
    }

    private static Button small(String text, String tip, String id, Runnable action) {
        Button button = new Button(text);
        button.setStyle("-fx-font-size: 12px; -fx-padding: 3 7 3 7;");
        button.setTooltip(new Tooltip(tip));
        button.setId(id);
        button.setOnAction(e -> action.run());
        return button;
    }

    private Optional<Channel> channel() {
        return edits.channels().stream()
                .filter(c -> c.name().equals(edits.control().get()))
                .findFirst();
    }

    private void showValue() {
        filling = true;
        channel().ifPresent(c -> {
            value.setMin(c.min());
            value.setMax(c.max());
            value.setBlockIncrement((c.max() - c.min()) / 50);
        });
        double at = edits.control().get().isEmpty() ? 0 : edits.value(now());
        value.setValue(at);
        if (!number.isFocused()) {
            number.setText(String.format(Locale.ROOT, "%.3f", at));
        }
        filling = false;
    }

    void refresh() {
        filling = true;
        Parts.offer(control, edits.channels().stream().map(Channel::name).toList());
        control.setValue(
                edits.control().get().isEmpty() ? null : edits.control().get());
        filling = false;
        setDisable(edits.channels().isEmpty());
        if (!value.isPressed()) {
            showValue();
        }
        Optional<Target> target = edits.target();
        where.setText(target.map(
                        t -> "Keys of \"" + t.placed().ready().pass().what().name() + "\", "
                                + Counted.of(t.motion().keys(), "key") + "; "
                                + (edits.chosen().get().isEmpty()
                                        ? "drag a frame about some on the sheet."
                                        : Counted.of(edits.chosen().get().size(), "key") + " chosen."))
                .orElse("The first key makes a layer \"Keys\" on top; a chosen pass with keys is worked on instead."));
        blocking.setDisable(target.isEmpty());
        blocking.setSelected(target.map(t -> t.motion().curves().stream()
                        .flatMap(c -> c.keys().stream())
                        .allMatch(k -> k.way() == Key.Way.STEPPED))
                .orElse(false));
        refreshList(target);
    }

    private void refreshList(Optional<Target> target) {
        int at = target.map(t -> t.motion().controls().indexOf(edits.control().get()))
                .orElse(-1);
        List<Key> keys =
                at < 0 ? List.of() : target.get().motion().curves().get(at).keys();
        if (keys.equals(shown) && edits.chosen().get().equals(shownChosen)) {
            return;
        }
        shown = keys;
        shownChosen = edits.chosen().get();
        list.getChildren().clear();
        keys.stream().limit(MOST).forEach(k -> list.getChildren().add(row(target.get(), k)));
        if (keys.size() > MOST) {
            list.getChildren().add(Parts.quiet((keys.size() - MOST) + " more stand on the sheet."));
        }
    }

    private Button row(Target target, Key key) {
        double time = target.outward(key.time());
        Button row = new Button(String.format(
                Locale.ROOT,
                "%7.3f s   %8.3f   %s",
                time,
                key.value(),
                key.way().title().toLowerCase(Locale.ROOT)));
        row.getStyleClass().addAll("row-button", "figures");
        row.setMaxWidth(Double.MAX_VALUE);
        Ref ref = new Ref(edits.control().get(), key.time());
        if (edits.chosen().get().contains(ref)) {
            row.getStyleClass().add("chosen");
        }
        row.setAccessibleText("Key at " + String.format(Locale.ROOT, "%.3f s", time));
        row.setOnAction(e -> {
            edits.chosen().set(Set.of(ref));
            player.seek(time);
        });
        return row;
    }
}
