package graykite.media;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.Behind;
import graykite.delivery.ExposureFiles;
import graykite.delivery.ExposurePdf;
import graykite.delivery.ExposureSheet;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.Output;
import graykite.delivery.Span;
import graykite.delivery.Subject;
import graykite.delivery.Wanted;
import graykite.format.Cue;
import graykite.format.CurveFiles;
import graykite.format.FrameTable;
import graykite.format.GltfWriter;
import graykite.format.SubtitleFiles;
import graykite.format.Subtitles;
import graykite.format.TimingFiles;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.reading.Timing;
import graykite.rig.Views;
import graykite.scene.Role;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Writes what is delivered of a line or scene: every kind in one place, used by the window and the command line alike. What
 * stood there before is replaced only once the new file is whole; after a cancel or an error it is as it was.
 */
public final class Deliverer {
    private static final int MOUTH = 72;

    private Deliverer() {}

    /**
     * Writes one file or folder.
     *
     * @throws BadInput when it cannot be written
     */
    public static void write(Subject subject, Order order, Output output, Progress progress) {
        FrameRate rate = order.rate().orElse(subject.rate());
        Span.Frames frames = order.span().frames(subject.scene().duration(), rate, subject.startFrame());
        Path path = output.path();
        switch (output.kind()) {
            case GLB, CURVES_CSV, CURVES_JSON -> curves(subject, order, output, rate, frames);
            case MOVIE -> movie(subject, order, output, MovieWriter.Codec.H264, rate, frames, progress);
            case PRORES -> movie(subject, order, output, MovieWriter.Codec.PRORES, rate, frames, progress);
            case WEBM -> movie(subject, order, output, MovieWriter.Codec.VP9, rate, frames, progress);
            case PICTURES ->
                Pictures.write(() -> painter(subject, order, output), subject, order, path, rate, frames, progress);
            case WAV -> AtomicFiles.write(path, out -> WavFiles.write(sound(subject, rate, frames), out));
            case SHEET_CSV -> {
                ExposureSheet sheet = ExposureSheet.of(subject, output.actor(), rate, frames);
                AtomicFiles.write(path, out -> ExposureFiles.writeCsv(sheet, out));
            }
            case SHEET_PDF -> {
                ExposureSheet sheet = ExposureSheet.of(subject, output.actor(), rate, frames);
                AtomicFiles.write(
                        path,
                        out -> out.write(ExposurePdf.of(sheet, t -> mouth(subject, output.actor(), t), progress)));
            }
            case SUBRIP -> AtomicFiles.write(path, out -> SubtitleFiles.writeSubRip(cues(subject, rate, frames), out));
            case WEBVTT -> AtomicFiles.write(path, out -> SubtitleFiles.writeWebVtt(cues(subject, rate, frames), out));
            case WORDS_CSV -> times(subject, output, TimingFiles.Kind.CSV, TimingFiles.Level.WORDS);
            case WORDS_CTM -> times(subject, output, TimingFiles.Kind.CTM, TimingFiles.Level.WORDS);
            case PHONES_CSV -> times(subject, output, TimingFiles.Kind.CSV, TimingFiles.Level.PHONES);
            case PHONES_CTM -> times(subject, output, TimingFiles.Kind.CTM, TimingFiles.Level.PHONES);
            case READING_JSON -> times(subject, output, TimingFiles.Kind.JSON, TimingFiles.Level.PHONES);
            case CONTACT -> {
                Picture sheet = subject.contact().apply(progress);
                AtomicFiles.write(path, out -> Png.write(sheet, out));
            }
        }
        progress.at(1);
    }

    // --- curves ------------------------------------------------------------------------------------------------------

    private static void curves(Subject subject, Order order, Output output, FrameRate rate, Span.Frames frames) {
        Scene scene = subject.scene();
        int actor = output.actor();
        // A neutral key before the start belongs to the curves.
        long neutral = Math.round(scene.preRoll(actor) * rate.perSecond());
        Span.Frames all = frames.reachingBack(neutral);
        FrameTable table = FrameTable.of(scene, actor, rate, all.first(), all.count(), all.startNumber());
        Wanted wanted = Wanted.of(scene.character(actor), order.curves().channels());
        switch (output.kind()) {
            case CURVES_CSV ->
                AtomicFiles.write(output.path(), out -> CurveFiles.writeCsv(table.only(wanted::has), out));
            case CURVES_JSON ->
                AtomicFiles.write(output.path(), out -> CurveFiles.writeJson(table.only(wanted::has), out));
            default -> {
                GltfWriter.How how = new GltfWriter.How(
                        order.curves().thinning(),
                        order.curves().figure(),
                        order.curves().compact());
                AtomicFiles.write(
                        output.path(),
                        out -> GltfWriter.write(scene.character(actor), Optional.of(wanted.atRest(table)), how, out));
            }
        }
    }

    // --- pictures ----------------------------------------------------------------------------------------------------

    private static Painter painter(Subject subject, Order order, Output output) {
        String view = output.view().orElse("front");
        Camera camera = subject.views()
                .apply(view)
                .orElseThrow(() -> new BadInput("There is no view \"" + view
                        + "\". Choose front, three-quarter, profile, mouth, or one that the project keeps."));
        boolean clear = order.pictures().behind().equals(Behind.NOTHING)
                && output.kind().canBeClear();
        return new Painter(subject, camera, order.pictures(), clear);
    }

    private static void movie(
            Subject subject,
            Order order,
            Output output,
            MovieWriter.Codec codec,
            FrameRate rate,
            Span.Frames frames,
            Progress progress) {
        Order.Pictures pictures = order.pictures();
        Sound sound = sound(subject, rate, frames);
        AtomicFiles.writeBeside(output.path(), part -> {
            try (MovieWriter movie = new MovieWriter(
                    part, codec, pictures.width(), pictures.height(), rate, Sound.mono(sound.mixed(), sound.rate()))) {
                PaintAhead.each(
                        () -> painter(subject, order, output),
                        frames.count(),
                        (painter, f) -> painter.paint(frames.time(f, rate)),
                        (f, picture) -> {
                            movie.add(picture);
                            progress.step((f + 1.0) / frames.count());
                        });
            }
        });
    }

    /** What is heard while the frames show. */
    static Sound sound(Subject subject, FrameRate rate, Span.Frames frames) {
        double from = frames.time(0, rate);
        double to = frames.time(frames.count(), rate);
        boolean whole = frames.first() == 0
                && subject.sound().duration() <= to + 1e-9
                && rate.framesToCover(subject.scene().duration()) == frames.count();
        return whole ? subject.sound() : subject.sound().cut(new TimeRange(from, to));
    }

    private static byte[] mouth(Subject subject, int actor, double time) {
        Scene scene = subject.scene();
        double[] values = scene.at(actor, Math.clamp(time, 0, scene.duration()));
        return Png.bytes(new Renderer()
                .draw(scene.role(actor).deformer().deform(values), Views.mouth(scene.character(actor)), MOUTH, MOUTH));
    }

    // --- words -------------------------------------------------------------------------------------------------------

    /** Of everybody, on the clock of what is delivered. */
    private static List<Cue> cues(Subject subject, FrameRate rate, Span.Frames frames) {
        double from = frames.time(0, rate);
        double to = frames.time(frames.count(), rate);
        List<Cue> cues = new ArrayList<>();
        for (int actor = 0; actor < subject.scene().size(); actor++) {
            for (Role.Entry entry : subject.scene().role(actor).lines()) {
                Subtitles.of(entry.performance().timing(), subject.people().get(actor), entry.start()).stream()
                        .filter(c -> c.end() > from && c.start() < to)
                        .map(c -> new Cue(
                                Math.max(0, c.start() - from), Math.min(to, c.end()) - from, c.speaker(), c.lines()))
                        .forEach(cues::add);
            }
        }
        cues.sort(Comparator.comparingDouble(Cue::start));
        return cues;
    }

    /** Times of words and sounds are those of the line's own recording. */
    private static void times(Subject subject, Output output, TimingFiles.Kind kind, TimingFiles.Level level) {
        Timing timing = subject.scene()
                .entry(output.line())
                .orElseThrow(() -> new BadInput("The line is not read yet."))
                .performance()
                .timing();
        String name = subject.lines().getOrDefault(output.line(), subject.title());
        AtomicFiles.write(output.path(), out -> TimingFiles.write(timing, kind, level, name, out));
    }

    /** Kinds of one output that need what was said about a line. */
    public static boolean needsNotes(Kind kind) {
        return kind == Kind.SHEET_CSV || kind == Kind.SHEET_PDF;
    }
}
