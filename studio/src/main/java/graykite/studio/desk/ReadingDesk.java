package graykite.studio.desk;

import graykite.project.Shot;
import graykite.speech.TimedPhone;
import graykite.speech.TimedWord;
import graykite.speech.Timing;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** Reading: the words, finding them in the sound, and what is selected as numbers. */
public final class ReadingDesk extends Desk {
    private final Workspace workspace;
    private final TextArea script = new TextArea();
    private final Button read = new Button("Read the line");
    private final VBox unknown = new VBox(2);
    private final Label chosen = Parts.heading("");
    private final Label chosenSound = Parts.quiet("");
    private final TextField start = new TextField();
    private final TextField end = new TextField();
    private final VBox selected;
    /** What is typed in one go undoes in one step. */
    private long typing;

    public ReadingDesk(Workspace workspace, Runnable chooseScript) {
        this.workspace = workspace;
        script.setWrapText(true);
        script.setPrefRowCount(5);
        script.getStyleClass().add("script-area");
        script.setPromptText("What is said in the recording. Punctuation and numbers are welcome.");
        script.setAccessibleText("Script of the line");
        script.setId("script");
        script.focusedProperty().addListener((o, b, focused) -> typing = workspace.newGesture());
        script.textProperty().addListener((o, b, text) -> {
            if (script.isFocused()) {
                commitScript();
            }
        });
        read.getStyleClass().add("primary");
        read.setId("read");
        read.setTooltip(new Tooltip("Finds every word and sound of the script in the recording (Ctrl+R)"));
        read.setOnAction(e -> readNow());
        Button load = new Button("Load a script…");
        load.setTooltip(new Tooltip("TXT, SRT or WebVTT"));
        load.setOnAction(e -> chooseScript.run());
        for (TextField field : new TextField[] {start, end}) {
            field.getStyleClass().add("figures");
            field.setPrefWidth(86);
        }
        start.setOnAction(e -> typeStart());
        end.setOnAction(e -> typeEnd());
        start.setAccessibleText("Start of the selected sound in seconds");
        end.setAccessibleText("End of the selected sound in seconds");
        selected = Parts.card(
                chosen, chosenSound, Parts.row(new Label("from"), start, new Label("to"), end, new Label("s")));
        getChildren()
                .addAll(
                        Parts.title("Reading"),
                        script,
                        Parts.row(read, load),
                        unknown,
                        selected,
                        Parts.quiet(
                                "Drag the edges of words and sounds on the sheet; double-click a word to change its text."));
    }

    /** Takes over what was typed and reads. */
    public void readNow() {
        commitScript();
        workspace.read();
    }

    private void commitScript() {
        String text = script.getText();
        workspace
                .shot()
                .filter(s -> !s.script().equals(text))
                .ifPresent(s -> workspace.editShot("Edit script", typing, shot -> shot.withScript(text)));
    }

    private void typeStart() {
        selection().ifPresent(s -> number(start)
                .ifPresent(time -> workspace.moveStart(s.word(), Math.max(0, s.phone()), time, 0)));
    }

    private void typeEnd() {
        selection().ifPresent(s -> number(end).ifPresent(time -> {
            List<TimedPhone> phones = words().get(s.word()).phones();
            int phone = s.phone() < 0 ? phones.size() - 1 : s.phone();
            if (phone + 1 < phones.size()) {
                workspace.moveStart(s.word(), phone + 1, time, 0);
            } else {
                workspace.moveEnd(s.word(), time, 0);
            }
        }));
    }

    private Optional<Double> number(TextField field) {
        try {
            return Optional.of(Double.parseDouble(field.getText().strip().replace(',', '.')));
        } catch (NumberFormatException none) {
            workspace.jobs().say("\"" + field.getText() + "\" is no time. Type seconds, for example 1.25.");
            refresh();
            return Optional.empty();
        }
    }

    private List<TimedWord> words() {
        return workspace.shot().flatMap(Shot::timing).map(Timing::words).orElse(List.of());
    }

    private Optional<Selection> selection() {
        Selection s = workspace.selection().get();
        boolean valid = s.word() >= 0
                && s.word() < words().size()
                && s.phone() < words().get(s.word()).phones().size();
        return valid ? Optional.of(s) : Optional.empty();
    }

    @Override
    public void refresh() {
        Optional<Shot> shot = workspace.shot();
        String text = shot.map(Shot::script).orElse("");
        if (!script.getText().equals(text) && !script.isFocused()) {
            script.setText(text);
        }
        script.setDisable(shot.isEmpty());
        read.setDisable(shot.flatMap(Shot::sound).isEmpty());
        showUnknown();
        Optional<Selection> selection = selection();
        selected.setVisible(selection.isPresent());
        selected.setManaged(selection.isPresent());
        selection.ifPresent(this::showSelected);
    }

    private void showUnknown() {
        unknown.getChildren().clear();
        List<TimedWord> words = words();
        for (int w = 0; w < words.size(); w++) {
            if (words.get(w).guessed()) {
                int word = w;
                Hyperlink link = new Hyperlink(words.get(w).text());
                link.setOnAction(e -> workspace.selection().set(new Selection(word, -1)));
                unknown.getChildren().add(link);
            }
        }
        if (!unknown.getChildren().isEmpty()) {
            unknown.getChildren().addFirst(Parts.heading("Not in the dictionary"));
            unknown.getChildren()
                    .add(
                            Parts.quiet(
                                    "Their sounds are guessed from the letters. Spell them as they sound if the guess is wrong."));
        }
    }

    private void showSelected(Selection s) {
        TimedWord word = words().get(s.word());
        double from = word.start();
        double to = word.end();
        if (s.phone() < 0) {
            chosen.setText(word.text());
            chosenSound.setText(String.join(
                    " ", word.phones().stream().map(p -> p.phone().ipa()).toList()));
        } else {
            TimedPhone phone = word.phones().get(s.phone());
            chosen.setText("/" + phone.phone().ipa() + "/ in \"" + word.text() + "\"");
            chosenSound.setText(phone.phone().name() + " as in \""
                    + phone.phone().example() + "\"" + (phone.pinned() ? ", set by hand" : ""));
            from = phone.start();
            to = phone.end();
        }
        start.setText(String.format(Locale.ROOT, "%.3f", from));
        end.setText(String.format(Locale.ROOT, "%.3f", to));
    }
}
