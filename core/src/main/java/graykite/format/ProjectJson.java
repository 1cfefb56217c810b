package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Performed;
import graykite.base.BadInput;
import graykite.format.character.CharacterStore;
import graykite.picture.Dressing;
import graykite.project.KeptView;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.SceneWork;
import graykite.project.Version;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import graykite.time.FrameRate;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Supplier;

/** The document of a project as JSON, as docs/project.schema.json describes it, and back. What is large is named by entries. */
public final class ProjectJson {
    private static final int VERSION = 5;
    private static final String DOCUMENT = "project.json";
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** The bytes that an entry names; nothing when they are missing. */
    public interface Entries {
        Optional<byte[]> of(String name);
    }

    private ProjectJson() {}

    /**
     * Reads a document.
     *
     * @param entries what it names
     * @param name for messages
     * @throws BadInput when it is damaged or newer than this Gray Kite
     */
    public static Project read(byte[] document, Entries entries, String name) {
        JsonNode json;
        try {
            JsonFactory factory = JsonFactory.builder()
                    .streamReadConstraints(
                            StreamReadConstraints.builder().maxNestingDepth(40).build())
                    .build();
            json = new ObjectMapper(factory).readTree(document);
        } catch (JsonProcessingException broken) {
            throw new BadInput(
                    name + ", " + DOCUMENT + ", line " + lineOf(broken)
                            + ": is not valid JSON. Open the last autosave from the start screen.",
                    broken);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        int version = json.path("version").asInt(-1);
        if (version < 1) {
            throw new BadInput(name + ": is not a Gray Kite project: it has no version.");
        }
        if (version > VERSION) {
            throw new BadInput(name + ": was saved by a newer Gray Kite (format " + version + "). Update to open it.");
        }
        Project project = state(json, entries, name);
        List<Version> versions = new ArrayList<>();
        for (JsonNode kept : WordsJson.limited(json.path("versions"))) {
            String which = name + ", version " + (versions.size() + 1);
            versions.add(version(kept, entries, which));
        }
        return project.withVersions(versions);
    }

    private static Version version(JsonNode json, Entries entries, String name) {
        try {
            return new Version(
                    json.path("name").asText(), json.path("when").asLong(), state(json.path("project"), entries, name));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(name + ": " + broken.getMessage(), broken);
        }
    }

    /** What values that cannot be are said to be, with their place. */
    private static <T> T placed(String place, Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException impossible) {
            throw new BadInput(place + ": " + impossible.getMessage(), impossible);
        }
    }

    /** A project without the versions that were kept of it. */
    private static Project state(JsonNode json, Entries entries, String name) {
        List<Line> lines = new ArrayList<>();
        // Up to format 4 a line was called a shot.
        JsonNode written = json.has("shots") ? json.path("shots") : json.path("lines");
        for (JsonNode line : written) {
            String place = name + ", line " + (lines.size() + 1);
            lines.add(placed(place, () -> LineJson.read(line, entries, place)));
        }
        List<SceneWork> scenes = new ArrayList<>();
        for (JsonNode scene : json.path("scenes")) {
            String place = name + ", scene " + (scenes.size() + 1);
            scenes.add(placed(place, () -> SceneJson.read(scene, place)));
        }
        try {
            FrameRate rate = new FrameRate(
                    json.path("rate").path("numerator").asInt(30),
                    json.path("rate").path("denominator").asInt(1));
            Project project = new Project(
                    json.path("title").asText("Untitled"),
                    cast(json, entries, name),
                    rate,
                    lines,
                    scenes,
                    dictionary(json, name),
                    views(json),
                    performances(json, ProjectShelf.of(entries, name)),
                    dressings(json),
                    List.of());
            for (int i = 0; i < lines.size(); i++) {
                project = SceneJson.withCompany(written.path(i), lines.get(i), project);
            }
            return project;
        } catch (IllegalArgumentException broken) {
            throw new BadInput(name + ": " + broken.getMessage(), broken);
        }
    }

    private static List<Performed> performances(JsonNode json, Shelf shelf) {
        List<Performed> kept = new ArrayList<>();
        for (JsonNode performance : WordsJson.limited(json.path("performances"))) {
            kept.add(MotionJson.read(performance, shelf));
        }
        return kept;
    }

    private static List<KeptView> views(JsonNode json) {
        List<KeptView> views = new ArrayList<>();
        for (JsonNode view : WordsJson.limited(json.path("views"))) {
            views.add(ViewJson.read(view));
        }
        return views;
    }

    private static Map<String, Dressing> dressings(JsonNode json) {
        Map<String, Dressing> dressings = new HashMap<>();
        for (JsonNode dressing : WordsJson.limited(json.path("stages"))) {
            dressings.put(dressing.path("of").asText(Project.EVERYWHERE), DressingJson.read(dressing));
        }
        return dressings;
    }

    /** Before there was a cast, every project had ours. */
    private static List<Member> cast(JsonNode json, Entries entries, String name) {
        if (!json.has("cast")) {
            return Project.OUR_CAST;
        }
        List<Member> cast = new ArrayList<>();
        for (JsonNode member : json.path("cast")) {
            cast.add(CastJson.read(member, entries, name + ", character " + (cast.size() + 1)));
        }
        return cast;
    }

    private static Map<String, Pronunciation> dictionary(JsonNode json, String name) {
        Map<String, Pronunciation> words = new HashMap<>();
        json.path("dictionary").properties().forEach(word -> {
            List<Phone> phones = new ArrayList<>();
            for (String phone : word.getValue().asText().strip().split("\\s+")) {
                phones.add(Phone.parse(phone)
                        .filter(p -> p != Phone.SIL)
                        .orElseThrow(() -> new BadInput(name + ", dictionary: \"" + phone + "\" in \"" + word.getKey()
                                + "\" is no phone. Remove the word.")));
            }
            words.put(word.getKey(), new Pronunciation(phones));
        });
        return words;
    }

    private static int lineOf(JsonProcessingException broken) {
        return broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
    }

    /** Writes the document of a file that holds recordings and figures beside it. */
    static byte[] write(Project project) throws IOException {
        return write(project, CastJson::entryName, Shelf.none());
    }

    /** Writes a document whose figures stand on a shelf. */
    static byte[] write(Project project, Shelf shelf) throws IOException {
        return write(project, member -> "cast/" + CastJson.keep(member, shelf) + CharacterStore.EXTENSION, shelf);
    }

    private static byte[] write(Project project, Function<Member, String> entries, Shelf shelf) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JsonGenerator json = new JsonFactory().createGenerator(out);
        json.useDefaultPrettyPrinter();
        json.writeStartObject();
        json.writeStringField("format", "graykite-project");
        json.writeNumberField("version", VERSION);
        writeState(project, json, entries, shelf);
        if (!project.versions().isEmpty()) {
            json.writeArrayFieldStart("versions");
            for (Version version : project.versions()) {
                json.writeStartObject();
                json.writeStringField("name", version.name());
                json.writeNumberField("when", version.when());
                json.writeObjectFieldStart("project");
                writeState(version.project(), json, entries, shelf);
                json.writeEndObject();
                json.writeEndObject();
            }
            json.writeEndArray();
        }
        json.writeEndObject();
        json.close();
        return out.toByteArray();
    }

    private static void writeState(Project project, JsonGenerator json, Function<Member, String> entries, Shelf shelf)
            throws IOException {
        json.writeStringField("title", project.title());
        json.writeArrayFieldStart("cast");
        for (Member member : project.cast()) {
            CastJson.write(member, json, entries);
        }
        json.writeEndArray();
        json.writeObjectFieldStart("rate");
        json.writeNumberField("numerator", project.rate().numerator());
        json.writeNumberField("denominator", project.rate().denominator());
        json.writeEndObject();
        if (!project.dictionary().isEmpty()) {
            json.writeObjectFieldStart("dictionary");
            for (Map.Entry<String, Pronunciation> word : new TreeMap<>(project.dictionary()).entrySet()) {
                json.writeStringField(word.getKey(), word.getValue().toString());
            }
            json.writeEndObject();
        }
        json.writeArrayFieldStart("lines");
        for (Line line : project.lines()) {
            LineJson.write(line, json, shelf);
        }
        json.writeEndArray();
        if (!project.scenes().isEmpty()) {
            ArrayNode scenes = MAPPER.createArrayNode();
            project.scenes().forEach(s -> SceneJson.write(s, scenes.addObject()));
            json.writeFieldName("scenes");
            MAPPER.writeTree(json, scenes);
        }
        if (!project.views().isEmpty()) {
            ArrayNode views = MAPPER.createArrayNode();
            project.views().forEach(v -> ViewJson.write(v, views.addObject()));
            json.writeFieldName("views");
            MAPPER.writeTree(json, views);
        }
        if (!project.dressings().isEmpty()) {
            ArrayNode stages = MAPPER.createArrayNode();
            new TreeMap<>(project.dressings()).forEach((of, dressing) -> {
                ObjectNode stage = stages.addObject().put("of", of);
                DressingJson.write(dressing, stage);
            });
            json.writeFieldName("stages");
            MAPPER.writeTree(json, stages);
        }
        if (!project.performances().isEmpty()) {
            ArrayNode kept = MAPPER.createArrayNode();
            project.performances().forEach(p -> MotionJson.write(p, kept.addObject(), shelf));
            json.writeFieldName("performances");
            MAPPER.writeTree(json, kept);
        }
    }
}
