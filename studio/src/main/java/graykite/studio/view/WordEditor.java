package graykite.studio.view;

import graykite.studio.model.Workspace;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;

/** The field that lies over a word while its text is changed. */
final class WordEditor extends TextField {
    private final Workspace workspace;
    private int word = -1;

    /** @param done called when the field gives the focus back */
    WordEditor(Workspace workspace, Runnable done) {
        this.workspace = workspace;
        getStyleClass().add("word-editor");
        setAccessibleText("Text of the word");
        setVisible(false);
        setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER) {
                commit();
                e.consume();
            } else if (e.getCode() == KeyCode.ESCAPE) {
                word = -1;
                setVisible(false);
                done.run();
                e.consume();
            }
        });
        focusedProperty().addListener((o, before, focused) -> {
            if (!focused) {
                commit();
            }
        });
    }

    void open(int newWord, String text) {
        setText(text);
        setVisible(true);
        requestFocus();
        selectAll();
        word = newWord;
    }

    /** Takes over what was typed, if anything changed, spreading the sounds of the new word over its time. */
    void commit() {
        if (word < 0) {
            return;
        }
        int changed = word;
        word = -1;
        setVisible(false);
        String now = workspace
                .line()
                .flatMap(s -> s.timing())
                .filter(t -> changed < t.words().size())
                .map(t -> t.words().get(changed).text())
                .orElse("");
        if (!getText().strip().equals(now)) {
            workspace.words().retype(changed, getText());
        }
    }
}
