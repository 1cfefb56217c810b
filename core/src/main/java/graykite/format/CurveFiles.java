package graykite.format;

import com.fasterxml.jackson.core.JsonEncoding;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Channel values a frame, as CSV (RFC 4180) or JSON. */
public final class CurveFiles {
    private CurveFiles() {}

    /** A header with "time" and the channel names, then a row a frame; times in seconds with six decimals. */
    public static void writeCsv(FrameTable table, OutputStream out) throws IOException {
        CSVPrinter printer = new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), CSVFormat.RFC4180);
        printer.print("time");
        printer.printRecord(table.channels());
        for (int row = 0; row < table.rows().size(); row++) {
            printer.print(String.format(Locale.ROOT, "%.6f", table.timeOf(row)));
            for (double value : table.rows().get(row)) {
                printer.print(number(value));
            }
            printer.println();
        }
        printer.flush();
    }

    /** An object with the exact rate, the channel names and an array of values a frame. */
    public static void writeJson(FrameTable table, OutputStream out) throws IOException {
        JsonGenerator json = new JsonFactory().createGenerator(out, JsonEncoding.UTF8);
        json.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
        json.writeStartObject();
        json.writeStringField("format", "graykite-curves");
        json.writeNumberField("version", 1);
        json.writeObjectFieldStart("rate");
        json.writeNumberField("numerator", table.rate().numerator());
        json.writeNumberField("denominator", table.rate().denominator());
        json.writeEndObject();
        json.writeNumberField("firstFrame", table.firstFrame());
        json.writeArrayFieldStart("channels");
        for (String channel : table.channels()) {
            json.writeString(channel);
        }
        json.writeEndArray();
        json.writeArrayFieldStart("frames");
        for (double[] values : table.rows()) {
            json.writeStartArray();
            for (double value : values) {
                json.writeNumber(number(value));
            }
            json.writeEndArray();
        }
        json.writeEndArray();
        json.writeEndObject();
        json.close();
    }

    static String number(double value) {
        String text = String.format(Locale.ROOT, "%.5f", value);
        String trimmed = text.replaceAll("0+$", "").replaceAll("\\.$", "");
        return trimmed.equals("-0") ? "0" : trimmed;
    }
}
