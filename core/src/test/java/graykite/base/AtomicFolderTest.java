package graykite.base;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AtomicFolderTest {
    @TempDir
    Path folder;

    private static List<String> names(Path in) throws IOException {
        try (var files = Files.list(in)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void theNewOneTakesTheOldOnesPlace() throws Exception {
        Path target = folder.resolve("frames");
        AtomicFolder.write(target, f -> Files.writeString(f.resolve("1"), "old"));
        AtomicFolder.write(target, f -> Files.writeString(f.resolve("2"), "new"));
        assertEquals(List.of("2"), names(target));
        assertEquals(List.of("frames"), names(folder));
    }

    @Test
    void afterAFaultTheOldOneIsThere() throws Exception {
        Path target = folder.resolve("frames");
        AtomicFolder.write(target, f -> Files.writeString(f.resolve("1"), "old"));
        assertThrows(
                CancellationException.class,
                () -> AtomicFolder.write(target, f -> {
                    Files.writeString(f.resolve("2"), "half");
                    throw new CancellationException();
                }));
        BadInput full = assertThrows(
                BadInput.class,
                () -> AtomicFolder.write(target, f -> {
                    throw new IOException("No space left on device");
                }));
        assertTrue(full.getMessage().contains("No space left"), full.getMessage());
        assertEquals(List.of("1"), names(target));
        assertEquals(List.of("frames"), names(folder));
    }

    @Test
    void aFileIsNotReplacedByAFolder() throws Exception {
        Path file = Files.writeString(folder.resolve("mine"), "text");
        assertThrows(BadInput.class, () -> AtomicFolder.write(file, f -> {}));
        assertEquals("text", Files.readString(file));
    }
}
