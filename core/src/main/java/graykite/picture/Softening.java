package graykite.picture;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Softens outlines in a picture that was drawn with one point a pixel: where something else is seen beside a pixel, it takes half of its
 * colour from the four around it. Much less work than looking at four points, and good for as long as a picture lasts that the next
 * one follows at once.
 */
final class Softening {
    /** For each row of tiles, the pixels to be softened, by their place in the picture. */
    private int[][] places = new int[0][];

    private int[][] softened = new int[0][];
    private int[] counts = new int[0];

    /** Forgets what was marked. @param rows rows of tiles of the next picture */
    void begin(int rows) {
        if (places.length < rows) {
            places = Arrays.copyOf(places, rows);
            softened = Arrays.copyOf(softened, rows);
            counts = new int[rows];
            for (int row = 0; row < rows; row++) {
                places[row] = places[row] == null ? new int[1024] : places[row];
                softened[row] = softened[row] == null ? new int[1024] : softened[row];
            }
        }
        Arrays.fill(counts, 0);
    }

    /** Wants pixels of a row softened. @param bits one a column @param first place of the first column in the picture */
    void mark(int row, int bits, int first) {
        if (counts[row] + Integer.SIZE > places[row].length) {
            places[row] = Arrays.copyOf(places[row], 2 * places[row].length);
            softened[row] = new int[places[row].length];
        }
        int[] own = places[row];
        int count = counts[row];
        for (int left = bits; left != 0; left &= left - 1) {
            own[count++] = first + Integer.numberOfTrailingZeros(left);
        }
        counts[row] = count;
    }

    /** Softens what was marked, from what stood there before. */
    void soften(int rows, int[] pixels, int width, int height) {
        IntStream.range(0, rows).parallel().forEach(row -> {
            int[] own = places[row];
            int[] into = softened[row];
            for (int i = 0; i < counts[row]; i++) {
                into[i] = soft(pixels, own[i], width, width * height);
            }
        });
        for (int row = 0; row < rows; row++) {
            for (int i = 0; i < counts[row]; i++) {
                pixels[places[row][i]] = softened[row][i];
            }
        }
    }

    private static int soft(int[] pixels, int at, int width, int end) {
        int own = pixels[at];
        int above = at >= width ? pixels[at - width] : own;
        int below = at + width < end ? pixels[at + width] : own;
        int column = at % width;
        int before = column > 0 ? pixels[at - 1] : own;
        int after = column + 1 < width ? pixels[at + 1] : own;
        int even = 4 * (own & 0xff00ff)
                + (above & 0xff00ff)
                + (below & 0xff00ff)
                + (before & 0xff00ff)
                + (after & 0xff00ff);
        int odd = 4 * (own >>> 8 & 0xff00ff)
                + (above >>> 8 & 0xff00ff)
                + (below >>> 8 & 0xff00ff)
                + (before >>> 8 & 0xff00ff)
                + (after >>> 8 & 0xff00ff);
        // Two colours in one number, each with room for its sum; rounded, and shared by eight.
        return even + 0x40004 >>> 3 & 0xff00ff | (odd + 0x40004 >>> 3 & 0xff00ff) << 8;
    }
}
