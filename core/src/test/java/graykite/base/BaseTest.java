package graykite.base;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BaseTest {
    @Test
    void brokenPromisesAreReportedInWords() {
        Require.requireThat(true, "never seen");
        IllegalArgumentException failure = assertThrows(
                IllegalArgumentException.class, () -> Require.requireThat(false, "%d is no %s", 3, "frame rate"));
        assertEquals("3 is no frame rate", failure.getMessage());
        // Without arguments a per cent sign is just a per cent sign.
        assertEquals(
                "50 % is too much",
                assertThrows(IllegalArgumentException.class, () -> Require.requireThat(false, "50 % is too much"))
                        .getMessage());
    }

    @Test
    void partsOfProgressAddUp() {
        List<Double> seen = new ArrayList<>();
        Progress whole = Progress.to(seen::add);
        Progress first = whole.part(0, 0.25);
        first.step(0);
        first.step(1);
        Progress rest = whole.part(0.25, 1);
        rest.part(0, 0.5).step(1);
        rest.step(1);
        assertEquals(List.of(0.0, 0.25, 0.625, 1.0), seen);
        assertFalse(Progress.none().cancelled());
    }

    @Test
    void cancelReachesEveryPart() {
        Progress cancelled = new Progress() {
            @Override
            public void at(double fraction) {
                throw new AssertionError("nothing is reported after a cancel");
            }

            @Override
            public boolean cancelled() {
                return true;
            }
        };
        assertThrows(
                CancellationException.class,
                () -> cancelled.part(0, 0.5).part(0, 0.5).step(0.1));
    }

    @Test
    void writesMakeFoldersAndReplaceWhole(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("a/b/c.txt");
        AtomicFiles.write(file, out -> out.write("one".getBytes(StandardCharsets.UTF_8)));
        AtomicFiles.write(file, out -> out.write("two".getBytes(StandardCharsets.UTF_8)));
        assertEquals("two", Files.readString(file));
        AtomicFiles.writeBeside(file, part -> {
            assertTrue(part.getFileName().toString().endsWith("c.txt"), "libraries see the extension");
            Files.writeString(part, "three");
        });
        assertEquals("three", Files.readString(file));
        // A folder where the file should be: one clear line that names it, and no trace of a partial file.
        Path taken = folder.resolve("taken");
        Files.createDirectories(taken.resolve("inside"));
        BadInput refused = assertThrows(BadInput.class, () -> AtomicFiles.write(taken, out -> out.write(1)));
        assertTrue(refused.getMessage().startsWith("taken: could not be written"), refused.getMessage());
        assertFalse(refused.getMessage().contains(".part-"), refused.getMessage());
        try (var files = Files.list(folder)) {
            assertEquals(2, files.count());
        }
    }

    @Test
    void badInputNamesTheFileWithoutItsFolder() {
        assertEquals(
                "x.wav: is empty.",
                BadInput.inFile(Path.of("/some/where/x.wav"), "is empty.").getMessage());
        assertEquals("/: no.", BadInput.inFile(Path.of("/"), "no.").getMessage());
    }
}
