package graykite.studio.desk;

import graykite.live.Fader;
import graykite.live.MidiControls;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.live.Knobs;
import graykite.studio.live.LivePass;
import graykite.studio.live.Stream;
import graykite.studio.model.Counted;
import graykite.studio.model.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What one performs with besides the mouse: a controller, a capture stream, or the simulated ones. */
final class InputChoice extends VBox {
    private static final String MOUSE = "With the mouse";
    private static final String ON_SCREEN = "With knobs on the screen";
    private static final String STREAM = "With a capture stream";
    private static final String SIMULATED = "With the simulated capture";
    private static final int KNOBS = 4;

    private final Workspace workspace;
    private final LivePass live;
    private final int usualPort;
    private final ComboBox<String> choice = new ComboBox<>();
    private final VBox card = new VBox(6);
    private final Label facts = Parts.quiet("");
    private final Timeline clock = new Timeline(new KeyFrame(Duration.millis(400), e -> tell()));

    InputChoice(Workspace workspace, LivePass live, int usualPort) {
        super(6);
        this.workspace = workspace;
        this.live = live;
        this.usualPort = usualPort;
        choice.setMaxWidth(Double.MAX_VALUE);
        choice.setId("live-input");
        choice.setAccessibleText("What you perform with");
        choice.setTooltip(new Tooltip("What you perform with; controllers are looked for when this is opened"));
        choice.setOnShowing(e -> offer());
        offer();
        choice.setValue(MOUSE);
        choice.setOnAction(e -> Optional.ofNullable(choice.getValue()).ifPresent(this::use));
        clock.setCycleCount(Animation.INDEFINITE);
        getChildren().addAll(choice, card);
        Parts.shown(card, false);
    }

    private void offer() {
        List<String> all = new ArrayList<>(List.of(MOUSE, ON_SCREEN, STREAM, SIMULATED));
        MidiControls.names().forEach(n -> all.add("With " + n));
        Parts.offer(choice, all);
    }

    private void use(String wanted) {
        switch (wanted) {
            case MOUSE -> live.useMouse();
            case ON_SCREEN -> live.useKnobs("");
            case STREAM -> live.useStream(port(), false);
            case SIMULATED -> live.useStream(0, true);
            default -> live.useKnobs(wanted.substring("With ".length()));
        }
        build();
    }

    private int port() {
        String kept = workspace.settings().text("live.port", Integer.toString(usualPort));
        return kept.matches("\\d{1,5}") && Integer.parseInt(kept) < 65_536 ? Integer.parseInt(kept) : usualPort;
    }

    private void build() {
        card.getChildren().clear();
        live.stream().ifPresent(this::streamCard);
        live.knobs().ifPresent(this::knobsCard);
        boolean any = live.stream().isPresent() || live.knobs().isPresent();
        if (!any) {
            choice.setValue(MOUSE);
        }
        Parts.shown(card, any);
        if (any) {
            clock.play();
            tell();
        } else {
            clock.stop();
        }
    }

    // --- a capture stream ----------------------------------------------------------------------------------------

    private void streamCard(Stream stream) {
        Button neutral = new Button("This face is neutral", new FontIcon(Feather.CROSSHAIR));
        neutral.setId("live-neutral");
        neutral.setTooltip(new Tooltip("From now on everything counts relative to the face as it is"));
        neutral.setOnAction(e -> {
            if (!stream.calibrate()) {
                workspace.jobs().say("Nothing has come from the stream yet.");
            }
        });
        Parts.Tuner mouth = new Parts.Tuner(
                "Mouth",
                "How much of a captured jaw, lips and tongue lies over speech; 0 leaves the mouth to the words",
                0,
                1,
                0,
                Parts::percent,
                () -> {},
                v -> live.settings().mouth().set(v));
        mouth.set(live.settings().mouth().get());
        card.getChildren().addAll(facts, neutral, mouth);
        if (!stream.isSimulated()) {
            TextField port = new TextField(Integer.toString(stream.port()));
            port.setPrefWidth(70);
            port.setAccessibleText("Port of the capture stream");
            port.setOnAction(e -> {
                workspace.settings().setText("live.port", port.getText().strip());
                live.useStream(port(), false);
                build();
            });
            card.getChildren().add(Parts.row(new Label("on port"), port));
        }
    }

    private void tell() {
        if (live.stream().isEmpty() && live.knobs().isEmpty()) {
            build();
            return;
        }
        live.stream().ifPresent(s -> facts.setText(inWords(s)));
        live.knobs()
                .filter(k -> k.faders().size() != shownFaders || k.learning().isEmpty() == waiting)
                .ifPresent(k -> build());
    }

    private String inWords(Stream stream) {
        Optional<Character> who = workspace.performance().get().map(Performance::character);
        long known = stream.controls().stream()
                .filter(c -> who.map(w -> w.has(c)).orElse(false))
                .count();
        String refused = stream.refused() > 0 ? " " + stream.refused() + " messages were none of ours." : "";
        return stream.controls().isEmpty()
                ? "Nothing comes yet. Send OSC messages \"/kite/NAME\" with a figure to port " + stream.port()
                        + " of this machine." + refused
                : String.format(
                        Locale.ROOT,
                        "%d of %s known to this face, %d a second.%s",
                        known,
                        Counted.of(stream.controls().size(), "control"),
                        stream.rate(),
                        refused);
    }

    // --- knobs ---------------------------------------------------------------------------------------------------

    private int shownFaders;
    private boolean waiting;

    private void knobsCard(Knobs knobs) {
        shownFaders = knobs.faders().size();
        waiting = knobs.learning().isPresent();
        ComboBox<String> channel = new ComboBox<>();
        channel.setMaxWidth(Double.MAX_VALUE);
        channel.setPromptText("Let a knob play…");
        channel.setId("live-learn");
        channel.setAccessibleText("The channel that the next knob plays");
        List<Channel> channels =
                workspace.performance().get().map(p -> p.character().channels()).orElse(List.of());
        Parts.offer(channel, channels.stream().map(Channel::name).toList());
        channel.setOnAction(e -> channels.stream()
                .filter(c -> c.name().equals(channel.getValue()))
                .findFirst()
                .ifPresent(c -> {
                    knobs.learn(c);
                    build();
                }));
        card.getChildren().add(channel);
        knobs.learning()
                .ifPresent(c -> card.getChildren().add(Parts.quiet("Now move the knob that plays " + c.name() + ".")));
        for (Fader fader : knobs.faders()) {
            Button forget = new Button("", new FontIcon(Feather.X));
            forget.setAccessibleText("Let the knob of " + fader.control() + " play nothing");
            forget.setTooltip(new Tooltip("This knob plays nothing any more"));
            forget.setOnAction(e -> {
                knobs.forget(fader);
                build();
            });
            card.getChildren()
                    .add(Parts.row(
                            forget,
                            Parts.quiet(fader.control() + ": " + fader.knob().inWords())));
        }
        if (knobs.isOnScreen()) {
            for (int number = 1; number <= KNOBS; number++) {
                card.getChildren().add(knob(knobs, number));
            }
        }
    }

    private static HBox knob(Knobs knobs, int number) {
        Slider slider = new Slider(0, 1, knobs.turned(number));
        slider.setId("knob-" + number);
        slider.setAccessibleText("Knob " + number);
        slider.valueProperty().addListener((o, b, now) -> knobs.turn(number, now.doubleValue()));
        HBox.setHgrow(slider, Priority.ALWAYS);
        return Parts.row(new Label("Knob " + number), slider);
    }
}
