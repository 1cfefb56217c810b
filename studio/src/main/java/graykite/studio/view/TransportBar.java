package graykite.studio.view;

import graykite.edit.ProjectEdit;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.FrameRate;
import graykite.time.Timecode;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The bar between stage and sheet: play, loop, speed, time, zoom. */
public final class TransportBar extends HBox {
    private final Workspace workspace;
    private final Player player;
    private final Label clock = new Label();
    private final Label frame = new Label();

    public TransportBar(Workspace workspace, Player player, SheetView sheet) {
        this.workspace = workspace;
        this.player = player;
        getStyleClass().add("bar");
        Button play = button(Feather.PLAY, "Play or pause (Space)", player::toggle);
        play.getStyleClass().add("play");
        play.setId("play");
        player.playing().addListener((o, b, on) -> play.setGraphic(new FontIcon(on ? Feather.PAUSE : Feather.PLAY)));
        Button start = button(Feather.SKIP_BACK, "To the start (Home)", () -> player.seek(0));
        ToggleButton loop = new ToggleButton();
        loop.setGraphic(new FontIcon(Feather.REPEAT));
        loop.setTooltip(new Tooltip("Loop the line, or the stretch chosen with Shift+drag on the ruler (L)"));
        loop.setAccessibleText("Loop");
        loop.selectedProperty().bindBidirectional(player.looping());
        ComboBox<String> speed = new ComboBox<>();
        speed.getItems().addAll("1 ×", "½ ×", "¼ ×");
        speed.setValue("1 ×");
        speed.setPrefWidth(74);
        speed.setMinWidth(USE_PREF_SIZE);
        speed.setAccessibleText("Playing speed");
        speed.setTooltip(new Tooltip("Playing speed; the pitch stays (H for half)"));
        speed.setOnAction(
                e -> player.speed().set(Math.pow(0.5, speed.getSelectionModel().getSelectedIndex())));
        player.speed()
                .addListener((o, b, n) ->
                        speed.getSelectionModel().select((int) Math.round(-Math.log(n.doubleValue()) / Math.log(2))));
        clock.getStyleClass().add("figures");
        clock.setMinWidth(92);
        clock.setTooltip(new Tooltip("Timecode of the playhead"));
        frame.getStyleClass().addAll("figures", "quiet");
        frame.setMinWidth(78);
        ComboBox<String> rate = new ComboBox<>();
        rate.getItems().addAll("23.976", "24", "25", "29.97", "30", "48", "50", "59.94", "60");
        rate.setTooltip(new Tooltip("Frames a second of the project"));
        rate.setPrefWidth(76);
        rate.setMinWidth(USE_PREF_SIZE);
        rate.setOnAction(e -> {
            if (rate.getValue() != null
                    && !rate.getValue().equals(workspace.project().rate().toString())) {
                FrameRate chosen = FrameRate.parse(rate.getValue());
                workspace.edit(new ProjectEdit.SetRate(chosen));
            }
        });
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label fps = new Label("fps");
        fps.getStyleClass().add("quiet");
        fps.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .addAll(
                        play,
                        start,
                        loop,
                        speed,
                        clock,
                        frame,
                        gap,
                        rate,
                        fps,
                        button(Feather.ZOOM_OUT, "Zoom out (Ctrl+minus)", () -> sheet.zoomAtPlayhead(1 / 1.5)),
                        button(Feather.ZOOM_IN, "Zoom in (Ctrl+plus)", () -> sheet.zoomAtPlayhead(1.5)),
                        button(Feather.MAXIMIZE_2, "Show the whole line (F)", sheet::fit));
        player.shown().addListener((o, b, n) -> update());
        workspace.history().addListener((o, b, n) -> {
            rate.setValue(workspace.project().rate().toString());
            update();
        });
        rate.setValue(workspace.project().rate().toString());
        update();
    }

    private void update() {
        FrameRate rate = workspace.project().rate();
        long now = workspace.scenes().startFrame() + rate.frameAt(player.shown().get() + workspace.lineStart());
        clock.setText(Timecode.format(now, rate));
        frame.setText("frame " + now);
    }

    private static Button button(Feather icon, String tip, Runnable action) {
        Button button = new Button();
        Node graphic = new FontIcon(icon);
        button.setGraphic(graphic);
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }
}
