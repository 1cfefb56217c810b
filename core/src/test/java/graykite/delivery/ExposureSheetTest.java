package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthWork;
import graykite.mouth.Viseme;
import graykite.picture.Dressing;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class ExposureSheetTest {
    private static final Timing LINE = Lines.spoken("map beam", 0.125);
    private static final FrameRate RATE = FrameRate.FILM;

    private static Subject subject(Character who) {
        Performance performance = Performance.of(
                who,
                FittedChart.standard(who),
                new Score(LINE, Lines.quiet(LINE), MouthWork.STANDARD, RATE, List.of()));
        return new Subject(
                "The map",
                Scene.solo(performance),
                Dressing.USUAL,
                Sound.silence(LINE.duration(), 8000),
                RATE,
                0,
                List.of(who.name()),
                Map.of("", "The map"),
                List.of(new Subject.Noted(0.51, "softer here")),
                name -> Optional.empty(),
                progress -> {
                    throw new IllegalStateException("no sheet of pictures here");
                });
    }

    private static ExposureSheet sheet(Character who) {
        Subject subject = subject(who);
        return ExposureSheet.of(subject, 0, RATE, Span.WHOLE.frames(LINE.duration(), RATE, 100));
    }

    /** A row a frame: words and sounds are those of the reading at its time, every p, b and m shows shut lips. */
    @Test
    void rowsAreWhatIsSaidThen() {
        ExposureSheet sheet = sheet(Cast.byName("odile"));
        assertEquals(RATE.framesToCover(LINE.duration()), sheet.rows().size());
        for (ExposureSheet.Row row : sheet.rows()) {
            int word = LINE.wordAt(row.time() + 1e-9);
            assertEquals(word < 0 ? "" : LINE.words().get(word).text(), row.word(), "frame " + row.number());
        }
        assertEquals(100, sheet.rows().getFirst().number());
        assertEquals("00:00:04:04", sheet.timecode(sheet.rows().getFirst()));
        assertEquals(
                2,
                sheet.rows().stream()
                        .filter(r -> r.wordBegins() && !r.word().isEmpty())
                        .count());
        assertEquals(
                LINE.words().stream().mapToInt(w -> w.phones().size()).sum(),
                sheet.rows().stream()
                        .filter(r -> r.soundBegins() && !r.sound().isEmpty())
                        .count());
        // m; p and b, one drawing held; m.
        long shut = sheet.rows().stream()
                .filter(r -> r.shapeBegins() && r.shape().equals(Viseme.LIPS_SHUT.title()))
                .count();
        assertEquals(3, shut);
        assertEquals(
                List.of(112L),
                sheet.rows().stream()
                        .filter(r -> !r.note().isEmpty())
                        .map(ExposureSheet.Row::number)
                        .toList());
    }

    /** The table reads back by a library of its own (RFC 4180). */
    @Test
    void asTable() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ExposureSheet sheet = sheet(Cast.byName("brine"));
        ExposureFiles.writeCsv(sheet, out);
        List<CSVRecord> records = CSVParser.parse(
                        out.toString(StandardCharsets.UTF_8),
                        CSVFormat.RFC4180
                                .builder()
                                .setHeader()
                                .setSkipHeaderRecord(true)
                                .get())
                .getRecords();
        assertEquals(sheet.rows().size(), records.size());
        assertEquals("softer here", records.get(12).get("note"));
        assertEquals("100", records.getFirst().get("frame"));
    }

    /** On paper: 48 frames a page, numbered, every word and the note are there. */
    @Test
    void onPaper() throws Exception {
        byte[] png = Png.bytes(new Picture(8, 8, new int[64]));
        int[] drawn = new int[1];
        byte[] pdf = ExposurePdf.of(
                sheet(Cast.byName("odile")),
                time -> {
                    drawn[0]++;
                    return png;
                },
                Progress.none());
        try (PDDocument document = Loader.loadPDF(pdf)) {
            int frames = (int) RATE.framesToCover(LINE.duration());
            assertEquals((frames + 47) / 48, document.getNumberOfPages());
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("map") && text.contains("beam") && text.contains("softer here"), text);
            assertTrue(text.contains("page 1 of " + document.getNumberOfPages()), text);
            assertTrue(text.contains("24 frames a second"), text);
        }
        assertTrue(drawn[0] >= 6, drawn[0] + " pictures of shapes");
    }
}
