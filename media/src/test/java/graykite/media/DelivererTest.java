package graykite.media;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.Behind;
import graykite.delivery.Item;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.Output;
import graykite.delivery.Span;
import graykite.delivery.Subject;
import graykite.format.character.Cast;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthSettings;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.scene.Performance;
import graykite.scene.Role;
import graykite.scene.Scene;
import graykite.scene.Stand;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.ShortBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.CancellationException;
import javax.imageio.ImageIO;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DelivererTest {
    private static final Order.Pictures SMALL = Order.Pictures.STANDARD.sized("96");
    private static Scene scene;
    private static Scene two;
    private static Sound sound;

    @TempDir
    Path folder;

    @BeforeAll
    static void prepare() {
        Character odile = Cast.byName("odile");
        Character pim = Cast.byName("pim");
        Timing timing = new Timing(
                List.of(new TimedWord(
                        "ma",
                        "",
                        List.of(new TimedPhone(Phone.M, 0.4, 0.5, false), new TimedPhone(Phone.AA, 0.5, 0.8, false)),
                        false,
                        1)),
                1.27);
        float[] samples = new float[(int) (1.27 * 44_100)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.4 * Math.sin(i * 0.06));
        }
        sound = Sound.mono(samples, 44_100);
        FittedChart chart = FittedChart.standard(odile);
        Performance performance = Performance.of(
                odile, chart, new Score(timing, Loudness.of(sound), MouthSettings.STANDARD, FrameRate.THIRTY, 1));
        scene = Scene.solo(performance);
        two = Scene.of(
                List.of(
                        new Role(
                                "odile",
                                odile,
                                chart,
                                new Deformer(odile),
                                Stand.of(0, 2),
                                List.of(new Role.Entry("a", performance, 0.5))),
                        new Role("pim", pim, FittedChart.standard(pim), new Deformer(pim), Stand.of(1, 2), List.of())),
                1);
    }

    private static void deliver(Scene of, FrameRate rate, Path file, Progress progress) {
        deliver(of, Order.of(Kind.of(file)).withPictures(SMALL).withRate(Optional.of(rate)), file, progress);
    }

    private static void deliver(Scene of, Order order, Path file, Progress progress) {
        Subject subject = Subject.alone("line", of, sound, FrameRate.FILM, 0);
        Deliverer.write(subject, order, Output.single(Kind.of(file), order, "line", "", file), progress);
    }

    /** H.264 and AAC, picture and sound of one length within a frame, read back by FFmpeg. */
    @ParameterizedTest
    @ValueSource(strings = {"24", "29.97", "60"})
    void moviesCarryTheirSound(String rateText) throws Exception {
        FrameRate rate = FrameRate.parse(rateText);
        Path file = folder.resolve("line.mp4");
        deliver(scene, rate, file, Progress.none());
        try (FFmpegFrameGrabber grabber = new FFmpegFrameGrabber(file.toFile())) {
            grabber.start();
            assertEquals("h264", grabber.getVideoCodecName().replace("lib", "").replace("open", ""));
            assertTrue(grabber.getAudioCodecName().startsWith("aac"));
            assertEquals(96, grabber.getImageWidth());
            assertEquals(rate.perSecond(), grabber.getVideoFrameRate(), 1e-3);
            int pictures = 0;
            long heard = 0;
            for (Frame frame = grabber.grab(); frame != null; frame = grabber.grab()) {
                pictures += frame.image != null ? 1 : 0;
                heard += frame.samples != null ? frame.samples[0].limit() / grabber.getAudioChannels() : 0;
            }
            assertEquals(rate.framesToCover(1.27), pictures);
            double seen = rate.secondsAt(pictures);
            // AAC comes in blocks of 1024 samples; one block of priming or padding may be seen by a reader.
            assertEquals(seen, heard / 48_000.0, Math.max(rate.frameLength(), 2 * 1024 / 48_000.0));
        }
    }

    @Test
    void picturesAndSoundInAFolder() throws Exception {
        Path out = folder.resolve("frames");
        deliver(scene, new FrameRate(12, 1), out, Progress.none());
        assertTrue(Files.exists(out.resolve("frame.00000.png")));
        assertTrue(Files.exists(out.resolve("frame.00015.png")));
        assertFalse(Files.exists(out.resolve("frame.00016.png")));
        // Drawn two at a time, each stands under its own number.
        Painter painter =
                new Painter(Subject.alone("line", scene, sound, FrameRate.FILM, 0), Camera.FRONT, SMALL, false);
        for (int f = 0; f < 16; f++) {
            Path file = out.resolve(String.format(Locale.ROOT, "frame.%05d.png", f));
            assertArrayEquals(
                    painter.paint(f / 12.0).pixels(),
                    Png.read(Files.readAllBytes(file)).pixels(),
                    file.getFileName().toString());
        }
        Sound back = SoundReader.read(out.resolve("sound.wav"), Progress.none());
        assertEquals(sound.length(), back.length());
    }

    @Test
    void curvesAndMeshes() throws Exception {
        for (String name : List.of("a.csv", "a.json", "a.glb")) {
            deliver(scene, FrameRate.NTSC, folder.resolve(name), Progress.none());
            assertTrue(Files.size(folder.resolve(name)) > 1000, name);
        }
        long rows = Files.lines(folder.resolve("a.csv")).count();
        assertEquals(FrameRate.NTSC.framesToCover(1.27) + 1, rows);
    }

    /** Everybody has curves of their own, who only listens too; what is delivered is what the stage shows. */
    @Test
    void curvesOfEachPerson() throws Exception {
        Order order = Order.of(Kind.CURVES_CSV)
                .withRate(Optional.of(FrameRate.FILM))
                .withSpan(Span.WHOLE.withStartFrame(OptionalLong.of(100)));
        Subject subject = Subject.alone("both", two, sound, FrameRate.FILM, 0);
        for (int actor = 0; actor < 2; actor++) {
            Path file = folder.resolve(actor + ".csv");
            Deliverer.write(
                    subject,
                    order,
                    new Output(Item.scene("s"), "both", Kind.CURVES_CSV, Optional.empty(), actor, "", file, 0),
                    Progress.none());
            List<String> rows = Files.readAllLines(file);
            assertEquals(FrameRate.FILM.framesToCover(1.77) + 1, rows.size());
            String[] cells = rows.get(21).split(",");
            double[] shown = two.at(actor, FrameRate.FILM.secondsAt(20));
            assertEquals(5, Double.parseDouble(cells[0]), 1e-6);
            for (int c = 0; c < shown.length; c++) {
                assertEquals(shown[c], Double.parseDouble(cells[cells.length - shown.length + c]), 1e-5);
            }
        }
    }

    /** Only some channels, only some frames, with pre-roll: rows and columns are those that were asked for. */
    @Test
    void someChannelsAndFrames() throws Exception {
        Path file = folder.resolve("some.csv");
        Order order = Order.of(Kind.CURVES_CSV)
                .withRate(Optional.of(FrameRate.FILM))
                .withCurves(new Order.Curves(0, List.of("head", "jawDrop"), true, false))
                .withSpan(Span.WHOLE.withRange("12-0.75s").withRolls(2, 3));
        deliver(scene, order, file, Progress.none());
        List<String> rows = Files.readAllLines(file);
        assertEquals(
                List.of("time", "headYaw", "headPitch", "headRoll", "jawDrop").stream()
                        .sorted()
                        .toList(),
                List.of(rows.getFirst().split(",")).stream().sorted().toList());
        // Frames 10 to 21: 12 and 18 are the ends that were named.
        assertEquals(1 + 12, rows.size());
        assertEquals(10 / 24.0, Double.parseDouble(rows.get(1).split(",")[0]), 1e-6);
    }

    /** Sound and pictures of a stretch begin and end together; what lies before the line is silent. */
    @Test
    void aStretchIsHeardAsItIsSeen() throws Exception {
        Path file = folder.resolve("some.wav");
        Order order = Order.of(Kind.WAV)
                .withRate(Optional.of(new FrameRate(10, 1)))
                .withSpan(Span.WHOLE.withRange("-4").withRolls(5, 0));
        deliver(scene, order, file, Progress.none());
        Sound heard = SoundReader.read(file, Progress.none());
        assertEquals(1.0, heard.duration(), 1e-3);
        assertEquals(0, heard.cut(new TimeRange(0, 0.49)).peak(), 1e-4);
        assertEquals(0.4, heard.cut(new TimeRange(0.51, 1)).peak(), 0.01);
    }

    /** ProRes keeps what can be seen through, VP9 and Opus read back as that; both as long as what was asked for. */
    @ParameterizedTest
    @CsvSource({"a.mov,prores,pcm_s16le", "a.webm,vp9,opus"})
    void otherMovies(String name, String video, String audio) throws Exception {
        Path file = folder.resolve(name);
        Order order = Order.of(Kind.of(file))
                .withRate(Optional.of(FrameRate.FILM))
                .withPictures(SMALL.before(Behind.NOTHING).sized("128x96"));
        deliver(scene, order, file, Progress.none());
        try (FFmpegFrameGrabber grabber = new FFmpegFrameGrabber(file.toFile())) {
            grabber.setPixelFormat(avutil.AV_PIX_FMT_BGRA);
            grabber.start();
            assertEquals(128, grabber.getImageWidth());
            assertTrue(grabber.getVideoCodecName().contains(video), grabber.getVideoCodecName());
            assertTrue(grabber.getAudioCodecName().contains(audio), grabber.getAudioCodecName());
            Frame first = grabber.grabImage();
            ByteBuffer pixels = (ByteBuffer) first.image[0];
            int corner = pixels.get(3) & 255;
            int middle = pixels.get(48 * first.imageStride + 4 * 64 + 3) & 255;
            assertEquals(video.equals("prores") ? 0 : 255, corner, 2);
            assertEquals(255, middle, 2);
            int pictures = 1;
            while (grabber.grabImage() != null) {
                pictures++;
            }
            assertEquals(FrameRate.FILM.framesToCover(1.27), pictures);
        }
    }

    /** The moment of a clap is the same in picture and sound: within what nobody notices (ITU-R BT.1359-1, 45 ms). */
    @Test
    void pictureAndSoundAreInStep() throws Exception {
        float[] clap = new float[48_000];
        Arrays.fill(clap, 24_000, 24_480, 0.9f);
        Path file = folder.resolve("clap.mp4");
        FrameRate rate = FrameRate.parse("29.97");
        int[] white = new int[96 * 96];
        Arrays.fill(white, 0xffffffff);
        int[] black = new int[96 * 96];
        Arrays.fill(black, 0xff000000);
        try (MovieWriter movie =
                new MovieWriter(file, MovieWriter.Codec.H264, 96, 96, rate, Sound.mono(clap, 48_000))) {
            for (int f = 0; f < 30; f++) {
                movie.add(new Picture(96, 96, rate.secondsAt(f) >= 0.5 - 1e-9 ? white : black));
            }
        }
        double seen = -1;
        double heard = -1;
        try (FFmpegFrameGrabber grabber = new FFmpegFrameGrabber(file.toFile())) {
            grabber.start();
            for (Frame frame = grabber.grab(); frame != null; frame = grabber.grab()) {
                if (frame.image != null && seen < 0 && (((ByteBuffer) frame.image[0]).get(40) & 255) > 128) {
                    seen = frame.timestamp / 1e6;
                }
                if (frame.samples != null && heard < 0) {
                    ShortBuffer samples = frame.samples[0] instanceof ShortBuffer s ? s : null;
                    for (int i = 0; samples != null && i < samples.limit() && heard < 0; i++) {
                        if (Math.abs(samples.get(i)) > 8000) {
                            heard = frame.timestamp / 1e6 + i / 48_000.0;
                        }
                    }
                }
            }
        }
        assertTrue(seen >= 0 && heard >= 0, "the clap is in both: " + seen + ", " + heard);
        // A picture may come up to a frame after its time; more would be the movie's own doing.
        assertEquals(heard, seen, 0.045, "seen at " + seen + " s, heard at " + heard + " s");
    }

    /**
     * In a movie of a line the lips part as the vowel after m sounds: sound leads by less than 45 ms and lags by less than 125
     * (ITU-R BT.1359-1), seen in its pixels and heard in its samples.
     */
    @Test
    void lipsPartAsTheSoundBursts() throws Exception {
        float[] burst = new float[(int) (1.27 * 48_000)];
        for (int i = 24_000; i < 38_400; i++) {
            burst[i] = (float) (0.5 * Math.sin(i * 0.05));
        }
        Path file = folder.resolve("ma.mp4");
        Order order = Order.of(Kind.MOVIE)
                .withRate(Optional.of(new FrameRate(60, 1)))
                .withPictures(Order.Pictures.STANDARD.sized("128").seen(List.of("mouth")));
        Deliverer.write(
                Subject.alone("ma", scene, Sound.mono(burst, 48_000), FrameRate.FILM, 0),
                order,
                Output.single(Kind.MOVIE, order, "ma", "", file),
                Progress.none());
        List<Double> times = new ArrayList<>();
        List<Integer> dark = new ArrayList<>();
        double heard = -1;
        try (FFmpegFrameGrabber grabber = new FFmpegFrameGrabber(file.toFile())) {
            grabber.setPixelFormat(avutil.AV_PIX_FMT_GRAY8);
            grabber.start();
            for (Frame frame = grabber.grab(); frame != null; frame = grabber.grab()) {
                if (frame.image != null) {
                    times.add(frame.timestamp / 1e6);
                    dark.add(darkPixels(frame));
                }
                if (frame.samples != null && heard < 0 && frame.samples[0] instanceof ShortBuffer samples) {
                    for (int i = 0; i < samples.limit() && heard < 0; i++) {
                        if (Math.abs(samples.get(i)) > 6000) {
                            heard = frame.timestamp / 1e6 + i / 48_000.0;
                        }
                    }
                }
            }
        }
        int shut = dark.get((int) (0.42 * 60));
        int open = dark.stream().mapToInt(d -> d).max().orElseThrow();
        assertTrue(open > shut + 100, "the mouth opens: " + shut + " to " + open + " dark pixels");
        int parts = (int) (0.42 * 60);
        while (dark.get(parts) < shut + 0.15 * (open - shut)) {
            parts++;
        }
        double lags = heard - times.get(parts);
        assertTrue(lags > -0.045 && lags < 0.125, "sound lags by " + lags + " s");
    }

    private static int darkPixels(Frame frame) {
        ByteBuffer pixels = (ByteBuffer) frame.image[0];
        int count = 0;
        for (int y = 32; y < 112; y++) {
            for (int x = 16; x < 112; x++) {
                count += (pixels.get(y * frame.imageStride + x) & 255) < 60 ? 1 : 0;
            }
        }
        return count;
    }

    /** Pictures with 16 bits have more levels than pictures with 8, and holes where nobody stands when asked for. */
    @Test
    void deepAndClearPictures() throws Exception {
        Path out = folder.resolve("deep");
        Order order = Order.of(Kind.PICTURES)
                .withRate(Optional.of(new FrameRate(2, 1)))
                .withPictures(SMALL.before(Behind.NOTHING).deep(true));
        deliver(scene, order, out, Progress.none());
        BufferedImage image = ImageIO.read(out.resolve("frame.00001.png").toFile());
        assertEquals(16, image.getColorModel().getComponentSize(0));
        int[] corner = image.getRaster().getPixel(1, 1, new int[4]);
        int[] middle = image.getRaster().getPixel(48, 48, new int[4]);
        assertEquals(0, corner[3]);
        assertEquals(65_535, middle[3]);
        Set<Integer> levels = new HashSet<>();
        for (int x = 20; x < 76; x++) {
            for (int y = 20; y < 76; y++) {
                levels.add(image.getRaster().getSample(x, y, 0));
            }
        }
        assertTrue(levels.size() > 400, levels.size() + " levels of red");
    }

    /** An older folder with more frames is replaced as a whole; after a cancel it is as it was. */
    @Test
    void noFramesOfAnOlderOneStay() throws Exception {
        Path out = folder.resolve("frames");
        Files.createDirectories(out);
        Files.writeString(out.resolve("frame.00099.png"), "old");
        assertThrows(CancellationException.class, () -> deliver(scene, FrameRate.FILM, out, cancelled()));
        assertTrue(Files.exists(out.resolve("frame.00099.png")));
        deliver(scene, new FrameRate(2, 1), out, Progress.none());
        try (var files = Files.list(out)) {
            assertEquals(
                    List.of("frame.00000.png", "frame.00001.png", "frame.00002.png", "sound.wav"),
                    files.map(f -> f.getFileName().toString()).sorted().toList());
        }
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count(), "nothing half is left beside it");
        }
    }

    private static Progress cancelled() {
        return new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
    }

    @Test
    void aCancelLeavesNothingHalf() throws Exception {
        Path file = folder.resolve("line.mp4");
        Files.writeString(file, "the old one");
        assertThrows(CancellationException.class, () -> deliver(scene, FrameRate.FILM, file, cancelled()));
        assertEquals("the old one", Files.readString(file));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count());
        }
    }

    @Test
    void formatsByName() {
        assertEquals(Kind.GLB, Kind.of(Path.of("x", "A.GLB")));
        assertEquals(Kind.PICTURES, Kind.of(Path.of("x", "frames")));
        assertThrows(BadInput.class, () -> Kind.of(Path.of("line.avi")));
        BadInput large = assertThrows(
                BadInput.class,
                () -> deliver(
                        scene,
                        Order.of(Kind.MOVIE).withPictures(Order.Pictures.STANDARD.sized("4096")),
                        folder.resolve("large.mp4"),
                        Progress.none()));
        assertTrue(large.getMessage().contains("4096 x 2304"), large.getMessage());
        assertFalse(Files.exists(folder.resolve("large.mp4")));
        assertThrows(
                BadInput.class,
                () -> new MovieWriter(
                        folder.resolve("odd.mp4"),
                        MovieWriter.Codec.H264,
                        95,
                        96,
                        FrameRate.FILM,
                        Sound.silence(1, 8000)));
    }
}
