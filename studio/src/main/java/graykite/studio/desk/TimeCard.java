package graykite.studio.desk;

import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeMap;
import graykite.time.TimeRange;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The clock of the line: the chosen stretch becomes longer or shorter, pauses come in; the pitch stays. */
final class TimeCard extends VBox {
    private final Workspace workspace;
    private final Player player;
    private final Label what = Parts.quiet("");
    private final Parts.Tuner tempo;
    private final TextField length = new TextField();
    private final TextField pause = new TextField("0.25");
    private final Button back = new Button("As recorded", new FontIcon(Feather.ROTATE_CCW));
    private Optional<TimeRange> held = Optional.empty();
    private TimeMap before = TimeMap.SAME;
    private long gesture;

    TimeCard(Workspace workspace, Player player) {
        super(6);
        getStyleClass().add("card");
        this.workspace = workspace;
        this.player = player;
        tempo = new Parts.Tuner(
                "Length",
                "How many times as long the stretch becomes; voice, reading, mouth and acting go together",
                0.5,
                2,
                1,
                Parts::percent,
                this::begin,
                v -> held.ifPresent(r -> workspace.retiming().setLength(before, r, v * r.length(), gesture)));
        tempo.whenReleased(() -> tempo.set(1));
        length.setId("stretch-length");
        length.setPrefWidth(64);
        length.getStyleClass().add("figures");
        length.setAccessibleText("Length of the stretch in seconds");
        length.setTooltip(new Tooltip("Type how long the stretch is to last"));
        length.setOnAction(e -> Parts.number(length.getText()).ifPresent(seconds -> {
            begin();
            held.ifPresent(r -> workspace.retiming().setLength(before, r, seconds, 0));
        }));
        pause.setId("pause-length");
        pause.setPrefWidth(64);
        pause.getStyleClass().add("figures");
        pause.setAccessibleText("Length of the pause in seconds");
        Button hold = new Button("Pause at the playhead", new FontIcon(Feather.PAUSE));
        hold.setId("insert-pause");
        hold.setOnAction(e -> Parts.number(pause.getText())
                .filter(s -> s > 0)
                .ifPresentOrElse(
                        s -> workspace.retiming().pause(player.time().get(), s),
                        () -> workspace.jobs().say("Type the length of the pause in seconds, for example 0.25.")));
        back.setId("take-retiming-back");
        back.setTooltip(new Tooltip("Takes all stretches and pauses of the line back"));
        back.setOnAction(e -> workspace.retiming().takeBack());
        getChildren()
                .addAll(
                        Parts.heading("Time"),
                        what,
                        tempo,
                        Parts.row(new Label("Stretch lasts"), length, new Label("s"), back),
                        Parts.row(pause, new Label("s"), hold));
    }

    /** The looped stretch, the chosen word, or the whole line. */
    private Optional<TimeRange> stretch() {
        return player.loopRange()
                .get()
                .or(workspace::selectedRange)
                .or(() -> workspace
                        .sound()
                        .get()
                        .map(s -> new TimeRange(0, s.sound().duration())));
    }

    private void begin() {
        held = stretch();
        before = workspace.retiming().map();
        gesture = workspace.newGesture();
    }

    void refresh() {
        Optional<TimeRange> stretch = stretch();
        setDisable(stretch.isEmpty());
        what.setText(
                player.loopRange().get().isPresent()
                        ? "The looped stretch"
                        : workspace.selectedRange().isPresent() ? "What is chosen on the sheet" : "The whole line");
        if (!length.isFocused()) {
            length.setText(stretch.map(r -> String.format(Locale.ROOT, "%.2f", r.length()))
                    .orElse(""));
        }
        if (!tempo.isHeld()) {
            tempo.set(1);
        }
        back.setDisable(workspace.retiming().map().isSame());
    }
}
