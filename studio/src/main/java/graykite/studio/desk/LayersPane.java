package graykite.studio.desk;

import graykite.acting.ClipsPlan;
import graykite.acting.CuesPlan;
import graykite.acting.InstinctsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.LooksPlan;
import graykite.acting.NeutralPlan;
import graykite.acting.OwnCurvesPlan;
import graykite.acting.PassesPlan;
import graykite.acting.PosesPlan;
import graykite.acting.SpeechPlan;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Mask;
import graykite.rig.Channel;
import graykite.studio.model.Counted;
import graykite.studio.model.LayerBaking;
import graykite.studio.model.LayerEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The layers of the line, the highest on top: name, how they meet what lies below, where they act, how much of them is seen. */
final class LayersPane extends VBox {
    private final Workspace workspace;
    private final LayerEdits edits;
    private final LayerBaking baking;
    private final Player player;
    private final VBox rows = new VBox(6);
    private final Button neutral = new Button("A neutral key before the start", new FontIcon(Feather.ANCHOR));
    private List<LayerPlan> shown = List.of();
    private long gesture;
    private boolean dragging;

    LayersPane(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.baking = new LayerBaking(workspace);
        this.edits = new LayerEdits(workspace);
        Button add = new Button("A layer for expressions", new FontIcon(Feather.PLUS));
        add.setId("add-layer");
        add.setTooltip(new Tooltip("An empty layer on top; its clips lie over all others"));
        add.setOnAction(e -> edits.add());
        neutral.setId("add-neutral");
        neutral.setTooltip(
                new Tooltip(
                        "The face is at rest ten frames before the start, for rigs and motion blur; curves and glTF begin there"));
        neutral.setOnAction(e -> edits.addNeutral());
        CheckBox weights = new CheckBox("Weights over time on the sheet");
        weights.setId("layer-weights");
        weights.setTooltip(new Tooltip("A row with a lane for each layer; double-click sets a weight"));
        weights.selectedProperty().bindBidirectional(workspace.overlays().weights());
        getChildren()
                .addAll(
                        Parts.quiet(
                                "What is higher lies over what is lower. Closures and couplings come after all of them."),
                        rows,
                        add,
                        neutral,
                        weights);
    }

    void refresh() {
        List<LayerPlan> now = edits.plans();
        if (dragging || now.equals(shown)) {
            return;
        }
        shown = now;
        rows.getChildren().clear();
        for (int i = now.size() - 1; i >= 0; i--) {
            rows.getChildren().add(row(i, now.get(i), now.size()));
        }
        setDisable(workspace.line().isEmpty());
        neutral.setDisable(now.stream().anyMatch(NeutralPlan.class::isInstance));
    }

    private static String kind(LayerPlan plan) {
        return switch (plan) {
            case SpeechPlan p -> "what is spoken";
            case InstinctsPlan p -> "blinks, eyes, head";
            case OwnCurvesPlan p -> "curves of your own";
            case PosesPlan p -> p.keys().isEmpty() ? "no poses yet" : p.keys().size() + " keyed poses";
            case ClipsPlan p ->
                p.clips().isEmpty()
                        ? "no expressions yet"
                        : p.clips().size() == 1 ? "1 clip" : p.clips().size() + " clips";
            case LooksPlan p -> p.looks().size() == 1 ? "1 look" : p.looks().size() + " looks";
            case PassesPlan p -> Counted.of(p.passes().size(), "pass", "passes");
            case NeutralPlan p -> "at rest before the start";
            case CuesPlan p -> Counted.of(p.cues().size(), "cue");
            default -> "";
        };
    }

    private VBox row(int index, LayerPlan plan, int count) {
        LayerSetting setting = plan.setting();
        ToggleButton eye = new ToggleButton("", new FontIcon(setting.muted() ? Feather.EYE_OFF : Feather.EYE));
        eye.setSelected(setting.muted());
        eye.setId("mute-layer-" + index);
        eye.setAccessibleText("Mute the layer " + setting.name());
        eye.setTooltip(new Tooltip(setting.muted() ? "Muted: it does nothing" : "Mute it for comparison"));
        eye.setOnAction(e -> edits.setting(index, 0, s -> s.withMuted(!s.muted())));
        TextField name = new TextField(setting.name());
        name.setAccessibleText("Name of the layer");
        name.setOnAction(e -> rename(index, name));
        name.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                rename(index, name);
            }
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        Button up = button(Feather.ARROW_UP, "Higher", () -> edits.lift(index, 1));
        up.setDisable(index == count - 1);
        Button down = button(Feather.ARROW_DOWN, "Lower", () -> edits.lift(index, -1));
        down.setDisable(index == 0);
        up.setAccessibleText("Lift the layer " + setting.name());
        down.setAccessibleText("Lower the layer " + setting.name());
        Parts.Tuner weight = new Parts.Tuner(
                "Weight",
                "How much of the layer is seen",
                0,
                2,
                1,
                Parts::percent,
                () -> {
                    gesture = workspace.newGesture();
                    dragging = true;
                },
                v -> edits.setting(index, gesture, s -> s.withWeight(LayerSetting.always(v))));
        weight.whenReleased(() -> {
            dragging = false;
            refresh();
        });
        weight.set(setting.weight().keys().getFirst().value());
        VBox card = Parts.card(Parts.row(eye, name, up, down, menu(index, plan)), Parts.quiet(about(plan)), weight);
        card.setStyle("-fx-padding: 6 8 6 8; -fx-spacing: 4;");
        if (plan instanceof NeutralPlan rest) {
            card.getChildren().add(2, frames(index, rest));
        }
        card.setId("layer-" + index);
        return card;
    }

    private HBox frames(int index, NeutralPlan plan) {
        double now = plan.seconds() / workspace.project().rate().frameLength();
        TextField field = new TextField(String.format(Locale.ROOT, "%.0f", now));
        field.setPrefWidth(60);
        field.setId("neutral-frames");
        field.getStyleClass().add("figures");
        field.setAccessibleText("Frames before the start at which the face is at rest");
        field.setTooltip(new Tooltip("One frame at least, a minute at most"));
        field.setOnAction(e -> {
            Parts.number(field.getText()).ifPresent(v -> edits.neutralFrames(index, v));
            if (edits.plans().get(index) instanceof NeutralPlan kept) {
                field.setText(String.format(
                        Locale.ROOT,
                        "%.0f",
                        kept.seconds() / workspace.project().rate().frameLength()));
            }
        });
        return Parts.row(field, new Label("frames before the start"));
    }

    private static String about(LayerPlan plan) {
        LayerSetting s = plan.setting();
        String where = s.mask().equals(Mask.EVERYTHING)
                ? ""
                : "; only "
                        + s.mask().regions().stream()
                                .map(LayersPane::title)
                                .sorted()
                                .collect(Collectors.joining(", "));
        String over = s.weight().keys().size() > 1 ? "; its weight changes over time" : "";
        return kind(plan)
                + (s.blend() == Blend.ADD ? "; adds to what lies below" : "; replaces what lies below")
                + where
                + over;
    }

    private void rename(int index, TextField name) {
        String wanted = name.getText().strip();
        boolean there = index < edits.plans().size();
        if (there
                && !wanted.isEmpty()
                && !wanted.equals(edits.plans().get(index).setting().name())) {
            edits.setting(index, 0, s -> s.withName(wanted));
        } else if (there) {
            name.setText(edits.plans().get(index).setting().name());
        }
    }

    private MenuButton menu(int index, LayerPlan plan) {
        MenuButton menu = new MenuButton("", new FontIcon(Feather.MORE_HORIZONTAL));
        menu.setId("layer-menu-" + index);
        menu.setAccessibleText("More about the layer " + plan.setting().name());
        boolean adds = plan.setting().blend() == Blend.ADD;
        item(
                menu,
                adds ? "Replace what lies below" : "Add to what lies below",
                () -> edits.setting(index, 0, s -> s.withBlend(adds ? Blend.OVERRIDE : Blend.ADD)));
        Menu regions = new Menu("Act on…");
        CheckMenuItem everywhere = new CheckMenuItem("The whole face");
        everywhere.setSelected(plan.setting().mask().equals(Mask.EVERYTHING));
        everywhere.setOnAction(e -> edits.setting(index, 0, s -> s.withMask(Mask.EVERYTHING)));
        regions.getItems().add(everywhere);
        for (Channel.Group group : Channel.Group.values()) {
            CheckMenuItem region = new CheckMenuItem(title(group));
            region.setSelected(plan.setting().mask().regions().contains(group));
            region.setOnAction(e -> edits.setting(index, 0, s -> s.withMask(toggled(s.mask(), group))));
            regions.getItems().add(region);
        }
        menu.getItems().add(regions);
        item(menu, "Mute all others, or none", () -> edits.alone(index));
        menu.getItems().add(new SeparatorMenuItem());
        MenuItem merge = item(menu, "Merge with the layer below", () -> baking.mergeDown(index));
        merge.setDisable(index == 0);
        item(menu, "Keep as a performance", () -> baking.keep(index, stretch()));
        item(menu, "Duplicate", () -> edits.duplicate(index));
        item(menu, "Remove", () -> edits.remove(index));
        return menu;
    }

    private static Mask toggled(Mask mask, Channel.Group group) {
        Set<Channel.Group> regions = new HashSet<>(mask.regions());
        if (!regions.remove(group)) {
            regions.add(group);
        }
        return new Mask(regions, mask.channels());
    }

    private static String title(Channel.Group group) {
        return group.name().toLowerCase(Locale.ROOT);
    }

    /** The loop, or the whole line without one. */
    private TimeRange stretch() {
        double end = Math.max(0.1, player.duration());
        return player.loopRange()
                .get()
                .map(r -> new TimeRange(Math.max(0, r.start()), Math.min(end, r.end())))
                .filter(r -> r.length() > 0.05)
                .orElse(new TimeRange(0, end));
    }

    private static MenuItem item(MenuButton menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
        return item;
    }

    private static Button button(Feather icon, String tip, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.setTooltip(new Tooltip(tip));
        button.setOnAction(e -> action.run());
        return button;
    }
}
