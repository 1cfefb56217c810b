package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import graykite.base.BadInput;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.mouth.PhoneShape.Firmness;
import graykite.rig.Figures;
import graykite.text.Phone;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Charts and dictions as files: round trips, the published schemas, and mistakes of hands. */
class ChartFilesTest {
    @TempDir
    Path folder;

    private static MouthChart edited() {
        MouthChart chart = MouthChart.standard()
                .split("Hush", "Church", List.of(Phone.CH))
                .withoutPhone(Phone.ZH)
                .withMotion(Optional.of(MotionStyle.CRISP));
        return chart.withPhone(
                Phone.T,
                chart.of(Phone.T).orElseThrow().withFirm(new Firmness(0.1, 0.2, 0.9, Map.of("lipPucker", 0.7))));
    }

    /** JSON Schema 2020-12, checked by a validator of its own (networknt json-schema-validator). */
    private static void assertFits(Path file, String schema) throws IOException {
        JsonSchema published = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(Files.readString(Path.of("../docs/" + schema)));
        JsonNode json = new ObjectMapper().readTree(file.toFile());
        assertEquals(Set.of(), published.validate(json));
    }

    @Test
    void chartsComeBack() throws IOException {
        Path file = folder.resolve("odile" + ChartFiles.CHART);
        ChartFiles.Saved saved = new ChartFiles.Saved(edited(), Figures.ODILE.poses());
        ChartFiles.save(saved, file);
        assertEquals(saved, ChartFiles.open(file));
        assertEquals(
                List.copyOf(edited().shapes().keySet()),
                List.copyOf(ChartFiles.open(file).chart().shapes().keySet()),
                "the order of shapes stays");
        assertFits(file, "chart.schema.json");
    }

    @Test
    void dictionsComeBackAndShip() throws IOException {
        Path file = folder.resolve("mine" + DictionFiles.EXTENSION);
        Diction mine = Diction.PLAIN.withOpen(1.4).withShape("Ah", 0.5);
        DictionFiles.save(mine, file);
        assertEquals(mine, DictionFiles.open(file));
        assertFits(file, "diction.schema.json");
        Map<String, Diction> shipped = DictionFiles.shipped();
        assertEquals(8, shipped.size());
        assertEquals(Diction.PLAIN, shipped.get("plain"));
        for (Map.Entry<String, Diction> one : shipped.entrySet()) {
            Path copy = folder.resolve(one.getKey() + DictionFiles.EXTENSION);
            DictionFiles.save(one.getValue(), copy);
            assertFits(copy, "diction.schema.json");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"share\" : 0.95 | \"share\" : \"lots\" | share: is a number",
                "\"shape\" : \"Church\" | \"shape\" : \"Chirp\" | uses the shape \"Chirp\", which the chart lacks",
                "\"like\" : \"Ah\" | \"like\" : \"Aah\" | \"Aah\" is no standard shape",
                "\"closure\" : \"lips\" | \"closure\" : \"tight\" | closure: is lips or lip to teeth",
                "\"AA\" : | \"QQ\" : | sounds, QQ: is no sound",
                "\"motion\" : \"crisp\" | \"motion\" : \"bouncy\" | motion: is flowing, crisp or held",
                "\"jaw\" : 0.55 | \"jaw\" : 7 | Firmness lies between 0 and 1",
                "\"version\" : 1 | \"version\" : 9 | another Gray Kite",
                "\"graykite-chart\" | \"somebody-else\" | is not a mouth chart",
                "\"shapes\" : { | \"shapes\" : { , | not valid JSON in line"
            })
    void mistakesAreNamed(String right, String wrong, String message) throws IOException {
        Path file = folder.resolve("hand" + ChartFiles.CHART);
        ChartFiles.save(new ChartFiles.Saved(edited(), Map.of()), file);
        String text = Files.readString(file);
        assertTrue(text.contains(right.strip()), right);
        Files.writeString(file, text.replace(right.strip(), wrong.strip()));
        String said = assertThrows(BadInput.class, () -> ChartFiles.open(file)).getMessage();
        assertTrue(said.startsWith("hand.kite-chart.json: ") && said.contains(message), said);
    }

    @Test
    void foreignFilesAreTurnedAway() throws IOException {
        Path file = folder.resolve("x" + DictionFiles.EXTENSION);
        assertThrows(BadInput.class, () -> DictionFiles.open(file));
        Files.writeString(file, "");
        assertThrows(BadInput.class, () -> DictionFiles.open(file));
        Files.writeString(file, "[".repeat(2000));
        assertThrows(BadInput.class, () -> DictionFiles.open(file));
        Files.writeString(file, "{\"format\":\"graykite-diction\",\"version\":1,\"open\":3}");
        assertTrue(assertThrows(BadInput.class, () -> DictionFiles.open(file))
                .getMessage()
                .contains("Open lies between 0 and 2, not 3.00."));
        Files.writeString(file, "{\"format\":\"graykite-diction\",\"version\":1,\"open\":\"wide\"}");
        assertTrue(assertThrows(BadInput.class, () -> DictionFiles.open(file))
                .getMessage()
                .contains("diction, open: is a number"));
    }
}
