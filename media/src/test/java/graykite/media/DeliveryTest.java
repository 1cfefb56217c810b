package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.base.BadInput;
import graykite.base.Progress;
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
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DeliveryTest {
    private static final Delivery.View SMALL = new Delivery.View(Camera.FRONT, 96);
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

    /** H.264 and AAC, picture and sound of one length within a frame, read back by FFmpeg. */
    @ParameterizedTest
    @ValueSource(strings = {"24", "29.97", "60"})
    void moviesCarryTheirSound(String rateText) throws Exception {
        FrameRate rate = FrameRate.parse(rateText);
        Path file = folder.resolve("line.mp4");
        Delivery.deliver(scene, sound, rate, SMALL, file, Progress.none());
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
        Delivery.deliver(scene, sound, new FrameRate(12, 1), SMALL, out, Progress.none());
        assertTrue(Files.exists(out.resolve("frame.00000.png")));
        assertTrue(Files.exists(out.resolve("frame.00015.png")));
        assertFalse(Files.exists(out.resolve("frame.00016.png")));
        Picture picture = Png.read(Files.readAllBytes(out.resolve("frame.00008.png")));
        assertEquals(96, picture.width());
        Sound back = SoundReader.read(out.resolve("sound.wav"), Progress.none());
        assertEquals(sound.length(), back.length());
    }

    @Test
    void curvesAndMeshes() throws Exception {
        for (String name : List.of("a.csv", "a.json", "a.glb")) {
            Delivery.deliver(scene, sound, FrameRate.NTSC, SMALL, folder.resolve(name), Progress.none());
            assertTrue(Files.size(folder.resolve(name)) > 1000, name);
        }
        long rows = Files.lines(folder.resolve("a.csv")).count();
        assertEquals(FrameRate.NTSC.framesToCover(1.27) + 1, rows);
    }

    /** Everybody has curves of their own, who only listens too; what is delivered is what the stage shows. */
    @Test
    void curvesOfEachPerson() throws Exception {
        List<Path> files = Delivery.deliver(
                two,
                sound,
                FrameRate.FILM,
                new Delivery.View(Camera.FRONT, 96, 100),
                folder.resolve("both.csv"),
                Progress.none());
        assertEquals(List.of(folder.resolve("both-odile.csv"), folder.resolve("both-pim.csv")), files);
        for (int actor = 0; actor < 2; actor++) {
            List<String> rows = Files.readAllLines(files.get(actor));
            assertEquals(FrameRate.FILM.framesToCover(1.77) + 1, rows.size());
            String[] cells = rows.get(21).split(",");
            double[] shown = two.at(actor, FrameRate.FILM.secondsAt(20));
            assertEquals(5, Double.parseDouble(cells[0]), 1e-6);
            for (int c = 0; c < shown.length; c++) {
                assertEquals(shown[c], Double.parseDouble(cells[cells.length - shown.length + c]), 1e-5);
            }
        }
    }

    @Test
    void aCancelLeavesNothingHalf() throws Exception {
        Progress cancelled = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        Path file = folder.resolve("line.mp4");
        Files.writeString(file, "the old one");
        assertThrows(
                CancellationException.class,
                () -> Delivery.deliver(scene, sound, FrameRate.FILM, SMALL, file, cancelled));
        assertEquals("the old one", Files.readString(file));
        try (var files = Files.list(folder)) {
            assertEquals(1, files.count());
        }
    }

    @Test
    void formatsByName() {
        assertEquals(Delivery.Format.GLB, Delivery.Format.of(Path.of("x", "A.GLB")));
        assertEquals(Delivery.Format.PICTURES, Delivery.Format.of(Path.of("x", "frames")));
        assertThrows(BadInput.class, () -> Delivery.Format.of(Path.of("line.avi")));
        assertThrows(
                BadInput.class,
                () -> new MovieWriter(folder.resolve("odd.mp4"), 95, 96, FrameRate.FILM, Sound.silence(1, 8000)));
    }
}
