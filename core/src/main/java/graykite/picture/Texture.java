package graykite.picture;

import static graykite.base.Require.requireThat;

/**
 * A picture that is laid over a surface. Rows from the top; u runs to the right and v downwards, both 0 to 1, and repeat
 * beyond.
 */
public final class Texture {
    /** Pixels a side that a texture may have. */
    public static final int LARGEST = 8192;

    private static final float[] LINEAR = linear();

    private final int width;
    private final int height;
    private final int[] pixels;
    private final boolean holes;

    /** @param pixels 0xAARRGGBB, sRGB, not premultiplied; shared, not to be written to */
    public Texture(int width, int height, int[] pixels) {
        requireThat(
                width > 0 && height > 0 && width <= LARGEST && height <= LARGEST,
                "A texture has 1 to 8192 pixels a side.");
        requireThat(pixels.length == width * height, "A texture holds all its pixels.");
        this.width = width;
        this.height = height;
        this.pixels = pixels;
        boolean some = false;
        for (int pixel : pixels) {
            some |= pixel >>> 24 < 128;
        }
        this.holes = some;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** Shared, not to be written to. */
    public int[] pixels() {
        return pixels;
    }

    /** True when some of it is transparent. */
    public boolean hasHoles() {
        return holes;
    }

    /** Opacity of the nearest pixel, 0 to 255. */
    int opacity(float u, float v) {
        return pixels[wrapped(Rounding.floor(v * height), height) * width + wrapped(Rounding.floor(u * width), width)]
                >>> 24;
    }

    /** Linear red, green and blue at a place, blended between the four nearest pixels; transparent ones do not count. */
    void sample(float u, float v, float[] out) {
        float x = u * width - 0.5f;
        float y = v * height - 0.5f;
        int x0 = Rounding.floor(x);
        int y0 = Rounding.floor(y);
        float fx = x - x0;
        float fy = y - y0;
        float red = 0;
        float green = 0;
        float blue = 0;
        float sum = 0;
        for (int k = 0; k < 4; k++) {
            int pixel = pixels[wrapped(y0 + (k >> 1), height) * width + wrapped(x0 + (k & 1), width)];
            float share = ((k & 1) == 0 ? 1 - fx : fx) * ((k >> 1) == 0 ? 1 - fy : fy) * ((pixel >>> 24) / 255f);
            red += share * LINEAR[pixel >> 16 & 255];
            green += share * LINEAR[pixel >> 8 & 255];
            blue += share * LINEAR[pixel & 255];
            sum += share;
        }
        float scale = sum > 1e-6f ? 1 / sum : 0;
        out[0] = red * scale;
        out[1] = green * scale;
        out[2] = blue * scale;
    }

    private static int wrapped(int at, int size) {
        return at >= 0 && at < size ? at : Math.floorMod(at, size);
    }

    private static float[] linear() {
        float[] table = new float[256];
        for (int i = 0; i < 256; i++) {
            table[i] = (float) Tone.linear(i / 255.0);
        }
        return table;
    }
}
