package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PaintAheadTest {
    private static final Supplier<Painter> PAINTERS = () -> mock(Painter.class);

    /** A frame that is done before the one in front of it waits for its turn; no painter is asked by two threads. */
    @Test
    void framesComeInTheirOrder() throws Exception {
        Map<Painter, Set<Thread>> asked = new ConcurrentHashMap<>();
        CountDownLatch second = new CountDownLatch(1);
        List<Integer> taken = new ArrayList<>();
        PaintAhead.each(
                PAINTERS,
                9,
                (painter, frame) -> {
                    asked.computeIfAbsent(painter, p -> ConcurrentHashMap.newKeySet())
                            .add(Thread.currentThread());
                    if (frame == 0) {
                        await(second);
                    } else {
                        second.countDown();
                    }
                    return frame;
                },
                (frame, made) -> {
                    assertEquals(frame, made);
                    taken.add(made);
                });
        assertEquals(IntStream.range(0, 9).boxed().toList(), taken);
        assertEquals(2, asked.size());
        Set<Thread> threads = new HashSet<>();
        asked.values().forEach(own -> {
            assertEquals(1, own.size());
            threads.addAll(own);
        });
        assertEquals(2, threads.size());
    }

    private static void await(CountDownLatch other) {
        try {
            assertTrue(other.await(20, TimeUnit.SECONDS), "the next frame is drawn meanwhile");
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    /** No more frames are under way than four, however slowly they are taken. */
    @Test
    void notFarAhead() throws Exception {
        List<Integer> begun = new ArrayList<>();
        List<Integer> most = new ArrayList<>();
        PaintAhead.each(
                PAINTERS,
                30,
                (painter, frame) -> {
                    synchronized (begun) {
                        begun.add(frame);
                    }
                    return frame;
                },
                (frame, made) -> {
                    synchronized (begun) {
                        most.add(begun.size() - frame);
                    }
                });
        assertEquals(30, most.size());
        most.forEach(ahead -> assertTrue(ahead <= 4, ahead + " ahead"));
    }

    @Test
    void whatGoesWrongEndsTheWork() {
        IOException unwritten = new IOException("no writer");
        assertSame(unwritten, assertThrows(IOException.class, () -> failing(unwritten)));
        IllegalArgumentException wrong = new IllegalArgumentException("no view");
        assertSame(wrong, assertThrows(IllegalArgumentException.class, () -> failing(wrong)));
        IOException full = new IOException("the disk is full");
        List<Integer> taken = new ArrayList<>();
        assertSame(
                full,
                assertThrows(
                        IOException.class,
                        () -> PaintAhead.each(PAINTERS, 9, (painter, frame) -> frame, (frame, made) -> {
                            taken.add(frame);
                            throw full;
                        })));
        assertEquals(List.of(0), taken);
    }

    /** The third frame cannot be made. */
    private static void failing(Exception why) throws IOException {
        List<Integer> taken = new ArrayList<>();
        try {
            PaintAhead.each(
                    PAINTERS,
                    9,
                    (painter, frame) -> {
                        if (frame == 2) {
                            switch (why) {
                                case IOException known -> throw known;
                                case RuntimeException known -> throw known;
                                default -> throw new IllegalStateException(why);
                            }
                        }
                        return frame;
                    },
                    (frame, made) -> taken.add(made));
        } finally {
            assertEquals(List.of(0, 1), taken, "what came before it was handed on");
        }
    }
}
