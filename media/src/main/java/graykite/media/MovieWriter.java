package graykite.media;

import graykite.base.BadInput;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
import java.nio.IntBuffer;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.FrameRecorder;

/** Writes a movie with its sound; sound goes in step with the pictures, so both end together. */
public final class MovieWriter implements AutoCloseable {
    /** What a movie is written as. */
    public enum Codec {
        /** H.264 and AAC in MP4: plays everywhere. */
        H264("mp4"),
        /** ProRes 4444 with opacity and PCM in QuickTime: for the edit. */
        PRORES("mov"),
        /** VP9 and Opus in WebM: free formats. */
        VP9("webm");

        private final String format;

        Codec(String format) {
            this.format = format;
        }

        private void set(FFmpegFrameRecorder recorder, double pixelsASecond, int nominal) {
            recorder.setFormat(format);
            recorder.setGopSize(Math.max(1, nominal));
            switch (this) {
                case H264 -> {
                    recorder.setVideoCodec(avcodec.AV_CODEC_ID_H264);
                    recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
                    recorder.setVideoBitrate(Math.max(1_500_000, (int) (pixelsASecond * 0.22)));
                    recorder.setAudioCodec(avcodec.AV_CODEC_ID_AAC);
                    recorder.setAudioBitrate(160_000);
                }
                case PRORES -> {
                    recorder.setVideoCodecName("prores_ks");
                    recorder.setVideoOption("profile", "4444");
                    recorder.setPixelFormat(avutil.AV_PIX_FMT_YUVA444P10LE);
                    recorder.setVideoBitrate((int) Math.min(Integer.MAX_VALUE, pixelsASecond * 3));
                    recorder.setAudioCodec(avcodec.AV_CODEC_ID_PCM_S16LE);
                }
                case VP9 -> {
                    recorder.setVideoCodec(avcodec.AV_CODEC_ID_VP9);
                    recorder.setVideoOption("deadline", "realtime");
                    recorder.setVideoOption("cpu-used", "5");
                    recorder.setVideoOption("row-mt", "1");
                    recorder.setPixelFormat(avutil.AV_PIX_FMT_YUV420P);
                    recorder.setVideoBitrate(Math.max(800_000, (int) (pixelsASecond * 0.12)));
                    recorder.setAudioCodec(avcodec.AV_CODEC_ID_OPUS);
                    recorder.setAudioBitrate(128_000);
                }
            }
        }
    }

    /** Blocks of 16 x 16 pixels in a picture at level 5.2 of H.264 (ITU-T H.264, table A-1). */
    private static final int MOST_BLOCKS = 36_864;

    private static final int SOUND_RATE = 48_000;
    private static final int SOUND_BLOCK = 1024;

    private final FFmpegFrameRecorder recorder;
    private final FrameRate rate;
    private final Sound sound;
    private final int width;
    private final int height;
    private final Frame picture;
    /** Pixels may be seen through, and their colours are to be undone of that. */
    private final boolean transparent;

    private final int[] straight;
    private long frames;
    private int soundAt;

    /**
     * Opens a movie.
     *
     * @param codec what it is written as
     * @param width even number of pixels
     * @param height even number of pixels
     * @param sound heard from the first picture on; silence follows where it is shorter
     */
    public MovieWriter(Path file, Codec codec, int width, int height, FrameRate rate, Sound sound) {
        if (width % 2 != 0 || height % 2 != 0) {
            throw new BadInput("A movie's width and height are even numbers, not " + width + " x " + height + ".");
        }
        int blocks = (width + 15) / 16 * ((height + 15) / 16);
        if (codec == Codec.H264 && blocks > MOST_BLOCKS) {
            throw new BadInput("H.264 takes pictures of up to 4096 x 2304, not " + width + " x " + height
                    + ". Choose a smaller size, or ProRes or WebM.");
        }
        Ffmpeg.quiet();
        this.rate = rate;
        this.sound = sound.at(SOUND_RATE);
        this.width = width;
        this.height = height;
        transparent = codec == Codec.PRORES;
        straight = new int[width];
        picture = new Frame(width, height, Frame.DEPTH_UBYTE, 4);
        recorder = new FFmpegFrameRecorder(file.toFile(), width, height, 1);
        recorder.setFrameRate(rate.perSecond());
        codec.set(recorder, width * (double) height * rate.perSecond(), rate.nominal());
        recorder.setSampleRate(SOUND_RATE);
        recorder.setAudioChannels(1);
        try {
            recorder.start();
        } catch (FrameRecorder.Exception failure) {
            throw BadInput.inFile(file, "no movie could be started here (" + failure.getMessage() + ").", failure);
        }
    }

    /** Adds the next picture, premultiplied where it can be seen through, and the sound that is heard while it shows. */
    public void add(Picture next) {
        fill(next.pixels());
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

    /** Blue, green, red and opacity, a byte each, are what a pixel is in memory where the low byte comes first. */
    private void fill(int[] pixels) {
        IntBuffer target =
                ((ByteBuffer) picture.image[0]).order(ByteOrder.LITTLE_ENDIAN).asIntBuffer();
        int stride = picture.imageStride / Integer.BYTES;
        for (int y = 0; y < height; y++) {
            int row = y * width;
            for (int x = 0; transparent && x < width; x++) {
                straight[x] = Png.straight(pixels[row + x]);
            }
            target.put(y * stride, transparent ? straight : pixels, transparent ? 0 : row, width);
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
