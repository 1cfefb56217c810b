package graykite.studio.desk;

import graykite.base.AtomicFiles;
import graykite.figures.ContactSheet;
import graykite.format.GltfWriter;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.format.character.PlanFiles;
import graykite.people.plan.PersonPlan;
import graykite.picture.Png;
import graykite.rig.Character;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Saves the character that is looked at: for other projects, as glTF, as a sheet of pictures. */
final class CharacterSaves {
    private final Workspace workspace;
    private final Trial trial;
    private final CastDesk.Asks asks;

    CharacterSaves(Workspace workspace, Trial trial, CastDesk.Asks asks) {
        this.workspace = workspace;
        this.trial = trial;
        this.asks = asks;
    }

    void saveCharacter() {
        trial.figure()
                .get()
                .ifPresent(f -> asks.saveAs(
                                "Save the character",
                                fileName(f) + CharacterStore.EXTENSION,
                                List.of(CharacterStore.EXTENSION))
                        .ifPresent(path -> write(path, () -> FigureFiles.save(f, path))));
    }

    /** The plan that a face is carved of, to be made again or changed by hand. */
    void savePlan(PersonPlan plan) {
        asks.saveAs("Save the plan of a face", fileName(plan.name()) + ".json", List.of(".json"))
                .ifPresent(path -> write(path, () -> PlanFiles.write(plan, path)));
    }

    void saveGltf() {
        trial.figure()
                .get()
                .ifPresent(f -> asks.saveAs("Save as glTF", fileName(f) + ".glb", List.of(".glb"))
                        .ifPresent(path -> write(
                                path,
                                () -> AtomicFiles.write(path, out -> GltfWriter.write(f, Optional.empty(), out)))));
    }

    void saveSheet() {
        trial.figure()
                .get()
                .ifPresent(f -> asks.saveAs("Save a contact sheet", fileName(f) + ".png", List.of(".png"))
                        .ifPresent(path -> workspace
                                .jobs()
                                .start(
                                        "Drawing the contact sheet",
                                        progress -> ContactSheet.draw(f, progress),
                                        picture -> write(
                                                path, () -> AtomicFiles.write(path, out -> Png.write(picture, out))))));
    }

    private void write(Path path, Runnable writing) {
        workspace
                .jobs()
                .start(
                        "Saving " + path.getFileName(),
                        progress -> {
                            writing.run();
                            return path;
                        },
                        done -> workspace.jobs().say("Saved " + done.getFileName() + "."));
    }

    private static String fileName(Character character) {
        return fileName(character.name());
    }

    private static String fileName(String name) {
        return name.strip().replaceAll("[^\\p{L}\\p{N}]+", "_");
    }
}
