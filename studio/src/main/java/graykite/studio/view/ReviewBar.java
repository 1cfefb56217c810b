package graykite.studio.view;

import graykite.proof.ProofNote;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.Duration;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What is at hand while the face is alone on the screen: play, time, speed, loop and the notes. It comes with the pointer and goes. */
public final class ReviewBar extends HBox {
    private static final Duration STAYS = Duration.seconds(2.5);

    private final Workspace workspace;
    private final Player player;
    private final Slider time = new Slider();
    private final Label clock = new Label();
    private final Label note = new Label();
    private final PauseTransition stays = new PauseTransition(STAYS);
    private boolean following;

    public ReviewBar(Workspace workspace, Player player) {
        super(8);
        this.workspace = workspace;
        this.player = player;
        setId("review-bar");
        getStyleClass().addAll("bar", "review-bar");
        setMaxHeight(USE_PREF_SIZE);
        Button play = button(Feather.PLAY, "Play or pause (Space)", player::toggle);
        play.setId("review-play");
        player.playing().addListener((o, b, on) -> play.setGraphic(new FontIcon(on ? Feather.PAUSE : Feather.PLAY)));
        ToggleButton loop = new ToggleButton("", new FontIcon(Feather.REPEAT));
        loop.setTooltip(new Tooltip("Loop (L)"));
        loop.setAccessibleText("Loop");
        loop.selectedProperty().bindBidirectional(player.looping());
        Button speed = button(Feather.CHEVRONS_RIGHT, "Full, half or quarter speed (H)", this::slower);
        player.speed()
                .addListener(
                        (o, b, n) -> speed.setText(n.doubleValue() == 1 ? "" : n.doubleValue() == 0.5 ? "½" : "¼"));
        time.setAccessibleText("Time");
        time.valueProperty().addListener((o, b, n) -> {
            if (!following) {
                player.scrub(n.doubleValue());
            }
        });
        HBox.setHgrow(time, Priority.ALWAYS);
        clock.getStyleClass().add("figures");
        clock.setMinWidth(92);
        note.setId("review-note");
        note.setMaxWidth(420);
        Button before = button(Feather.CHEVRON_LEFT, "The note before (Shift+N)", () -> step(false));
        Button next = button(Feather.CHEVRON_RIGHT, "The next note (N)", () -> step(true));
        next.setId("review-next");
        getChildren().addAll(play, loop, speed, time, clock, before, next, note);
        stays.setOnFinished(e -> setVisible(isHover()));
        player.shown().addListener((o, b, n) -> follow());
        workspace.proof().chosen().addListener((o, b, n) -> tell(n));
        tell(workspace.proof().chosen().get());
        setVisible(false);
    }

    private static Button button(Feather icon, String tip, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.setTooltip(new Tooltip(tip));
        button.setAccessibleText(tip);
        button.setOnAction(e -> action.run());
        return button;
    }

    private void slower() {
        double now = player.speed().get();
        player.speed().set(now <= 0.25 ? 1 : now / 2);
    }

    private void step(boolean forward) {
        workspace.proof().step(player.time().get(), forward).ifPresent(n -> player.seek(n.time()));
    }

    private void tell(Optional<ProofNote> chosen) {
        note.setText(chosen.map(n -> n.rule().title() + ": " + n.says()).orElse(""));
        note.setTooltip(chosen.map(n -> new Tooltip(n.says())).orElse(null));
    }

    private void follow() {
        following = true;
        time.setMin(player.beginning());
        time.setMax(Math.max(player.beginning() + 0.01, player.duration()));
        time.setValue(player.shown().get());
        following = false;
        clock.setText(workspace.timecode(player.shown().get()));
    }

    /** Comes for a while whenever the pointer moves over something. */
    public void comeWith(Node over) {
        over.setOnMouseMoved(e -> {
            follow();
            setVisible(true);
            stays.playFromStart();
        });
    }

    /** Goes, until the pointer is moved over something else. */
    public void leave(Node over) {
        over.setOnMouseMoved(null);
        stays.stop();
        setVisible(false);
    }
}
