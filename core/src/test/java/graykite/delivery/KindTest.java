package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.picture.Backdrop;
import graykite.picture.Lighting;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class KindTest {
    /** The longest ending that fits says what a file is. */
    @ParameterizedTest
    @CsvSource({
        "A.GLB, GLB",
        "a.csv, CURVES_CSV",
        "a-sheet.csv, SHEET_CSV",
        "a-words.csv, WORDS_CSV",
        "a.json, CURVES_JSON",
        "a-reading.json, READING_JSON",
        "a.mov, PRORES",
        "frames, PICTURES",
        "a-contact.png, CONTACT",
    })
    void byTheNameOfAFile(String name, Kind kind) {
        assertEquals(kind, Kind.of(Path.of("folder", name)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"line.avi", "line.docx", "a.png"})
    void whatIsNotWritten(String name) {
        BadInput refused = assertThrows(BadInput.class, () -> Kind.of(Path.of(name)));
        assertTrue(refused.getMessage().startsWith(name), refused.getMessage());
    }

    @Test
    void aFolderMayHaveADot(@TempDir Path folder) throws Exception {
        assertEquals(Kind.PICTURES, Kind.of(Files.createDirectory(folder.resolve("take.2"))));
    }

    @ParameterizedTest
    @EnumSource(Kind.class)
    void idsAreReadBack(Kind kind) {
        assertEquals(kind, Kind.parse(" " + kind.id().toUpperCase(Locale.ROOT)));
    }

    @Test
    void severalAtOnce() {
        assertEquals(Set.of(Kind.GLB, Kind.WAV, Kind.SUBRIP), Kind.parseAll(" glb, wav;srt  glb "));
        assertThrows(BadInput.class, () -> Kind.parseAll("glb, avi"));
        assertThrows(BadInput.class, () -> Kind.parseAll(" "));
    }

    /** No two kinds of one line would be one file, and the schema of presets lists them all. */
    @Test
    void endingsAndSchema() throws Exception {
        assertEquals(
                Kind.values().length,
                Arrays.stream(Kind.values()).map(Kind::ending).distinct().count());
        List<String> listed = new ArrayList<>();
        new ObjectMapper()
                .readTree(Path.of("..", "docs", "delivery.schema.json").toFile())
                .path("properties")
                .path("kinds")
                .path("items")
                .path("enum")
                .forEach(k -> listed.add(k.asText()));
        assertEquals(
                Arrays.stream(Kind.values()).map(Kind::id).sorted().toList(),
                listed.stream().sorted().toList());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "big", "63", "721", "4098", "720x", "1x2x3", "1920x1081"})
    void sizesThatAreNone(String text) {
        assertThrows(IllegalArgumentException.class, () -> Order.Pictures.STANDARD.sized(text));
    }

    @Test
    void sizesAndBackgrounds() {
        assertEquals("4096", Order.Pictures.STANDARD.sized("4096").size());
        assertEquals("1920x1080", Order.Pictures.STANDARD.sized(" 1920 x 1080 ").size());
        for (Backdrop backdrop : Backdrop.SHIPPED) {
            Behind own = new Behind.Own(backdrop);
            assertEquals(own, Behind.of(own.word()));
        }
        assertEquals(new Behind.Own(Backdrop.even(0x4A5560)), Behind.of(" #4A5560"));
        assertEquals(Behind.NOTHING, Behind.of("NONE"));
        assertEquals(Behind.STAGE, Behind.of(Behind.STAGE.word()));
        assertThrows(IllegalArgumentException.class, () -> Behind.of("#12345"));
        assertEquals(Optional.empty(), OrderFiles.light("Stage"));
        assertEquals(Optional.of(Lighting.of("lamp,-40,20")), OrderFiles.light("lamp, -40, 20"));
        assertThrows(IllegalArgumentException.class, () -> Order.Pictures.STANDARD.seen(List.of()));
        assertThrows(IllegalArgumentException.class, () -> new Order.Curves(0.5, List.of(), true, false));
    }

    /** The guess is within a factor of three of what the demo's line 1 of six seconds came to when it was measured. */
    @ParameterizedTest
    @CsvSource({"MOVIE, 1000000", "CURVES_CSV, 46000", "GLB, 6000000"})
    void sizesAreAboutRight(Kind kind, long measured) {
        long guess = Sizes.about(kind, Order.of(kind), FrameRate.THIRTY, 6.05);
        assertTrue(guess > measured / 3 && guess < 3 * measured, guess + " for " + measured);
    }
}
