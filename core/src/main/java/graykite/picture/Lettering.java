package graykite.picture;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.OpenTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Writes words into pictures with the font that ships, on any machine: no font of the system is asked for. */
public final class Lettering {
    private final OpenTypeFont font;
    private final Map<Integer, GeneralPath> paths = new HashMap<>();

    private Lettering(OpenTypeFont font) {
        this.font = font;
    }

    /** The font of all our text. */
    public static Lettering shipped() {
        return opened("Inter-Regular.otf");
    }

    /** The same, heavier, for titles. */
    public static Lettering bold() {
        return opened("Inter-SemiBold.otf");
    }

    private static Lettering opened(String name) {
        try (InputStream in = Lettering.class.getResourceAsStream("/graykite/fonts/" + name)) {
            if (in == null) {
                throw new IllegalStateException("The font " + name + " is missing.");
            }
            return new Lettering(new OTFParser().parse(new RandomAccessReadBuffer(in.readAllBytes())));
        } catch (IOException broken) {
            throw new IllegalStateException("The font " + name + " is broken.", broken);
        }
    }

    /** Width of a text in pixels at a size. */
    public double width(String text, double size) {
        double units = 0;
        try {
            for (int c : text.codePoints().toArray()) {
                units += font.getAdvanceWidth(font.getUnicodeCmapLookup().getGlyphId(c));
            }
            return units * size / font.getUnitsPerEm();
        } catch (IOException broken) {
            throw new IllegalStateException("The font is broken.", broken);
        }
    }

    /** Writes a text whose base line begins at a point, in the pen's colour. */
    public void write(Graphics2D pen, String text, double x, double y, double size) {
        try {
            double scale = size / font.getUnitsPerEm();
            double at = x;
            for (int c : text.codePoints().toArray()) {
                int glyph = font.getUnicodeCmapLookup().getGlyphId(c);
                if (!paths.containsKey(glyph)) {
                    paths.put(
                            glyph,
                            font.getCFF().getFont().getType2CharString(glyph).getPath());
                }
                pen.fill(new AffineTransform(scale, 0, 0, -scale, at, y).createTransformedShape(paths.get(glyph)));
                at += font.getAdvanceWidth(glyph) * scale;
            }
        } catch (IOException broken) {
            throw new IllegalStateException("The font is broken.", broken);
        }
    }
}
