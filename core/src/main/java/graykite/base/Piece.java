package graykite.base;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/**
 * A short piece of work that another core may take. Whoever needs it does it if nobody has begun yet, so that nobody waits for a
 * pool that is busy with something else.
 */
public final class Piece<T> {
    private final Supplier<T> work;
    private final AtomicBoolean begun = new AtomicBoolean();
    private final CompletableFuture<T> done = new CompletableFuture<>();

    private Piece(Supplier<T> work) {
        this.work = work;
    }

    /** Offers work to the common pool. */
    public static <T> Piece<T> offer(Supplier<T> work) {
        Piece<T> piece = new Piece<>(work);
        ForkJoinPool.commonPool().execute(piece::doUnlessBegun);
        return piece;
    }

    /** What the work comes to; what it fails of fails here, as it was. */
    public T take() {
        doUnlessBegun();
        return Aside.outcome(done);
    }

    private void doUnlessBegun() {
        if (begun.compareAndSet(false, true)) {
            try {
                done.complete(work.get());
            } catch (RuntimeException | Error failure) {
                done.completeExceptionally(failure);
            }
        }
    }
}
