package graykite.studio.desk;

import graykite.project.Line;
import graykite.reading.Doubt;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What of a reading a person should look at, one row each, and the way to the next. */
final class DoubtsPane extends VBox {
    private static final int MOST = 60;

    /** Pixels, with an action or without. */
    private static final double ROW = 38;

    private final Workspace workspace;
    private final WordEdits words;
    private final VBox list = new VBox(4);
    private final Button next = new Button("Next doubtful word");
    private final Runnable opened;
    private List<Doubt> shown = List.of();

    /** @param opened called when a word was chosen from the list */
    DoubtsPane(Workspace workspace, Runnable opened) {
        super(8);
        this.workspace = workspace;
        this.words = workspace.words();
        this.opened = opened;
        next.setId("next-doubt");
        next.setTooltip(new Tooltip("Goes to the next word that should be looked at (D)"));
        next.setOnAction(e -> {
            words.nextDoubt();
            opened.run();
        });
        getChildren().addAll(list);
    }

    void refresh() {
        List<Doubt> doubts = words.doubts();
        if (doubts.equals(shown) && !list.getChildren().isEmpty() && !doubts.isEmpty()) {
            return;
        }
        shown = doubts;
        list.getChildren().clear();
        boolean read = workspace.line().flatMap(Line::timing).isPresent();
        if (doubts.isEmpty()) {
            list.getChildren()
                    .add(Parts.quiet(
                            read
                                    ? "Nothing here needs a look: every word was found and fits its sound."
                                    : "Words that were not found, fit badly or are unknown are listed here once the line is"
                                            + " read."));
            return;
        }
        list.getChildren().add(next);
        doubts.stream().limit(MOST).map(this::row).forEach(list.getChildren()::add);
        if (doubts.size() > MOST) {
            list.getChildren().add(Parts.quiet("and " + (doubts.size() - MOST) + " more"));
        }
    }

    private HBox row(Doubt doubt) {
        Button word = new Button(doubt.text());
        word.getStyleClass().setAll("button", "chip");
        word.setMinWidth(Region.USE_PREF_SIZE);
        word.setOnAction(e -> {
            words.choose(doubt);
            opened.run();
        });
        Label why = Parts.quiet(doubt.reason().title() + figure(doubt));
        why.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(why, Priority.ALWAYS);
        HBox row = new HBox(8, word, why);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinHeight(ROW);
        row.getStyleClass().add("list-row");
        action(doubt).ifPresent(row.getChildren()::add);
        return row;
    }

    /** What puts the script right in one press, where that is known. */
    private Optional<Button> action(Doubt doubt) {
        return switch (doubt.reason()) {
            case MISSING ->
                Optional.of(action(
                        "Take out",
                        "Takes \"%s\" out of the script".formatted(doubt.text()),
                        () -> words.takeOut(doubt)));
            case UNSCRIPTED ->
                words.isKnown(doubt)
                        ? Optional.of(action(
                                "Write in",
                                "Writes \"%s\" into the script, in the place of words that were missed there"
                                        .formatted(doubt.text()),
                                () -> words.write(doubt)))
                        : Optional.empty();
            case WEAK, UNKNOWN -> Optional.empty();
        };
    }

    private static Button action(String name, String tip, Runnable action) {
        Button button = new Button(name);
        button.getStyleClass().add("doubt-action");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }

    private static String figure(Doubt doubt) {
        return doubt.reason() == Doubt.Reason.WEAK ? String.format(Locale.ROOT, " (%.0f %%)", 100 * doubt.fit()) : "";
    }
}
