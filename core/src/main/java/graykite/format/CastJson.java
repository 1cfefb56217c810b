package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.format.character.PlanFiles;
import graykite.format.character.PlanJson;
import graykite.format.character.RigJson;
import graykite.project.Member;
import graykite.project.SoundFile;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import java.util.function.Function;

/** A member of a project's cast as JSON, and back. Figures of the user's own are entries of their own beside it. */
final class CastJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private CastJson() {}

    /** @param place for messages */
    static Member read(JsonNode json, ProjectJson.Entries entries, String place) {
        Member.Source source;
        if (json.hasNonNull("entry")) {
            String entry = json.path("entry").asText();
            byte[] content = entries.of(entry)
                    .orElseThrow(
                            () -> new BadInput(place + ": its figure \"" + entry + "\" is missing from the file."));
            try {
                source = new Member.Own(CharacterStore.read(new ByteArrayInputStream(content)));
            } catch (IOException damaged) {
                throw new BadInput(place + ", part " + entry + ": " + damaged.getMessage() + ".", damaged);
            }
        } else if (json.has("plan")) {
            try {
                source = new Member.Carved(PlanFiles.of(json.path("plan")));
            } catch (IllegalArgumentException wrong) {
                throw new BadInput(place + ", plan: " + wrong.getMessage(), wrong);
            }
        } else {
            String figure = json.path("figure").asText();
            if (!Cast.has(figure)) {
                throw new BadInput(place + ": no character \"" + figure + "\" ships with this Gray Kite.");
            }
            source = new Member.Shipped(figure);
        }
        try {
            Optional<Member.Library> library =
                    json.hasNonNull("library") ? Optional.of(library(json.path("library"))) : Optional.empty();
            return new Member(json.path("id").asText(), json.path("name").asText(), source, library);
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    /** @param entries where figures of the user's own stand */
    static void write(Member member, JsonGenerator json, Function<Member, String> entries) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", member.id());
        json.writeStringField("name", member.name());
        switch (member.source()) {
            case Member.Shipped shipped -> json.writeStringField("figure", shipped.figure());
            case Member.Carved carved -> {
                ObjectNode plan = MAPPER.createObjectNode();
                PlanJson.write(carved.plan(), plan);
                json.writeFieldName("plan");
                MAPPER.writeTree(json, plan);
            }
            case Member.Own own -> json.writeStringField("entry", entries.apply(member));
        }
        if (member.library().isPresent()) {
            Member.Library library = member.library().get();
            ObjectNode tree = MAPPER.createObjectNode();
            write(library, tree);
            json.writeFieldName("library");
            MAPPER.writeTree(json, tree);
        }
        json.writeEndObject();
    }

    /** @throws IllegalArgumentException when something in it is out of its range */
    static Member.Library library(JsonNode json) {
        return new Member.Library(
                RigJson.poses(json.path("poses")),
                RigJson.poses(json.path("roles")),
                RigJson.couplings(json.path("couplings")),
                json.has("chart") ? Optional.of(ChartFiles.chart(json.path("chart"))) : Optional.empty());
    }

    static void write(Member.Library library, ObjectNode json) {
        RigJson.write(library.poses(), json.putObject("poses"));
        RigJson.write(library.roles(), json.putObject("roles"));
        RigJson.write(library.couplings(), json.putArray("couplings"));
        library.chart().ifPresent(c -> json.set("chart", ChartFiles.chart(c)));
    }

    /** Puts a figure of the user's own on a shelf. @return its hash */
    static String keep(Member member, Shelf shelf) {
        SoundFile bytes = stored(member);
        return shelf.keep(bytes.content(), bytes.hash());
    }

    /** A figure of the user's own as bytes with a hash. */
    static SoundFile stored(Member member) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        if (member.source() instanceof Member.Own own) {
            try {
                CharacterStore.write(own.figure(), out);
            } catch (IOException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return new SoundFile(member.id() + CharacterStore.EXTENSION, out.toByteArray());
    }

    static String entryName(Member member) {
        return "cast/" + member.id().replaceAll("[^A-Za-z0-9-]", "_") + CharacterStore.EXTENSION;
    }
}
