package graykite.studio.play;

/** A clock in place of a sound device. */
public final class SilentOut implements AudioOut {
    private long startedAt;
    private long length;
    private int rate = 1;
    private boolean running;
    private long stoppedAt;

    @Override
    public boolean audible() {
        return false;
    }

    @Override
    public void play(float[] samples, int newRate, int from, int to) {
        startedAt = System.nanoTime();
        length = Math.max(0, to - from);
        rate = newRate;
        running = true;
    }

    @Override
    public void stop() {
        stoppedAt = heard();
        running = false;
    }

    @Override
    public long heard() {
        return running ? Math.min(length, (long) ((System.nanoTime() - startedAt) * 1e-9 * rate)) : stoppedAt;
    }

    @Override
    public void close() {
        stop();
    }
}
