package graykite.studio.view;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import java.util.SplittableRandom;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;

/** A screen draws again just what changed. */
class ScreenTest {
    /** The rectangle is that of a plain look at every pixel. */
    @Test
    void theSmallestRectangleRoundWhatChanged() {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 300; round++) {
            int width = random.nextInt(1, 40);
            int height = random.nextInt(1, 30);
            int[] before = new int[width * height];
            int[] now = before.clone();
            int left = width;
            int right = -1;
            int top = height;
            int bottom = -1;
            for (int i = random.nextInt(5); i > 0; i--) {
                int x = random.nextInt(width);
                int y = random.nextInt(height);
                now[y * width + x] = 1 + i;
                left = Math.min(left, x);
                right = Math.max(right, x);
                top = Math.min(top, y);
                bottom = Math.max(bottom, y);
            }
            Optional<Rectangle2D> expected = right < 0
                    ? Optional.empty()
                    : Optional.of(new Rectangle2D(left, top, right - left + 1, bottom - top + 1));
            assertEquals(expected, Screen.difference(now, before, width));
        }
    }
}
