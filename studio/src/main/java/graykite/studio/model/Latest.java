package graykite.studio.model;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/** Small work off the JavaFX thread of which only the newest wish counts: what an older one came to is thrown away. */
public final class Latest implements AutoCloseable {
    private final ExecutorService worker;
    private final AtomicLong wanted = new AtomicLong();

    /** @param name of the thread */
    public Latest(String name) {
        worker = Executors.newSingleThreadExecutor(
                Thread.ofPlatform().daemon().name(name).factory());
    }

    /** As {@link #ask(Supplier, Consumer)}; a failure is handed over on the JavaFX thread as well. */
    public <T> void ask(Supplier<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        ask(
                () -> {
                    try {
                        T result = work.get();
                        return (Runnable) () -> done.accept(result);
                    } catch (RuntimeException | Error failure) {
                        return (Runnable) () -> failed.accept(failure);
                    }
                },
                Runnable::run);
    }

    /** Computes, then hands the result over on the JavaFX thread unless something newer was asked for meanwhile. */
    public <T> void ask(Supplier<T> work, Consumer<T> done) {
        if (worker.isShutdown()) {
            return;
        }
        long mine = wanted.incrementAndGet();
        worker.execute(() -> {
            if (mine != wanted.get()) {
                return;
            }
            T result = work.get();
            Platform.runLater(() -> {
                if (mine == wanted.get()) {
                    done.accept(result);
                }
            });
        });
    }

    /** Forgets what was asked for and is not there yet. */
    public void drop() {
        wanted.incrementAndGet();
    }

    @Override
    public void close() {
        worker.shutdownNow();
    }
}
