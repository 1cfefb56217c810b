package graykite.format;

import com.fasterxml.jackson.core.JsonEncoding;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import graykite.base.BadInput;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Readings as NIST CTM, CSV, JSON, WebVTT and SubRip. */
public final class TimingFiles {
    /** What a row stands for. */
    public enum Level {
        WORDS,
        PHONES
    }

    /** The file formats by extension. */
    public enum Kind {
        CTM,
        CSV,
        JSON,
        VTT,
        SRT;

        /**
         * The kind that a file name ends in.
         *
         * @throws BadInput when it ends in none of them
         */
        public static Kind ofName(String name) {
            for (Kind kind : values()) {
                if (name.toLowerCase(Locale.ROOT).endsWith("." + kind.name().toLowerCase(Locale.ROOT))) {
                    return kind;
                }
            }
            throw new BadInput(name + ": the extension is none of .ctm .csv .json .vtt .srt. Choose one of them.");
        }
    }

    private record Row(String text, double start, double end, double fit) {}

    private TimingFiles() {}

    /**
     * Writes a reading.
     *
     * @param name of the recording; CTM names it in each line
     */
    public static void write(Timing timing, Kind kind, Level level, String name, OutputStream out) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        switch (kind) {
            case CTM -> writeCtm(timing, level, name, text);
            case CSV -> writeCsv(timing, level, text);
            case JSON -> writeJson(timing, out);
            case VTT -> writeSubtitles(timing, level, true, out);
            case SRT -> writeSubtitles(timing, level, false, out);
        }
        text.flush();
    }

    private static List<Row> rows(Timing timing, Level level, boolean silences) {
        List<Row> rows = new ArrayList<>();
        if (level == Level.WORDS) {
            for (TimedWord word : timing.words()) {
                rows.add(new Row(word.text(), word.start(), word.end(), word.fit()));
            }
        } else {
            for (Timing.Segment segment : timing.segments()) {
                if (silences || !segment.isSilence()) {
                    double fit = segment.word() < 0
                            ? 1
                            : timing.words().get(segment.word()).fit();
                    rows.add(new Row(segment.phone().name(), segment.start(), segment.end(), fit));
                }
            }
        }
        return rows;
    }

    /** NIST CTM: file, channel, start, duration, token, confidence; phones in ARPABET without stress, silence is SIL. */
    private static void writeCtm(Timing timing, Level level, String name, Writer text) {
        PrintWriter out = new PrintWriter(text);
        String file = name.replaceAll("\\s+", "_");
        for (Row row : rows(timing, level, true)) {
            out.printf(
                    Locale.ROOT,
                    "%s 1 %.3f %.3f %s %.2f%n",
                    file,
                    row.start(),
                    row.end() - row.start(),
                    row.text().replaceAll("\\s+", "_"),
                    row.fit());
        }
        out.flush();
    }

    private static void writeCsv(Timing timing, Level level, Writer text) throws IOException {
        CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180);
        printer.printRecord(level == Level.WORDS ? "word" : "phone", "start", "end", "fit");
        for (Row row : rows(timing, level, true)) {
            printer.printRecord(row.text(), decimal(row.start(), 3), decimal(row.end(), 3), decimal(row.fit(), 2));
        }
        printer.flush();
    }

    private static void writeJson(Timing timing, OutputStream out) throws IOException {
        JsonGenerator json = new JsonFactory().createGenerator(out, JsonEncoding.UTF8);
        json.disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET);
        json.useDefaultPrettyPrinter();
        TimingJson.write(timing, json);
        json.close();
    }

    /** Words are broken by sense, as they are read; at the level of phones a cue is a phone. */
    private static void writeSubtitles(Timing timing, Level level, boolean vtt, OutputStream out) throws IOException {
        List<Cue> cues = level == Level.WORDS
                ? Subtitles.of(timing, "", 0)
                : rows(timing, level, false).stream()
                        .map(r -> new Cue(r.start(), r.end(), "", List.of(r.text())))
                        .toList();
        if (vtt) {
            SubtitleFiles.writeWebVtt(cues, out);
        } else {
            SubtitleFiles.writeSubRip(cues, out);
        }
    }

    private static String decimal(double value, int places) {
        return String.format(Locale.ROOT, "%." + places + "f", value);
    }
}
