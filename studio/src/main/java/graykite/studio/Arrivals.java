package graykite.studio;

import graykite.format.ProjectFiles;
import graykite.format.character.FigureFiles;
import graykite.studio.model.Intake;
import graykite.studio.model.Knot;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;

/** Takes what is dropped or chosen for what it is, and opens the desk where it goes on. */
final class Arrivals {
    private final Intake intake;
    private final BringIn bringIn;
    private final ObjectProperty<Knot> knot;
    private final Consumer<Path> openProject;
    private final Runnable hideStart;

    Arrivals(
            Intake intake, BringIn bringIn, ObjectProperty<Knot> knot, Consumer<Path> openProject, Runnable hideStart) {
        this.intake = intake;
        this.bringIn = bringIn;
        this.knot = knot;
        this.openProject = openProject;
        this.hideStart = hideStart;
    }

    void take(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(ProjectFiles.EXTENSION)) {
            openProject.accept(path);
        } else if (FigureFiles.mayHold(path)) {
            hideStart.run();
            bringIn.take(path);
        } else if (FileDialogs.SCRIPTS.stream().anyMatch(name::endsWith)) {
            toReading();
            intake.loadScript(path);
        } else {
            toReading();
            intake.addRecording(path);
        }
    }

    void takeRecordings(List<Path> paths) {
        toReading();
        intake.addRecordings(paths);
    }

    private void toReading() {
        hideStart.run();
        knot.set(Knot.READING);
    }
}
