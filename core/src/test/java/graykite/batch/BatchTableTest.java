package graykite.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BatchTableTest {
    @TempDir
    Path folder;

    private BatchTable table(String text, Charset charset) throws Exception {
        Path file = folder.resolve("lines.csv");
        Files.write(file, text.getBytes(charset));
        return BatchTable.read(file);
    }

    private BatchTable table(String text) throws Exception {
        return table(text, StandardCharsets.UTF_8);
    }

    /** As programs for tables write it: commas, semicolons or tabs, in the encodings they have (RFC 4180 quotes). */
    @ParameterizedTest
    @CsvSource({"',', UTF-8", "';', ISO-8859-1", "'\t', UTF-16LE", "';', UTF-16BE"})
    void separatorsAndEncodings(String separator, String charset) throws Exception {
        String mark = charset.startsWith("UTF-16") ? "\ufeff" : "";
        String text = mark
                + "Audio,TEXT,character\r\n a.wav ,\"Wer, \"\"glaubt\"\" das? Größe.\",pim\r\n\r\nb.wav,,\r\n"
                        .replace(",\"Wer", "\u0001\"Wer")
                        .replace("Audio,TEXT,", "Audio\u0001TEXT\u0001")
                        .replace("das? Größe.\",", "das? Größe.\"\u0001")
                        .replace("b.wav,,", "b.wav\u0001\u0001")
                        .replace("\u0001", separator);
        BatchTable table = table(text, Charset.forName(charset));
        assertEquals(2, table.rows().size());
        assertEquals(
                Optional.of("Wer, \"glaubt\" das? Größe."),
                table.rows().getFirst().cell("text"));
        assertEquals(Optional.of("a.wav"), table.rows().getFirst().cell("audio"));
        assertEquals(Optional.empty(), table.rows().get(1).cell("character"));
    }

    @ParameterizedTest
    @CsvSource({
        "'', empty",
        "'file,text\na,b', file",
        "'text\na', audio",
        "'audio,text,audio\na,b,c', twice",
        "'audio,text\n\"a,b', table",
    })
    void whatIsNoTableIsSaid(String text, String says) throws Exception {
        BadInput refused = assertThrows(BadInput.class, () -> table(text));
        assertTrue(
                refused.getMessage().startsWith("lines.csv")
                        && refused.getMessage().contains(says),
                refused.getMessage());
    }

    /** The schema of a row names the columns that are read, no other. */
    @Test
    void theSchemaIsTheTable() throws Exception {
        List<String> named = new ArrayList<>();
        new ObjectMapper()
                .readTree(Path.of("..", "docs", "batch.schema.json").toFile())
                .path("properties")
                .fieldNames()
                .forEachRemaining(named::add);
        assertEquals(
                BatchTable.COLUMNS.stream().sorted().toList(),
                named.stream().sorted().toList());
    }

    @Test
    void foreignFiles() throws Exception {
        Path file = folder.resolve("picture.csv");
        Files.write(file, new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0, 1, 2});
        assertThrows(BadInput.class, () -> BatchTable.read(file));
        assertThrows(BadInput.class, () -> BatchTable.read(folder.resolve("gone.csv")));
    }

    /** Where a row is written stays within the folder, whatever the table says. */
    @ParameterizedTest
    @CsvSource({
        "'../../etc/passwd', etc/passwd",
        "'/etc/x', etc/x",
        "'C:\\lines\\x', C/lines/x",
        "'ch 1/line 3', ch_1/line_3",
        "'..', row_2",
    })
    void outsStayInTheFolder(String out, String expected) throws Exception {
        assertEquals(
                expected, table("audio;out\na.wav;" + out).rows().getFirst().out());
    }

    @Test
    void ofTwoRowsWithOneNameTheSecondIsNotDone() throws Exception {
        List<BatchRow> rows = table("audio,out\na.wav,x\nb.wav,y\nc.wav,X\n").rows();
        assertTrue(rows.get(0).takenBy().isEmpty() && rows.get(1).takenBy().isEmpty());
        assertEquals(2, rows.get(2).takenBy().orElseThrow());
    }

    /** A hundred thousand rows; shards hold each of them once. */
    @Test
    void shardsOfALargeTable() throws Exception {
        StringBuilder text = new StringBuilder("audio,text\n");
        for (int r = 0; r < 100_000; r++) {
            text.append("line").append(r).append(".wav,\"Turn, turn\"\n");
        }
        BatchTable table = table(text.toString());
        assertEquals(100_000, table.rows().size());
        List<Integer> all = IntStream.rangeClosed(1, 7)
                .boxed()
                .flatMap(i -> table.shard(i, 7).stream())
                .map(BatchRow::number)
                .sorted()
                .toList();
        assertEquals(table.rows().stream().map(BatchRow::number).toList(), all);
        assertEquals(14_286, table.shard(1, 7).size());
    }
}
