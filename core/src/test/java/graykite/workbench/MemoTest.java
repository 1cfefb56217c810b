package graykite.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** What is worked out once is kept, whoever asks, and nobody holds up those that it is worked out with. */
class MemoTest {
    private final Memo<String> memo = Memo.ofCount(2);
    private final AtomicInteger made = new AtomicInteger();

    private String made(String value) {
        made.incrementAndGet();
        return value;
    }

    /** Figures and words count by what they say, everything else by which one it is. */
    @Test
    void sameInputsAreWorkedOutOnce() {
        List<String> one = List.of("a", "b");
        assertEquals("first", memo.get(() -> made("first"), one, 1.5, "x"));
        assertEquals("first", memo.get(() -> made("second"), one, Double.valueOf("1.5"), new String("x")));
        assertEquals("third", memo.get(() -> made("third"), List.of("a", "b"), 1.5, "x"));
        assertEquals(2, made.get());
    }

    @Test
    void whatWasAskedForLongestAgoIsForgotten() {
        memo.get(() -> made("a"), "a");
        memo.get(() -> made("b"), "b");
        memo.get(() -> made("a"), "a");
        memo.get(() -> made("c"), "c");
        assertTrue(memo.has("a") && memo.has("c"));
        assertFalse(memo.has("b"));
    }

    /** What failed is tried again. */
    @Test
    void failuresAreNotKept() {
        Supplier<String> failing = () -> {
            throw new IllegalStateException("no");
        };
        assertThrows(IllegalStateException.class, () -> memo.get(failing, "a"));
        assertFalse(memo.has("a"));
        assertEquals("yes", memo.get(() -> "yes", "a"));
    }

    @Test
    @Timeout(60)
    void severalThreadsShareOneAnswer() throws Exception {
        CountDownLatch together = new CountDownLatch(4);
        try (ForkJoinPool pool = new ForkJoinPool(4)) {
            List<ForkJoinTask<String>> all = IntStream.range(0, 4)
                    .mapToObj(i -> pool.submit(() -> {
                        together.countDown();
                        together.await();
                        return memo.get(() -> made(new String("one")), "a");
                    }))
                    .toList();
            for (ForkJoinTask<String> each : all) {
                assertSame(all.getFirst().get(), each.get());
            }
        }
        assertEquals(1, made.get());
    }

    /**
     * Somebody works a value out and waits for work in a pool, whose only worker waits for that very value: the pool goes on all
     * the same.
     */
    @Test
    @Timeout(60)
    void aWorkerThatWaitsHoldsUpNoPool() throws Exception {
        try (ForkJoinPool pool = new ForkJoinPool(1)) {
            CountDownLatch begun = new CountDownLatch(1);
            String value = memo.get(
                    () -> {
                        ForkJoinTask<String> asking = pool.submit(() -> {
                            begun.countDown();
                            return memo.get(() -> made("too late"), "a");
                        });
                        String worked;
                        try {
                            begun.await();
                            worked = pool.submit(() -> "worked").get(20, TimeUnit.SECONDS);
                        } catch (Exception stuck) {
                            throw new AssertionError("The pool does nothing else.", stuck);
                        }
                        assertFalse(asking.isDone());
                        return made(worked);
                    },
                    "a");
            assertEquals("worked", value);
        }
        assertEquals(1, made.get());
    }
}
