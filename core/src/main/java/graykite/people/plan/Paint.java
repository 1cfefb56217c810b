package graykite.people.plan;

import static graykite.base.Require.requireThat;

import graykite.picture.Colour;
import java.util.Locale;

/** A colour as people write it. @param srgb 0xRRGGBB */
public record Paint(int srgb) {
    public Paint {
        requireThat(srgb >= 0 && srgb <= 0xFFFFFF, "A colour is #rrggbb.");
    }

    /** @throws IllegalArgumentException when the text is not {@code #rrggbb} */
    public static Paint of(String text) {
        requireThat(text.matches("#[0-9A-Fa-f]{6}"), "A colour is #rrggbb, not \"%s\".", text);
        return new Paint(Integer.parseInt(text.substring(1), 16));
    }

    public String word() {
        return String.format(Locale.ROOT, "#%06X", srgb);
    }

    /** Mean of its parts, 0 to 255. */
    double lightness() {
        return ((srgb >> 16 & 0xff) + (srgb >> 8 & 0xff) + (srgb & 0xff)) / 3.0;
    }

    /** In linear light. */
    public Colour colour() {
        return Colour.srgb(srgb);
    }

    /** As a screen mixes: 0 is this, 1 the other. */
    public Paint mix(Paint other, double share) {
        int mixed = 0;
        for (int shift = 0; shift <= 16; shift += 8) {
            int a = srgb >> shift & 0xff;
            int b = other.srgb >> shift & 0xff;
            mixed |= Math.clamp(Math.round(a + (b - a) * share), 0, 255) << shift;
        }
        return new Paint(mixed);
    }
}
