package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.media.ReferenceFilm.Still;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Reference;
import graykite.proof.Shot;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Frame-exact: the picture that is shown bears the number of the frame that was asked for. */
class ReferenceFilmTest {
    private static final int BITS = 10;
    private static final int SIZE = 16;

    @TempDir
    private Path folder;

    /** A picture with its number burnt in: a bright square for each bit that is set. */
    private static Picture numbered(long number) {
        int width = BITS * SIZE;
        int[] pixels = new int[width * 2 * SIZE];
        for (int y = 0; y < 2 * SIZE; y++) {
            for (int x = 0; x < width; x++) {
                boolean set = (number >> x / SIZE & 1) == 1;
                pixels[y * width + x] = set ? 0xFFFFFFFF : 0xFF101010;
            }
        }
        return new Picture(width, 2 * SIZE, pixels);
    }

    private static long number(Picture picture) {
        long number = 0;
        for (int bit = 0; bit < BITS; bit++) {
            int x = (int) ((bit + 0.5) * picture.width() / BITS);
            int pixel = picture.pixels()[picture.height() / 2 * picture.width() + x];
            number |= (pixel >> 8 & 255) > 128 ? 1L << bit : 0;
        }
        return number;
    }

    private Path film(FrameRate rate, int frames) {
        Path file = folder.resolve("numbers.mp4");
        try (MovieWriter writer = new MovieWriter(
                file,
                MovieWriter.Codec.H264,
                BITS * SIZE,
                2 * SIZE,
                rate,
                Sound.silence(frames / rate.perSecond(), 48_000))) {
            for (int f = 0; f < frames; f++) {
                writer.add(numbered(f));
            }
        }
        return file;
    }

    @ParameterizedTest
    @ValueSource(strings = {"23.976", "25", "29.97", "60"})
    void thePictureIsTheFrameAskedFor(String rateName) {
        FrameRate rate = FrameRate.parse(rateName);
        int frames = 240;
        try (ReferenceFilm film = ReferenceFilm.open(film(rate, frames), FrameRate.FILM)) {
            assertEquals(frames / rate.perSecond(), film.duration(), 1.5 / rate.perSecond());
            for (int f = 0; f < frames; f++) {
                assertEquals(f, number(shown(film, rate.secondsAt(f))), "forward, at its very time");
            }
            SplittableRandom random = new SplittableRandom(7);
            for (int i = 0; i < 60; i++) {
                double time = random.nextDouble(0, (frames - 0.05) / rate.perSecond());
                assertEquals(rate.frameAt(time), number(shown(film, time)), "at " + time);
            }
            for (int f = frames - 1; f >= 0; f -= 7) {
                double late = rate.secondsAt(f) + 0.9 / rate.perSecond();
                assertEquals(f, number(shown(film, late)), "backward, shortly before the next");
            }
            assertTrue(film.at(-0.1).isEmpty()
                    && film.at(frames / rate.perSecond() + 0.2).isEmpty());
        }
    }

    private static Picture shown(ReferenceFilm film, double time) {
        Still still = film.at(time).orElseThrow();
        assertTrue(still.from() <= time && time < still.to());
        return still.picture();
    }

    private void write(int number) throws IOException {
        try (OutputStream out = Files.newOutputStream(folder.resolve(String.format("take.%04d.png", number)))) {
            Png.write(numbered(number), out);
        }
    }

    @Test
    void numberedPicturesFollowTheRate() throws IOException {
        for (int n : new int[] {101, 102, 104, 105}) {
            write(n);
        }
        try (ReferenceFilm film = ReferenceFilm.open(folder.resolve("take.0102.png"), FrameRate.FILM)) {
            assertEquals(5 / 24.0, film.duration(), 1e-9);
            assertEquals(101, number(shown(film, 0)));
            assertEquals(102, number(shown(film, 1.5 / 24)));
            assertEquals(102, number(shown(film, 2.5 / 24)), "where one is missing the one before stays");
            assertEquals(105, number(shown(film, 4.1 / 24)));
            assertTrue(film.at(5.1 / 24).isEmpty());
        }
    }

    @Test
    void badFilesGetOneClearLine() throws IOException {
        says("is not there any more", folder.resolve("gone.mp4"));
        says("is damaged or no film", Files.writeString(folder.resolve("text.mp4"), "no film at all"));
        says("is damaged or no film", Files.write(folder.resolve("empty.mov"), new byte[0]));
        says("has no number in its name", Files.write(folder.resolve("face.png"), new byte[] {1}));
        Path sound = folder.resolve("sound.wav");
        try (OutputStream out = Files.newOutputStream(sound)) {
            WavFiles.write(Sound.silence(1, 8000), out);
        }
        says("is damaged or no film. Choose MP4", sound);
        // A playlist that names something elsewhere is not followed.
        says(
                "is damaged or no film",
                Files.writeString(
                        folder.resolve("list.m3u8"),
                        "#EXTM3U\n#EXTINF:10,\nhttp://localhost:9/film.ts\n#EXT-X-ENDLIST\n"));
        Path broken = folder.resolve("bad.0001.png");
        Files.write(broken, new byte[] {1, 2, 3});
        try (ReferenceFilm film = ReferenceFilm.open(broken, FrameRate.FILM)) {
            String message = assertThrows(BadInput.class, () -> film.at(0)).getMessage();
            assertTrue(message.contains("bad.0001.png"), message);
        }
    }

    private static void says(String part, Path file) {
        String message = assertThrows(
                        BadInput.class,
                        () -> ReferenceFilm.open(file, FrameRate.FILM).close())
                .getMessage();
        assertTrue(message.contains(part) && message.contains(file.getFileName().toString()), message);
        assertEquals(1, message.lines().count(), message);
    }

    /** A film that is cut off plays as far as it goes. */
    @Test
    void aFilmThatEndsEarly() throws IOException {
        Path whole = film(FrameRate.FILM, 120);
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = folder.resolve("cut.mp4");
        Files.write(cut, Arrays.copyOf(bytes, bytes.length / 2));
        try (ReferenceFilm film = ReferenceFilm.open(cut, FrameRate.FILM)) {
            film.at(0);
        } catch (BadInput said) {
            assertTrue(said.getMessage().contains("cut.mp4"), said.getMessage());
        }
    }

    /** What the proof has to know: whether it is there, and at which usual rate it runs. */
    @Test
    void whatIsKnownOfAReference() throws IOException {
        for (String rate : List.of("23.976", "24", "25", "29.97", "60")) {
            Path file = film(FrameRate.parse(rate), 12);
            assertEquals(
                    Optional.of(FrameRate.parse(rate)),
                    ReferenceFilm.known(Reference.of(file.toString())).rate());
            Files.delete(file);
        }
        Shot.Film gone =
                ReferenceFilm.known(Reference.of(folder.resolve("gone.mp4").toString()));
        assertFalse(gone.there());
        Path broken = Files.write(folder.resolve("broken.mp4"), new byte[] {1, 2, 3});
        Shot.Film unreadable = ReferenceFilm.known(Reference.of(broken.toString()));
        assertTrue(unreadable.there() && unreadable.rate().isEmpty(), "it is there, and no more is known");
        assertFalse(
                ReferenceFilm.known(Reference.of("C:\\films\u0000\\take.mp4")).there());
    }
}
