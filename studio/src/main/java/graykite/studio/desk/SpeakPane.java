package graykite.studio.desk;

import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthMover;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.KiteControl;
import graykite.studio.view.KiteCorner;
import graykite.studio.view.MouthPictures;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** How the line, or a section of it, is spoken: the kite, its presets, and how the mouth goes from shape to shape. */
final class SpeakPane extends VBox {
    private static final String AS_USUAL = "As the character moves";

    private final Workspace workspace;
    private final Player player;
    private final ComboBox<String> scope = new ComboBox<>();
    private final Button remove = new Button("", new FontIcon(Feather.TRASH_2));
    private final KiteControl kite;
    private final DictionPresets presets;
    private final KiteFigures figures;
    private final ShapeStrengths shapes;
    private final Parts.Tuner strength;
    private final Parts.Tuner lead;
    private final Parts.Tuner pop;
    private final Parts.Tuner leastHold;
    private final Parts.Tuner stick;
    private final Parts.Tuner blend;
    private final ComboBox<String> motion = new ComboBox<>();
    private boolean filling;
    private long gesture;

    SpeakPane(Workspace workspace, Player player) {
        super(12);
        this.workspace = workspace;
        this.player = player;
        kite = new KiteControl(new KiteControl.Pulls() {
            @Override
            public void started() {
                begin();
            }

            @Override
            public void pulled(KiteCorner corner, double value) {
                workspace.mouth().diction(gesture, d -> corner.in(d, value));
            }
        });
        strength = percent(
                "Strength",
                "How much of the full shapes the mouth makes",
                0,
                1.5,
                0.8,
                v -> workspace.mouth().diction(gesture, d -> d.withStrength(v)));
        lead = new Parts.Tuner(
                "Lead",
                "How long a shape comes before its sound; 40 to 80 ms look natural",
                -0.1,
                0.2,
                MouthSettings.STANDARD.lead(),
                this::leadText,
                this::begin,
                v -> settings("Lead", s -> s.withLead(v)));
        pop = frames(
                "Pop",
                "Frames in which crisp motion goes from one shape to the next",
                0.5,
                8,
                2,
                v -> settings("Pop", s -> s.withPop(v)));
        leastHold = frames(
                "Least hold",
                "Frames for which a shape stays at least in held motion",
                1,
                12,
                2,
                v -> settings("Least hold", s -> s.withLeastHold((int) Math.round(v))));
        stick = frames(
                "Lips stick",
                "Frames over which lips that were shut peel apart; 0 lets them snap open",
                0,
                6,
                MouthSettings.STANDARD.stick(),
                v -> settings("Lips stick", s -> s.withStick(v)));
        blend = new Parts.Tuner(
                "Blend",
                "How long the section takes to begin and to end",
                0.01,
                1.5,
                Section.USUAL_BLEND,
                v -> String.format(Locale.ROOT, "%.0f ms", 1000 * v),
                this::begin,
                v -> workspace.mouth().editSection(gesture, s -> s.withBlend(v)));
        presets = new DictionPresets(workspace);
        figures = new KiteFigures(workspace);
        shapes = new ShapeStrengths(workspace);
        VBox centred = new VBox(8, kite, figures);
        centred.setAlignment(Pos.CENTER);
        VBox kiteCard = Parts.card(presets.chips(), centred, presets.savePreset());
        kiteCard.setStyle("-fx-padding: 10 8 10 8;");
        getChildren()
                .addAll(
                        scopeRow(),
                        kiteCard,
                        Parts.card(strength, blend, motionRow(), pop, leastHold, lead, stick),
                        shapes);
    }

    private Parts.Tuner percent(String name, String tip, double min, double max, double usual, DoubleConsumer change) {
        return new Parts.Tuner(name, tip, min, max, usual, Parts::percent, this::begin, change);
    }

    private Parts.Tuner frames(String name, String tip, double min, double max, double usual, DoubleConsumer change) {
        return new Parts.Tuner(
                name, tip, min, max, usual, v -> String.format(Locale.ROOT, "%.1f frames", v), this::begin, change);
    }

    private void settings(String name, UnaryOperator<MouthSettings> change) {
        workspace.mouth().settings(gesture, change);
    }

    private String leadText(double seconds) {
        double frames = seconds * workspace.project().rate().perSecond();
        return String.format(Locale.ROOT, "%.0f ms (%.1f f)", seconds * 1000, frames);
    }

    private void begin() {
        gesture = workspace.newGesture();
    }

    // --- what is worked on -----------------------------------------------------------------------------------------

    private HBox scopeRow() {
        scope.setId("diction-scope");
        scope.setMaxWidth(Double.MAX_VALUE);
        scope.setAccessibleText("The part of the line that is worked on");
        scope.setTooltip(new Tooltip("What the settings below speak of: the whole line or a section"));
        scope.setOnAction(e -> {
            if (!filling) {
                workspace.mouth().section().set(scope.getSelectionModel().getSelectedIndex() - 1);
            }
        });
        workspace.mouth().section().addListener((o, b, n) -> refresh());
        Button cut = new Button("Cut section", new FontIcon(Feather.SCISSORS));
        cut.setId("cut-section");
        cut.setMinWidth(Button.USE_PREF_SIZE);
        cut.setTooltip(new Tooltip("Give the looped stretch, or the chosen word, a diction of its own"));
        cut.setOnAction(e -> cut());
        remove.setAccessibleText("Remove the section");
        remove.setTooltip(new Tooltip("Remove the section: it is spoken like the rest of the line again"));
        remove.setOnAction(
                e -> workspace.mouth().removeSection(workspace.mouth().section().get()));
        HBox.setHgrow(scope, Priority.ALWAYS);
        return Parts.row(scope, remove, cut);
    }

    private void cut() {
        Optional<TimeRange> range = player.loopRange().get().or(workspace::selectedRange);
        if (range.isEmpty()) {
            workspace.jobs().say("Choose a word on the sheet, or loop a stretch (Shift-drag on the ruler), then cut.");
            return;
        }
        workspace.mouth().cutSection(range.get());
    }

    private void fillScope() {
        List<String> names = new ArrayList<>(List.of("The whole line"));
        for (Section section : workspace.mouth().work().sections()) {
            String words = section.first().equals(section.last())
                    ? section.first().inWords()
                    : section.first().inWords() + " to " + section.last().inWords();
            names.add(workspace.mouth().range(section).isPresent() ? words : words + " (not in this reading)");
        }
        filling = true;
        Parts.offer(scope, names);
        int chosen = workspace.mouth().chosenSection().isPresent()
                ? workspace.mouth().section().get()
                : -1;
        scope.getSelectionModel().select(chosen + 1);
        filling = false;
        remove.setVisible(chosen >= 0);
        remove.setManaged(chosen >= 0);
    }

    // --- motion ----------------------------------------------------------------------------------------------------

    private HBox motionRow() {
        motion.getItems().add(AS_USUAL);
        for (MotionStyle style : MotionStyle.values()) {
            motion.getItems().add(style.title());
        }
        motion.setId("motion");
        motion.setMaxWidth(Double.MAX_VALUE);
        motion.setAccessibleText("How the mouth goes from shape to shape");
        motion.setTooltip(new Tooltip("Flowing: " + MotionStyle.FLOWING.describes() + "\nCrisp: "
                + MotionStyle.CRISP.describes() + "\nHeld: " + MotionStyle.HELD.describes()));
        motion.setOnAction(e -> {
            if (!filling) {
                Optional<MotionStyle> style = MotionStyle.parse(motion.getValue());
                if (workspace.mouth().chosenSection().isPresent()) {
                    workspace.mouth().editSection(0, s -> s.withMotion(style));
                } else {
                    workspace.mouth().settings(0, s -> s.withMotion(style));
                }
            }
        });
        HBox.setHgrow(motion, Priority.ALWAYS);
        Label name = new Label("Motion");
        name.setMinWidth(Label.USE_PREF_SIZE);
        return Parts.row(name, motion);
    }

    void show(MouthPictures newPictures) {
        shapes.show(newPictures);
    }

    void refresh() {
        MouthWork work = workspace.mouth().work();
        Diction now = workspace.mouth().diction();
        fillScope();
        presets.markPresets();
        kite.set(now);
        figures.set(now);
        strength.set(now.strength());
        Optional<Section> section = workspace.mouth().chosenSection();
        Optional<MotionStyle> style =
                section.map(Section::motion).orElse(work.settings().motion());
        filling = true;
        motion.getItems().set(0, section.isPresent() ? "As the whole line" : AS_USUAL);
        motion.getSelectionModel().select(style.map(s -> s.ordinal() + 1).orElse(0));
        filling = false;
        section.ifPresent(s -> blend.set(s.blend()));
        lead.set(work.settings().lead());
        pop.set(work.settings().pop());
        leastHold.set(work.settings().leastHold());
        stick.set(work.settings().stick());
        boolean whole = section.isEmpty();
        MotionStyle real = style.or(() -> work.settings().motion())
                .or(() -> workspace
                        .charts()
                        .figure()
                        .map(f -> MouthMover.usual(f, workspace.charts().chart())))
                .orElse(MotionStyle.FLOWING);
        Parts.shown(blend, !whole);
        Parts.shown(lead, whole);
        Parts.shown(stick, whole && real != MotionStyle.HELD);
        Parts.shown(pop, whole && real == MotionStyle.CRISP);
        Parts.shown(leastHold, whole && real == MotionStyle.HELD);
        shapes.refresh();
    }
}
