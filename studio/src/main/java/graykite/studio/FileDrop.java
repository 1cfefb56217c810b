package graykite.studio;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Files that are dropped on the window. */
final class FileDrop {
    private FileDrop() {}

    /**
     * @param take receives each file that should be taken in; a script that is dropped with its recording is found beside it
     * @param recordings receives several recordings that were dropped at once
     */
    static void install(Node root, Consumer<Path> take, Consumer<List<Path>> recordings) {
        root.addEventFilter(DragEvent.DRAG_OVER, e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        root.setOnDragDropped(e -> {
            if (!e.getDragboard().hasFiles()) {
                return;
            }
            List<Path> paths =
                    e.getDragboard().getFiles().stream().map(File::toPath).toList();
            sort(paths, take, recordings);
            e.setDropCompleted(true);
            e.consume();
        });
    }

    /** Hands what was dropped to those who take it; folders stand for the recordings in them. */
    static void sort(List<Path> dropped, Consumer<Path> take, Consumer<List<Path>> recordings) {
        List<Path> paths = dropped.stream().flatMap(FileDrop::unfolded).toList();
        List<Path> sounds = paths.stream().filter(FileDrop::isSound).toList();
        if (sounds.size() > 1) {
            recordings.accept(sounds);
        } else {
            sounds.forEach(take);
        }
        for (Path path : paths) {
            // A script that is dropped with its recording is found beside it.
            if (!isSound(path) && !(isScript(path) && hasSoundBeside(path, sounds))) {
                take.accept(path);
            }
        }
    }

    /** The recordings of a folder in the order of their names; the folder itself where it holds none. */
    private static Stream<Path> unfolded(Path path) {
        if (!Files.isDirectory(path)) {
            return Stream.of(path);
        }
        try (Stream<Path> inside = Files.list(path)) {
            List<Path> sounds = inside.filter(FileDrop::isSound).sorted().toList();
            return sounds.isEmpty() ? Stream.of(path) : sounds.stream();
        } catch (IOException unreadable) {
            return Stream.of(path);
        }
    }

    private static boolean isSound(Path path) {
        String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
        return FileDialogs.SOUNDS.stream().anyMatch(name::endsWith);
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
