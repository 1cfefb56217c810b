package graykite.studio.desk;

import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import graykite.studio.view.StageView;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.layout.VBox;

/** Proof: what is still wrong, with reasons and fixes; versions beside the present; what reviewers say. */
public final class ProofDesk extends Desk {
    private final Workspace workspace;
    private final NotesPane notes;
    private final VersionsPane versions;
    private final CommentsPane comments;
    private final Tabs tabs = new Tabs();

    /** @param picker asks where notes and comments go, and where they come from */
    public ProofDesk(Workspace workspace, Player player, StageView stage, FilePicker picker) {
        this.workspace = workspace;
        this.notes = new NotesPane(workspace, player);
        this.versions = new VersionsPane(workspace);
        this.comments = new CommentsPane(workspace, player, stage, picker);
        tabs.add("Notes", "What a strict supervisor would say", notes);
        tabs.add(
                "Review",
                "What reviewers say, and versions beside one another",
                new VBox(12, comments, versions, new HandOnCard(workspace, picker)));
        tabs.open().addListener((o, b, n) -> comments.putPenAway());
        getChildren().addAll(Parts.title("Proof"), tabs);
        tabs.open("Notes");
    }

    /** Opens a section by its title. */
    public void openTab(String title) {
        tabs.open(title);
    }

    @Override
    public void refresh() {
        notes.refresh();
        versions.refresh();
        comments.refresh();
    }

    @Override
    public ObservableValue<Optional<FaceTool>> tool() {
        return comments.tool();
    }

    @Override
    public void leave() {
        workspace.proof().preview(Optional.empty());
        comments.putPenAway();
    }
}
