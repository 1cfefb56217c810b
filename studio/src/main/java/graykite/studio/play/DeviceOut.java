package graykite.studio.play;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The system's sound device through Java Sound. */
public final class DeviceOut implements AudioOut {
    private static final double BUFFER_SECONDS = 0.08;
    private static final double CHUNK_SECONDS = 0.01;

    private final ExecutorService feeder = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-sound").factory());
    private volatile Feed current = Feed.NONE;
    private SourceDataLine line;
    private int lineRate;

    /** One call of play. */
    private static final class Feed {
        static final Feed NONE = new Feed(0);
        final long base;
        volatile boolean stopped;
        volatile long heardAtStop = -1;

        Feed(long base) {
            this.base = base;
        }
    }

    private DeviceOut(SourceDataLine line, int rate) {
        this.line = line;
        this.lineRate = rate;
    }

    /** A device, where this machine has one that takes 16 bit mono. */
    public static Optional<DeviceOut> open() {
        try {
            return Optional.of(new DeviceOut(openLine(44_100), 44_100));
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException none) {
            return Optional.empty();
        }
    }

    private static SourceDataLine openLine(int rate) throws LineUnavailableException {
        AudioFormat format = new AudioFormat(rate, 16, 1, true, false);
        SourceDataLine line = (SourceDataLine) AudioSystem.getLine(new DataLine.Info(SourceDataLine.class, format));
        line.open(format, (int) (rate * BUFFER_SECONDS) * 2);
        line.start();
        return line;
    }

    @Override
    public boolean audible() {
        return true;
    }

    @Override
    public synchronized void play(float[] samples, int rate, int from, int to) {
        stop();
        if (rate != lineRate) {
            try {
                SourceDataLine other = openLine(rate);
                line.close();
                line = other;
                lineRate = rate;
            } catch (LineUnavailableException | IllegalArgumentException unavailable) {
                System.getLogger(DeviceOut.class.getName())
                        .log(
                                System.Logger.Level.WARNING,
                                "The sound device does not take " + rate + " Hz.",
                                unavailable);
                return;
            }
        }
        SourceDataLine target = line;
        Feed feed = new Feed(target.getLongFramePosition());
        current = feed;
        feeder.execute(() -> feed(target, feed, samples, rate, from, to));
    }

    private static void feed(SourceDataLine line, Feed feed, float[] samples, int rate, int from, int to) {
        int chunk = Math.max(64, (int) (rate * CHUNK_SECONDS));
        byte[] bytes = new byte[2 * chunk];
        for (int at = from; at < to && !feed.stopped; at += chunk) {
            int count = Math.min(chunk, to - at);
            for (int i = 0; i < count; i++) {
                float value = at + i >= 0 && at + i < samples.length ? samples[at + i] : 0;
                int pcm = Math.clamp(Math.round(value * 32767), -32768, 32767);
                bytes[2 * i] = (byte) pcm;
                bytes[2 * i + 1] = (byte) (pcm >> 8);
            }
            line.write(bytes, 0, 2 * count);
        }
    }

    @Override
    public synchronized void stop() {
        Feed feed = current;
        if (!feed.stopped) {
            feed.heardAtStop = line.getLongFramePosition() - feed.base;
            feed.stopped = true;
            line.flush();
        }
    }

    @Override
    public long heard() {
        Feed feed = current;
        return feed.stopped ? Math.max(0, feed.heardAtStop) : line.getLongFramePosition() - feed.base;
    }

    @Override
    public synchronized void close() {
        stop();
        feeder.shutdownNow();
        line.close();
    }
}
