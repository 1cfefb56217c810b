package graykite.studio.model;

import graykite.base.BadInput;
import graykite.base.Progress;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/**
 * Long work off the JavaFX thread, with progress, cancel and the last message for the strip. One visible job at a time;
 * the next waits for it.
 */
public final class Jobs implements AutoCloseable {
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("kite-job").factory());
    private final ReadOnlyStringWrapper running = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper fraction = new ReadOnlyDoubleWrapper(0);
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private AtomicBoolean cancel = new AtomicBoolean();

    /** What runs now, empty when nothing does. */
    public ReadOnlyStringProperty running() {
        return running.getReadOnlyProperty();
    }

    public ReadOnlyDoubleProperty fraction() {
        return fraction.getReadOnlyProperty();
    }

    /** The last message to the user. */
    public ReadOnlyStringProperty message() {
        return message.getReadOnlyProperty();
    }

    public void say(String text) {
        message.set(text);
    }

    public void cancel() {
        cancel.set(true);
    }

    /**
     * Starts work. Call on the JavaFX thread; the answer arrives there too.
     *
     * @param name shown while it runs, such as "Reading line 1"
     * @param work runs elsewhere
     * @param done receives its result
     */
    public <T> void start(String name, Function<Progress, T> work, Consumer<T> done) {
        start(name, work, done, () -> {});
    }

    /** As {@link #start(String, Function, Consumer)}; failed runs after a failure or a cancel, when the message is set. */
    public <T> void start(String name, Function<Progress, T> work, Consumer<T> done, Runnable failed) {
        AtomicBoolean own = new AtomicBoolean();
        worker.submit(() -> {
            Platform.runLater(() -> {
                cancel = own;
                running.set(name);
                fraction.set(0);
            });
            try {
                T result = work.apply(progress(own));
                Platform.runLater(() -> {
                    running.set("");
                    done.accept(result);
                });
            } catch (CancellationException stopped) {
                finish(name + " was cancelled; nothing was changed.", failed);
            } catch (RuntimeException | Error failure) {
                finish(explain(name, failure), failed);
            }
        });
    }

    private void finish(String text, Runnable failed) {
        Platform.runLater(() -> {
            running.set("");
            message.set(text);
            failed.run();
        });
    }

    private static String explain(String name, Throwable failure) {
        Throwable cause =
                failure instanceof CompletionException && failure.getCause() != null ? failure.getCause() : failure;
        if (cause instanceof BadInput) {
            return cause.getMessage();
        }
        System.getLogger(Jobs.class.getName()).log(System.Logger.Level.ERROR, name, cause);
        if (cause instanceof OutOfMemoryError) {
            return name + " needs more memory than there is. Close other projects or cut the recording into lines.";
        }
        return name + " failed unexpectedly (" + cause + "). The project is unchanged; please report this.";
    }

    private Progress progress(AtomicBoolean own) {
        return new Progress() {
            private volatile long last;

            @Override
            public void at(double value) {
                long now = System.nanoTime();
                if (now - last > 30_000_000 || value >= 1) {
                    last = now;
                    Platform.runLater(() -> fraction.set(value));
                }
            }

            @Override
            public boolean cancelled() {
                return own.get();
            }
        };
    }

    @Override
    public void close() {
        cancel();
        worker.shutdownNow();
    }
}
