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
import graykite.scene.Ensemble;
import graykite.scene.Performance;
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
     * @param firstFrame number of the line's first frame in tables and pictures
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
     * Writes a line in the format that the path asks for. What stood there before is replaced only once the new file is
     * whole; after a cancel or an error it is as it was.
     *
     * @throws BadInput when it cannot be written
     */
    public static void deliver(
            Performance performance, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        deliver(Ensemble.solo(performance), sound, rate, view, path, progress);
    }

    /**
     * As {@link #deliver(Performance, Sound, FrameRate, View, Path, Progress)}, for a stage with several on it: movies and
     * pictures show everybody, curves and glTF are those of the one whose line it is.
     */
    public static void deliver(
            Ensemble ensemble, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        Performance performance = ensemble.lead();
        switch (Format.of(path)) {
            case GLB -> {
                FrameTable table = FrameTable.of(performance, rate);
                progress.step(0.2);
                AtomicFiles.write(path, out -> GltfWriter.write(performance.character(), Optional.of(table), out));
            }
            case CSV ->
                AtomicFiles.write(
                        path,
                        out -> CurveFiles.writeCsv(
                                FrameTable.of(performance, rate).from(view.firstFrame()), out));
            case JSON ->
                AtomicFiles.write(
                        path,
                        out -> CurveFiles.writeJson(
                                FrameTable.of(performance, rate).from(view.firstFrame()), out));
            case MP4 -> AtomicFiles.writeBeside(path, part -> writeMovie(ensemble, sound, rate, view, part, progress));
            case PICTURES -> writePictures(ensemble, sound, rate, view, path, progress);
        }
        progress.at(1);
    }

    private static void writeMovie(
            Ensemble ensemble, Sound sound, FrameRate rate, View view, Path path, Progress progress) {
        long frames = FrameTable.frames(ensemble.duration(), rate);
        Painter painter = new Painter(ensemble, view);
        try (MovieWriter movie =
                new MovieWriter(path, view.size(), view.size(), rate, Sound.mono(sound.mixed(), sound.rate()))) {
            for (int f = 0; f < frames; f++) {
                movie.add(painter.paint(rate.secondsAt(f)));
                progress.step((f + 1.0) / frames);
            }
        }
    }

    private static void writePictures(
            Ensemble ensemble, Sound sound, FrameRate rate, View view, Path folder, Progress progress) {
        long frames = FrameTable.frames(ensemble.duration(), rate);
        Painter painter = new Painter(ensemble, view);
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
        private final Ensemble ensemble;
        private final Renderer renderer = new Renderer();
        private final View view;

        Painter(Ensemble ensemble, View view) {
            this.ensemble = ensemble;
            this.view = view;
        }

        Picture paint(double seconds) {
            List<Surface> surfaces = ensemble.surfaces(ensemble.at(seconds));
            return renderer.draw(surfaces, ensemble.framed(view.camera(), 1), view.size(), view.size());
        }
    }
}
