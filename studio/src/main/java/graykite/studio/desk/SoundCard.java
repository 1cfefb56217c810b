package graykite.studio.desk;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import graykite.text.Phone;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** The chosen sound, or the chosen word's times: typed figures, and the picker that makes it another sound. */
final class SoundCard extends VBox {
    private final Workspace workspace;
    private final WordEdits words;
    private final Label chosen = Parts.heading("");
    private final TextField start = new TextField();
    private final TextField end = new TextField();
    private final CheckBox insert = new CheckBox("Add the sound after this one");
    private final Button delete = new Button("Delete this sound");
    private final PhonePicker picker;
    private final VBox ofSound;
    private Optional<MouthPictures> pictures = Optional.empty();

    SoundCard(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        this.words = workspace.words();
        getStyleClass().add("card");
        setId("sound-card");
        for (TextField field : new TextField[] {start, end}) {
            field.getStyleClass().add("figures");
            field.setPrefWidth(86);
        }
        start.setId("start");
        end.setId("end");
        start.setOnAction(e -> typeStart());
        end.setOnAction(e -> typeEnd());
        start.setAccessibleText("Start of what is chosen, in seconds");
        end.setAccessibleText("End of what is chosen, in seconds");
        picker = new PhonePicker(this::pick);
        insert.setId("insert-sound");
        insert.setTooltip(new Tooltip("The picker then adds a sound instead of changing this one"));
        delete.setTooltip(new Tooltip("The sound before it grows over its place (Delete)"));
        delete.setOnAction(e -> words.delete());
        ofSound = new VBox(8, insert, picker, delete);
        getChildren()
                .addAll(chosen, Parts.row(new Label("from"), start, new Label("to"), end, new Label("s")), ofSound);
    }

    private void pick(Phone phone) {
        if (insert.isSelected()) {
            insert.setSelected(false);
            words.insertPhone(phone);
        } else {
            words.setPhone(phone);
        }
    }

    void show(MouthPictures newPictures) {
        pictures = Optional.of(newPictures);
        refresh();
    }

    void refresh() {
        Optional<TimedPhone> phone = words.phone();
        words.word().ifPresent(word -> {
            chosen.setText(phone.map(p -> "The sound /" + p.phone().ipa() + "/ in \"" + word.text() + "\"")
                    .orElse("Times of \"" + word.text() + "\""));
            start.setText(seconds(phone.map(TimedPhone::start).orElse(word.start())));
            end.setText(seconds(phone.map(TimedPhone::end).orElse(word.end())));
        });
        Parts.shown(ofSound, phone.isPresent());
        if (phone.isPresent()) {
            picker.show(workspace.charts().chart(), phone.map(TimedPhone::phone), pictures);
        }
    }

    private static String seconds(double time) {
        return String.format(Locale.ROOT, "%.3f", time);
    }

    private void typeStart() {
        number(start)
                .ifPresent(time -> workspace
                        .words()
                        .moveStart(
                                workspace.selection().get().word(),
                                Math.max(0, workspace.selection().get().phone()),
                                time,
                                0));
    }

    private void typeEnd() {
        number(end).ifPresent(time -> words.word().ifPresent(word -> end(word, time)));
    }

    private void end(TimedWord word, double time) {
        int index = workspace.selection().get().word();
        int phone = workspace.selection().get().phone();
        if (phone >= 0 && phone + 1 < word.phones().size()) {
            workspace.words().moveStart(index, phone + 1, time, 0);
        } else {
            workspace.words().moveEnd(index, time, 0);
        }
    }

    private Optional<Double> number(TextField field) {
        Optional<Double> typed = Parts.number(field.getText());
        if (typed.isEmpty()) {
            workspace.jobs().say("\"" + field.getText() + "\" is no time. Type seconds, for example 1.25.");
            refresh();
        }
        return typed;
    }
}
