package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.format.character.RigJson;
import graykite.project.Member;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;

/** A member of a project's cast as JSON, and back. Figures of the user's own are entries of their own beside it. */
final class CastJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private CastJson() {}

    /** @param place for messages */
    static Member read(JsonNode json, Map<String, byte[]> entries, String place) {
        Member.Source source;
        if (json.hasNonNull("entry")) {
            String entry = json.path("entry").asText();
            byte[] content = entries.get(entry);
            if (content == null) {
                throw new BadInput(place + ": its figure \"" + entry + "\" is missing from the file.");
            }
            try {
                source = new Member.Own(CharacterStore.read(new ByteArrayInputStream(content)));
            } catch (IOException damaged) {
                throw new BadInput(place + ", part " + entry + ": " + damaged.getMessage() + ".", damaged);
            }
        } else {
            String figure = json.path("figure").asText();
            if (!Cast.has(figure)) {
                throw new BadInput(place + ": no character \"" + figure + "\" ships with this Gray Kite.");
            }
            source = new Member.Shipped(figure);
        }
        try {
            Optional<Member.Library> library = json.hasNonNull("library")
                    ? Optional.of(new Member.Library(
                            RigJson.poses(json.path("library").path("poses")),
                            RigJson.poses(json.path("library").path("roles")),
                            RigJson.couplings(json.path("library").path("couplings")),
                            json.path("library").has("chart")
                                    ? Optional.of(ChartFiles.chart(
                                            json.path("library").path("chart")))
                                    : Optional.empty()))
                    : Optional.empty();
            return new Member(json.path("id").asText(), json.path("name").asText(), source, library);
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    static void write(Member member, JsonGenerator json) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", member.id());
        json.writeStringField("name", member.name());
        switch (member.source()) {
            case Member.Shipped shipped -> json.writeStringField("figure", shipped.figure());
            case Member.Own own -> json.writeStringField("entry", entryName(member));
        }
        if (member.library().isPresent()) {
            Member.Library library = member.library().get();
            ObjectNode tree = MAPPER.createObjectNode();
            RigJson.write(library.poses(), tree.putObject("poses"));
            RigJson.write(library.roles(), tree.putObject("roles"));
            RigJson.write(library.couplings(), tree.putArray("couplings"));
            library.chart().ifPresent(c -> tree.set("chart", ChartFiles.chart(c)));
            json.writeFieldName("library");
            MAPPER.writeTree(json, tree);
        }
        json.writeEndObject();
    }

    static String entryName(Member member) {
        return "cast/" + member.id().replaceAll("[^A-Za-z0-9-]", "_") + CharacterStore.EXTENSION;
    }
}
