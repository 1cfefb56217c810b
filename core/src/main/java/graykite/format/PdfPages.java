package graykite.format;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Pages of A4 with our own fonts, drawn at places in points from the lower left corner. */
public final class PdfPages implements AutoCloseable {
    public static final float WIDTH = PDRectangle.A4.getWidth();
    public static final float HEIGHT = PDRectangle.A4.getHeight();

    /** Left free round the page. */
    public static final float EDGE = 50;

    private final PDDocument document = new PDDocument();
    private final PDFont plain;
    private final PDFont bold;
    private PDPageContentStream page;

    /** A document that has its first page. */
    public PdfPages() throws IOException {
        plain = font("Andika-Regular.ttf");
        bold = font("Andika-Bold.ttf");
        turn();
    }

    private PDFont font(String name) throws IOException {
        try (InputStream in = PdfPages.class.getResourceAsStream("/graykite/fonts/" + name)) {
            return PDType0Font.load(document, in);
        }
    }

    /** Goes on on a new page. */
    public void turn() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage next = new PDPage(PDRectangle.A4);
        document.addPage(next);
        page = new PDPageContentStream(document, next);
    }

    /** Writes a line of text. */
    public void text(String text, boolean heavy, float size, float x, float y) throws IOException {
        PDFont font = heavy ? bold : plain;
        write(page, font, known(font, text), size, x, y);
    }

    /** Writes a line of text that ends where there is no more room, with a sign that it goes on. */
    public void textWithin(String text, boolean heavy, float size, float x, float y, float room) throws IOException {
        String shown = known(heavy ? bold : plain, text);
        if (width(shown, heavy, size) > room) {
            while (!shown.isEmpty() && width(shown + "\u2026", heavy, size) > room) {
                shown = shown.substring(0, shown.offsetByCodePoints(shown.length(), -1));
            }
            shown += "\u2026";
        }
        text(shown, heavy, size, x, y);
    }

    private static void write(PDPageContentStream into, PDFont font, String text, float size, float x, float y)
            throws IOException {
        into.beginText();
        into.setFont(font, size);
        into.newLineAtOffset(x, y);
        into.showText(text);
        into.endText();
    }

    /** Width of a text. */
    public float width(String text, boolean heavy, float size) throws IOException {
        PDFont font = heavy ? bold : plain;
        return font.getStringWidth(known(font, text)) / 1000 * size;
    }

    /** Colour of what is drawn from here on. */
    public void colour(Color colour) throws IOException {
        page.setStrokingColor(colour);
        page.setNonStrokingColor(colour);
    }

    public void rule(float x, float y, float toX, float toY, float thick) throws IOException {
        page.setLineWidth(thick);
        page.moveTo(x, y);
        page.lineTo(toX, toY);
        page.stroke();
    }

    /** Fills a box. @param y of its lower edge */
    public void box(float x, float y, float wide, float high) throws IOException {
        page.addRect(x, y, wide, high);
        page.fill();
    }

    /** A picture. @param y of its lower edge */
    public void picture(byte[] png, float x, float y, float side) throws IOException {
        page.drawImage(PDImageXObject.createFromByteArray(document, png, "moment"), x, y, side, side);
    }

    /** A text with a question mark for what our fonts have no sign for. */
    public String known(String text) {
        return known(plain, text);
    }

    private static String known(PDFont font, String text) {
        StringBuilder known = new StringBuilder();
        text.replaceAll("\\s+", " ").codePoints().forEach(c -> {
            String sign = Character.toString(c);
            try {
                font.encode(sign);
                known.append(sign);
            } catch (IOException | IllegalArgumentException unknown) {
                known.append('?');
            }
        });
        return known.toString();
    }

    /** The bytes of the document, its pages numbered. @param footer stands on every page */
    public byte[] finished(String footer) throws IOException {
        page.close();
        int pages = document.getNumberOfPages();
        for (int i = 0; i < pages; i++) {
            try (PDPageContentStream foot =
                    new PDPageContentStream(document, document.getPage(i), AppendMode.APPEND, true)) {
                String text = known(plain, footer + ", page " + (i + 1) + " of " + pages);
                write(foot, plain, text, 8, EDGE, EDGE / 2);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        document.save(out);
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
