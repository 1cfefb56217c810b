package graykite.studio.play;

import graykite.sound.Sound;
import java.util.Arrays;

/** Collects what a microphone hears, and tells how loud it is. */
public final class Recorder {
    /** Longest recording in seconds; more is a forgotten button. */
    public static final double LONGEST = 1800;

    private static final float CLIPPED = 0.999f;

    private final Microphone microphone;
    private float[] samples = new float[0];
    private int length;
    private float peak;
    private boolean clipped;

    public Recorder(Microphone microphone) {
        this.microphone = microphone;
    }

    public String name() {
        return microphone.name();
    }

    /** Begins anew. */
    public synchronized void start() {
        length = 0;
        peak = 0;
        clipped = false;
        microphone.start(this::hear);
    }

    private synchronized void hear(float[] block) {
        if (length + block.length > LONGEST * Microphone.RATE) {
            return;
        }
        if (length + block.length > samples.length) {
            samples = Arrays.copyOf(samples, Math.max(10 * Microphone.RATE, 2 * samples.length));
        }
        System.arraycopy(block, 0, samples, length, block.length);
        length += block.length;
        for (float sample : block) {
            peak = Math.max(peak, Math.abs(sample));
            clipped |= Math.abs(sample) >= CLIPPED;
        }
    }

    /** The highest sample since this was asked last, 0 to 1. */
    public synchronized float takePeak() {
        float now = peak;
        peak = 0;
        return now;
    }

    /** True once the recording was louder than the device can take. */
    public synchronized boolean clipped() {
        return clipped;
    }

    /** Seconds recorded so far. */
    public synchronized double seconds() {
        return length / (double) Microphone.RATE;
    }

    /** Ends the recording and hands it over. */
    public Sound stop() {
        microphone.stop();
        synchronized (this) {
            Sound heard = Sound.mono(Arrays.copyOf(samples, length), Microphone.RATE);
            // A microphone may remember whom it told, who need not keep what was handed over.
            samples = new float[0];
            length = 0;
            return heard;
        }
    }
}
