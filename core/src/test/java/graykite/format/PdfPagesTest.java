package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.picture.Picture;
import graykite.picture.Png;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** Pages are read back, and drawn, by PDFBox: what was put somewhere is there. */
class PdfPagesTest {
    /** A line of text as it stands on a page. @param y of its foot, from the lower edge, in points */
    private record Placed(int page, String text, float x, float y, float size) {}

    private static List<Placed> lines(byte[] pdf) throws IOException {
        List<Placed> lines = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> places) {
                    TextPosition first = places.getFirst();
                    lines.add(new Placed(
                            getCurrentPageNo(),
                            text,
                            first.getXDirAdj(),
                            PdfPages.HEIGHT - first.getYDirAdj(),
                            first.getFontSizeInPt()));
                }
            };
            stripper.getText(document);
        }
        return lines;
    }

    /** One pixel a point. */
    private static BufferedImage seen(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFRenderer(document).renderImageWithDPI(0, 72);
        }
    }

    private static Color at(BufferedImage page, double x, double y) {
        return new Color(page.getRGB((int) x, (int) (page.getHeight() - y)));
    }

    @Test
    void textStandsWhereItWasPut() throws IOException {
        try (PdfPages pages = new PdfPages()) {
            pages.text("Fog bell", false, 12, 100, 700);
            pages.turn();
            pages.text("Buoy", true, 20, 60, 300);
            List<Placed> lines = lines(pages.finished("Ferry"));
            assertEquals(
                    List.of("Fog bell", "Ferry, page 1 of 2", "Buoy", "Ferry, page 2 of 2"),
                    lines.stream().map(Placed::text).toList());
            assertEquals(List.of(1, 1, 2, 2), lines.stream().map(Placed::page).toList());
            Placed first = lines.getFirst();
            assertEquals(100, first.x(), 0.01);
            assertEquals(700, first.y(), 0.01);
            assertEquals(12, first.size(), 0.01);
            assertEquals(300, lines.get(2).y(), 0.01);
            assertEquals(50, lines.get(1).x(), 0.01);
            assertEquals(25, lines.get(1).y(), 0.01);
        }
    }

    @Test
    void aTextThatIsTooLongIsCut() throws IOException {
        try (PdfPages pages = new PdfPages()) {
            String text = "The fog bell rang before we moved the buoy";
            float room = pages.width(text, false, 10);
            pages.textWithin(text, false, 10, 50, 700, room + 0.01f);
            pages.textWithin(text, false, 10, 50, 600, room - 0.5f);
            pages.textWithin(text, true, 10, 50, 500, 60);
            pages.textWithin("No room", false, 10, 50, 400, 1);
            List<String> shown =
                    lines(pages.finished("x")).stream().map(Placed::text).toList();
            assertEquals(text, shown.getFirst());
            assertTrue(
                    shown.get(1).endsWith("…") && text.startsWith(shown.get(1).replace("…", "")), shown.get(1));
            assertTrue(pages.width(shown.get(1), false, 10) <= room);
            assertTrue(shown.get(2).length() < 14 && pages.width(shown.get(2), true, 10) <= 60, shown.get(2));
            assertEquals("…", shown.get(3));
        }
    }

    /** Twice the size is twice as wide; heavy letters take more room; white space is one blank. */
    @Test
    void widths() throws IOException {
        try (PdfPages pages = new PdfPages()) {
            float once = pages.width("buoy", false, 10);
            assertEquals(2 * once, pages.width("buoy", false, 20), 1e-3);
            assertTrue(pages.width("buoy", true, 10) > once);
            assertEquals(pages.width("a b", false, 10), pages.width("a \n\t b", false, 10), 1e-3);
            assertEquals("ɑ ?", pages.known("ɑ\n\uD83D\uDE80"));
        }
    }

    @Test
    void boxesRulesAndPictures() throws IOException {
        try (PdfPages pages = new PdfPages()) {
            pages.colour(Color.RED);
            pages.box(100, 600, 50, 20);
            pages.colour(Color.BLUE);
            pages.rule(100, 500, 200, 500, 6);
            int[] green = new int[16];
            Arrays.fill(green, 0xFF00FF00);
            pages.picture(Png.bytes(new Picture(4, 4, green)), 300, 400, 40);
            BufferedImage page = seen(pages.finished("x"));
            assertEquals(Color.RED, at(page, 102, 602));
            assertEquals(Color.RED, at(page, 148, 618));
            assertEquals(Color.WHITE, at(page, 152, 610));
            assertEquals(Color.WHITE, at(page, 125, 624));
            assertEquals(Color.BLUE, at(page, 110, 501.5));
            assertEquals(Color.BLUE, at(page, 190, 499));
            assertEquals(Color.WHITE, at(page, 150, 510));
            assertEquals(Color.GREEN, at(page, 302, 402));
            assertEquals(Color.GREEN, at(page, 338, 438));
            assertEquals(Color.WHITE, at(page, 345, 420));
        }
    }

    // --- text that flows ------------------------------------------------------------------------------------------

    private static final float LINE = 10 * 1.35f;

    @Test
    void textFlowsDownAndWraps() throws IOException {
        try (PdfFlow flow = new PdfFlow()) {
            float top = flow.at();
            flow.write("one", false, 10, 0);
            assertEquals(top - LINE, flow.at(), 1e-3);
            flow.space(20);
            flow.write("bell ".repeat(60), false, 10, 84);
            List<Placed> lines = lines(flow.finished("x"));
            assertEquals(top - LINE, lines.getFirst().y(), 0.01);
            List<Placed> bells =
                    lines.stream().filter(l -> l.text().startsWith("bell")).toList();
            assertTrue(bells.size() > 2);
            for (int i = 0; i < bells.size(); i++) {
                assertEquals(134, bells.get(i).x(), 0.01, "indented");
                assertEquals(top - 20 - (i + 2) * LINE, bells.get(i).y(), 0.05);
            }
            String joined = String.join(" ", bells.stream().map(Placed::text).toList());
            assertEquals(
                    "bell ".repeat(60).strip(), joined.replaceAll(" +", " ").strip(), "no word is lost");
            try (PdfPages pages = new PdfPages()) {
                float room = PdfPages.WIDTH - 2 * PdfPages.EDGE - 84;
                float wide = pages.width(bells.getFirst().text(), false, 10);
                assertTrue(wide <= room && wide + pages.width(" bell", false, 10) > room, "lines are full");
            }
        }
    }

    @Test
    void aPageIsTurnedWhenItIsFull() throws IOException {
        try (PdfFlow flow = new PdfFlow()) {
            float top = flow.at();
            flow.goTo(PdfPages.EDGE + 30);
            flow.keep(30);
            assertEquals(PdfPages.EDGE + 30, flow.at(), 0, "there is just room enough");
            flow.keep(30.1f);
            assertEquals(top, flow.at(), 0);
            flow.goTo(PdfPages.EDGE + LINE - 1);
            flow.write("next", false, 10, 0);
            assertEquals(top - LINE, flow.at(), 1e-3);
            List<Placed> lines = lines(flow.finished("x"));
            assertEquals(
                    3,
                    lines.stream()
                            .filter(l -> l.text().equals("next"))
                            .findFirst()
                            .orElseThrow()
                            .page());
        }
        int[] green = new int[16];
        Arrays.fill(green, 0xFF00FF00);
        try (PdfFlow flow = new PdfFlow()) {
            flow.goTo(500);
            flow.picture(Png.bytes(new Picture(4, 4, green)), 40);
            assertEquals(500, flow.at(), 0, "the flow stays");
            BufferedImage page = seen(flow.finished("x"));
            assertEquals(Color.GREEN, at(page, 52, 462));
            assertFalse(at(page, 52, 505).equals(Color.GREEN));
        }
    }
}
