package graykite.picture;

import static graykite.base.Require.requireThat;

import java.util.List;
import java.util.Locale;

/**
 * What is seen where nobody stands: a colour that grows darker towards the floor, or one that is even.
 *
 * @param word as it is written in files
 * @param title as people read it
 * @param top linear light at the upper edge
 * @param bottom linear light at the lower edge
 */
public record Backdrop(String word, String title, Colour top, Colour bottom) {
    /** Warm grey felt, as in a screening room. */
    public static final Backdrop FELT = shaded("felt", "Felt", 0.33f, 0.21f, new Colour(0.98f, 1, 1.03f));

    public static final Backdrop NIGHT = shaded("night", "Night", 0.035f, 0.015f, new Colour(0.85f, 1, 1.25f));
    public static final Backdrop PAPER = shaded("paper", "Paper", 0.86f, 0.74f, new Colour(1.02f, 1, 0.96f));
    /** One even colour that can be keyed out. */
    public static final Backdrop GREEN = shaded("green", "Even green", 0.36f, 0.36f, new Colour(0.1f, 1, 0.16f));

    /** Those that ship. */
    public static final List<Backdrop> SHIPPED = List.of(FELT, NIGHT, PAPER, GREEN);

    public Backdrop {
        requireThat(!word.isBlank() && !title.isBlank(), "A backdrop has a name.");
    }

    private static Backdrop shaded(String word, String title, float top, float bottom, Colour tint) {
        return new Backdrop(word, title, tint.times(top), tint.times(bottom));
    }

    /** One even colour. @param rgb 0xRRGGBB, sRGB */
    public static Backdrop even(int rgb) {
        requireThat(rgb >= 0 && rgb <= 0xffffff, "A colour has 24 bits.");
        Colour colour = Colour.srgb(rgb);
        String word = String.format(Locale.ROOT, "#%06x", rgb);
        return new Backdrop(word, word.toUpperCase(Locale.ROOT), colour, colour);
    }

    /**
     * One that ships, by its word, or an even colour as {@code #rrggbb}.
     *
     * @throws IllegalArgumentException when it is neither
     */
    public static Backdrop of(String word) {
        String plain = word.strip().toLowerCase(Locale.ROOT);
        if (plain.matches("#[0-9a-f]{6}")) {
            return even(Integer.parseInt(plain.substring(1), 16));
        }
        return SHIPPED.stream()
                .filter(b -> b.word.equals(plain))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "A backdrop is felt, night, paper, green or a colour such as #4a5560, not \"" + word.strip()
                                + "\"."));
    }

    /** True when the colour is the same everywhere. */
    public boolean isEven() {
        return top.equals(bottom);
    }

    /**
     * Linear light at a height.
     *
     * @param down 0 at the top edge, 1 at the bottom
     * @param into receives red, green and blue
     */
    void light(float down, float[] into) {
        into[0] = top.red() + (bottom.red() - top.red()) * down;
        into[1] = top.green() + (bottom.green() - top.green()) * down;
        into[2] = top.blue() + (bottom.blue() - top.blue()) * down;
    }
}
