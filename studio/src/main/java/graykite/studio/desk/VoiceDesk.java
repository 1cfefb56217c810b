package graykite.studio.desk;

import graykite.base.Progress;
import graykite.edit.LineEdit;
import graykite.project.Line;
import graykite.project.Voice;
import graykite.sound.Sound;
import graykite.studio.model.Workspace;
import graykite.studio.play.Microphone;
import graykite.studio.play.Player;
import graykite.workbench.LineSound;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
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

    private final Parts.Tuner gain;
    private final TextField startFrame = new TextField("0");
    private final ComboBox<String> channel = new ComboBox<>();
    private final CheckBox loudness = new CheckBox("Level");
    private final CheckBox pitch = new CheckBox("Pitch");
    private final VBox use;
    private final RecordCard record;
    private final TimeCard time;
    private boolean filling;
    private long gesture;

    /**
     * @param chooseRecording opens the file dialog; true asks for a recording that replaces the present one
     * @param microphone what a take is recorded with
     */
    public VoiceDesk(Workspace workspace, Player player, Consumer<Boolean> chooseRecording, Microphone microphone) {
        this.workspace = workspace;
        time = new TimeCard(workspace, player);
        gain = new Parts.Tuner(
                "Gain",
                "Louder or softer; the recording itself is never altered",
                -24,
                24,
                0,
                v -> String.format(Locale.ROOT, "%+.1f dB", v),
                () -> gesture = workspace.newGesture(),
                v -> workspace.editLine(gesture, l -> new LineEdit.SetGain(l, Math.round(10 * v) / 10.0)));
        startFrame.setId("start-frame");
        startFrame.getStyleClass().add("figures");
        startFrame.setPrefWidth(80);
        startFrame.setAccessibleText("Frame at which the recording starts");
        startFrame.setTooltip(new Tooltip(
                "Frame of the line at which the recording starts: the ruler and everything delivered count from it"));
        startFrame.setOnAction(e -> typeStartFrame());
        startFrame.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                typeStartFrame();
            }
        });
        channel.setId("channel");
        channel.setAccessibleText("Channel that is heard");
        channel.setTooltip(new Tooltip("Where two people were recorded on two channels, choose one"));
        channel.setOnAction(e -> chooseChannel());
        loudness.setTooltip(
                new Tooltip("Draws the level over the wave, in decibels below the loudest that a recording can hold"));
        pitch.setTooltip(new Tooltip("Draws the voice's pitch over its wave, 60 to 500 Hz"));
        loudness.selectedProperty().bindBidirectional(workspace.overlays().loudness());
        pitch.selectedProperty().bindBidirectional(workspace.overlays().pitch());
        record = new RecordCard(workspace, microphone);
        use = Parts.card(
                gain,
                Parts.row(new Label("Starts at frame"), startFrame),
                Parts.row(new Label("Heard"), channel),
                Parts.row(new Label("Draw"), loudness, pitch));
        Button add = new Button("Add a recording…", new FontIcon(Feather.PLUS));
        add.getStyleClass().add("primary");
        add.setTooltip(new Tooltip("WAV, AIFF, FLAC, OGG, MP3 or M4A; its script is found beside it (Ctrl+I)"));
        add.setOnAction(e -> chooseRecording.accept(false));
        replace.setOnAction(e -> chooseRecording.accept(true));
        replace.setTooltip(new Tooltip("Another take of the same words"));
        simulated.setTooltip(
                new Tooltip("A plain built-in voice says the script; stands in until there is a recording"));
        simulated.setOnAction(e -> workspace.intake().speakWithSimulatedVoice());
        remove.setOnAction(e -> workspace.editLine(0, LineEdit.RemoveLine::new));
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
                        use,
                        time,
                        Parts.card(Parts.heading("A new take"), record, simulated),
                        remove);
    }

    private void typeStartFrame() {
        Optional<Long> typed = Parts.number(startFrame.getText()).map(Math::round);
        Optional<Long> now = workspace.line().map(s -> s.voice().startFrame());
        if (typed.isEmpty() || typed.get() < 0 || typed.get() > Voice.LATEST_START) {
            startFrame.setText(now.map(String::valueOf).orElse("0"));
        } else if (!typed.equals(now)) {
            workspace.editLine(0, l -> new LineEdit.SetStartFrame(l, typed.get()));
        }
    }

    private void chooseChannel() {
        int index = channel.getSelectionModel().getSelectedIndex();
        if (!filling && index >= 0) {
            Optional<Integer> chosen = index == 0 ? Optional.empty() : Optional.of(index - 1);
            workspace.editLine(0, l -> new LineEdit.SetChannel(l, chosen));
        }
    }

    private void showUse(Optional<Line> line) {
        Parts.shown(use, line.flatMap(Line::sound).isPresent());
        Voice voice = line.map(Line::voice).orElse(Voice.PLAIN);
        gain.set(voice.gain());
        if (!startFrame.isFocused()) {
            startFrame.setText(Long.toString(voice.startFrame()));
        }
        int channels = recordedChannels();
        filling = true;
        List<String> names = new ArrayList<>(List.of("All channels together"));
        for (int c = 0; c < channels; c++) {
            names.add(channels == 2 ? (c == 0 ? "Left only" : "Right only") : "Channel " + (c + 1) + " only");
        }
        Parts.offer(channel, names);
        channel.getSelectionModel().select(voice.channel().map(c -> c + 1).orElse(0));
        channel.setDisable(channels < 2);
        filling = false;
        pitch.setDisable(workspace.sound().get().map(s -> s.pitch().isEmpty()).orElse(false));
    }

    @Override
    public void close() {
        record.close();
    }

    private void rename() {
        String text = name.getText().strip();
        workspace
                .line()
                .filter(s -> !text.isEmpty() && !text.equals(s.title().strip()))
                .ifPresent(s -> workspace.edit(new LineEdit.NameLine(s.id(), text)));
    }

    /** How many channels the recording of the line has; 0 while it is not at hand. */
    private int recordedChannels() {
        return workspace
                .line()
                .filter(workspace.workbench()::hasHeard)
                .flatMap(Line::sound)
                .map(f -> workspace.workbench().recording(f, Progress.none()).channelCount())
                .orElse(0);
    }

    @Override
    public void refresh() {
        Optional<Line> line = workspace.line();
        Optional<LineSound> sound = workspace.sound().get();
        name.setText(line.map(s -> s.title().strip()).orElse(""));
        name.setDisable(line.isEmpty());
        remove.setDisable(line.isEmpty());
        replace.setDisable(line.isEmpty());
        simulated.setDisable(line.map(s -> s.script().isBlank()).orElse(true));
        file.setText(line.flatMap(Line::sound).map(s -> s.name()).orElse("No recording yet"));
        facts.setText(sound.map(s -> describe(s.sound()))
                .orElse(
                        line.isEmpty()
                                ? "Add one, or drop it on the window."
                                : "Add a recording to this line, or let the simulated voice speak its script."));
        showUse(line);
        time.refresh();
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
