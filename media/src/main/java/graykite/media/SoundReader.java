package graykite.media;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.project.SoundFile;
import graykite.sound.Sound;
import java.io.IOException;
import java.io.InputStream;
import java.nio.Buffer;
import java.nio.FloatBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avformat;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.ffmpeg.global.swresample;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.FrameGrabber;

/** Decodes WAV, AIFF, FLAC, OGG, MP3, M4A/AAC and the other kinds of {@link SoundKind} to float PCM at its own rate. */
public final class SoundReader {
    /** Longest recording that is decoded, in seconds. */
    static final double LONGEST = 4 * 3600;

    private static final int MOST_CHANNELS = 8;

    private SoundReader() {}

    /** Loads FFmpeg ahead of its first use, which otherwise waits half a second for it. */
    public static void prepare() {
        Ffmpeg.quiet();
        avcodec.avcodec_version();
        avformat.avformat_version();
        swresample.swresample_version();
    }

    /** Decodes a recording that a project keeps; as {@link #read(Path, Progress)}. */
    public static Sound read(SoundFile file, Progress progress) {
        return read(file.content(), file.name(), progress);
    }

    /**
     * Decodes a file.
     *
     * @throws BadInput in one line, when the file is missing, empty, damaged, without sound or too long
     */
    public static Sound read(Path file, Progress progress) {
        try {
            if (!Files.isRegularFile(file)) {
                throw BadInput.inFile(file, "does not exist or is not a file. Choose a recording.");
            }
            if (Files.size(file) == 0) {
                throw BadInput.inFile(file, "is empty. Choose another recording.");
            }
            return decode(file, file.getFileName().toString(), progress);
        } catch (IOException failure) {
            throw BadInput.inFile(file, "cannot be read (" + failure.getMessage() + ").", failure);
        }
    }

    /** Decodes bytes that were kept in memory; the name stands in messages. */
    public static Sound read(byte[] content, String name, Progress progress) {
        if (content.length == 0) {
            throw new BadInput(name + ": is empty. Choose another recording.");
        }
        // FFmpeg seeks about while it probes, which it does best in a file.
        try {
            Path copy = Files.createTempFile("graykite-", extension(name));
            try {
                Files.write(copy, content);
                return decode(copy, name, progress);
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException failure) {
            throw new BadInput(name + ": cannot be decoded (" + failure.getMessage() + "). Is the disk full?", failure);
        }
    }

    private static String extension(String name) {
        int dot = name.lastIndexOf('.');
        String extension = dot < 0 ? "" : name.substring(dot);
        return extension.matches("\\.[A-Za-z0-9]{1,8}") ? extension : ".sound";
    }

    private static Sound decode(Path file, String name, Progress progress) {
        Ffmpeg.quiet();
        SoundKind kind = kind(file)
                .orElseThrow(() -> new BadInput(
                        name + ": is damaged or not a recording. Choose a WAV, AIFF, FLAC, OGG, MP3 or M4A file."));
        try (FFmpegFrameGrabber grabber = new FFmpegFrameGrabber(file.toFile())) {
            grabber.setOption("format_whitelist", kind.formats());
            // What a file only points at, least of all over the network, is not opened.
            grabber.setOption("protocol_whitelist", "file");
            grabber.setSampleMode(FrameGrabber.SampleMode.FLOAT);
            grabber.setSampleFormat(avutil.AV_SAMPLE_FMT_FLT);
            grabber.start();
            int channels = grabber.getAudioChannels();
            int rate = grabber.getSampleRate();
            if (channels < 1 || rate < 1) {
                throw new BadInput(name + ": holds no sound. Choose a recording.");
            }
            if (channels > MOST_CHANNELS) {
                throw new BadInput(name + ": has " + channels + " channels; at most 8 can be used. Mix it down first.");
            }
            return decode(grabber, channels, rate, name, progress);
        } catch (FrameGrabber.Exception damaged) {
            throw new BadInput(
                    name + ": is damaged or not a recording. Choose a WAV, AIFF, FLAC, OGG, MP3 or M4A file.", damaged);
        }
    }

    private static Optional<SoundKind> kind(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return SoundKind.of(in.readNBytes(SoundKind.HEAD));
        } catch (IOException gone) {
            throw BadInput.inFile(file, "vanished while it was opened.", gone);
        }
    }

    private static Sound decode(FFmpegFrameGrabber grabber, int channels, int rate, String name, Progress progress)
            throws FrameGrabber.Exception {
        SampleBlocks samples = new SampleBlocks(channels);
        double expected = Math.max(1, grabber.getLengthInTime() / 1e6);
        while (true) {
            Frame frame;
            try {
                frame = grabber.grabSamples();
            } catch (FrameGrabber.Exception damaged) {
                if (samples.length() == 0) {
                    throw damaged;
                }
                throw new BadInput(
                        String.format(
                                Locale.ROOT,
                                "%s: is damaged after %.1f s. Export the recording again.",
                                name,
                                samples.length() / (double) rate),
                        damaged);
            }
            if (frame == null) {
                break;
            }
            int count = frame.samples[0].limit() / (frame.samples.length == 1 ? channels : 1);
            if ((samples.length() + (double) count) / rate > LONGEST
                    || samples.length() > Integer.MAX_VALUE - 8 - count) {
                throw new BadInput(name + ": lasts more than four hours. Cut it into lines.");
            }
            append(frame.samples, channels, count, samples);
            progress.step(Math.min(1, samples.length() / (double) rate / expected));
        }
        if (samples.length() == 0) {
            throw new BadInput(name + ": holds no sound. Choose another recording.");
        }
        return new Sound(samples.joined(), rate);
    }

    private static void append(Buffer[] data, int channels, int count, SampleBlocks samples) {
        if (data.length == 1) {
            FloatBuffer interleaved = (FloatBuffer) data[0];
            samples.append(count, (c, i) -> interleaved.get(i * channels + c));
        } else {
            samples.append(count, (c, i) -> ((FloatBuffer) data[c]).get(i));
        }
    }
}
