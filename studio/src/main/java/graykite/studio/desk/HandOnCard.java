package graykite.studio.desk;

import graykite.base.AtomicFiles;
import graykite.base.Progress;
import graykite.format.ProofFiles;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.proof.Proof;
import graykite.proof.ProofReport;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.workbench.LineSheet;
import graykite.workbench.Moments;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** Hands on what the proof says: as a page, a table or JSON; and a line as a sheet of small pictures. */
final class HandOnCard extends VBox {
    private static final int PICTURE = 256;

    private final Workspace workspace;
    private final FilePicker picker;

    HandOnCard(Workspace workspace, FilePicker picker) {
        super(8);
        this.workspace = workspace;
        this.picker = picker;
        getStyleClass().add("card");
        getChildren()
                .addAll(
                        Parts.heading("Hand on"),
                        Parts.quiet("Notes and comments of all lines, with pictures; a page works without a network."),
                        Parts.row(
                                Parts.button(
                                        "Notes…",
                                        Feather.FILE_TEXT,
                                        "As a page (.html), a table (.csv) or .json",
                                        "notes-out",
                                        this::notes),
                                Parts.button(
                                        "Contact sheet…",
                                        Feather.GRID,
                                        "The line as small pictures, one for each sound; an open scene every half second",
                                        "contact-sheet",
                                        this::sheet)));
    }

    private void notes() {
        FilePicker.Ask ask =
                new FilePicker.Ask("Notes of the proof", "Notes", ProofFiles.ENDINGS, "proof.html", Optional.empty());
        picker.save(ask).ifPresent(this::write);
    }

    private void write(Path file) {
        Project project = workspace.project();
        Map<String, Proof> found = Map.copyOf(workspace.proof().byLine());
        ProofReport report = new ProofReport(
                project.title(),
                project.rate(),
                project.lines().stream()
                        .map(l -> new ProofReport.OfLine(
                                l, project.speakerOf(l).name(), found.getOrDefault(l.id(), Proof.NONE)))
                        .toList());
        Moments moments = new Moments(workspace.workbench());
        workspace
                .jobs()
                .start(
                        "Writing " + file.getFileName(),
                        progress -> {
                            ProofFiles.write(
                                    report,
                                    (line, time) -> moments.of(project, line.line(), false, time, PICTURE)
                                            .map(Png::bytes),
                                    file);
                            return file;
                        },
                        f -> workspace.jobs().say("The notes are in " + f.getFileName() + "."));
    }

    private void sheet() {
        FilePicker.Ask ask = new FilePicker.Ask(
                "Contact sheet",
                "Pictures",
                List.of(".png"),
                workspace.openScene().isPresent() ? "scene.png" : "line.png",
                Optional.empty());
        Project project = workspace.project();
        Optional<SceneWork> scene = workspace.openScene();
        workspace
                .line()
                .ifPresent(line -> picker.save(ask)
                        .ifPresent(file -> workspace
                                .jobs()
                                .start(
                                        "Drawing the contact sheet",
                                        (Progress progress) -> {
                                            LineSheet sheet = new LineSheet(new Moments(workspace.workbench()));
                                            Picture drawn = scene.map(s -> sheet.ofScene(project, s, progress))
                                                    .orElseGet(() -> sheet.of(project, line, progress));
                                            AtomicFiles.write(file, out -> Png.write(drawn, out));
                                            return file;
                                        },
                                        f -> workspace
                                                .jobs()
                                                .say("The contact sheet is in " + f.getFileName() + "."))));
    }
}
