package graykite.studio;

import graykite.project.Line;
import graykite.studio.model.Knot;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.Optional;
import javafx.collections.MapChangeListener;

/** What the window does when something changes in the workspace: plays other sound, opens another desk, shows it all anew. */
final class Following {
    private final StudioWindow window;
    private final Workspace workspace;
    private final Player player;
    private final Desks desks;
    private final StageDirector director;
    private final SmallMouths mouths;
    private final Runnable refresh;

    /** @param refresh brings bars, desk and title up to date */
    Following(StudioWindow window, Desks desks, StageDirector director, SmallMouths mouths, Runnable refresh) {
        this.window = window;
        this.workspace = window.workspace();
        this.player = window.player();
        this.desks = desks;
        this.director = director;
        this.mouths = mouths;
        this.refresh = refresh;
    }

    void begin() {
        workspace.history().addListener((o, b, n) -> refresh.run());
        workspace.lineId().addListener((o, before, now) -> {
            boolean together = workspace
                    .openScene()
                    .filter(s -> s.block(before).isPresent() && s.block(now).isPresent())
                    .isPresent();
            if (!together) {
                player.pause();
                player.seek(0);
            }
            player.loopRange().set(Optional.empty());
            refresh.run();
        });
        workspace.sceneId().addListener((o, b, n) -> player.loopRange().set(Optional.empty()));
        workspace.savedProject().addListener((o, b, n) -> refresh.run());
        workspace.deliveries().queue().delivered().addListener((MapChangeListener<String, Line>) c -> refresh.run());
        workspace.selection().addListener((o, b, n) -> desks.refresh());
        player.loopRange().addListener((o, b, n) -> desks.refresh());
        workspace.mouth().curves().asked().addListener((o, b, channel) -> {
            if (!channel.isEmpty()) {
                window.knot().set(Knot.MOUTH);
                window.mouthDesk().ask(channel);
                workspace.mouth().curves().asked().set("");
            }
        });
        workspace.mouth().section().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                window.knot().set(Knot.MOUTH);
                window.mouthDesk().openTab("Speak");
            }
        });
        workspace.keys().index().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.looks().chosen().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.cues().chosen().addListener((o, b, n) -> {
            if (n.isPresent()) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.passes().chosen().addListener((o, b, n) -> {
            if (n.isPresent()) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.marks().chosen().addListener((o, b, n) -> {
            if (n.isPresent()) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.clips().chosen().addListener((o, b, n) -> {
            if (n.isPresent()) {
                window.knot().set(Knot.ACTING);
            }
            desks.refresh();
        });
        workspace.proof().proof().addListener((o, b, n) -> refresh.run());
        workspace.proof().asked().addListener((o, b, n) -> window.knot().set(Knot.PROOF));
        workspace.sound().addListener((o, b, sound) -> refresh.run());
        new ReferenceSound(workspace, player);
        workspace.performance().addListener((o, b, performance) -> {
            director.show();
            performance.ifPresent(mouths::show);
            refresh.run();
        });
    }
}
