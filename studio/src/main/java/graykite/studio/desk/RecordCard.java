package graykite.studio.desk;

import graykite.base.BadInput;
import graykite.sound.Sound;
import graykite.studio.model.Workspace;
import graykite.studio.play.Microphone;
import graykite.studio.play.Recorder;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Recording a take: start, level, clipping, stop. */
final class RecordCard extends VBox implements AutoCloseable {
    private static final double FLOOR_DB = -60;

    private final Workspace workspace;
    private final Microphone microphone;
    private final Button button = new Button("Record");
    private final ProgressBar level = new ProgressBar(0);
    private final Label time = new Label("0.0 s");
    private final Label state = Parts.quiet("");
    private Optional<Recorder> running = Optional.empty();
    private final AnimationTimer meter = new AnimationTimer() {
        @Override
        public void handle(long now) {
            running.ifPresent(RecordCard.this::show);
        }
    };

    RecordCard(Workspace workspace, Microphone microphone) {
        super(6);
        this.workspace = workspace;
        this.microphone = microphone;
        button.setId("record");
        button.setTooltip(new Tooltip("Records a take of this line; press again to stop"));
        button.setOnAction(e -> toggle());
        level.setMaxWidth(Double.MAX_VALUE);
        level.setAccessibleText("Level of the microphone");
        level.getStyleClass().add("level");
        time.getStyleClass().add("figures");
        time.setMinWidth(56);
        HBox.setHgrow(level, Priority.ALWAYS);
        state.setText(microphone.name());
        getChildren().addAll(Parts.row(button, level, time), state);
    }

    private void toggle() {
        if (running.isPresent()) {
            finish();
        } else {
            Recorder recorder = new Recorder(microphone);
            try {
                recorder.start();
            } catch (BadInput refused) {
                workspace.jobs().say(refused.getMessage());
                return;
            }
            running = Optional.of(recorder);
            button.setText("Stop");
            state.getStyleClass().remove("warn");
            meter.start();
        }
    }

    private void finish() {
        meter.stop();
        Sound take = running.orElseThrow().stop();
        running = Optional.empty();
        button.setText("Record");
        level.setProgress(0);
        if (take.duration() < 0.1) {
            workspace.jobs().say("The recording is shorter than a tenth of a second; it was not kept.");
        } else {
            workspace.intake().takeRecorded(take);
        }
    }

    private void show(Recorder recorder) {
        double decibels = 20 * Math.log10(Math.max(1e-6, recorder.takePeak()));
        level.setProgress(Math.clamp(1 - decibels / FLOOR_DB, 0, 1));
        time.setText(String.format(Locale.ROOT, "%.1f s", recorder.seconds()));
        if (recorder.clipped()) {
            state.setText(microphone.name() + ": too loud, it clips. Go further away or turn it down.");
            if (!state.getStyleClass().contains("warn")) {
                state.getStyleClass().add("warn");
            }
        } else {
            state.setText(String.format(Locale.ROOT, "%s: %.0f dB", microphone.name(), Math.max(FLOOR_DB, decibels)));
        }
        if (recorder.seconds() >= Recorder.LONGEST - 0.1) {
            finish();
        }
    }

    @Override
    public void close() {
        meter.stop();
        running.ifPresent(Recorder::stop);
        running = Optional.empty();
    }
}
