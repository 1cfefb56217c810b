package graykite.studio;

import graykite.acting.Clip;
import graykite.edit.ClipEdit;
import graykite.edit.MouthEdit;
import graykite.edit.ProjectEdit;
import graykite.edit.ReviewEdit;
import graykite.mouth.MouthSettings;
import graykite.project.Comment;
import graykite.studio.model.Knot;
import graykite.studio.model.Workspace;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ToggleButton;

/** Faults for the pictures of the Proof desk, in a line of the demo; they are undone afterwards. */
final class DocumentationProof {
    private DocumentationProof() {}

    static void plant(StudioWindow window) {
        Workspace workspace = window.workspace();
        window.knot().set(Knot.PROOF);
        workspace.sceneId().set("");
        workspace.editLine(0, l -> new MouthEdit.SetMouth(l, MouthSettings.STANDARD.withLead(-0.14)));
        Clip.Look sudden = Clip.Look.of("Glad").withEases(0, 0.4).withMouth(0.3);
        workspace.editLine(0, l -> new ClipEdit.AddClip(l, "", 0.9, 1.4, sudden));
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
                .filter(n -> n.rule().id().equals("shape-late"))
                .findFirst()
                .ifPresent(n -> {
                    workspace.proof().chosen().set(Optional.of(n));
                    window.player().seek(n.time());
                });
    }

    /** A version beside the present, split at a line, with what a reviewer drew. */
    static void review(StudioWindow window) {
        Workspace workspace = window.workspace();
        ((ToggleButton) window.root().lookup("#tab-review")).setSelected(true);
        workspace.edit(new ProjectEdit.KeepVersion("First pass", 1_790_000_000_000L));
        workspace.editLine(
                0,
                l -> new ClipEdit.AddClip(
                        l, "", 1.5, 3.4, Clip.Look.of("Startled").withMouth(0.2)));
        Comment.Stroke brow = new Comment.Stroke(List.of(
                new Comment.Stroke.Dot(0.03, -0.17),
                new Comment.Stroke.Dot(0.07, -0.2),
                new Comment.Stroke.Dot(0.12, -0.205),
                new Comment.Stroke.Dot(0.165, -0.175)));
        workspace.editLine(
                0,
                l -> new ReviewEdit.AddComment(
                        l, "brow", 2.3, "Jo", "This brow can go higher.", List.of(brow), Optional.empty()));
        workspace.proof().comparison().split().set(true);
        workspace.proof().comparison().version().set(Optional.of("First pass"));
        window.player().seek(2.3);
    }

    /** The stage as it is. */
    static void endReview(StudioWindow window) {
        window.workspace().proof().comparison().version().set(Optional.empty());
        window.workspace().proof().comparison().split().set(false);
        ((ToggleButton) window.root().lookup("#tab-notes")).setSelected(true);
    }
}
