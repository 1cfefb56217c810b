package graykite.studio.view;

import graykite.format.ProjectFiles;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;

/** The small picture that a project keeps of itself; the mark where it has none. */
final class RecentThumbnail {
    private static final double SIZE = 40;

    private RecentThumbnail() {}

    static Node of(Path project) {
        StackPane frame = new StackPane();
        frame.setMinSize(SIZE, SIZE);
        frame.setMaxSize(SIZE, SIZE);
        frame.setStyle("-fx-background-color: paper-2; -fx-background-radius: 4;");
        try (ZipFile zip = new ZipFile(project.toFile())) {
            ZipEntry entry = zip.getEntry(ProjectFiles.THUMBNAIL);
            if (entry != null && entry.getSize() < 1 << 20) {
                try (InputStream in = zip.getInputStream(entry)) {
                    ImageView view = new ImageView(new Image(in, SIZE, SIZE, true, true));
                    frame.getChildren().add(view);
                    return frame;
                }
            }
        } catch (IOException unreadable) {
            // A damaged project is reported when it is opened; here it simply has no picture.
            System.getLogger(RecentThumbnail.class.getName())
                    .log(System.Logger.Level.DEBUG, "No thumbnail in " + project, unreadable);
        }
        frame.getChildren().add(KiteMark.large(32));
        return frame;
    }
}
