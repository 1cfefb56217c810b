package graykite.media;

import graykite.picture.Picture;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.IntToDoubleFunction;
import java.util.function.Supplier;

/** Draws the next frames while one is being encoded: whole frames side by side, handed on in their order. */
final class PaintAhead {
    /** More than a few at once would only hold memory: each is drawn by several threads itself. */
    private static final int AT_ONCE = 2;

    private PaintAhead() {}

    /**
     * Draws frames.
     *
     * @param painters makes a painter of its own for each that draws
     * @param time seconds of a frame
     * @param next takes each picture, in order, on the calling thread; what it throws ends the work
     */
    static void each(Supplier<Painter> painters, int frames, IntToDoubleFunction time, Consumer<Picture> next) {
        List<ExecutorService> threads = new ArrayList<>();
        List<Painter> own = new ArrayList<>();
        for (int i = 0; i < Math.min(AT_ONCE, frames); i++) {
            own.add(painters.get());
            threads.add(Executors.newSingleThreadExecutor(
                    Thread.ofPlatform().daemon().name("kite-paint-", i).factory()));
        }
        try {
            ArrayDeque<Future<Picture>> coming = new ArrayDeque<>();
            int asked = 0;
            for (int f = 0; f < frames; f++) {
                while (asked < frames && coming.size() < 2 * AT_ONCE) {
                    int place = asked % own.size();
                    double at = time.applyAsDouble(asked++);
                    coming.add(threads.get(place).submit(() -> own.get(place).paint(at)));
                }
                next.accept(painted(coming.remove()));
            }
        } finally {
            threads.forEach(ExecutorService::shutdownNow);
        }
    }

    private static Picture painted(Future<Picture> coming) {
        try {
            return coming.get();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException known) {
                throw known;
            }
            throw new IllegalStateException(failed.getCause());
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("Drawing was interrupted.", stopped);
        }
    }
}
