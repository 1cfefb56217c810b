package graykite.delivery;

import graykite.base.Progress;
import graykite.delivery.ExposureSheet.Row;
import graykite.format.PdfPages;
import graykite.mouth.MouthChart;
import java.awt.Color;
import java.io.IOException;
import java.util.List;
import java.util.function.DoubleFunction;

/** Exposure sheets on paper: a row a frame, held drawings as lines that run down, a picture where a new shape begins. */
public final class ExposurePdf {
    private static final Color INK = new Color(0x23272E);
    private static final Color QUIET = new Color(0x5C636E);
    private static final Color HAIR = new Color(0xD5D1C7);
    private static final Color BAND = new Color(0xF1EFEA);

    private static final float LEFT = 40;
    private static final float RIGHT = PdfPages.WIDTH - 40;
    private static final float TOP = PdfPages.HEIGHT - 84;
    private static final float ROW = 14;
    private static final int A_PAGE = 48;

    private static final float NUMBER = LEFT + 4;
    private static final float TIMECODE = LEFT + 44;
    private static final float WORD = LEFT + 118;
    private static final float SOUND = LEFT + 212;
    private static final float PICTURE = LEFT + 250;
    private static final float SHAPE = LEFT + 286;
    private static final float NOTE = LEFT + 376;

    /** A picture is drawn over so many rows at most. */
    private static final int PICTURE_ROWS = 2;

    private ExposurePdf() {}

    /**
     * Draws the sheet.
     *
     * @param pictures a square PNG of the mouth at a time in seconds
     */
    public static byte[] of(ExposureSheet sheet, DoubleFunction<byte[]> pictures, Progress progress)
            throws IOException {
        List<Row> rows = sheet.rows();
        try (PdfPages pages = new PdfPages()) {
            for (int first = 0; first < rows.size(); first += A_PAGE) {
                if (first > 0) {
                    pages.turn();
                }
                int end = Math.min(rows.size(), first + A_PAGE);
                head(sheet, rows.get(first), rows.get(end - 1), pages);
                grid(sheet, rows, first, end, pages);
                for (int r = first; r < end; r++) {
                    progress.step(r / (double) rows.size());
                    row(sheet, rows, r, first, end, pictures, pages);
                }
            }
            return pages.finished(sheet.title() + ", " + sheet.person());
        }
    }

    private static float bottom(int row, int first) {
        return TOP - (row - first + 1) * ROW;
    }

    private static void head(ExposureSheet sheet, Row from, Row to, PdfPages pages) throws IOException {
        pages.colour(INK);
        pages.textWithin(sheet.title(), true, 16, LEFT, PdfPages.HEIGHT - 44, 320);
        pages.text(sheet.person(), false, 10, LEFT, PdfPages.HEIGHT - 60);
        pages.colour(QUIET);
        String what = sheet.rate() + " frames a second, " + sheet.timecode(from) + " to " + sheet.timecode(to);
        pages.text(what, false, 9, RIGHT - pages.width(what, false, 9), PdfPages.HEIGHT - 44);
        float y = TOP + 5;
        String[] names = {"Frame", "Timecode", "Word", "Sound", "Shape", "Notes"};
        float[] places = {NUMBER, TIMECODE, WORD, SOUND, PICTURE, NOTE};
        for (int i = 0; i < names.length; i++) {
            pages.text(names[i], true, 8, places[i], y);
        }
    }

    /** Hair lines between frames, stronger ones at whole seconds, a tint under every other second. */
    private static void grid(ExposureSheet sheet, List<Row> rows, int first, int end, PdfPages pages)
            throws IOException {
        int second = sheet.rate().nominal();
        for (int r = first; r < end; r++) {
            if (Math.floorMod(Math.floorDiv(rows.get(r).number(), second), 2) == 1) {
                pages.colour(BAND);
                pages.box(LEFT, bottom(r, first), RIGHT - LEFT, ROW);
            }
        }
        pages.colour(HAIR);
        for (int r = first; r <= end; r++) {
            boolean whole = r < end && Math.floorMod(rows.get(r).number(), second) == 0;
            float y = TOP - (r - first) * ROW;
            pages.rule(LEFT, y, RIGHT, y, whole || r == first ? 1.1f : 0.3f);
        }
        for (float x : new float[] {LEFT, TIMECODE - 6, WORD - 6, SOUND - 6, PICTURE - 6, NOTE - 6, RIGHT}) {
            pages.rule(x, TOP, x, bottom(end - 1, first), 0.3f);
        }
    }

    private static void row(
            ExposureSheet sheet,
            List<Row> rows,
            int r,
            int first,
            int end,
            DoubleFunction<byte[]> pictures,
            PdfPages pages)
            throws IOException {
        Row row = rows.get(r);
        float y = bottom(r, first) + 4;
        boolean top = r == first;
        pages.colour(INK);
        String number = Long.toString(row.number());
        pages.text(number, false, 8, TIMECODE - 12 - pages.width(number, false, 8), y);
        pages.colour(QUIET);
        pages.text(sheet.timecode(row), false, 8, TIMECODE, y);
        pages.colour(INK);
        if (!row.word().isEmpty()) {
            if (row.wordBegins() || top) {
                pages.textWithin(row.word(), true, 9, WORD, y, SOUND - WORD - 12);
            } else {
                held(WORD + 6, r, first, pages);
            }
        }
        if (!row.sound().isEmpty()) {
            if (row.soundBegins() || top) {
                pages.text(row.sound(), false, 9, SOUND, y);
            } else {
                held(SOUND + 4, r, first, pages);
            }
        }
        shape(rows, r, first, end, pictures, pages);
        if (!row.note().isEmpty()) {
            pages.textWithin(row.note(), false, 8, NOTE, y, RIGHT - NOTE - 4);
        }
    }

    private static void shape(
            List<Row> rows, int r, int first, int end, DoubleFunction<byte[]> pictures, PdfPages pages)
            throws IOException {
        Row row = rows.get(r);
        boolean begins = row.shapeBegins() || r == first;
        if (!begins) {
            held(SHAPE + 6, r, first, pages);
            return;
        }
        pages.textWithin(row.shape(), false, 9, SHAPE, bottom(r, first) + 4, NOTE - SHAPE - 12);
        int holds = 1;
        while (r + holds < end && !rows.get(r + holds).shapeBegins()) {
            holds++;
        }
        boolean rests = row.shape().equals(MouthChart.REST) && holds < PICTURE_ROWS;
        if (!rests) {
            int tall = Math.min(PICTURE_ROWS, holds);
            float side = tall * ROW - 2;
            // The middle of the hold shows the shape best.
            byte[] png = pictures.apply(rows.get(r + holds / 2).time());
            pages.picture(png, PICTURE + (PICTURE_ROWS * ROW - 2 - side) / 2, bottom(r + tall - 1, first) + 1, side);
        }
    }

    /** A line through a frame in which nothing new comes. */
    private static void held(float x, int r, int first, PdfPages pages) throws IOException {
        pages.colour(QUIET);
        pages.rule(x, bottom(r, first), x, bottom(r, first) + ROW, 0.8f);
        pages.colour(INK);
    }
}
