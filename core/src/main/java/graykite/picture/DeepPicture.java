package graykite.picture;

import static graykite.base.Require.requireThat;

/**
 * A picture with 16 bits a colour.
 *
 * @param width in pixels
 * @param height in pixels
 * @param samples red, green, blue and opacity of each pixel, row by row, without sign; colours are not multiplied by opacity
 */
public record DeepPicture(int width, int height, short[] samples) {
    public DeepPicture {
        requireThat(samples.length == 4 * width * height, "A pixel has four samples.");
    }
}
