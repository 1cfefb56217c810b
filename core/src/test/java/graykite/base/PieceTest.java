package graykite.base;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Work that may go on beside: short pieces in the common pool, everything else on threads of their own. */
@Timeout(60)
class PieceTest {
    /** Every worker of the common pool is at something else, which goes on until the piece was needed and done. */
    @Test
    void nobodyWaitsForABusyPool() throws Exception {
        int workers = ForkJoinPool.getCommonPoolParallelism();
        CountDownLatch busy = new CountDownLatch(workers);
        CountDownLatch free = new CountDownLatch(1);
        for (int i = 0; i < workers; i++) {
            ForkJoinPool.commonPool().execute(() -> {
                busy.countDown();
                hold(free);
            });
        }
        assertTrue(busy.await(20, TimeUnit.SECONDS), "the workers are busy");
        try {
            Piece<Thread> piece = Piece.offer(Thread::currentThread);
            assertSame(Thread.currentThread(), piece.take(), "done by the one who needs it");
            assertNotEquals(
                    Thread.currentThread(), Aside.ask(Thread::currentThread).get(20, TimeUnit.SECONDS));
        } finally {
            free.countDown();
        }
    }

    private static void hold(CountDownLatch until) {
        try {
            until.await();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void aPieceIsDoneOnce() {
        AtomicInteger done = new AtomicInteger();
        for (int i = 0; i < 200; i++) {
            Piece<Integer> piece = Piece.offer(done::incrementAndGet);
            int own = i + 1;
            assertTrue(IntStream.range(0, 3).allMatch(k -> piece.take() == own));
        }
        ForkJoinPool.commonPool().awaitQuiescence(20, TimeUnit.SECONDS);
        assertEquals(200, done.get());
    }

    /** Failures arrive as they were. */
    @Test
    void whatFailsFailsWhereItIsNeeded() {
        Piece<String> failing = Piece.offer(() -> {
            throw new BadInput("line.wav: no sound");
        });
        assertEquals(
                "line.wav: no sound",
                assertThrows(BadInput.class, failing::take).getMessage());
        Piece<String> broken = Piece.offer(() -> {
            throw new AssertionError("broken");
        });
        assertThrows(AssertionError.class, broken::take);
    }

    @Test
    void workFollowsWorkAside() throws Exception {
        assertEquals(6, Aside.then(Aside.ask(() -> 5), n -> n + 1).get(20, TimeUnit.SECONDS));
    }
}
