package graykite.studio.view;

import graykite.studio.model.Jobs;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The strip at the bottom: what runs, with progress and cancel, and the last message. */
public final class StatusStrip extends HBox {
    /** @param openMessages shows all messages */
    public StatusStrip(Jobs jobs, boolean audible, Runnable openMessages) {
        getStyleClass().add("strip");
        Label message = new Label();
        message.setId("message");
        message.textProperty().bind(jobs.message());
        message.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(message, Priority.ALWAYS);
        Tooltip whole = new Tooltip();
        whole.textProperty().bind(jobs.message());
        message.setTooltip(whole);
        message.setStyle("-fx-cursor: hand;");
        message.setOnMouseClicked(e -> openMessages.run());
        Label running = new Label();
        running.textProperty().bind(jobs.running());
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(160);
        bar.progressProperty().bind(jobs.fraction());
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> jobs.cancel());
        HBox job = new HBox(8, running, bar, cancel);
        job.setAlignment(Pos.CENTER_LEFT);
        job.visibleProperty().bind(jobs.running().isNotEmpty());
        job.managedProperty().bind(job.visibleProperty());
        Label device = new Label(audible ? "" : "No sound device: a silent clock runs");
        device.setTooltip(new Tooltip("Playing shows the pictures in time; there is nothing here to hear it with."));
        device.setManaged(!audible);
        getChildren().addAll(message, job, device);
    }
}
