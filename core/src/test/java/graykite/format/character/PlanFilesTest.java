package graykite.format.character;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import graykite.base.BadInput;
import graykite.people.plan.Garment;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.Slider;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Plans of faces as files. */
class PlanFilesTest {
    private static final String START = "{\"format\": \"graykite-face\", \"version\": 1, ";

    @TempDir
    Path folder;

    private Path file(String text) throws IOException {
        return Files.writeString(folder.resolve("face.json"), text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void plansComeBackAsTheyWereAndFitTheSchema(String name) throws IOException {
        PersonPlan plan = PlanFiles.shipped(name).with(Slider.NOSE, -0.25);
        Path kept = folder.resolve(name + ".json");
        PlanFiles.write(plan, kept);
        assertEquals(plan, PlanFiles.read(kept));
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/face.schema.json")));
        assertEquals(Set.of(), schema.validate(new ObjectMapper().readTree(kept.toFile())));
    }

    /** A plan that is like one of ours needs only say what is different. */
    @Test
    void onlyWhatIsDifferentNeedBeSaid() throws IOException {
        PersonPlan mate = PlanFiles.read(file(START + """
                "like": "Pim", "name": "Mate", "eyes": {"iris": "#112233"},
                "worn": [{"item": "spectacles"}], "shaping": {"age": 0.5, "nose tip": -1}}"""));
        PersonPlan pim = PlanFiles.shipped("pim");
        assertEquals("Mate", mate.name());
        assertEquals(pim.masses(), mate.masses());
        assertEquals("#112233", mate.eyes().iris().word());
        assertEquals(pim.eyes().radius(), mate.eyes().radius());
        assertEquals(Garment.SPECTACLES.worn(), mate.worn().getFirst());
        assertEquals(1, mate.worn().size(), "a list is replaced");
        assertEquals(-1, mate.slider(Slider.NOSE_TIP));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"like\": \"nobody\"} | no plan \"nobody\"",
                "\"name\": \"X\"} | form is missing",
                "\"like\": \"pim\", \"mouth\": {\"half\": 2}} | mouth: Half the width of a mouth is 8.0 to 60.0",
                "\"like\": \"pim\", \"mouth\": {\"half\": \"wide\"}} | mouth.half is a number",
                "\"like\": \"pim\", \"eyes\": {\"iris\": \"blue\"}} | eyes.iris: A colour is #rrggbb",
                "\"like\": \"pim\", \"eyes\": {\"at\": [1]}} | eyes.at is a place",
                "\"like\": \"pim\", \"form\": {\"masses\": []}} | the skull",
                "\"like\": \"pim\", \"form\": {\"masses\": [{\"part\": \"horn\"}]}} | form.masses 1",
                "\"like\": \"pim\", \"hair\": {\"style\": \"mohican\"}} | hair: Hair is one of",
                "\"like\": \"pim\", \"worn\": [{\"item\": \"crown\"}]} | worn 1: What is worn is one of",
                "\"like\": \"pim\", \"worn\": [{\"item\": \"fur\"}, {\"item\": \"oilskin\"}]} | one thing in a place",
                "\"like\": \"pim\", \"shaping\": {\"wit\": 1}} | shaping: A face is shaped by",
                "\"like\": \"pim\", \"shaping\": {\"age\": 7}} | The age is -1.0 to 1.0",
                "\"like\": \"pim\", \"skin\": {\"marks\": [{\"kind\": \"tattoo\"}]}} | skin.marks 1",
                "\"like\": \"pim\", \"skin\": {\"marks\": [{\"kind\": \"crease\", \"from\": [50, 4], \"to\": [56, 5], \"width\": 2, "
                        + "\"strength\": 1, \"with\": \"jawDrop\"}]}} | skin.marks 1: A crease comes with one of: cheekRaiser",
                "\"like\": \"pim\", \"skin\": {\"marks\": [{\"kind\": \"crease\", \"from\": [50, 4], \"to\": [50, 4], \"width\": 2, "
                        + "\"strength\": 1, \"with\": \"cheekRaiser\"}]}} | skin.marks 1: A crease is at least 0.5 mm long"
            })
    void mistakesAreToldWithTheirPlace(String text, String told) throws IOException {
        Path file = file(START + text);
        String message =
                assertThrows(BadInput.class, () -> PlanFiles.read(file)).getMessage();
        assertTrue(message.startsWith("face.json: ") && message.contains(told), message);
        assertEquals(message.indexOf(told), message.lastIndexOf(told), "once: " + message);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "[]", "{}", "{\"format\": \"graykite-chart\"}", "{\"format\": \"graykite-face\"", "\u0000"})
    void whatIsNoPlanIsRefused(String text) throws IOException {
        Path file = file(text);
        assertTrue(assertThrows(BadInput.class, () -> PlanFiles.read(file))
                .getMessage()
                .startsWith("face.json"));
    }
}
