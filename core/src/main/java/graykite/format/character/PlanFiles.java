package graykite.format.character;

import static graykite.base.Require.requireThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.base.HandFile;
import graykite.people.plan.PersonPlan;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Files that hold the plan of a person. A plan may begin with {@code "like"}, the name of one that ships: then it need only
 * hold what is different.
 */
public final class PlanFiles {
    private static final String FORMAT = "graykite-face";

    private PlanFiles() {}

    /** Plans that ship, by name. */
    public static List<String> names() {
        return List.of("odile", "pim", "wren", "sprat");
    }

    /** A plan that ships with Gray Kite. @throws IllegalArgumentException when there is none of that name */
    public static PersonPlan shipped(String name) {
        return PlanJson.read(shippedJson(name));
    }

    private static ObjectNode shippedJson(String name) {
        String plan = name.toLowerCase(Locale.ROOT);
        requireThat(
                names().contains(plan),
                "there is no plan \"%s\" to be like; choose one of: %s.",
                name,
                String.join(", ", names()));
        try (InputStream in = PlanFiles.class.getResourceAsStream("/graykite/people/" + plan + ".json")) {
            return whole((ObjectNode) HandFile.MAPPER.readTree(in));
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }

    /** @throws BadInput with file and place when it is no plan */
    public static PersonPlan read(Path file) {
        JsonNode json = HandFile.parse(file, FORMAT, "plan of a face");
        try {
            return of(json);
        } catch (IllegalArgumentException wrong) {
            throw BadInput.inFile(file, wrong.getMessage(), wrong);
        }
    }

    /** A plan as it stands in files, projects and edits. @throws IllegalArgumentException when it is none */
    public static PersonPlan of(JsonNode json) {
        requireThat(json instanceof ObjectNode, "a plan is an object.");
        return PlanJson.read(whole((ObjectNode) json));
    }

    private static ObjectNode whole(ObjectNode json) {
        if (!json.hasNonNull("like")) {
            return json;
        }
        ObjectNode whole = shippedJson(json.path("like").asText());
        merge(whole, json);
        return whole;
    }

    /** Objects are filled up, everything else is replaced. */
    private static void merge(ObjectNode into, JsonNode from) {
        from.properties().forEach(field -> {
            JsonNode before = into.path(field.getKey());
            if (before instanceof ObjectNode object && field.getValue().isObject()) {
                merge(object, field.getValue());
            } else {
                into.set(field.getKey(), field.getValue());
            }
        });
    }

    public static void write(PersonPlan plan, Path file) {
        ObjectNode json = HandFile.MAPPER.createObjectNode();
        json.put("format", FORMAT).put("version", 1);
        PlanJson.write(plan, json);
        HandFile.write(json, file);
    }
}
