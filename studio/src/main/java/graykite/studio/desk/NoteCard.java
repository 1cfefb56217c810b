package graykite.studio.desk;

import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.studio.model.ProofNotes;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The chosen note: why, what would mend it, seen before it is done, and "meant so". */
final class NoteCard extends VBox {
    /** A moment is looped with so much before and after it, in seconds. */
    private static final double ROUND = 0.6;

    private final ProofNotes proof;
    private final Player player;
    private final Label title = Parts.heading("");
    private final Label says = new Label();
    private final Label source = Parts.quiet("");
    private final VBox fixes = new VBox(4);
    private final Button all = new Button("Mend all of this kind", new FontIcon(Feather.CHECK_CIRCLE));
    private final Button loop = new Button("Loop", new FontIcon(Feather.REPEAT));
    private final TextField reason = new TextField();
    private final Button meant = new Button("Meant so");
    private final HBox why;
    private final Button back = new Button("No longer meant so", new FontIcon(Feather.CORNER_UP_LEFT));
    private Optional<ProofNote> note = Optional.empty();

    NoteCard(Workspace workspace, Player player) {
        super(6);
        this.proof = workspace.proof();
        this.player = player;
        getStyleClass().add("card");
        setId("note-card");
        says.setWrapText(true);
        source.setWrapText(true);
        all.setId("mend-all");
        all.setTooltip(new Tooltip("Uses the first fix on every note of this kind on the line, as one step"));
        all.setOnAction(e -> note.ifPresent(n -> proof.mendAll(n.rule().id())));
        loop.setId("loop-note");
        loop.setTooltip(new Tooltip("Plays it again and again"));
        loop.setOnAction(e -> note.ifPresent(this::loop));
        reason.setPromptText("Why it is meant so");
        reason.setId("meant-reason");
        reason.setAccessibleText("Why it is meant so");
        HBox.setHgrow(reason, Priority.ALWAYS);
        reason.setOnAction(e -> meanSo());
        meant.setId("mean-so");
        meant.setMinWidth(Button.USE_PREF_SIZE);
        meant.setTooltip(new Tooltip("Silences this note for good, also when the line is read again"));
        meant.setOnAction(e -> meanSo());
        meant.disableProperty().bind(reason.textProperty().isEmpty());
        why = Parts.row(reason, meant);
        back.setId("take-back");
        back.setOnAction(e -> note.ifPresent(proof::takeBack));
        getChildren().addAll(Parts.row(title, loop), says, fixes, all, why, back, source);
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        show(Optional.empty());
    }

    private void meanSo() {
        String text = reason.getText().strip();
        if (!text.isEmpty()) {
            note.ifPresent(n -> proof.meanSo(n, text));
            reason.clear();
        }
    }

    private void loop(ProofNote about) {
        double from = Math.max(0, about.range().start() - ROUND);
        double to = Math.min(
                player.duration(), Math.min(about.range().end(), about.range().start() + 4) + ROUND);
        player.loopRange().set(Optional.of(new TimeRange(from, Math.max(from + 0.1, to))));
        player.looping().set(true);
        player.seek(from);
        player.play();
    }

    void show(Optional<ProofNote> chosen) {
        if (chosen.equals(note) && isVisible() == chosen.isPresent()) {
            return;
        }
        note = chosen;
        Parts.shown(this, chosen.isPresent());
        proof.preview(Optional.empty());
        chosen.ifPresent(n -> {
            title.setText(n.rule().title());
            says.setText(n.says());
            source.setText("Held against: " + n.rule().source() + ".");
            fixes.getChildren()
                    .setAll(n.isOpen() ? n.fixes().stream().map(this::fix).toList() : List.of());
            Parts.shown(
                    all,
                    n.isOpen() && !n.fixes().isEmpty() && !n.fixes().getFirst().asksForATake());
            Parts.shown(why, n.isOpen());
            Parts.shown(back, !n.isOpen());
            n.meantSo().ifPresent(m -> says.setText(n.says() + "\nMeant so: " + m));
        });
    }

    /** Pointing at a fix shows the face with it. */
    private Button fix(Fix fix) {
        Button button = new Button(fix.title(), new FontIcon(Feather.CHECK));
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().add("fix-button");
        button.setId("fix-" + note.orElseThrow().fixes().indexOf(fix));
        button.setTooltip(new Tooltip("Point at it to see the face with it; a click does it, one step back undoes it"));
        button.hoverProperty().addListener((o, b, over) -> proof.preview(over ? Optional.of(fix) : Optional.empty()));
        button.focusedProperty().addListener((o, b, on) -> proof.preview(on ? Optional.of(fix) : Optional.empty()));
        button.setOnAction(e -> proof.mend(fix));
        return button;
    }
}
