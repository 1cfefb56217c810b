package graykite.studio;

import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.testfx.util.WaitForAsyncUtils;

/** Asks things of the JavaFX thread and waits for what must become true there. */
final class FxWork {
    private FxWork() {}

    static <T> T onFx(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(20_000, action);
    }

    static void await(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> onFx(condition));
        WaitForAsyncUtils.waitForFxEvents();
    }
}
