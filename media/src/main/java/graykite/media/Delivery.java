package graykite.media;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.CurveFiles;
import graykite.format.FrameTable;
import graykite.format.GltfWriter;
import graykite.performance.Performance;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.rig.Deformer;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Delivers a line: one call for every format, used by the window and the command line alike. */
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
     */
    public record View(Camera camera, int size) {
        public static final View STANDARD = new View(Camera.FRONT, 720);
    }

    private Delivery() {}

    /**
     * Writes a line in the format that the path asks for. What stood there before is replaced only once the new file is
     * whole; after a cancel or an error it is as it was.
     *
     * @throws BadInput when it cannot be written
     */
    public static void deliver(
            Performance performance, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        switch (Format.of(path)) {
            case GLB -> {
                FrameTable table = FrameTable.of(performance, rate);
                progress.step(0.2);
                AtomicFiles.write(path, out -> GltfWriter.write(performance.character(), Optional.of(table), out));
            }
            case CSV -> AtomicFiles.write(path, out -> CurveFiles.writeCsv(FrameTable.of(performance, rate), out));
            case JSON -> AtomicFiles.write(path, out -> CurveFiles.writeJson(FrameTable.of(performance, rate), out));
            case MP4 ->
                AtomicFiles.writeBeside(path, part -> writeMovie(performance, sound, rate, view, part, progress));
            case PICTURES -> writePictures(performance, sound, rate, view, path, progress);
        }
        progress.at(1);
    }

    private static void writeMovie(
            Performance performance, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        FrameTable table = FrameTable.of(performance, rate);
        Painter painter = new Painter(performance, view);
        try (MovieWriter movie =
                new MovieWriter(path, view.size(), view.size(), rate, Sound.mono(sound.mixed(), sound.rate()))) {
            for (int f = 0; f < table.rows().size(); f++) {
                movie.add(painter.paint(table.rows().get(f)));
                progress.step((f + 1.0) / table.rows().size());
            }
        }
    }

    private static void writePictures(
            Performance performance, Sound sound, FrameRate rate, View view, Path folder, Progress progress) {
        FrameTable table = FrameTable.of(performance, rate);
        Painter painter = new Painter(performance, view);
        try {
            Files.createDirectories(folder);
        } catch (IOException failure) {
            throw BadInput.inFile(folder, "the folder cannot be made here. Choose another place.", failure);
        }
        for (int f = 0; f < table.rows().size(); f++) {
            Picture picture = painter.paint(table.rows().get(f));
            Path file = folder.resolve(String.format(Locale.ROOT, "frame.%05d.png", f));
            AtomicFiles.write(file, out -> Png.write(picture, out));
            progress.step((f + 1.0) / table.rows().size());
        }
        AtomicFiles.write(folder.resolve("sound.wav"), out -> WavFiles.write(sound, out));
    }

    /** Draws frames one after another with one set of buffers. */
    private static final class Painter {
        private final Deformer deformer;
        private final Renderer renderer = new Renderer();
        private final View view;

        Painter(Performance performance, View view) {
            this.deformer = new Deformer(performance.character());
            this.view = view;
        }

        Picture paint(double[] values) {
            List<graykite.picture.Surface> surfaces = deformer.deform(values);
            return renderer.draw(surfaces, view.camera(), view.size(), view.size());
        }
    }
}
