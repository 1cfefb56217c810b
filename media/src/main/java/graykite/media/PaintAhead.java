package graykite.media;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;

/** Draws the next frames while one is being written: whole frames side by side, handed on in their order. */
final class PaintAhead {
    /** More than a few at once would only hold memory: each is drawn by several threads itself. */
    private static final int AT_ONCE = 2;

    private PaintAhead() {}

    /** What is made of a frame beside other frames: its picture, or what the picture is as a file. */
    interface Made<T> {
        T of(Painter painter, int frame) throws IOException;
    }

    /** What is done with it in its turn. */
    interface Next<T> {
        void take(int frame, T made) throws IOException;
    }

    /**
     * Draws frames.
     *
     * @param painters makes a painter of its own for each that draws
     * @param made is called for each frame on a thread that its painter belongs to
     * @param next takes what was made, in order, on the calling thread; what it throws ends the work
     */
    static <T> void each(Supplier<Painter> painters, int frames, Made<T> made, Next<T> next) throws IOException {
        List<ExecutorService> threads = new ArrayList<>();
        List<Painter> own = new ArrayList<>();
        for (int i = 0; i < Math.min(AT_ONCE, frames); i++) {
            own.add(painters.get());
            threads.add(Executors.newSingleThreadExecutor(
                    Thread.ofPlatform().daemon().name("kite-paint-", i).factory()));
        }
        try {
            ArrayDeque<Future<T>> coming = new ArrayDeque<>();
            int asked = 0;
            for (int f = 0; f < frames; f++) {
                while (asked < frames && coming.size() < 2 * AT_ONCE) {
                    int place = asked % own.size();
                    int frame = asked++;
                    coming.add(threads.get(place).submit(() -> made.of(own.get(place), frame)));
                }
                next.take(f, finished(coming.remove()));
            }
        } finally {
            threads.forEach(ExecutorService::shutdownNow);
        }
    }

    private static <T> T finished(Future<T> coming) throws IOException {
        try {
            return coming.get();
        } catch (ExecutionException failed) {
            switch (failed.getCause()) {
                case RuntimeException known -> throw known;
                case IOException known -> throw known;
                default -> throw new IllegalStateException(failed.getCause());
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Drawing was interrupted.", stopped);
        }
    }
}
