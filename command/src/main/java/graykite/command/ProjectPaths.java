package graykite.command;

import graykite.base.BadInput;
import graykite.format.ProjectFiles;
import java.nio.file.Path;

/** Checks the names that projects are written under. */
final class ProjectPaths {
    private ProjectPaths() {}

    /** @throws BadInput when a name would not be taken for a project later */
    static void check(Path project) {
        if (!project.getFileName().toString().endsWith(ProjectFiles.EXTENSION)) {
            throw BadInput.inFile(project, "is no name for a project. Choose one that ends in .kite.");
        }
    }
}
