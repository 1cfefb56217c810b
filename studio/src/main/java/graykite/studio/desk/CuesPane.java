package graykite.studio.desk;

import graykite.acting.Cue;
import graykite.acting.CueSpots.Spot;
import graykite.acting.CueSpots.State;
import graykite.rig.Character;
import graykite.studio.model.Counted;
import graykite.studio.model.CueEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
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

/** Cues: which expression comes by itself at what, and every place of the line where one would. */
final class CuesPane extends VBox {
    private static final double USUAL_PAUSE = 0.4;

    /** So many places are listed; a line of ten minutes can have thousands. */
    private static final int MOST_ROWS = 200;

    private final Workspace workspace;
    private final Player player;
    private final CueEdits edits;
    private final ComboBox<When> when = new ComboBox<>();
    private final TextField detail = new TextField();
    private final ComboBox<String> pose = new ComboBox<>();
    private final VBox rules = new VBox(2);
    private final Button spread = new Button("Use them on every line");
    private final CueCard card;
    private final Label heading = Parts.heading("Where they come");
    private final VBox places = new VBox(2);
    private List<Cue> shownCues = List.of();
    private List<Spot> shownSpots = List.of();
    private Optional<String> shownChoice = Optional.empty();

    /** What can be chosen to wait for. */
    private enum When {
        COMMA("Comma"),
        STOP("Full stop"),
        QUESTION("Question"),
        EXCLAMATION("Exclamation"),
        STRESS("Stressed word"),
        PAUSE("Pause over … s"),
        TAG("Tag in the script");

        private final String title;

        When(String title) {
            this.title = title;
        }

        @Override
        public String toString() {
            return title;
        }
    }

    CuesPane(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.edits = workspace.cues();
        this.card = new CueCard(workspace);
        when.getItems().setAll(When.values());
        when.setValue(When.QUESTION);
        when.setId("cue-when");
        when.setAccessibleText("What the cue waits for");
        when.valueProperty().addListener((o, b, n) -> {
            boolean more = n == When.PAUSE || n == When.TAG;
            detail.setText(n == When.PAUSE ? String.format(Locale.ROOT, "%.1f", USUAL_PAUSE) : "");
            detail.setPromptText(n == When.TAG ? "sigh" : "");
            Parts.shown(detail, more);
        });
        detail.setId("cue-detail");
        detail.setPrefWidth(70);
        detail.setAccessibleText("Length of the pause in seconds, or the tag");
        detail.setTooltip(new Tooltip("A tag stands in brackets in the script, as in [sigh]; it is never spoken."));
        Parts.shown(detail, false);
        pose.setId("cue-pose");
        pose.setAccessibleText("The expression that comes");
        pose.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(pose, Priority.ALWAYS);
        Button add = new Button("Add", new FontIcon(Feather.PLUS));
        add.setId("add-cue");
        add.setTooltip(new Tooltip("Adds the cue to this line"));
        add.setOnAction(e -> add());
        spread.setId("spread-cues");
        spread.setTooltip(
                new Tooltip("Every line of the project gets these cues; those of the same name are replaced"));
        spread.setOnAction(e -> edits.spread());
        getChildren()
                .addAll(
                        Parts.quiet("An expression that comes by itself wherever something stands in what is said."),
                        Parts.row(new Label("At"), when, detail),
                        Parts.row(new Label("comes"), pose, add),
                        rules,
                        spread,
                        card,
                        heading,
                        places);
    }

    private void add() {
        if (pose.getValue() == null) {
            workspace.jobs().say("Choose the expression that is to come.");
            return;
        }
        trigger().ifPresent(t -> edits.add(t, pose.getValue()));
    }

    private Optional<Cue.Trigger> trigger() {
        return switch (when.getValue()) {
            case COMMA -> Optional.of(Cue.Mark.COMMA);
            case STOP -> Optional.of(Cue.Mark.STOP);
            case QUESTION -> Optional.of(Cue.Mark.QUESTION);
            case EXCLAMATION -> Optional.of(Cue.Mark.EXCLAMATION);
            case STRESS -> Optional.of(new Cue.Stress());
            case PAUSE -> {
                Optional<Double> seconds = Parts.number(detail.getText()).filter(s -> s > 0 && s <= Cue.FARTHEST);
                if (seconds.isEmpty()) {
                    workspace.jobs().say("Type how long a pause must last, in seconds up to 10.");
                }
                yield seconds.map(Cue.Pause::new);
            }
            case TAG -> {
                String tag = detail.getText().replaceAll("[\\[\\]]", "").strip();
                if (tag.isEmpty() || tag.length() > 60) {
                    workspace.jobs().say("Type the tag as it stands in the script, without its brackets.");
                    yield Optional.empty();
                }
                yield Optional.of(new Cue.Tag(tag));
            }
        };
    }

    void refresh(Optional<Character> who) {
        List<String> expressions =
                who.map(c -> c.poses().keySet().stream().sorted().toList()).orElse(List.of());
        if (!pose.getItems().equals(expressions)) {
            String before = pose.getValue();
            pose.getItems().setAll(expressions);
            pose.setValue(expressions.contains(before) ? before : expressions.contains("Curious") ? "Curious" : null);
        }
        setDisable(workspace.line().isEmpty());
        card.refresh(expressions);
        List<Cue> cues = edits.cues();
        List<Spot> spots = edits.spots();
        if (cues.equals(shownCues)
                && spots.equals(shownSpots)
                && edits.chosen().get().equals(shownChoice)) {
            return;
        }
        shownCues = cues;
        shownSpots = spots;
        shownChoice = edits.chosen().get();
        rules.getChildren().setAll(cues.stream().map(c -> rule(c, spots)).toList());
        Parts.shown(spread, !cues.isEmpty() && workspace.project().lines().size() > 1);
        Parts.shown(heading, !spots.isEmpty());
        List<Node> rows = new ArrayList<>();
        spots.stream().limit(MOST_ROWS).forEach(s -> rows.add(place(s)));
        if (spots.size() > MOST_ROWS) {
            rows.add(Parts.quiet(
                    Counted.of(spots.size() - MOST_ROWS, "more place") + ": they stand on the row \"cues\"."));
        }
        places.getChildren().setAll(rows);
    }

    private HBox rule(Cue cue, List<Spot> spots) {
        long count = spots.stream().filter(s -> s.cue().equals(cue)).count();
        ToggleButton choose = new ToggleButton(
                cue.name() + "  →  " + cue.look().content().name() + "   (" + Counted.of(count, "place") + ")");
        choose.getStyleClass().setAll("toggle-button", "row-button");
        choose.setSelected(edits.chosen().get().filter(cue.name()::equals).isPresent());
        choose.setMaxWidth(Double.MAX_VALUE);
        choose.setOnAction(e -> edits.chosen().set(choose.isSelected() ? Optional.of(cue.name()) : Optional.empty()));
        HBox.setHgrow(choose, Priority.ALWAYS);
        return new HBox(4, choose);
    }

    private HBox place(Spot spot) {
        boolean comes = spot.state() == State.COMES;
        Button on = new Button("", new FontIcon(comes ? Feather.EYE : Feather.EYE_OFF));
        on.setAccessibleText((comes ? "Switch off " : "Let come ") + spot.cue().name() + " at " + edits.wordOf(spot));
        on.setTooltip(new Tooltip(
                switch (spot.state()) {
                    case COMES -> "It comes; click to switch it off here";
                    case STAYS_AWAY -> "By its chance it stays away; click to let it come here";
                    case OFF -> "Switched off here; click to let it come";
                }));
        on.setOnAction(e -> edits.turn(spot, !comes));
        Button go = new Button(String.format(
                Locale.ROOT,
                "%.2f  %s  %s",
                spot.start(),
                edits.wordOf(spot),
                spot.clip().look().content().name()));
        go.getStyleClass().setAll("button", "row-button");
        go.setMaxWidth(Double.MAX_VALUE);
        go.setTooltip(new Tooltip("Goes there"));
        go.setOnAction(e -> {
            player.seek(workspace.lineStart() + spot.start() + spot.cue().length() / 2);
            edits.chosen().set(Optional.of(spot.cue().name()));
        });
        HBox.setHgrow(go, Priority.ALWAYS);
        Button take = new Button("", new FontIcon(Feather.EDIT_2));
        take.setAccessibleText("Make it a clip at " + edits.wordOf(spot));
        take.setTooltip(new Tooltip("Make it a clip here, to be worked on by hand"));
        take.setOnAction(e -> edits.take(spot));
        HBox row = Parts.row(on, go, take);
        on.setId("turn-" + spot.cue().name().toLowerCase(Locale.ROOT).replace(' ', '-') + "-" + spot.word());
        return row;
    }
}
