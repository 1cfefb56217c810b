package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import graykite.base.BadInput;
import graykite.base.HandFile;
import graykite.picture.Lighting;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OrderFilesTest {
    @TempDir
    Path folder;

    private static final Order EVERYTHING = new Order(
            "Mine",
            EnumSet.allOf(Kind.class),
            Optional.of(FrameRate.parse("23.976")),
            Span.WHOLE.withRange("1.5s-96").withRolls(8, 4).withStartFrame(OptionalLong.of(1001)),
            new Order.Curves(0.01, List.of("lips", "headYaw"), false, true),
            Order.Pictures.STANDARD
                    .sized("1920x1080")
                    .seen(List.of("front", "profile"))
                    .before(Behind.NOTHING)
                    .lit(Optional.of(Lighting.of("fog,20,60.5")))
                    .deep(true),
            "{project}_{line}");

    @Test
    void whatIsSavedIsOpened() throws Exception {
        Path file = folder.resolve("mine" + OrderFiles.EXTENSION);
        OrderFiles.save(EVERYTHING, file);
        assertEquals(EVERYTHING, OrderFiles.open(file));
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("..", "docs", "delivery.schema.json")));
        assertEquals(List.of(), List.copyOf(schema.validate(HandFile.MAPPER.readTree(file.toFile()))));
        Order plain = Order.of(Kind.GLB);
        OrderFiles.save(plain, file);
        assertEquals(plain, OrderFiles.open(file));
    }

    @Test
    void ours() {
        assertEquals(4, OrderFiles.shipped().size());
        assertTrue(OrderFiles.shipped("for the edit").orElseThrow().kinds().contains(Kind.MOVIE));
    }

    @ParameterizedTest
    @CsvSource({
        "'\"kinds\":[\"avi\"]', avi",
        "'\"kinds\":[]', format",
        "'\"kinds\":[\"glb\"],\"size\":\"63\"', 64",
        "'\"kinds\":[\"glb\"],\"size\":\"721\"', even",
        "'\"kinds\":[\"glb\"],\"thinning\":2', 0.25",
        "'\"kinds\":[\"glb\"],\"thinning\":\"a\"', number",
        "'\"kinds\":\"glb\"', list",
        "'\"kinds\":[\"glb\"],\"names\":\"a/b\"', slash",
        "'\"kinds\":[\"glb\"],\"colour\":1', colour",
        "'\"kinds\":[\"glb\"],\"background\":\"sky\"', sky",
        "'\"kinds\":[\"glb\"],\"rate\":\"fast\"', fast",
    })
    void mistakesAreNamed(String fields, String says) throws Exception {
        Path file = folder.resolve("broken" + OrderFiles.EXTENSION);
        Files.writeString(file, "{\"format\":\"graykite-delivery\",\"version\":1," + fields + "}");
        BadInput refused = assertThrows(BadInput.class, () -> OrderFiles.open(file));
        assertTrue(
                refused.getMessage().startsWith("broken")
                        && refused.getMessage().contains(says),
                refused.getMessage());
    }
}
