package graykite.studio.desk;

import graykite.project.Line;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A section of the line, from one chosen word to another, and what is said in it: read again by itself. */
final class SectionCard extends VBox {
    private final Workspace workspace;
    private final TextField words = new TextField();
    private final TextField said = new TextField();
    private final Button read = new Button("Read this section again");
    /** Indices of the first and last word; -1 while none is chosen. */
    private int first = -1;

    private int last = -1;

    SectionCard(Workspace workspace) {
        super(10);
        this.workspace = workspace;
        words.setEditable(false);
        words.setFocusTraversable(false);
        words.setAccessibleText("Words of the section");
        words.setPromptText("Choose a word, then Begin or End");
        HBox.setHgrow(words, Priority.ALWAYS);
        said.setId("section-words");
        said.setAccessibleText("What is said in the section");
        HBox.setHgrow(said, Priority.ALWAYS);
        read.setId("read-section");
        read.setTooltip(
                new Tooltip("Reads only these words again, between their neighbours; all others stay as they are"));
        read.setOnAction(e -> {
            if (!said.getText().isBlank()) {
                workspace.readings().readSection(first, last, said.getText());
            }
        });
        Button begin = new Button("Begin");
        begin.setId("section-first");
        begin.setTooltip(new Tooltip("The section begins with the chosen word"));
        begin.setOnAction(e -> withChosen(word -> choose(word, Math.max(last, word))));
        Button end = new Button("End");
        end.setId("section-last");
        end.setTooltip(new Tooltip("The section ends with the chosen word"));
        end.setOnAction(e -> withChosen(word -> choose(first < 0 ? word : Math.min(first, word), word)));
        getChildren()
                .addAll(
                        Parts.heading("A section"),
                        Parts.row(begin, end, words),
                        Parts.row(new Label("Says"), said),
                        read);
    }

    private void withChosen(IntConsumer action) {
        if (workspace.words().word().isPresent()) {
            action.accept(workspace.selection().get().word());
        } else {
            workspace.jobs().say("Choose a word on the sheet first.");
        }
    }

    private void choose(int from, int to) {
        first = from;
        last = to;
        said.setText(text());
        refresh();
    }

    /** Another line was opened: its words are others. */
    void forget() {
        first = -1;
        last = -1;
        said.clear();
    }

    /** Until a section is chosen it is the chosen word; one that the reading does not hold any more is forgotten. */
    void refresh() {
        if (last >= line().size()) {
            forget();
        }
        if (first < 0 && workspace.words().word().isPresent()) {
            int word = workspace.selection().get().word();
            choose(word, word);
            return;
        }
        read.setDisable(first < 0);
        words.setText(text());
    }

    private List<TimedWord> line() {
        return workspace.line().flatMap(Line::timing).map(Timing::words).orElse(List.of());
    }

    private String text() {
        return first < 0
                ? ""
                : line().subList(first, last + 1).stream()
                        .map(w -> w.text() + w.mark())
                        .collect(Collectors.joining(" "));
    }
}
