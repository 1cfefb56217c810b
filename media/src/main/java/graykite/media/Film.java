package graykite.media;

import graykite.base.BadInput;
import graykite.picture.Picture;
import graykite.time.FrameRate;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.FrameGrabber;

/** A film that FFmpeg reads. Goes on from picture to picture where it can and seeks where it must. */
final class Film implements ReferenceFilm {
    /** Pictures are made no wider than this: the stage is not. */
    private static final int WIDEST = 960;

    /** Seconds ahead that are decoded through rather than sought. */
    private static final double NEAR = 1.5;

    /** A picture belongs to a moment a little before its time: times in files are rounded. */
    private static final double ROUNDING = 2e-4;

    /** FFmpeg's readers of films: no playlists, no pictures, no text. */
    private static final String FORMATS = "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mpeg,mpegts,mxf,ogg,flv,gif,asf";

    private final Path file;
    private final FFmpegFrameGrabber grabber;
    private final double begins;
    private final double frame;
    private Optional<Picture> current = Optional.empty();
    private double currentAt = Double.NaN;
    private Optional<Picture> next = Optional.empty();
    private double nextAt = Double.NaN;
    private double last = Double.POSITIVE_INFINITY;

    Film(Path file) {
        this.file = file;
        Ffmpeg.quiet();
        grabber = new FFmpegFrameGrabber(file.toFile());
        // A playlist must not reach for anything else, least of all the network.
        grabber.setOption("protocol_whitelist", "file");
        grabber.setOption("format_whitelist", FORMATS);
        grabber.setPixelFormat(avutil.AV_PIX_FMT_BGRA);
        try {
            grabber.start();
            if (!grabber.hasVideo() || grabber.getImageWidth() < 2 || grabber.getImageHeight() < 2) {
                throw BadInput.inFile(file, "has no pictures. Choose a film, or one of numbered pictures.");
            }
            if (grabber.getImageWidth() > WIDEST) {
                int height = (int) Math.round(WIDEST * grabber.getImageHeight() / (double) grabber.getImageWidth());
                grabber.setImageHeight(Math.max(2, height));
                grabber.setImageWidth(WIDEST);
            }
            double rate = grabber.getVideoFrameRate();
            frame = rate > 0.1 && rate < 1000 ? 1 / rate : 1 / 25.0;
            step();
            if (next.isEmpty()) {
                throw BadInput.inFile(file, "has no pictures. Choose a film, or one of numbered pictures.");
            }
            begins = nextAt;
            advance();
        } catch (FrameGrabber.Exception damaged) {
            release();
            throw BadInput.inFile(
                    file,
                    "is damaged or no film. Choose MP4, MOV, WebM, MKV, AVI or MPEG, or one of numbered pictures.",
                    damaged);
        } catch (BadInput refused) {
            release();
            throw refused;
        }
    }

    private void release() {
        try {
            grabber.close();
        } catch (FrameGrabber.Exception closing) {
            System.getLogger(Film.class.getName()).log(System.Logger.Level.DEBUG, "A film was not closed", closing);
        }
    }

    @Override
    public double duration() {
        double known = grabber.getLengthInTime() / 1e6;
        return Double.isInfinite(last) ? Math.max(known, frame) : last - begins;
    }

    @Override
    public Optional<FrameRate> rate() {
        return FrameRate.near(1 / frame);
    }

    /** Decodes one picture into what comes next. */
    private void step() throws FrameGrabber.Exception {
        Frame grabbed = grabber.grabImage();
        if (grabbed == null) {
            next = Optional.empty();
            return;
        }
        nextAt = grabbed.timestamp / 1e6;
        next = Optional.of(picture(grabbed));
    }

    /** What came next is current; one more is decoded, so that it is known how long this one is shown. */
    private void advance() throws FrameGrabber.Exception {
        current = next;
        currentAt = nextAt;
        step();
        if (next.isEmpty()) {
            nextAt = currentAt + frame;
            last = nextAt;
        }
    }

    private static Picture picture(Frame frame) {
        int width = frame.imageWidth;
        int height = frame.imageHeight;
        ByteBuffer bytes = (ByteBuffer) frame.image[0];
        int[] pixels = new int[width * height];
        for (int y = 0; y < height; y++) {
            int at = y * frame.imageStride;
            for (int x = 0; x < width; x++, at += 4) {
                pixels[y * width + x] = 0xFF000000
                        | (bytes.get(at + 2) & 255) << 16
                        | (bytes.get(at + 1) & 255) << 8
                        | bytes.get(at) & 255;
            }
        }
        return new Picture(width, height, pixels);
    }

    @Override
    public Optional<Still> at(double time) {
        double wanted = time + begins + ROUNDING;
        if (wanted < begins || wanted >= last) {
            return Optional.empty();
        }
        try {
            if (current.isEmpty() || wanted < currentAt || wanted > nextAt + NEAR) {
                seek(wanted);
            }
            while (wanted >= nextAt && next.isPresent()) {
                advance();
            }
        } catch (FrameGrabber.Exception damaged) {
            throw BadInput.inFile(
                    file, String.format(Locale.ROOT, "is damaged at %.2f s. Export it again.", time), damaged);
        }
        Still still = new Still(current.orElseThrow(), currentAt - begins - ROUNDING, nextAt - begins - ROUNDING);
        return still.isShownAt(time) ? Optional.of(still) : Optional.empty();
    }

    /** Goes to a picture at or before a time: earlier and earlier, until one is found. */
    private void seek(double wanted) throws FrameGrabber.Exception {
        for (double back = 0.2; ; back *= 4) {
            double to = Math.max(begins, wanted - back);
            grabber.setVideoTimestamp(Math.round(to * 1e6));
            step();
            if (next.isPresent() && (nextAt <= wanted || to <= begins)) {
                advance();
                return;
            }
            if (to <= begins) {
                grabber.restart();
                step();
                advance();
                return;
            }
        }
    }

    @Override
    public void close() {
        release();
    }
}
