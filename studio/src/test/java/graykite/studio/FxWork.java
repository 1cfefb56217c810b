package graykite.studio;

import java.util.Arrays;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import org.testfx.util.WaitForAsyncUtils;

/** Asks things of the JavaFX thread and waits for what must become true there. */
final class FxWork {
    private FxWork() {}

    static <T> T onFx(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, action);
    }

    /** Waits up to a minute; who waits in vain is told what every thread was doing. */
    static void await(Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> onFx(condition));
        } catch (TimeoutException late) {
            throw new AssertionError("Not within a minute. Meanwhile:\n" + threads(), late);
        }
        rest();
    }

    /** What threads of ours, and those that work for them, are at. */
    private static String threads() {
        StringBuilder all = new StringBuilder();
        Thread.getAllStackTraces().forEach((thread, frames) -> {
            boolean ours = Arrays.stream(frames).anyMatch(f -> f.getClassName().startsWith("graykite"));
            if (ours || thread.getName().startsWith("ForkJoinPool")) {
                all.append(thread.getName())
                        .append(' ')
                        .append(thread.getState())
                        .append('\n');
                Arrays.stream(frames)
                        .limit(40)
                        .forEach(f -> all.append("    ").append(f).append('\n'));
            }
        });
        return all.toString();
    }

    /** Waits until what was asked of the window so far has been done and all of it has been laid out. */
    static void rest() {
        CountDownLatch laidOut = new CountDownLatch(1);
        // Between a pulse's beginning and what runs after it lies the layout.
        AnimationTimer pulse = new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(laidOut::countDown);
            }
        };
        Platform.runLater(pulse::start);
        try {
            if (!laidOut.await(60, TimeUnit.SECONDS)) {
                throw new AssertionError("The window is not laid out within a minute.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
