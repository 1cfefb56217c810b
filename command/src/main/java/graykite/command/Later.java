package graykite.command;

import graykite.base.Aside;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Supplier;

/** Something that is made on another thread while the command goes on. */
final class Later<T> {
    private final CompletableFuture<T> coming;

    private Later(CompletableFuture<T> coming) {
        this.coming = coming;
    }

    static <T> Later<T> of(Supplier<T> made) {
        return new Later<>(Aside.ask(made));
    }

    /** Waits for it; what failed there fails here, as it was. */
    T get() {
        try {
            return coming.join();
        } catch (CompletionException failure) {
            throw failure.getCause() instanceof RuntimeException own ? own : failure;
        }
    }
}
