package graykite.studio.view;

import java.nio.IntBuffer;
import java.util.Arrays;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.image.Image;
import javafx.scene.image.PixelBuffer;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/**
 * What an eye shows, as one picture whose pixels change: only the part in which a new picture differs from the last is
 * copied and drawn again by the toolkit, which is most of what a moving face costs besides drawing it.
 */
final class Screen {
    private final int width;
    private final int height;
    private final int[] pixels;
    private final PixelBuffer<IntBuffer> buffer;
    private final WritableImage image;

    Screen(int width, int height) {
        this.width = width;
        this.height = height;
        pixels = new int[width * height];
        buffer = new PixelBuffer<>(width, height, IntBuffer.wrap(pixels), PixelFormat.getIntArgbPreInstance());
        image = new WritableImage(buffer);
    }

    boolean is(int wide, int high) {
        return width == wide && height == high;
    }

    Image image() {
        return image;
    }

    /** Shows a picture of this size. On the JavaFX thread. */
    void show(int[] now) {
        difference(now, pixels, width).ifPresent(part -> {
            int left = (int) part.getMinX();
            for (int y = (int) part.getMinY(); y < part.getMaxY(); y++) {
                System.arraycopy(now, y * width + left, pixels, y * width + left, (int) part.getWidth());
            }
            buffer.updateBuffer(b -> part);
        });
    }

    /** The smallest upright rectangle outside which two pictures are the same; nothing when they are the same everywhere. */
    static Optional<Rectangle2D> difference(int[] now, int[] before, int width) {
        int height = now.length / width;
        int top = 0;
        while (top < height && sameRow(now, before, width, top)) {
            top++;
        }
        if (top == height) {
            return Optional.empty();
        }
        int bottom = height - 1;
        while (sameRow(now, before, width, bottom)) {
            bottom--;
        }
        int left = width;
        int right = -1;
        for (int y = top; y <= bottom; y++) {
            int row = y * width;
            // Only what lies outside the rectangle so far can make it wider.
            int first = Arrays.mismatch(now, row, row + left, before, row, row + left);
            left = first < 0 ? left : first;
            int x = width - 1;
            while (x > right && now[row + x] == before[row + x]) {
                x--;
            }
            right = Math.max(right, x);
        }
        return Optional.of(new Rectangle2D(left, top, right - left + 1.0, bottom - top + 1.0));
    }

    private static boolean sameRow(int[] now, int[] before, int width, int y) {
        return Arrays.equals(now, y * width, (y + 1) * width, before, y * width, (y + 1) * width);
    }
}
