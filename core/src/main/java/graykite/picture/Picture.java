package graykite.picture;

import static graykite.base.Require.requireThat;

/**
 * A finished image, rows from the top; each pixel is 0xAARRGGBB, opaque. The array is shared with whoever asked for it.
 */
public record Picture(int width, int height, int[] pixels) {
    public Picture {
        requireThat(width > 0 && height > 0 && pixels.length >= width * height, "A picture holds all its pixels.");
    }
}
