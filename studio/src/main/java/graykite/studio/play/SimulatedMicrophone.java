package graykite.studio.play;

import graykite.hearing.SimulatedVoice;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Serves where a machine has no microphone: the words of the line in the simulated voice, as fast as they would be spoken. */
public final class SimulatedMicrophone implements Microphone {
    private static final int BLOCK = RATE / 50;

    private final Supplier<String> words;
    private volatile boolean stopped;
    private Thread thread;

    /** @param words asked for when a recording starts: what is said; silence follows it */
    public SimulatedMicrophone(Supplier<String> words) {
        this.words = words;
    }

    @Override
    public String name() {
        return "Simulated microphone";
    }

    @Override
    public void start(Consumer<float[]> listener) {
        stopped = false;
        String said = words.get();
        thread = Thread.ofPlatform().daemon().name("kite-microphone").start(() -> listen(said, listener));
    }

    private void listen(String text, Consumer<float[]> listener) {
        float[] said = SimulatedVoice.speak(text).sound().mixedAt(RATE).mixed();
        long start = System.nanoTime();
        for (int from = 0; !stopped; from += BLOCK) {
            float[] block = new float[BLOCK];
            for (int i = 0; i < BLOCK; i++) {
                block[i] = from + i < said.length ? said[from + i] : 0;
            }
            listener.accept(block);
            long wait = start + (from + BLOCK) * 1_000_000_000L / RATE - System.nanoTime();
            LockSupport.parkNanos(Math.max(0, wait));
        }
    }

    @Override
    public void stop() {
        stopped = true;
        try {
            thread.join(2000);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
