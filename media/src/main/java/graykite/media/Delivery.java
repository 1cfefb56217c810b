package graykite.media;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.CurveFiles;
import graykite.format.FrameTable;
import graykite.format.GltfWriter;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Delivers what happens on a stage: one call for every format, used by the window and the command line alike. */
public final class Delivery {
    /** What can be delivered. */
    public enum Format {
        GLB("glTF 2.0 with animation", ".glb"),
        MP4("Movie with sound", ".mp4"),
        CSV("Curves as CSV", ".csv"),
        JSON("Curves as JSON", ".json"),
        PICTURES("PNG pictures and WAV in a folder", "");

        private final String title;
        private final String extension;

        Format(String title, String extension) {
            this.title = title;
            this.extension = extension;
        }

        public String title() {
            return title;
        }

        /** With its dot; empty for a folder. */
        public String extension() {
            return extension;
        }

        /**
         * The format that a path asks for: by its extension, a folder where it has none.
         *
         * @throws BadInput when the extension is unknown
         */
        public static Format of(Path path) {
            String name = path.getFileName().toString().toLowerCase(Locale.ROOT);
            for (Format format : values()) {
                if (!format.extension.isEmpty() && name.endsWith(format.extension)) {
                    return format;
                }
            }
            if (name.contains(".") && !Files.isDirectory(path)) {
                throw BadInput.inFile(
                        path, "the extension is none of .glb .mp4 .csv .json. Choose one, or a folder for pictures.");
            }
            return PICTURES;
        }
    }

    /**
     * How pictures are made.
     *
     * @param size pixels a side
     * @param firstFrame number of the first frame in tables, animations and pictures
     */
    public record View(Camera camera, int size, long firstFrame) {
        public static final View STANDARD = new View(Camera.FRONT, 720);

        /** Frames counted from 0. */
        public View(Camera camera, int size) {
            this(camera, size, 0);
        }
    }

    private Delivery() {}

    /**
     * Writes what happens on a stage in the format that the path asks for: movies and pictures show everybody; curves and
     * glTF are one file for each person, with the person in its name where there are several. What stood there before is
     * replaced only once the new file is whole; after a cancel or an error it is as it was.
     *
     * @return what was written
     * @throws BadInput when it cannot be written
     */
    public static List<Path> deliver(
            Scene scene, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        List<Path> written =
                switch (Format.of(path)) {
                    case GLB ->
                        each(scene, path, progress, (actor, file) -> {
                            FrameTable table = table(scene, actor, rate, view);
                            AtomicFiles.write(
                                    file, out -> GltfWriter.write(scene.character(actor), Optional.of(table), out));
                        });
                    case CSV ->
                        each(scene, path, progress, (actor, file) -> {
                            FrameTable table = table(scene, actor, rate, view);
                            AtomicFiles.write(file, out -> CurveFiles.writeCsv(table, out));
                        });
                    case JSON ->
                        each(scene, path, progress, (actor, file) -> {
                            FrameTable table = table(scene, actor, rate, view);
                            AtomicFiles.write(file, out -> CurveFiles.writeJson(table, out));
                        });
                    case MP4 -> {
                        AtomicFiles.writeBeside(path, part -> writeMovie(scene, sound, rate, view, part, progress));
                        yield List.of(path);
                    }
                    case PICTURES -> {
                        writePictures(scene, sound, rate, view, path, progress);
                        yield List.of(path);
                    }
                };
        progress.at(1);
        return written;
    }

    private interface ForOne {
        void write(int actor, Path file);
    }

    private static List<Path> each(Scene scene, Path path, Progress progress, ForOne one) {
        List<Path> files = new ArrayList<>();
        for (int actor = 0; actor < scene.size(); actor++) {
            Path file = fileOf(scene, actor, path);
            one.write(actor, file);
            files.add(file);
            progress.step((actor + 1.0) / scene.size());
        }
        return files;
    }

    /** One person alone has the file as it was named; several have theirs side by side. */
    static Path fileOf(Scene scene, int actor, Path path) {
        if (scene.size() == 1) {
            return path;
        }
        String name = path.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String person = scene.role(actor).member().replaceAll("[^\\p{L}\\p{N}-]+", "_");
        return path.resolveSibling(name.substring(0, dot) + "-" + person + name.substring(dot));
    }

    private static FrameTable table(Scene scene, int actor, FrameRate rate, View view) {
        FrameTable table = FrameTable.of(scene, actor, rate);
        return table.from(view.firstFrame() + table.firstFrame());
    }

    private static void writeMovie(Scene scene, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        long frames = FrameTable.frames(scene.duration(), rate);
        Painter painter = new Painter(scene, view);
        try (MovieWriter movie =
                new MovieWriter(path, view.size(), view.size(), rate, Sound.mono(sound.mixed(), sound.rate()))) {
            for (int f = 0; f < frames; f++) {
                movie.add(painter.paint(rate.secondsAt(f)));
                progress.step((f + 1.0) / frames);
            }
        }
    }

    private static void writePictures(
            Scene scene, Sound sound, FrameRate rate, View view, Path folder, Progress progress) {
        long frames = FrameTable.frames(scene.duration(), rate);
        Painter painter = new Painter(scene, view);
        try {
            Files.createDirectories(folder);
        } catch (IOException failure) {
            throw BadInput.inFile(folder, "the folder cannot be made here. Choose another place.", failure);
        }
        for (int f = 0; f < frames; f++) {
            Picture picture = painter.paint(rate.secondsAt(f));
            Path file = folder.resolve(String.format(Locale.ROOT, "frame.%05d.png", view.firstFrame() + f));
            AtomicFiles.write(file, out -> Png.write(picture, out));
            progress.step((f + 1.0) / frames);
        }
        AtomicFiles.write(folder.resolve("sound.wav"), out -> WavFiles.write(sound, out));
    }

    /** Draws frames one after another with one set of buffers. */
    private static final class Painter {
        private final Scene scene;
        private final Renderer renderer = new Renderer();
        private final View view;

        Painter(Scene scene, View view) {
            this.scene = scene;
            this.view = view;
        }

        Picture paint(double seconds) {
            List<Surface> surfaces = scene.surfaces(scene.at(seconds));
            return renderer.draw(surfaces, scene.framed(view.camera(), 1), view.size(), view.size());
        }
    }
}
