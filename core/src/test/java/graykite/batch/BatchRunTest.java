package graykite.batch;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.text.Language;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Rows done by several threads: a stop, what comes after it, and faults. Recordings are spoken from the words in their files. */
class BatchRunTest {
    private static final Reader READER = Reader.shipped();

    @TempDir
    Path folder;

    private final AtomicInteger written = new AtomicInteger();
    private final AtomicBoolean stop = new AtomicBoolean();
    private volatile BatchWork.Writes writes = (subject, order, output, progress) -> {
        try {
            Files.writeString(output.path(), subject.title());
            written.incrementAndGet();
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    };

    private BatchTable table(int rows) throws Exception {
        Files.writeString(folder.resolve("bell.txt.wav"), "The bell rang.");
        StringBuilder text = new StringBuilder("audio,text,out\n");
        for (int r = 0; r < rows; r++) {
            text.append("bell.txt.wav,The bell rang,line").append(r).append('\n');
        }
        return BatchTable.read(Files.writeString(folder.resolve("lines.csv"), text));
    }

    private List<BatchRun.Told> run(BatchTable table, int jobs) {
        BatchSettings settings =
                new BatchSettings(Order.of(Kind.CURVES_CSV), "odile", Optional.of(Language.ENGLISH), Map.of());
        BatchWork work = new BatchWork(
                table,
                settings,
                folder,
                (file, progress) -> SimulatedVoice.speak(new String(file.content(), StandardCharsets.UTF_8))
                        .sound(),
                () -> READER,
                (subject, order, output, progress) -> writes.write(subject, order, output, progress));
        List<BatchRun.Told> told = Collections.synchronizedList(new ArrayList<>());
        Progress progress = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return stop.get();
            }
        };
        new BatchRun(work, new BatchRecords(table, folder), folder, false)
                .run(table.rows(), jobs, false, told::add, progress);
        return told;
    }

    /** After a stop the rows that are done are not done again, and every row is done once in the end. */
    @Test
    void aStopAndOn() throws Exception {
        BatchTable table = table(6);
        BatchWork.Writes plain = writes;
        writes = (subject, order, output, progress) -> {
            plain.write(subject, order, output, progress);
            stop.set(written.get() >= 3);
        };
        assertThrows(CancellationException.class, () -> run(table, 2));
        int before = written.get();
        assertTrue(before >= 3 && before < 6, before + " rows before the stop");
        stop.set(false);
        writes = plain;
        List<BatchRun.Told> told = run(table, 2);
        assertEquals(6, told.size());
        assertEquals(6, told.getLast().done());
        long kept = told.stream().filter(BatchRun.Told::before).count();
        assertEquals(6, written.get() - before + kept, "what was not kept is done, once");
        assertTrue(kept >= 1, "something was kept");
        assertEquals(6, BatchReport.of(table, new BatchRecords(table, folder)).good());
    }

    /** A fault of the program is said with its row, and the rest goes on; what listens may not fail unheard. */
    @Test
    void faults() throws Exception {
        BatchTable table = table(3);
        BatchWork.Writes plain = writes;
        writes = (subject, order, output, progress) -> {
            if (output.path().endsWith("line1.csv")) {
                throw new IllegalStateException("a fault of ours");
            }
            plain.write(subject, order, output, progress);
        };
        List<BatchRun.Told> told = run(table, 1);
        assertEquals(3, told.size());
        BatchResult bad = told.stream()
                .map(BatchRun.Told::result)
                .filter(r -> !r.good())
                .findFirst()
                .orElseThrow();
        assertEquals("line1", bad.out());
        assertTrue(
                bad.problem().startsWith("row 3: unexpected fault")
                        && bad.problem().contains("a fault of ours"),
                bad.problem());
        assertEquals(2, written.get());
    }

    @Test
    void everythingThatMattersIsInTheHash() throws Exception {
        Path one = Files.writeString(folder.resolve("one"), "a");
        Path two = Files.writeString(folder.resolve("two"), "b");
        String hash = Inputs.hash(List.of("x", "y"), List.of(one, two));
        assertEquals(hash, Inputs.hash(List.of("x", "y"), List.of(one, two)));
        assertNotEquals(hash, Inputs.hash(List.of("xy"), List.of(one, two)));
        assertNotEquals(hash, Inputs.hash(List.of("x", "y"), List.of(two, one)));
        Files.writeString(two, "c");
        assertNotEquals(hash, Inputs.hash(List.of("x", "y"), List.of(one, two)));
        assertThrows(BadInput.class, () -> Inputs.hash(List.of(), List.of(folder.resolve("gone"))));
    }

    @Test
    void recordingsOfAFolder() throws Exception {
        for (String name : List.of("b.WAV", "a.flac", "notes.txt", "c.mp3", "wav")) {
            Files.writeString(folder.resolve(name), "");
        }
        assertEquals(
                List.of("a.flac", "b.WAV", "c.mp3"),
                Recordings.of(folder).stream()
                        .map(f -> f.getFileName().toString())
                        .toList());
        assertThrows(BadInput.class, () -> Recordings.of(folder.resolve("wav")));
        assertEquals(
                List.of(1, 2, 3),
                BatchTable.ofFolder(folder).rows().stream()
                        .map(BatchRow::number)
                        .toList());
    }
}
