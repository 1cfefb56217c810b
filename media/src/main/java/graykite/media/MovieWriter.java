package graykite.media;

import graykite.base.BadInput;
import graykite.picture.Picture;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.nio.ByteBuffer;
import java.nio.FloatBuffer;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.FrameRecorder;

/** Writes an MP4 with H.264 pictures and AAC sound; sound goes in step with the pictures, so both end together. */
public final class MovieWriter implements AutoCloseable {
    private static final int SOUND_RATE = 48_000;
    private static final int SOUND_BLOCK = 1024;

    private final FFmpegFrameRecorder recorder;
    private final FrameRate rate;
    private final Sound sound;
    private final int width;
    private final int height;
    private final Frame picture;
    private long frames;
    private int soundAt;

    /**
     * Opens a movie.
     *
     * @param width even number of pixels
     * @param height even number of pixels
     * @param sound heard from the first picture on; silence follows where it is shorter
     */
    public MovieWriter(Path file, int width, int height, FrameRate rate, Sound sound) {
        if (width % 2 != 0 || height % 2 != 0) {
            throw new BadInput("A movie's width and height are even numbers, not " + width + " x " + height + ".");
        }
        Ffmpeg.quiet();
        this.rate = rate;
        this.sound = sound.at(SOUND_RATE);
        this.width = width;
        this.height = height;
        picture = new Frame(width, height, Frame.DEPTH_UBYTE, 4);
        recorder = new FFmpegFrameRecorder(file.toFile(), width, height, 1);
        recorder.setFormat("mp4");
        recorder.setFrameRate(rate.perSecond());
        recorder.setVideoCodec(avcodec.AV_CODEC_ID_H264);
        recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
        recorder.setVideoBitrate(Math.max(1_500_000, (int) (width * height * rate.perSecond() * 0.22)));
        recorder.setGopSize(Math.max(1, rate.nominal()));
        recorder.setAudioCodec(avcodec.AV_CODEC_ID_AAC);
        recorder.setSampleRate(SOUND_RATE);
        recorder.setAudioChannels(1);
        recorder.setAudioBitrate(160_000);
        try {
            recorder.start();
        } catch (FrameRecorder.Exception failure) {
            throw BadInput.inFile(file, "no movie could be started here (" + failure.getMessage() + ").", failure);
        }
    }

    /** Adds the next picture and the sound that is heard while it shows. */
    public void add(Picture next) {
        ByteBuffer bytes = (ByteBuffer) picture.image[0];
        int stride = picture.imageStride;
        int[] pixels = next.pixels();
        for (int y = 0; y < height; y++) {
            int at = y * stride;
            for (int x = 0; x < width; x++, at += 4) {
                int pixel = pixels[y * width + x];
                bytes.put(at, (byte) pixel);
                bytes.put(at + 1, (byte) (pixel >> 8));
                bytes.put(at + 2, (byte) (pixel >> 16));
                bytes.put(at + 3, (byte) 255);
            }
        }
        try {
            recorder.setTimestamp(Math.round(rate.secondsAt(frames) * 1e6));
            recorder.record(picture, avutil.AV_PIX_FMT_BGRA);
            frames++;
            addSoundUpTo((int) Math.round(rate.secondsAt(frames) * SOUND_RATE));
        } catch (FrameRecorder.Exception failure) {
            throw new BadInput(
                    "Picture " + frames + " could not be written into the movie (" + failure.getMessage()
                            + "). Is the disk full?",
                    failure);
        }
    }

    private void addSoundUpTo(int end) throws FrameRecorder.Exception {
        float[] samples = sound.channel(0);
        while (soundAt < end) {
            int count = Math.min(SOUND_BLOCK, end - soundAt);
            float[] block = new float[count];
            int available = Math.clamp(samples.length - soundAt, 0, count);
            if (available > 0) {
                System.arraycopy(samples, soundAt, block, 0, available);
            }
            recorder.recordSamples(SOUND_RATE, 1, FloatBuffer.wrap(block));
            soundAt += count;
        }
    }

    /** Finishes the file. */
    @Override
    public void close() {
        try {
            recorder.stop();
            recorder.release();
            picture.close();
        } catch (FrameRecorder.Exception failure) {
            throw new BadInput(
                    "The movie could not be finished (" + failure.getMessage() + "). Is the disk full?", failure);
        }
    }
}
