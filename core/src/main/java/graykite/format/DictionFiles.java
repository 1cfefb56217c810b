package graykite.format;

import static graykite.base.HandFile.MAPPER;
import static graykite.base.HandFile.mistake;
import static graykite.base.HandFile.number;
import static graykite.base.HandFile.parse;
import static graykite.base.HandFile.write;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.mouth.Diction;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Dictions (docs/diction.schema.json) as files of their own, meant to be read and edited by hand. */
public final class DictionFiles {
    public static final String EXTENSION = ".kite-diction.json";

    private DictionFiles() {}

    public static void save(Diction diction, Path file) {
        ObjectNode json = MAPPER.createObjectNode();
        json.put("format", "graykite-diction").put("version", 1);
        MouthJson.write(diction, json);
        write(json, file);
    }

    /** @throws BadInput when the file is missing, damaged, or out of range */
    public static Diction open(Path file) {
        JsonNode json = parse(file, "graykite-diction", "diction");
        try {
            return checkedDiction(json);
        } catch (IllegalArgumentException mistake) {
            throw BadInput.inFile(file, "holds a mistake: " + mistake.getMessage(), mistake);
        }
    }

    private static Diction checkedDiction(JsonNode json) {
        for (String name : List.of("strength", "open", "wide", "firm", "round", "smooth")) {
            number(json, name, 1, "diction");
        }
        json.path("shapes").properties().forEach(s -> number(json.path("shapes"), s.getKey(), 1, "shapes"));
        return MouthJson.diction(json);
    }

    /** The dictions that ship with Gray Kite, in the order of lists. */
    public static Map<String, Diction> shipped() {
        Map<String, Diction> all = new LinkedHashMap<>();
        for (String name :
                List.of("plain", "murmured", "whispered", "projected", "shouted", "clipped", "drawled", "smiling")) {
            try (InputStream in = DictionFiles.class.getResourceAsStream("/graykite/dictions/" + name + EXTENSION)) {
                all.put(name, checkedDiction(MAPPER.readTree(in)));
            } catch (IOException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return Collections.unmodifiableMap(all);
    }
}
