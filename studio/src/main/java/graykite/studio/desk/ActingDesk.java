package graykite.studio.desk;

import graykite.performance.Performance;
import graykite.studio.model.Workspace;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Acting: the instincts of the line. */
public final class ActingDesk extends Desk {
    private final Workspace workspace;
    private final Label facts = Parts.quiet("");
    private final Button vary = new Button("Vary", new FontIcon(Feather.SHUFFLE));

    public ActingDesk(Workspace workspace) {
        this.workspace = workspace;
        vary.setTooltip(new Tooltip("Another variation of blinks, eyes and head"));
        vary.setOnAction(e -> workspace.editShot("Vary instincts", 0, s -> s.withSeed(s.seed() + 1)));
        getChildren()
                .addAll(
                        Parts.title("Acting"),
                        Parts.card(
                                Parts.heading("Instincts"),
                                Parts.quiet(
                                        "Blinks, small darts of the eyes, and the head and brows on loud syllables."),
                                facts,
                                vary),
                        Parts.quiet(
                                "Still to come: expressions on the line, layers, live pass, look points and cues."));
    }

    @Override
    public void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        vary.setDisable(performance.isEmpty());
        facts.setText(performance
                .map(p -> p.life().blinks().blinks().size() + " blinks, "
                        + p.life().darts().darts().size() + " eye darts, "
                        + p.life().head().beats().size() + " head beats; variation "
                        + workspace.shot().orElseThrow().seed())
                .orElse("They come with the reading of the line."));
    }
}
