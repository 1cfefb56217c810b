package graykite.studio;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files that are dropped on the window. */
final class FileDrop {
    private FileDrop() {}

    /** @param take receives each file that should be taken in; a script that is dropped with its recording is found beside it */
    static void install(Node root, Consumer<Path> take) {
        root.addEventFilter(DragEvent.DRAG_OVER, e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        root.setOnDragDropped(e -> {
            List<Path> paths =
                    e.getDragboard().getFiles().stream().map(File::toPath).toList();
            boolean sounds = paths.stream().anyMatch(p -> !isScript(p));
            for (Path path : paths) {
                // A script that is dropped with its recording is found beside it.
                if (!sounds || !isScript(path) || !hasSoundBeside(path, paths)) {
                    take.accept(path);
                }
            }
            e.setDropCompleted(true);
            e.consume();
        });
    }

    private static boolean isScript(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        return FileDialogs.SCRIPTS.stream().anyMatch(name::endsWith);
    }

    private static boolean hasSoundBeside(Path script, List<Path> dropped) {
        String stem = script.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        return dropped.stream()
                .anyMatch(p -> !isScript(p)
                        && p.getFileName()
                                .toString()
                                .replaceFirst("\\.[^.]*$", "")
                                .equals(stem));
    }
}
