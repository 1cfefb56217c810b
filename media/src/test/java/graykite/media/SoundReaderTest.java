package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.sound.Sound;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SoundReaderTest {
    @TempDir
    Path folder;

    private static float[] tone(double hertz, double seconds, int rate) {
        float[] samples = new float[(int) (seconds * rate)];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (float) (0.5 * Math.sin(2 * Math.PI * hertz * i / rate));
        }
        return samples;
    }

    /** Writes a tone in a format through FFmpeg. */
    private Path encoded(String name, int codec, int rate, int channels) throws Exception {
        Path file = folder.resolve(name);
        try (FFmpegFrameRecorder recorder = new FFmpegFrameRecorder(file.toFile(), channels)) {
            recorder.setAudioCodec(codec);
            if (codec == avcodec.AV_CODEC_ID_PCM_S24LE) {
                recorder.setSampleFormat(avutil.AV_SAMPLE_FMT_S32);
            } else if (codec == avcodec.AV_CODEC_ID_PCM_U8) {
                recorder.setSampleFormat(avutil.AV_SAMPLE_FMT_U8);
            }
            recorder.setSampleRate(rate);
            recorder.setAudioBitrate(128_000);
            recorder.start();
            float[] mono = tone(440, 2, rate);
            float[] all = new float[mono.length * channels];
            for (int i = 0; i < all.length; i++) {
                all[i] = mono[i / channels];
            }
            recorder.recordSamples(rate, channels, FloatBuffer.wrap(all));
            recorder.stop();
        }
        return file;
    }

    /** Zero crossings a second, halved: the frequency of a clean tone. */
    private static double frequency(Sound sound) {
        float[] samples = sound.mixed();
        int crossings = 0;
        int from = samples.length / 4;
        int to = samples.length * 3 / 4;
        for (int i = from; i < to; i++) {
            crossings += samples[i] <= 0 && samples[i + 1] > 0 ? 1 : 0;
        }
        return crossings / ((to - from) / (double) sound.rate());
    }

    @ParameterizedTest
    @CsvSource({
        "a.wav,PCM_S16LE,16000,1",
        "b.wav,PCM_S24LE,96000,2",
        "c.wav,PCM_U8,8000,1",
        "d.aiff,PCM_S16BE,44100,2",
        "e.flac,FLAC,48000,1",
        "f.ogg,VORBIS,44100,2",
        "g.m4a,AAC,48000,2",
        "h.mp3,MP3,44100,1"
    })
    void readsEveryFormat(String name, String codec, int rate, int channels) throws Exception {
        int id = switch (codec) {
            case "PCM_S16LE" -> avcodec.AV_CODEC_ID_PCM_S16LE;
            case "PCM_S24LE" -> avcodec.AV_CODEC_ID_PCM_S24LE;
            case "PCM_U8" -> avcodec.AV_CODEC_ID_PCM_U8;
            case "PCM_S16BE" -> avcodec.AV_CODEC_ID_PCM_S16BE;
            case "FLAC" -> avcodec.AV_CODEC_ID_FLAC;
            case "VORBIS" -> avcodec.AV_CODEC_ID_VORBIS;
            case "AAC" -> avcodec.AV_CODEC_ID_AAC;
            default -> avcodec.AV_CODEC_ID_MP3;
        };
        Sound sound = SoundReader.read(encoded(name, id, rate, channels), Progress.none());
        assertEquals(rate, sound.rate());
        assertEquals(channels, sound.channelCount());
        assertEquals(2, sound.duration(), 0.08);
        assertEquals(440, frequency(sound), 4);
        assertTrue(sound.peak() > 0.3 && sound.peak() < 0.75, "peak " + sound.peak());
    }

    /** RIFF/WAVE as written here is exact to half a step of 16 bits. */
    @Test
    void ownWavIsExact() throws Exception {
        Sound tone = new Sound(new float[][] {tone(300, 0.5, 22_050), tone(500, 0.5, 22_050)}, 22_050);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        WavFiles.write(tone, out);
        Sound back = SoundReader.read(out.toByteArray(), "tone.wav", Progress.none());
        assertEquals(tone.length(), back.length());
        for (int c = 0; c < 2; c++) {
            for (int i = 0; i < tone.length(); i++) {
                assertEquals(tone.channel(c)[i], back.channel(c)[i], 1.0 / 32768);
            }
        }
    }

    /** Microsoft and IBM 1991, "Multimedia Programming Interface and Data Specifications 1.0": RIFF, WAVE, fmt, data, low bytes first. */
    @Test
    void theHeadOfAWavIsThatOfRiff() {
        byte[] head = WavFiles.head(5, 2, 44_100);
        assertEquals("RIFF", new String(head, 0, 4, StandardCharsets.US_ASCII));
        assertEquals("WAVEfmt ", new String(head, 8, 8, StandardCharsets.US_ASCII));
        ByteBuffer figures = ByteBuffer.wrap(head).order(ByteOrder.LITTLE_ENDIAN);
        assertEquals(36 + 20, figures.getInt(4));
        assertEquals(16, figures.getInt(16));
        assertEquals(1, figures.getShort(20), "PCM");
        assertEquals(2, figures.getShort(22), "channels");
        assertEquals(44_100, figures.getInt(24));
        assertEquals(176_400, figures.getInt(28), "bytes a second");
        assertEquals(4, figures.getShort(32), "bytes a sample of all channels");
        assertEquals(16, figures.getShort(34), "bits");
        assertEquals("data", new String(head, 36, 4, StandardCharsets.US_ASCII));
        assertEquals(20, figures.getInt(40));
        // Sizes are unsigned: three GB fit, five do not.
        long three = 750_000_000L;
        assertEquals(
                4 * three,
                Integer.toUnsignedLong(ByteBuffer.wrap(WavFiles.head(three, 2, 44_100))
                        .order(ByteOrder.LITTLE_ENDIAN)
                        .getInt(40)));
        assertThrows(BadInput.class, () -> WavFiles.head(1_250_000_000L, 2, 44_100));
    }

    /** Programs, playlists, pictures and noise are no recordings, whatever they are called. */
    @ParameterizedTest
    @CsvSource({
        "program, \u007FELF",
        "list, #EXTM3U",
        "picture, \u0089PNG",
        "page, <html>",
        "concat, ffconcat version 1.0",
        "text, RIFFxxxxAVI "
    })
    void whatOnlySoundsLikeARecordingIsRefused(String what, String begins) throws Exception {
        byte[] noise = new byte[300_000];
        new Random(what.hashCode()).nextBytes(noise);
        byte[] head = begins.getBytes(StandardCharsets.ISO_8859_1);
        System.arraycopy(head, 0, noise, 0, head.length);
        Path file = Files.write(folder.resolve(what + ".mp3"), noise);
        String message = assertThrows(BadInput.class, () -> SoundReader.read(file, Progress.none()))
                .getMessage();
        assertTrue(message.startsWith(what + ".mp3: is damaged or not a recording"), message);
    }

    /** MPEG audio without a tag in front begins with its first frame. */
    @Test
    void bareFramesAreKnown() throws Exception {
        byte[] tagged = Files.readAllBytes(encoded("t.mp3", avcodec.AV_CODEC_ID_MP3, 44_100, 1));
        int at = 0;
        while ((tagged[at] & 255) != 0xFF || (tagged[at + 1] & 0xE0) != 0xE0) {
            at++;
        }
        byte[] bare = Arrays.copyOfRange(tagged, at, tagged.length);
        assertEquals(Optional.of(SoundKind.MP3), SoundKind.of(Arrays.copyOf(bare, SoundKind.HEAD)));
        assertEquals(2, SoundReader.read(bare, "t.mp3", Progress.none()).duration(), 0.1);
        byte[] adts = Files.readAllBytes(encoded("t.aac", avcodec.AV_CODEC_ID_AAC, 48_000, 1));
        assertEquals(Optional.of(SoundKind.AAC), SoundKind.of(Arrays.copyOf(adts, SoundKind.HEAD)));
        assertEquals(Optional.empty(), SoundKind.of(new byte[0]));
    }

    @Test
    void aMisnamedFileIsReadForWhatItIs() throws Exception {
        Path file = encoded("x.flac", avcodec.AV_CODEC_ID_FLAC, 16_000, 1);
        Path wrong = folder.resolve("x.wav");
        Files.move(file, wrong);
        assertEquals(2, SoundReader.read(wrong, Progress.none()).duration(), 0.01);
    }

    @Test
    void badFilesGetOneClearLine() throws Exception {
        Path text = folder.resolve("text.wav");
        Files.writeString(text, "this is no recording ".repeat(50));
        Path empty = folder.resolve("empty.wav");
        Files.createFile(empty);
        Path headerOnly = folder.resolve("header.wav");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        WavFiles.write(Sound.mono(new float[0], 16_000), out);
        Files.write(headerOnly, out.toByteArray());
        for (Path bad : new Path[] {text, empty, headerOnly, folder.resolve("missing.wav"), folder}) {
            BadInput failure = assertThrows(BadInput.class, () -> SoundReader.read(bad, Progress.none()));
            assertTrue(failure.getMessage().startsWith(bad.getFileName().toString()), failure.getMessage());
            assertTrue(!failure.getMessage().contains("\n"));
        }
    }

    @Test
    void aCutFileNeverCrashes() throws Exception {
        byte[] whole = Files.readAllBytes(encoded("y.flac", avcodec.AV_CODEC_ID_FLAC, 16_000, 1));
        for (int part = 1; part < 8; part++) {
            byte[] cut = Arrays.copyOf(whole, whole.length * part / 8);
            try {
                assertTrue(SoundReader.read(cut, "cut.flac", Progress.none()).duration() <= 2.1);
            } catch (BadInput clear) {
                assertTrue(clear.getMessage().startsWith("cut.flac"), clear.getMessage());
            }
        }
    }
}
