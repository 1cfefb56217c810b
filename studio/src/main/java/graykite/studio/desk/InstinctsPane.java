package graykite.studio.desk;

import graykite.acting.Instincts;
import graykite.acting.Instincts.Kind;
import graykite.acting.Life;
import graykite.edit.ActingEdit;
import graykite.scene.Performance;
import graykite.studio.model.Counted;
import graykite.studio.model.LayerEdits;
import graykite.studio.model.Workspace;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What the face does by itself: how much of each, another variation, and a lock that keeps one. */
final class InstinctsPane extends VBox {
    private static final Map<Kind, String> TIPS = new EnumMap<>(Map.of(
            Kind.BLINKS, "How often it blinks: some at the ends of phrases, never like a clock",
            Kind.EYES, "How far the eyes dart about what they look at",
            Kind.BROWS, "How far brows rise on stressed words and questions",
            Kind.HEAD, "How far the head goes on stressed words; its holds live on",
            Kind.BREATH, "How deep the breath is before phrases"));

    private final Workspace workspace;
    private final LayerEdits edits;
    private final Label facts = Parts.quiet("");
    private final Button vary = new Button("Vary", new FontIcon(Feather.SHUFFLE));
    private final Map<Kind, Parts.Tuner> amounts = new EnumMap<>(Kind.class);
    private final Map<Kind, ToggleButton> locks = new EnumMap<>(Kind.class);
    private final Map<Kind, Button> backs = new EnumMap<>(Kind.class);
    private final MarkCard mark;
    private final Parts.Tuner mood;
    private long gesture;

    InstinctsPane(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        this.edits = new LayerEdits(workspace);
        this.mark = new MarkCard(workspace);
        getStyleClass().add("card");
        vary.setTooltip(new Tooltip("Another variation of all that is not locked"));
        vary.setOnAction(e ->
                workspace.line().ifPresent(l -> workspace.edit(new ActingEdit.Vary(l.id(), l.seed() + 1))));
        mood = new Parts.Tuner(
                "Mood",
                "How much the mood that is heard in the voice moves blinks, eyes, brows, head and breath; 0 switches it off",
                0,
                1,
                1,
                v -> v == 0 ? "off" : Parts.percent(v),
                () -> gesture = workspace.newGesture(),
                v -> edits.mood(v, gesture));
        mood.setId("mood");
        getChildren().addAll(Parts.heading("Instincts"), facts, mood);
        for (Kind kind : Kind.values()) {
            getChildren().add(row(kind));
        }
        CheckBox onSheet = new CheckBox("Marks on the sheet");
        onSheet.setId("instinct-marks");
        onSheet.setTooltip(
                new Tooltip(
                        "Every blink, dart, lift, move and breath in a row: drag one, double-click adds one, Delete removes it"));
        onSheet.selectedProperty().bindBidirectional(workspace.overlays().marks());
        getChildren().addAll(Parts.row(vary, onSheet), mark);
    }

    private HBox row(Kind kind) {
        Parts.Tuner amount = new Parts.Tuner(
                kind.title(),
                TIPS.get(kind),
                0,
                Instincts.MOST,
                1,
                Parts::percent,
                () -> gesture = workspace.newGesture(),
                v -> edits.instinct(kind, gesture, f -> f.withAmount(v)));
        HBox.setHgrow(amount, Priority.ALWAYS);
        amounts.put(kind, amount);
        ToggleButton lock = new ToggleButton("", new FontIcon(Feather.UNLOCK));
        lock.setId("lock-" + kind.name().toLowerCase(Locale.ROOT));
        lock.setAccessibleText("Keep this variation of " + kind.title().toLowerCase(Locale.ROOT));
        lock.setTooltip(new Tooltip("Locked: Vary leaves this one alone"));
        lock.setOnAction(e -> edits.instinct(kind, 0, f -> f.withLocked(lock.isSelected())));
        locks.put(kind, lock);
        Button back = new Button("", new FontIcon(Feather.CORNER_UP_LEFT));
        back.setId("back-" + kind.name().toLowerCase(Locale.ROOT));
        back.setAccessibleText("Let " + kind.title().toLowerCase(Locale.ROOT) + " come by itself again");
        back.setTooltip(new Tooltip("Its marks are yours; press to let it come by itself again"));
        back.setOnAction(e -> workspace.marks().giveBack(kind));
        backs.put(kind, back);
        return Parts.row(amount, lock, back);
    }

    void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        boolean there = performance.isPresent() && edits.hasInstincts();
        setDisable(!there);
        Instincts now = edits.instincts();
        for (Kind kind : Kind.values()) {
            amounts.get(kind).set(now.of(kind).amount());
            boolean own = workspace.marks().isOwn(kind);
            amounts.get(kind).setDisable(own);
            locks.get(kind).setDisable(own);
            Parts.shown(locks.get(kind), !own);
            Parts.shown(backs.get(kind), own);
            ToggleButton lock = locks.get(kind);
            lock.setSelected(now.of(kind).locked());
            ((FontIcon) lock.getGraphic()).setIconCode(now.of(kind).locked() ? Feather.LOCK : Feather.UNLOCK);
        }
        mark.refresh();
        mood.set(now.mood());
        facts.setText(performance
                .flatMap(Performance::life)
                .map(this::inWords)
                .orElse("They come with the reading of the line."));
    }

    private String inWords(Life life) {
        return String.join(
                        ", ",
                        Counted.of(life.blinks().blinks().size(), "blink"),
                        Counted.of(life.darts().darts().size(), "eye dart"),
                        Counted.of(life.brows().lifts().size(), "brow lift"),
                        Counted.of(life.head().beats().size(), "head beat"),
                        Counted.of(life.breaths().breaths().size(), "breath"))
                + "; variation " + workspace.line().orElseThrow().seed() + ".\nIn the voice: "
                + workspace
                        .performance()
                        .get()
                        .orElseThrow()
                        .score()
                        .heard()
                        .mood()
                        .inWords() + ".";
    }
}
