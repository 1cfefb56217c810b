package graykite.studio.desk;

import graykite.live.Instrument;
import graykite.live.OscCapture;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.live.LivePass;
import graykite.studio.live.LivePass.State;
import graykite.studio.live.LiveSettings;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import javafx.beans.property.DoubleProperty;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Performing on the face: what is played, with what, and the recording of it. */
final class LivePane extends VBox {
    private final Workspace workspace;
    private final Player player;
    private final LivePass live;
    private final FaceChooser face;
    private final Label says = Parts.quiet("");
    private final ComboBox<String> channel = new ComboBox<>();
    private final ToggleButton tryOut = new ToggleButton("Try", new FontIcon(Feather.MOUSE_POINTER));
    private final Button record = new Button("Record", new FontIcon(Feather.CIRCLE));
    private final Label where = Parts.quiet("");
    private final PassCard card;
    private final PerformancesPane performances;
    private boolean filling;

    LivePane(Workspace workspace, Player player, LivePass live, FilePicker picker) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        this.live = live;
        face = new FaceChooser(regions -> choose(Instrument.ALL.stream()
                .filter(i -> regions.contains(i.region()))
                .toList()));
        card = new PassCard(workspace, live::extend);
        performances = new PerformancesPane(workspace, player, picker);
        live.instruments().addListener((o, b, n) -> refresh());
        live.state().addListener((o, b, n) -> refresh());
        live.count().addListener((o, b, n) -> refresh());
        player.loopRange().addListener((o, b, n) -> tellRange());
        player.looping().addListener((o, b, n) -> tellRange());
        player.time().addListener((o, b, n) -> {
            if (!player.playing().get() && getScene() != null) {
                tellRange();
            }
        });
        VBox what = new VBox(
                4, says, channel(), new InputChoice(workspace, live, OscCapture.USUAL_PORT), ways(live.settings()));
        HBox.setHgrow(what, Priority.ALWAYS);
        HBox top = new HBox(10, face, what);
        getChildren().addAll(top, buttons(), where, settings(live.settings()), card, performances);
    }

    private void choose(List<Instrument> instruments) {
        live.instruments().set(instruments);
    }

    private ComboBox<String> channel() {
        channel.setMaxWidth(Double.MAX_VALUE);
        channel.setPromptText("A single channel…");
        channel.setId("live-channel");
        channel.setAccessibleText("A single channel to perform");
        channel.setOnAction(e -> {
            if (!filling && channel.getValue() != null) {
                figure().flatMap(f -> f.channels().stream()
                                .filter(c -> c.name().equals(channel.getValue()))
                                .findFirst())
                        .ifPresent(c -> choose(List.of(Instrument.of(c))));
            }
        });
        return channel;
    }

    private Optional<Character> figure() {
        return workspace.performance().get().map(Performance::character);
    }

    private HBox buttons() {
        tryOut.setId("live-try");
        tryOut.setTooltip(new Tooltip("The face follows the hand; nothing is kept"));
        tryOut.setOnAction(e -> {
            live.tryOut(tryOut.isSelected());
            refresh();
        });
        record.setId("live-record");
        record.setTooltip(new Tooltip("Plays the line and keeps what you perform; press again to end (R)"));
        record.setOnAction(e -> live.record());
        HBox.setHgrow(tryOut, Priority.ALWAYS);
        HBox.setHgrow(record, Priority.ALWAYS);
        tryOut.setMaxWidth(Double.MAX_VALUE);
        record.setMaxWidth(Double.MAX_VALUE);
        return Parts.row(tryOut, record);
    }

    private static HBox ways(LiveSettings settings) {
        CheckBox adds = new CheckBox("Add");
        adds.setId("live-adds");
        adds.selectedProperty().bindBidirectional(settings.adds());
        adds.setTooltip(new Tooltip("Off: what you perform takes its place"));
        CheckBox count = new CheckBox("Count in");
        count.setId("live-count-in");
        count.selectedProperty().bindBidirectional(settings.countIn());
        count.setTooltip(new Tooltip("Three beats before the line plays"));
        return Parts.row(adds, count);
    }

    private static VBox settings(LiveSettings settings) {
        return new VBox(
                4,
                tuner(
                        "Smooth",
                        "How much trembling is taken out afterwards; it comes no later",
                        0,
                        1,
                        0.3,
                        settings.smooth()),
                tuner(
                        "Keys",
                        "The error that keys may have, of what a control can do; 0 keeps every sample",
                        0,
                        0.1,
                        0.01,
                        settings.thin()));
    }

    private static Parts.Tuner tuner(
            String name, String tip, double min, double max, double usual, DoubleProperty value) {
        DoubleConsumer set = v -> value.set(v);
        Parts.Tuner tuner = new Parts.Tuner(
                name,
                tip,
                min,
                max,
                usual,
                v -> String.format(Locale.ROOT, max < 0.5 ? "%.1f %%" : "%.0f %%", 100 * v),
                () -> {},
                set);
        value.addListener((o, b, n) -> tuner.set(n.doubleValue()));
        tuner.set(value.get());
        return tuner;
    }

    void refresh() {
        Optional<Character> figure = figure();
        setDisable(figure.isEmpty());
        List<Instrument> played = live.instruments().get();
        face.show(played.stream()
                .filter(Instrument.ALL::contains)
                .map(Instrument::region)
                .collect(Collectors.toSet()));
        filling = true;
        List<String> names = figure.map(
                        f -> f.channels().stream().map(Channel::name).toList())
                .orElse(List.of());
        Parts.offer(channel, names);
        boolean single = played.size() == 1 && !Instrument.ALL.contains(played.getFirst());
        channel.setValue(
                single && names.contains(played.getFirst().name())
                        ? played.getFirst().name()
                        : null);
        filling = false;
        says.setText(
                played.isEmpty()
                        ? "Click what you perform; Ctrl takes several."
                        : played.stream()
                                .map(i -> i.name() + ": " + i.says() + ".")
                                .collect(Collectors.joining("\n")));
        State now = live.state().get();
        tryOut.setSelected(now == State.TRYING);
        tryOut.setText(now == State.TRYING ? "Trying" : "Try");
        tryOut.setDisable(now == State.RECORDING || now == State.COUNTING);
        record.setText(
                switch (now) {
                    case RECORDING -> "End and keep";
                    case COUNTING -> "In " + live.count().get() + " …";
                    default -> "Record";
                });
        record.getStyleClass().removeAll("recording");
        if (now == State.RECORDING) {
            record.getStyleClass().add("recording");
        }
        tellRange();
        card.refresh(figure);
        performances.refresh(figure);
    }

    private void tellRange() {
        State now = live.state().get();
        TimeRange range = live.range();
        where.setText(
                now == State.RECORDING
                        ? "Escape throws it away."
                        : String.format(
                                Locale.ROOT,
                                "Recording goes from %.2f to %.2f s%s, at the speed of the bar.",
                                range.start(),
                                range.end(),
                                player.looping().get()
                                                && player.loopRange().get().isPresent()
                                        ? ", the loop"
                                        : ""));
    }
}
