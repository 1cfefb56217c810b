package graykite.studio.desk;

import graykite.edit.LineEdit;
import graykite.project.Line;
import graykite.studio.model.Workspace;
import graykite.text.Language;
import graykite.text.LanguageGuess;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;

/** Says when the words of a line look like another language than the one that they are read in, and offers to read them so. */
final class LanguageHint extends HBox {
    private final Workspace workspace;
    private final LanguageGuess guess = LanguageGuess.shipped();
    private final Label says = new Label();
    private final Button read = new Button();
    /** The words that were looked at last, and what they look like. */
    private String seen = "";

    private Optional<Language> looks = Optional.empty();

    LanguageHint(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        setAlignment(Pos.CENTER_LEFT);
        setId("language-hint");
        says.setWrapText(true);
        says.getStyleClass().add("hint");
        read.setId("language-hint-read");
        read.setMinWidth(USE_PREF_SIZE);
        read.setTooltip(new Tooltip("The language of a line can be changed at any time under More"));
        read.setOnAction(e -> readAsItLooks());
        getChildren().addAll(says, read);
    }

    void refresh() {
        Optional<Line> line = workspace.line();
        String words = line.map(Line::script).orElse("");
        if (!words.equals(seen)) {
            seen = words;
            looks = guess.of(words);
        }
        Optional<Language> other =
                looks.filter(l -> line.map(o -> o.voice().language() != l).orElse(false));
        setVisible(other.isPresent());
        setManaged(other.isPresent());
        other.ifPresent(l -> {
            says.setText("These words look " + l.title() + ".");
            read.setText("Read as " + l.title());
        });
    }

    private void readAsItLooks() {
        Optional<Line> line = workspace.line();
        if (line.isPresent() && looks.isPresent()) {
            workspace.edit(new LineEdit.SetLanguage(line.get().id(), looks.get()));
            if (line.get().sound().isPresent()) {
                workspace.readings().read();
            }
        }
    }
}
