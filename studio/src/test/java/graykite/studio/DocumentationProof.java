package graykite.studio;

import graykite.acting.Clip;
import graykite.edit.ClipEdit;
import graykite.edit.MouthEdit;
import graykite.edit.ReviewEdit;
import graykite.mouth.MouthSettings;
import graykite.studio.model.Knot;
import graykite.studio.model.Workspace;
import java.util.Optional;

/** Faults for the pictures of the Proof desk, in a line of the demo; they are undone afterwards. */
final class DocumentationProof {
    private DocumentationProof() {}

    static void plant(StudioWindow window) {
        Workspace workspace = window.workspace();
        window.knot().set(Knot.PROOF);
        workspace.sceneId().set("");
        workspace.editLine(0, l -> new MouthEdit.SetMouth(l, MouthSettings.STANDARD.withLead(-0.14)));
        Clip.Look sudden = Clip.Look.of("Glad").withEases(0, 0.4).withMouth(0.3);
        workspace.editLine(0, l -> new ClipEdit.AddClip(l, "", 3.9, 5.6, sudden));
        workspace.editLine(
                0,
                l -> ReviewEdit.AddComment.said(l, 2.05, "Anke", "Let her look back to Pim before she says “moved”."));
    }

    /** True once the notes are there. */
    static boolean found(StudioWindow window) {
        return window.workspace().proof().settled()
                && window.workspace().proof().proof().get().open().size() > 3;
    }

    static void choose(StudioWindow window) {
        Workspace workspace = window.workspace();
        workspace.proof().proof().get().open().stream()
                .filter(n -> n.rule().id().equals("jump"))
                .findFirst()
                .ifPresent(n -> {
                    workspace.proof().chosen().set(Optional.of(n));
                    window.player().seek(n.time() + 0.1);
                });
    }
}
