package graykite.format;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** Text and pictures that flow down pages of A4 with our own fonts; lengths in points. */
final class PdfFlow implements AutoCloseable {
    private static final float EDGE = 50;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * EDGE;

    private final PDDocument document = new PDDocument();
    private final PDFont plain;
    private final PDFont bold;
    private PDPageContentStream page;
    private float y;

    PdfFlow() throws IOException {
        plain = font("Andika-Regular.ttf");
        bold = font("Andika-Bold.ttf");
        turn();
    }

    private PDFont font(String name) throws IOException {
        try (InputStream in = PdfFlow.class.getResourceAsStream("/graykite/fonts/" + name)) {
            return PDType0Font.load(document, in);
        }
    }

    private void turn() throws IOException {
        if (page != null) {
            page.close();
        }
        PDPage next = new PDPage(PDRectangle.A4);
        document.addPage(next);
        page = new PDPageContentStream(document, next);
        y = PDRectangle.A4.getHeight() - EDGE;
    }

    /** Begins a page unless so much room is left. */
    void keep(float room) throws IOException {
        if (y - room < EDGE) {
            turn();
        }
    }

    void space(float points) {
        y -= points;
    }

    float at() {
        return y;
    }

    void goTo(float place) {
        y = place;
    }

    /** Writes a text over as many lines as it takes. @param indent from the left edge of the text */
    void write(String text, boolean heavy, float size, float indent) throws IOException {
        PDFont font = heavy ? bold : plain;
        for (String line : wrapped(known(font, text), font, size, WIDTH - indent)) {
            keep(size * 1.35f);
            y -= size * 1.35f;
            page.beginText();
            page.setFont(font, size);
            page.newLineAtOffset(EDGE + indent, y);
            page.showText(line);
            page.endText();
        }
    }

    /** A picture at the left edge, its top where the flow is; the flow stays. */
    void picture(byte[] png, float side) throws IOException {
        PDImageXObject image = PDImageXObject.createFromByteArray(document, png, "moment");
        page.drawImage(image, EDGE, y - side, side, side);
    }

    /** What the font has no sign for is shown as a question mark. */
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

    private static List<String> wrapped(String text, PDFont font, float size, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(longer) / 1000 * size > width) {
                lines.add(line.toString());
                line.setLength(0);
                line.append(word);
            } else {
                line.setLength(0);
                line.append(longer);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** The bytes of the document, its pages numbered. */
    byte[] finished(String footer) throws IOException {
        page.close();
        int pages = document.getNumberOfPages();
        for (int i = 0; i < pages; i++) {
            try (PDPageContentStream foot =
                    new PDPageContentStream(document, document.getPage(i), AppendMode.APPEND, true)) {
                foot.beginText();
                foot.setFont(plain, 8);
                foot.newLineAtOffset(EDGE, EDGE / 2);
                foot.showText(known(plain, footer + ", page " + (i + 1) + " of " + pages));
                foot.endText();
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
