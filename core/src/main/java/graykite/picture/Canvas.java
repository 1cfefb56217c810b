package graykite.picture;

/**
 * Where a picture goes, and what lies behind it.
 *
 * @param pixels receives width * height pixels
 * @param deep receives 16 bits a colour besides, red green blue opacity; empty when nobody wants them
 * @param ground the backdrop as pixels, transparent for a clear picture
 * @param clear true when the backdrop is left out
 */
record Canvas(int width, int height, int[] pixels, short[] deep, int[] ground, Backdrop backdrop, boolean clear) {

    void lay(int x, int y, float red, float green, float blue, int quarters) {
        int at = y * width + x;
        int whole = Tone.pixel(red, green, blue);
        pixels[at] = quarters == 4 ? whole : Tone.premultiplied(whole, quarters);
        if (deep.length > 0) {
            Tone.deep(red, green, blue, quarters, deep, 4 * at);
        }
    }

    /** Nobody stands in these pixels. @param light room for a colour */
    void layGround(int left, int top, int columns, int rows, float[] light) {
        for (int y = top; y < top + rows; y++) {
            int at = y * width + left;
            System.arraycopy(ground, at, pixels, at, columns);
            if (deep.length > 0 && !clear) {
                backdrop.light(y / (float) height, light);
                for (int x = 0; x < columns; x++) {
                    Tone.deep(light[0], light[1], light[2], 4, deep, 4 * (at + x));
                }
            }
        }
    }
}
