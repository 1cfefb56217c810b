package graykite.delivery;

import graykite.delivery.ExposureSheet.Row;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Exposure sheets as tables. */
public final class ExposureFiles {
    private ExposureFiles() {}

    /** CSV (RFC 4180), a row a frame. */
    public static void writeCsv(ExposureSheet sheet, OutputStream out) throws IOException {
        CSVPrinter printer = new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), CSVFormat.RFC4180);
        printer.printRecord("frame", "timecode", "word", "sound", "shape", "new", "note");
        for (Row row : sheet.rows()) {
            printer.printRecord(
                    row.number(),
                    sheet.timecode(row),
                    row.word(),
                    row.sound(),
                    row.shape(),
                    row.shapeBegins() ? 1 : 0,
                    row.note());
        }
        printer.flush();
    }
}
