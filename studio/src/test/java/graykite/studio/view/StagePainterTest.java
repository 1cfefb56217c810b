package graykite.studio.view;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.after;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import graykite.picture.Dressing;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** However quickly a movement is drawn, where it comes to rest it is drawn with care. */
@ExtendWith(ApplicationExtension.class)
class StagePainterTest {
    private final Pace pace = mock();
    private final StagePainter.Troupe troupe = mock();
    private final StagePainter painter = new StagePainter(pace);

    @AfterEach
    void close() {
        painter.close();
    }

    private void draw(double value) {
        painter.draw(
                troupe,
                List.of(new double[] {value}),
                Optional.empty(),
                new StagePainter.Ground(Dressing.USUAL, false),
                List.of());
    }

    @Test
    void aQuickPictureIsFollowedByACarefulOne() {
        when(pace.quick(anyDouble())).thenReturn(true);
        draw(1);
        verify(pace, timeout(10_000)).took(eq(true), anyDouble());
        verify(pace, timeout(10_000)).took(eq(false), anyDouble());
        verify(troupe, timeout(10_000).times(2)).surfaces(any());
    }

    @Test
    void aCarefulPictureIsLeftAlone() {
        draw(1);
        verify(troupe, after((int) (3000 * Pace.MOVEMENT)).times(1)).surfaces(any());
    }

    /** Only the last of a movement comes to rest: the second is wished for while the first is drawn. */
    @Test
    void whatMovedOnIsNotDrawnAgain() {
        CountDownLatch movedOn = new CountDownLatch(1);
        when(pace.quick(anyDouble())).thenReturn(true, false);
        when(troupe.surfaces(any())).thenAnswer(call -> {
            movedOn.await(10, TimeUnit.SECONDS);
            return List.of();
        });
        draw(1);
        verify(troupe, timeout(10_000)).surfaces(any());
        draw(2);
        movedOn.countDown();
        verify(pace, timeout(10_000)).took(eq(false), anyDouble());
        verify(troupe, after((int) (3000 * Pace.MOVEMENT)).times(2)).surfaces(any());
    }
}
