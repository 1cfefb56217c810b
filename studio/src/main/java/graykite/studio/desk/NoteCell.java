package graykite.studio.desk;

import graykite.proof.ProofNote;
import graykite.proof.Severity;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;

/** A note in the list: how much it weighs, when, what it is, and why. */
final class NoteCell extends ListCell<NoteRow> {
    private final Polygon kite = new Polygon(5, 0, 10, 5, 5, 13, 0, 5);
    private final Label title = new Label();
    private final Label when = Parts.quiet("");
    private final Label says = Parts.quiet("");
    private final HBox all;

    NoteCell() {
        title.getStyleClass().add("note-title");
        when.getStyleClass().addAll("figures", "note-when");
        when.setMinWidth(Label.USE_PREF_SIZE);
        says.setWrapText(true);
        HBox.setHgrow(title, Priority.ALWAYS);
        title.setMaxWidth(Double.MAX_VALUE);
        VBox text = new VBox(1, new HBox(8, title, when), says);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMinWidth(0);
        all = new HBox(8, kite, text);
        all.setAlignment(Pos.TOP_LEFT);
        getStyleClass().add("note-cell");
        // The text wraps at the width of the list.
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(NoteRow row, boolean empty) {
        super.updateItem(row, empty);
        if (empty || row == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        ProofNote note = row.note();
        kite.getStyleClass().setAll("note-kite", style(note));
        title.setText(note.rule().title());
        when.setText(row.when());
        says.setText((row.elsewhere().isEmpty() ? "" : row.elsewhere() + ": ")
                + note.meantSo().map(m -> "Meant so: " + m).orElse(note.says()));
        setGraphic(all);
        setAccessibleText((note.isOpen() ? note.rule().severity().title() : "Meant so") + " at " + row.when() + ". "
                + note.rule().title() + ". " + note.says());
    }

    /** The style of a note by its weight: its kite is filled, half filled or an outline, so that it is told without colour too. */
    static String style(ProofNote note) {
        return note.isOpen() ? style(note.rule().severity()) : "note-meant";
    }

    static String style(Severity severity) {
        return "note-" + severity.name().toLowerCase(Locale.ROOT);
    }
}
