package graykite.studio.desk;

import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.Optional;

/** Proof: what is still wrong, with reasons and fixes. */
public final class ProofDesk extends Desk {
    private final Workspace workspace;
    private final NotesPane notes;

    public ProofDesk(Workspace workspace, Player player) {
        this.workspace = workspace;
        this.notes = new NotesPane(workspace, player);
        Tabs tabs = new Tabs();
        tabs.add("Notes", "What a strict supervisor would say", notes);
        getChildren().addAll(Parts.title("Proof"), tabs);
        tabs.open("Notes");
    }

    @Override
    public void refresh() {
        notes.refresh();
    }

    @Override
    public void leave() {
        workspace.proof().preview(Optional.empty());
    }
}
