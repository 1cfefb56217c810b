package graykite.format;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** Text and pictures that flow down pages; lengths in points. */
final class PdfFlow implements AutoCloseable {
    private static final float EDGE = PdfPages.EDGE;
    private static final float WIDTH = PdfPages.WIDTH - 2 * EDGE;

    private final PdfPages pages = new PdfPages();
    private float y = PdfPages.HEIGHT - EDGE;

    PdfFlow() throws IOException {}

    /** Begins a page unless so much room is left. */
    void keep(float room) throws IOException {
        if (y - room < EDGE) {
            pages.turn();
            y = PdfPages.HEIGHT - EDGE;
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
        for (String line : wrapped(text, heavy, size, WIDTH - indent)) {
            keep(size * 1.35f);
            y -= size * 1.35f;
            pages.text(line, heavy, size, EDGE + indent, y);
        }
    }

    /** A picture at the left edge, its top where the flow is; the flow stays. */
    void picture(byte[] png, float side) throws IOException {
        pages.picture(png, EDGE, y - side, side);
    }

    private List<String> wrapped(String text, boolean heavy, float size, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.strip().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && pages.width(longer, heavy, size) > width) {
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
        return pages.finished(footer);
    }

    @Override
    public void close() throws IOException {
        pages.close();
    }
}
