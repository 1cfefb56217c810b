package graykite.studio.desk;

import graykite.project.Shot;
import graykite.sound.Sound;
import graykite.studio.model.LineSound;
import graykite.studio.model.Workspace;
import java.util.Locale;
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

/** Voice: the recording of the line. */
public final class VoiceDesk extends Desk {
    private final Workspace workspace;
    private final TextField name = new TextField();
    private final Label file = new Label();
    private final Label facts = Parts.quiet("");
    private final VBox warnings = new VBox(4);
    private final Button replace = new Button("Replace the recording…");
    private final Button simulated = new Button("Let the simulated voice speak");
    private final Button remove = new Button("Remove the line");

    /** @param chooseRecording opens the file dialog; true asks for a recording that replaces the present one */
    public VoiceDesk(Workspace workspace, java.util.function.Consumer<Boolean> chooseRecording) {
        this.workspace = workspace;
        Button add = new Button("Add a recording…", new FontIcon(Feather.PLUS));
        add.getStyleClass().add("primary");
        add.setTooltip(new Tooltip("WAV, AIFF, FLAC, OGG, MP3 or M4A; its script is found beside it (Ctrl+I)"));
        add.setOnAction(e -> chooseRecording.accept(false));
        replace.setOnAction(e -> chooseRecording.accept(true));
        replace.setTooltip(new Tooltip("Another take of the same words"));
        simulated.setTooltip(
                new Tooltip("A plain built-in voice says the script; stands in until there is a recording"));
        simulated.setOnAction(e -> workspace.intake().speakWithSimulatedVoice());
        remove.setOnAction(e -> workspace.shot().ifPresent(s -> workspace.edit("Remove line", p -> p.without(s.id()))));
        name.setAccessibleText("Name of the line");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                rename();
            }
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        file.getStyleClass().add("heading");
        getChildren()
                .addAll(
                        Parts.title("Voice"),
                        add,
                        Parts.row(new Label("Line"), name),
                        Parts.card(file, facts, warnings, replace),
                        simulated,
                        remove,
                        Parts.quiet("Still to come: recording from a microphone, gain and start frame."));
    }

    private void rename() {
        String text = name.getText().strip();
        workspace
                .shot()
                .filter(s -> !text.isEmpty() && !text.equals(s.title().strip()))
                .ifPresent(s -> workspace.editShot("Rename line", 0, shot -> shot.withTitle(text)));
    }

    @Override
    public void refresh() {
        Optional<Shot> shot = workspace.shot();
        Optional<LineSound> sound = workspace.sound().get();
        name.setText(shot.map(s -> s.title().strip()).orElse(""));
        name.setDisable(shot.isEmpty());
        remove.setDisable(shot.isEmpty());
        replace.setDisable(shot.isEmpty());
        simulated.setDisable(shot.map(s -> s.script().isBlank()).orElse(true));
        file.setText(shot.flatMap(Shot::sound).map(s -> s.name()).orElse("No recording yet"));
        facts.setText(sound.map(s -> describe(s.sound()))
                .orElse(
                        shot.isEmpty()
                                ? "Add one, or drop it on the window."
                                : "Add a recording to this line, or let the simulated voice speak its script."));
        warnings.getChildren().clear();
        sound.ifPresent(s -> s.warnings().forEach(w -> {
            Label label = new Label(w);
            label.getStyleClass().add("warn");
            label.setWrapText(true);
            warnings.getChildren().add(label);
        }));
        if (sound.isPresent() && sound.get().warnings().isEmpty()) {
            warnings.getChildren().add(Parts.quiet("No clipping, good level."));
        }
    }

    private static String describe(Sound sound) {
        return String.format(
                Locale.ROOT,
                "%.2f s, %s, %s kHz, peak %.1f dB",
                sound.duration(),
                sound.channelCount() == 1
                        ? "mono"
                        : sound.channelCount() == 2 ? "stereo" : sound.channelCount() + " channels",
                trimmed(sound.rate() / 1000.0),
                20 * Math.log10(Math.max(1e-6, sound.peak())));
    }

    private static String trimmed(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
