package graykite.base;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Function;
import java.util.function.Supplier;

/**
 * Work that goes on beside what asked for it, on a thread of its own. The common pool is left to the pieces of pictures and
 * faces that are shared out there: it may have a single worker, and whoever waits for a piece would wait for anything long that
 * this worker is at.
 */
public final class Aside {
    private Aside() {}

    /** Begins work at once; what it comes to, or fails of, is in the future. */
    public static <T> CompletableFuture<T> ask(Supplier<T> work) {
        return CompletableFuture.supplyAsync(work, Aside::start);
    }

    /** Begins work with what is to come as soon as that is there. */
    public static <T, U> CompletableFuture<U> then(CompletableFuture<T> coming, Function<T, U> work) {
        return coming.thenApplyAsync(work, Aside::start);
    }

    /** Waits for what work comes to; what it failed of fails here, as it was. */
    public static <T> T outcome(CompletableFuture<T> work) {
        try {
            return work.join();
        } catch (CompletionException failure) {
            switch (failure.getCause()) {
                case RuntimeException own -> throw own;
                case Error own -> throw own;
                default -> throw failure;
            }
        }
    }

    private static void start(Runnable work) {
        Thread.ofPlatform().daemon().name("kite-aside").start(work);
    }
}
