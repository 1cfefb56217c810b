package graykite.studio.desk;

import graykite.project.Line;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.text.Script;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** Placing words by hand while listening: for songs, for lines that cannot be read, and before there is any sound. */
final class ByHandPane extends VBox {
    private final Workspace workspace;
    private final WordEdits words;
    private final Label next = Parts.heading("");
    private final Button mark = new Button("Word begins here");
    private final Button silence = new Button("Silence begins here");
    private final Button clear = new Button("Clear the reading");
    private final TextField length = new TextField("5");
    private final VBox soundless;

    ByHandPane(Workspace workspace, Player player) {
        super(10);
        this.workspace = workspace;
        this.words = workspace.words();
        mark.setId("mark-word");
        mark.getStyleClass().add("primary");
        mark.setTooltip(new Tooltip("The next word of the script begins at the playhead, also while it plays (W)"));
        mark.setOnAction(e -> words.marks().mark(player.time().get()));
        silence.setId("mark-silence");
        silence.setTooltip(new Tooltip("The word before the playhead ends there (Shift+W)"));
        silence.setOnAction(e -> words.marks().markSilence(player.time().get()));
        clear.setId("clear-reading");
        clear.setTooltip(new Tooltip("Takes all words off the line; undo brings them back"));
        clear.setOnAction(e -> words.marks().clear());
        length.getStyleClass().add("figures");
        length.setPrefWidth(60);
        length.setAccessibleText("Length of the silence in seconds");
        Button work = new Button("Work without sound");
        work.setId("without-sound");
        work.setTooltip(
                new Tooltip("Lays silence under the line, so that words can be placed before they are recorded"));
        work.setOnAction(e -> Parts.number(length.getText())
                .filter(s -> s >= 0.2 && s <= 3600)
                .ifPresentOrElse(
                        s -> workspace.intake().addSilence(s),
                        () -> workspace.jobs().say("Type a length between 0.2 and 3600 seconds.")));
        soundless =
                Parts.card(Parts.quiet("There is no recording yet."), Parts.row(new Label("Seconds"), length, work));
        getChildren()
                .addAll(
                        soundless,
                        next,
                        Parts.row(mark, silence),
                        Parts.quiet(
                                "Play the line, at half speed if you like (H), and press W as each word begins, Shift+W where"
                                        + " silence begins. Sounds are spread over each word; drag or type what is off. What you place"
                                        + " is pinned: reading again keeps it."),
                        clear);
    }

    void refresh() {
        Optional<Line> line = workspace.line();
        boolean sound = line.flatMap(Line::sound).isPresent();
        Parts.shown(soundless, !sound);
        mark.setDisable(!sound);
        silence.setDisable(!sound);
        clear.setDisable(
                line.flatMap(Line::timing).map(t -> t.words().isEmpty()).orElse(true));
        boolean script = line.map(s -> !s.script().isBlank()).orElse(false);
        next.setText(
                !script
                        ? "Type the words above first."
                        : words.marks()
                                .nextToMark()
                                .map(Script.Word::written)
                                .map(w -> "Next word: " + w)
                                .orElse("Every word has its place."));
    }
}
