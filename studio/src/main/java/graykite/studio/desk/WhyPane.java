package graykite.studio.desk;

import graykite.layer.Reason;
import graykite.mouth.Beat;
import graykite.rig.Channel;
import graykite.rig.FacePull;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.scene.Why;
import graykite.studio.model.Latest;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Why the mouth is like this here: the chain from sound to channel value at the playhead, in figures that add up. */
final class WhyPane extends VBox implements FaceTool {
    private static final int MOST = 8;

    private final Workspace workspace;
    private final Player player;
    private final Runnable showCurve;
    private final Latest asking = new Latest("kite-why");
    private final Label moment = Parts.heading("");
    private final Label pointed = Parts.quiet("");
    private final FlowPane channels = new FlowPane(4, 4);
    private final VBox answer = new VBox(6);
    private Optional<List<Integer>> fromFace = Optional.empty();
    /** Who on the stage is asked about, by order. */
    private int actor;

    private String channel = "";

    /** What is known about a moment. */
    private record Answer(List<Integer> offered, Optional<Why> why) {}

    /** @param showCurve opens the curve of the channel that is asked about */
    WhyPane(Workspace workspace, Player player, Runnable showCurve) {
        super(10);
        this.workspace = workspace;
        this.player = player;
        this.showCurve = showCurve;
        answer.setId("why-answer");
        getChildren()
                .addAll(
                        Parts.quiet(
                                "Click on the face, or choose a channel: what makes it what it is at the playhead?"),
                        moment,
                        pointed,
                        channels,
                        answer);
        Parts.shown(pointed, false);
        player.time().addListener((o, b, n) -> {
            if (getScene() != null && !player.playing().get()) {
                refresh();
            }
        });
        player.playing().addListener((o, b, playing) -> {
            if (getScene() != null && !playing) {
                refresh();
            }
        });
    }

    void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        if (fromFace.isEmpty()) {
            actor = workspace.speakerOnStage();
        }
        if (performance.isEmpty()) {
            moment.setText("There is no movement yet: read the line first.");
            channels.getChildren().clear();
            answer.getChildren().clear();
            return;
        }
        if (workspace.scene().get().isEmpty()) {
            return;
        }
        Performance line = performance.get();
        Scene scene = workspace.scene().get().get();
        double time = player.time().get();
        double moment = time + workspace.lineStart();
        int who = Math.min(actor, scene.size() - 1);
        String wanted = channel;
        Optional<List<Integer>> pointedAt = fromFace;
        asking.ask(
                () -> {
                    List<Integer> offered =
                            pointedAt.filter(l -> !l.isEmpty()).orElseGet(() -> scene.busiest(who, moment, MOST));
                    Optional<Integer> index = Optional.ofNullable(
                                    scene.character(who).channelIndex().get(wanted))
                            .filter(i -> pointedAt.map(l -> l.contains(i)).orElse(true))
                            .or(() -> offered.stream().findFirst());
                    return new Answer(offered, index.map(i -> scene.why(who, i, moment)));
                },
                found -> fill(line, scene.channels(who), time, found));
    }

    private void fill(Performance line, List<Channel> all, double time, Answer found) {
        Beat beat = line.beats().at(time);
        String sound = beat.isSilence()
                ? "a pause"
                : beat.phone().ipa() + " in “"
                        + line.timing().words().get(beat.word()).text() + "”";
        moment.setText(workspace.timecode(time).substring(3) + ":  the mouth shows " + sound);
        channels.getChildren().clear();
        for (int index : found.offered()) {
            String name = all.get(index).name();
            ToggleButton chip = new ToggleButton(name);
            chip.getStyleClass().setAll("toggle-button", "chip");
            chip.setId("why-" + name);
            chip.setSelected(found.why().map(w -> w.channel().equals(name)).orElse(false));
            chip.setTooltip(new Tooltip(all.get(index).describes()));
            chip.setOnAction(e -> {
                channel = name;
                refresh();
            });
            channels.getChildren().add(chip);
        }
        answer.getChildren().clear();
        found.why().ifPresent(this::tell);
        if (found.why().isEmpty()) {
            answer.getChildren().add(Parts.quiet("Every channel is at rest here."));
        }
    }

    private void tell(Why why) {
        VBox card = Parts.card();
        for (Reason reason : why.reasons()) {
            card.getChildren().add(row(reason.words(), String.format(Locale.ROOT, "%+.3f", reason.adds()), "quiet"));
        }
        if (why.reasons().isEmpty()) {
            card.getChildren().add(Parts.quiet("Nothing moves it here."));
        }
        Region rule = new Region();
        rule.setMinHeight(1);
        rule.setStyle("-fx-background-color: line;");
        card.getChildren()
                .addAll(rule, row(why.channel() + " is", String.format(Locale.ROOT, "%.3f", why.value()), "heading"));
        Hyperlink curve = new Hyperlink("Show its curve on the sheet");
        curve.setOnAction(e -> {
            workspace.mouth().curves().channel().set(why.channel());
            showCurve.run();
        });
        answer.getChildren().addAll(card, curve);
    }

    private static HBox row(String words, String figure, String style) {
        Label text = new Label(words);
        text.getStyleClass().add(style);
        text.setWrapText(true);
        text.setMaxWidth(Double.MAX_VALUE);
        text.setMinHeight(Region.USE_PREF_SIZE);
        HBox.setHgrow(text, Priority.ALWAYS);
        Label number = new Label(figure);
        number.getStyleClass().add("why-figure");
        number.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(10, text, number);
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    // --- pointing at the face --------------------------------------------------------------------------------------

    @Override
    public boolean press(View view, double x, double y) {
        Optional<Scene> stage = workspace.scene().get();
        if (stage.isEmpty() || workspace.performance().get().isEmpty()) {
            return false;
        }
        player.pause();
        Scene scene = stage.get();
        List<double[]> values = scene.at(player.time().get() + workspace.lineStart());
        asking.ask(
                () -> scene.pick(values, view.camera(), view.width(), view.height(), x, y)
                        .map(p -> new Pointed(
                                p.actor(),
                                new FacePull(scene.character(p.actor()), p.point(), c -> true)
                                        .holders(values.get(p.actor())))),
                this::pointedAt);
        return true;
    }

    /** What moves the place on somebody's face that was pointed at. */
    private record Pointed(int actor, List<FacePull.Holder> holders) {}

    private void pointedAt(Optional<Pointed> found) {
        Optional<Scene> scene = workspace.scene().get();
        if (scene.isEmpty()) {
            return;
        }
        found.ifPresent(p -> actor = p.actor());
        List<FacePull.Holder> holders = found.map(Pointed::holders).orElse(List.of());
        if (found.isEmpty()) {
            fromFace = Optional.empty();
            pointed.setText("That is no part of the face: these channels are the busiest.");
        } else if (holders.isEmpty()) {
            fromFace = Optional.empty();
            pointed.setText("This place is where it is at rest: these channels are the busiest.");
        } else {
            List<FacePull.Holder> most = holders.subList(0, Math.min(MOST, holders.size()));
            fromFace = Optional.of(most.stream().map(FacePull.Holder::channel).toList());
            channel = scene.get().channels(actor).get(most.getFirst().channel()).name();
            pointed.setText(String.format(
                    Locale.ROOT,
                    "Where you clicked, %s moves the face most: %.1f mm.",
                    channel,
                    most.getFirst().millimetres()));
        }
        Parts.shown(pointed, true);
        refresh();
    }

    /** Asks about a channel, whether or not it is among the busiest. */
    void ask(String name) {
        forget();
        actor = workspace.speakerOnStage();
        channel = name;
        workspace
                .performance()
                .get()
                .flatMap(p -> Optional.ofNullable(p.character().channelIndex().get(name)))
                .ifPresent(index -> fromFace = Optional.of(List.of(index)));
        refresh();
    }

    void stop() {
        asking.close();
    }

    /** Forgets the place that was pointed at. */
    void forget() {
        fromFace = Optional.empty();
        Parts.shown(pointed, false);
    }

    @Override
    public String hint() {
        return "Click where you want to know why";
    }
}
