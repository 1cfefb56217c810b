package graykite.studio;

import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import org.testfx.util.WaitForAsyncUtils;

/** Asks things of the JavaFX thread and waits for what must become true there. */
final class FxWork {
    private FxWork() {}

    static <T> T onFx(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, action);
    }

    static void await(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> onFx(condition));
        rest();
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
