package graykite.studio.play;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The clock of the window follows what the device says was heard. */
@ExtendWith(ApplicationExtension.class)
class PlayerTest {
    private static final int RATE = 16_000;

    private final AudioOut out = mock(AudioOut.class);
    private final AtomicLong heard = new AtomicLong();
    private final AtomicLong nanoTime = new AtomicLong();
    private Player player;

    @BeforeEach
    void load() {
        when(out.heard()).thenAnswer(call -> heard.get());
        when(out.audible()).thenReturn(true);
        player = fx(() -> {
            Player made = new Player(out, nanoTime::get);
            made.load(Sound.silence(2, RATE));
            return made;
        });
    }

    private static <T> T fx(Callable<T> action) {
        return WaitForAsyncUtils.waitForAsyncFx(10_000, action);
    }

    private void heardSeconds(double seconds) {
        heard.set((long) (seconds * RATE));
    }

    private void awaitTime(double seconds) throws Exception {
        WaitForAsyncUtils.waitFor(
                10, TimeUnit.SECONDS, () -> Math.abs(player.time().get() - seconds) < 1e-6);
    }

    /** ITU-R BT.1359-1 finds 45 ms of leading sound detectable: the shown time is exactly the heard time, so the error is one picture. */
    @Test
    void timeIsWhatWasHeard() throws Exception {
        fx(() -> {
            player.seek(0.5);
            player.play();
            return null;
        });
        verify(out).play(any(), eq(RATE), eq(RATE / 2), eq(2 * RATE));
        heardSeconds(0.25);
        awaitTime(0.75);
        heardSeconds(0.4);
        awaitTime(0.9);
        fx(() -> {
            player.pause();
            return null;
        });
        assertFalse(player.playing().get());
        assertEquals(0.9, player.time().get(), 1e-6);
    }

    /** What shows the time moves with the pictures, waits for none longer than a tenth of a second, and stands right at rest. */
    @Test
    void clocksMoveWithThePictures() throws Exception {
        fx(() -> {
            player.seek(0.5);
            assertEquals(0.5, player.shown().get());
            player.play();
            return null;
        });
        heardSeconds(0.25);
        awaitTime(0.75);
        assertEquals(0.5, player.shown().get(), "no picture has come");
        fx(() -> {
            player.pictured();
            return null;
        });
        assertEquals(0.75, player.shown().get(), 1e-6);
        nanoTime.addAndGet(100_000_001);
        heardSeconds(0.3);
        awaitTime(0.8);
        assertEquals(0.8, player.shown().get(), 1e-6, "no picture comes");
        heardSeconds(0.4);
        awaitTime(0.9);
        assertEquals(0.8, player.shown().get(), 1e-6);
        fx(() -> {
            player.pause();
            return null;
        });
        assertEquals(0.9, player.shown().get(), 1e-6);
    }

    @Test
    void halfSpeedPlaysTheLongVersion() throws Exception {
        fx(() -> {
            player.speed().set(0.5);
            player.play();
            return null;
        });
        verify(out).play(any(), eq(RATE), eq(0), eq(4 * RATE));
        heardSeconds(1);
        awaitTime(0.5);
    }

    @Test
    void loopsItsRange() throws Exception {
        fx(() -> {
            player.loopRange().set(Optional.of(new TimeRange(0.5, 1.0)));
            player.looping().set(true);
            player.play();
            return null;
        });
        verify(out).play(any(), anyInt(), eq(RATE / 2), eq(RATE));
        heardSeconds(0.3);
        awaitTime(0.8);
        heardSeconds(0.5);
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> org.mockito.Mockito.mockingDetails(out).getInvocations().stream()
                                .filter(i -> i.getMethod().getName().equals("play"))
                                .count()
                        > 1);
        assertTrue(player.playing().get());
    }

    @Test
    void stopsAtTheEnd() throws Exception {
        fx(() -> {
            player.play();
            return null;
        });
        heardSeconds(2);
        awaitTime(2);
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> !player.playing().get());
    }

    /** The silent clock keeps real time. */
    @Test
    void theSilentClockRuns() throws Exception {
        SilentOut silent = new SilentOut();
        silent.play(new float[RATE], RATE, 0, RATE);
        long first = silent.heard();
        Thread.sleep(120);
        long later = silent.heard();
        assertTrue(later - first >= 0.115 * RATE, "ran " + (later - first));
        silent.stop();
        assertEquals(silent.heard(), silent.heard());
        silent.play(new float[10], RATE, 0, 10);
        Thread.sleep(5);
        assertEquals(10, silent.heard());
        assertFalse(silent.audible());
    }
}
