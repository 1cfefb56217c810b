package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.format.TimingFiles.Kind;
import graykite.format.TimingFiles.Level;
import graykite.reading.Timing;
import graykite.reading.TimingTest;
import graykite.text.TimeLine;
import graykite.time.FrameRate;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TextFormatsTest {
    private static final Timing SAMPLE = TimingTest.sample();

    private static String written(Kind kind, Level level) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        TimingFiles.write(SAMPLE, kind, level, "my line", out);
        return out.toString(StandardCharsets.UTF_8);
    }

    /** NIST CTM: file, channel, start, duration, token; phones in upper-case ARPABET, silence is SIL. */
    @Test
    void ctmComesBack() throws Exception {
        String text = written(Kind.CTM, Level.PHONES);
        assertEquals("my_line 1 0.000 0.200 SIL 1.00", text.lines().findFirst().orElseThrow());
        List<TimingReaders.Token> tokens = TimingReaders.readCtm(text, "a.ctm");
        List<Timing.Segment> segments = SAMPLE.segments();
        assertEquals(segments.size(), tokens.size());
        for (int i = 0; i < tokens.size(); i++) {
            assertEquals(segments.get(i).phone().name(), tokens.get(i).text());
            assertEquals(segments.get(i).start(), tokens.get(i).start(), 1e-3);
            assertEquals(segments.get(i).end(), tokens.get(i).end(), 1e-3);
        }
        assertEquals(
                3,
                TimingReaders.readCtm(written(Kind.CTM, Level.WORDS), "a.ctm").size());
        BadInput broken = assertThrows(BadInput.class, () -> TimingReaders.readCtm("a 1 0.0 0.1 x\na 1 zero", "b.ctm"));
        assertTrue(broken.getMessage().startsWith("b.ctm, line 2"), broken.getMessage());
    }

    /** WebVTT (W3C) starts with its name; SubRip writes commas in its times. */
    @Test
    void subtitlesComeBack() throws Exception {
        String vtt = written(Kind.VTT, Level.WORDS);
        assertTrue(vtt.startsWith("WEBVTT\n\n"));
        assertTrue(vtt.contains("00:00:00.200 --> 00:00:01.500"));
        String srt = written(Kind.SRT, Level.WORDS);
        assertTrue(srt.startsWith("1\n00:00:00,200 --> "));
        for (String text : List.of(vtt, srt)) {
            List<TimingReaders.Token> cues = TimingReaders.readCues(text);
            assertEquals(
                    "fog bell map",
                    String.join(
                            " ", cues.stream().map(TimingReaders.Token::text).toList()));
            assertEquals(0.2, cues.getFirst().start(), 1e-3);
            assertEquals(1.5, cues.getLast().end(), 1e-3);
        }
    }

    /** RFC 4180, read back by commons-csv. */
    @Test
    void csvComesBack() throws Exception {
        try (CSVParser parser = CSVParser.parse(new StringReader(written(Kind.CSV, Level.PHONES)), CSVFormat.RFC4180)) {
            List<CSVRecord> rows = parser.getRecords();
            assertEquals("phone", rows.getFirst().get(0));
            assertEquals(SAMPLE.segments().size() + 1, rows.size());
            assertEquals(0.2, Double.parseDouble(rows.get(2).get(1)), 1e-9);
        }
    }

    @Test
    void jsonComesBack() throws Exception {
        JsonNode json = new ObjectMapper().readTree(written(Kind.JSON, Level.PHONES));
        assertEquals(SAMPLE, TimingJson.read(json, "a.json"));
        ((com.fasterxml.jackson.databind.node.ObjectNode)
                        json.path("words").path(1).path("phones").path(0))
                .put("phone", "XX");
        BadInput broken = assertThrows(BadInput.class, () -> TimingJson.read(json, "a.json"));
        assertTrue(broken.getMessage().contains("a.json") && broken.getMessage().contains("word 2"));
    }

    @Test
    void kindsByName() {
        assertEquals(Kind.VTT, Kind.ofName("A.VTT"));
        assertThrows(BadInput.class, () -> Kind.ofName("a.doc"));
    }

    @Test
    void curvesAsCsvAndJson() throws Exception {
        FrameTable table = new FrameTable(
                FrameRate.parse("23.976"),
                List.of("jawDrop", "odd, name"),
                List.of(new double[] {0, 0.25}, new double[] {1, -3}));
        ByteArrayOutputStream csv = new ByteArrayOutputStream();
        CurveFiles.writeCsv(table, csv);
        List<CSVRecord> rows = CSVParser.parse(csv.toString(StandardCharsets.UTF_8), CSVFormat.RFC4180)
                .getRecords();
        assertEquals(List.of("time", "jawDrop", "odd, name"), rows.getFirst().toList());
        assertEquals(List.of("0.041708", "1", "-3"), rows.get(2).toList());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CurveFiles.writeJson(table, out);
        JsonNode json = new ObjectMapper().readTree(out.toByteArray());
        assertEquals(24000, json.path("rate").path("numerator").asInt());
        assertEquals(0.25, json.path("frames").path(0).path(1).asDouble());
    }

    @Test
    void scriptsInAnyEncoding(@TempDir Path folder) throws Exception {
        String text = "Who's there? Caf\u00e9.";
        Path file = folder.resolve("a.txt");
        for (byte[] bytes : List.of(
                text.getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + text).getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE),
                ("\uFEFF" + text).getBytes(StandardCharsets.UTF_16BE),
                text.getBytes(StandardCharsets.ISO_8859_1))) {
            Files.write(file, bytes);
            assertEquals(text, ScriptFiles.read(file));
        }
        Files.write(file, new byte[] {0, 1, 2, 3, 0, 0});
        assertTrue(assertThrows(BadInput.class, () -> ScriptFiles.read(file))
                .getMessage()
                .contains("a.txt: is not text"));
        assertThrows(BadInput.class, () -> ScriptFiles.read(folder.resolve("missing.txt")));
    }

    @Test
    void subtitlesAsScripts(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("line.srt");
        Files.writeString(
                file,
                "1\n00:00:01,000 --> 00:00:02,000\n<i>Pim,</i> the fog\n\n2\n00:00:02,000 --> 00:00:03,000\nbell rang.\n");
        assertEquals("Pim, the fog\nbell rang.", TimeLine.without(ScriptFiles.read(file)));
        Path sound = folder.resolve("line.wav");
        assertEquals(file, ScriptFiles.beside(sound).orElseThrow());
        assertTrue(ScriptFiles.beside(folder.resolve("other.wav")).isEmpty());
    }
}
