package graykite.studio.model;

import graykite.base.BadInput;
import graykite.base.Progress;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Map;
import java.util.SequencedSet;
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
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * Long work off the JavaFX thread, with progress, cancel and messages for the strip. Work of one lane goes one after
 * another; lanes do not wait for each other, so that a long reading holds up no saving.
 */
public final class Jobs implements AutoCloseable {
    private static final int MOST_MESSAGES = 200;

    /** What may go on side by side. */
    public enum Lane {
        /** Reading, exporting, making characters. */
        WORK,
        /** Opening and saving projects and small files. */
        FILES,
        /** Opening recordings to be seen and heard. */
        SOUND,
        /** Handing things over, which may take long. */
        DELIVERY
    }

    private record Job(String name, AtomicBoolean cancel, double[] fraction) {}

    private final Map<Lane, ExecutorService> lanes = new EnumMap<>(Lane.class);
    private final SequencedSet<Job> active = new LinkedHashSet<>();
    private final ReadOnlyStringWrapper running = new ReadOnlyStringWrapper("");
    private final ReadOnlyDoubleWrapper fraction = new ReadOnlyDoubleWrapper(0);
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final ObservableList<Message> messages = FXCollections.observableArrayList();

    /**
     * Something that the user was told.
     *
     * @param line id of the line that it is about; empty for none
     */
    public record Message(String text, String line) {}

    public Jobs() {
        for (Lane lane : Lane.values()) {
            String name = "kite-" + lane.name().toLowerCase(Locale.ROOT);
            lanes.put(
                    lane,
                    Executors.newSingleThreadExecutor(
                            Thread.ofPlatform().daemon().name(name).factory()));
        }
    }

    /** What runs now or waits for its turn, the one asked for first; empty when nothing does. */
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

    /** All messages of this session, the newest first. */
    public ObservableList<Message> messages() {
        return messages;
    }

    public void say(String text) {
        say(text, "");
    }

    /** @param line id of the line that it is about */
    public void say(String text, String line) {
        message.set(text);
        if (!text.isBlank()) {
            messages.addFirst(new Message(text, line));
            if (messages.size() > MOST_MESSAGES) {
                messages.removeLast();
            }
        }
    }

    /** Cancels what is shown as running. */
    public void cancel() {
        if (!active.isEmpty()) {
            active.getFirst().cancel.set(true);
        }
    }

    /**
     * Starts work on the lane of long work. Call on the JavaFX thread; the answer arrives there too.
     *
     * @param name shown while it runs, such as "Reading line 1"
     * @param work runs elsewhere
     * @param done receives its result
     */
    public <T> void start(String name, Function<Progress, T> work, Consumer<T> done) {
        start(Lane.WORK, name, work, done, () -> {});
    }

    /** As {@link #start(String, Function, Consumer)}; failed runs after a failure or a cancel, when the message is set. */
    public <T> void start(String name, Function<Progress, T> work, Consumer<T> done, Runnable failed) {
        start(Lane.WORK, name, work, done, failed);
    }

    /** As {@link #start(String, Function, Consumer, Runnable)}, on a lane. */
    public <T> void start(Lane lane, String name, Function<Progress, T> work, Consumer<T> done, Runnable failed) {
        if (lanes.get(lane).isShutdown()) {
            return;
        }
        Job job = new Job(name, new AtomicBoolean(), new double[1]);
        // From now on, though others of its lane may still go before it: who asked for it sees that it comes.
        active.add(job);
        show();
        lanes.get(lane).submit(() -> {
            try {
                T result = work.apply(progress(job));
                Platform.runLater(() -> {
                    end(job);
                    done.accept(result);
                });
            } catch (CancellationException stopped) {
                finish(job, name + " was cancelled; nothing was changed.", failed);
            } catch (RuntimeException | Error failure) {
                finish(job, explain(name, failure), failed);
            }
        });
    }

    private void show() {
        running.set(active.isEmpty() ? "" : active.getFirst().name + others());
        fraction.set(active.isEmpty() ? 0 : active.getFirst().fraction[0]);
    }

    private String others() {
        return active.size() == 1 ? "" : " (and " + (active.size() - 1) + " more)";
    }

    private void end(Job job) {
        active.remove(job);
        show();
    }

    private void finish(Job job, String text, Runnable failed) {
        Platform.runLater(() -> {
            end(job);
            say(text);
            failed.run();
        });
    }

    static String explain(String name, Throwable failure) {
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

    private Progress progress(Job job) {
        return new Progress() {
            private volatile long last;

            @Override
            public void at(double value) {
                long now = System.nanoTime();
                if (now - last > 30_000_000 || value >= 1) {
                    last = now;
                    Platform.runLater(() -> {
                        job.fraction[0] = value;
                        show();
                    });
                }
            }

            @Override
            public boolean cancelled() {
                return job.cancel.get();
            }
        };
    }

    @Override
    public void close() {
        active.forEach(j -> j.cancel.set(true));
        lanes.values().forEach(ExecutorService::shutdownNow);
    }
}
