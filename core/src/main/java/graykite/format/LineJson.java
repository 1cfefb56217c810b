package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.PoseKey;
import graykite.base.BadInput;
import graykite.project.Companion;
import graykite.project.Project;
import graykite.project.Line;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.reading.Timing;
import graykite.text.Language;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** A line of a project as JSON, and back. */
final class LineJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private LineJson() {}

    /** @param place for messages */
    static Line read(JsonNode json, Map<String, byte[]> entries, String place) {
        Optional<SoundFile> sound = Optional.empty();
        if (json.hasNonNull("sound")) {
            String entry = json.path("sound").path("entry").asText();
            byte[] content = entries.get(entry);
            if (content == null) {
                throw new BadInput(place + ": its recording \"" + entry + "\" is missing from the file.");
            }
            sound = Optional.of(new SoundFile(json.path("sound").path("name").asText("sound"), content));
        }
        Optional<Timing> timing = json.hasNonNull("reading")
                ? Optional.of(TimingJson.read(json.path("reading"), place))
                : Optional.empty();
        try {
            return new Line(
                    json.path("id").asText(Project.newId()),
                    json.path("title").asText(""),
                    json.path("speaker").asText("").toLowerCase(Locale.ROOT),
                    sound,
                    voice(json.path("voice")),
                    json.path("script").asText(""),
                    json.path("draft").asBoolean(false),
                    timing,
                    MouthJson.read(json.path("mouth")),
                    new Line.Acting(json.path("seed").asLong(1), keys(json), company(json)));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    private static Voice voice(JsonNode json) {
        return new Voice(
                json.path("gain").asDouble(0),
                json.path("startFrame").asLong(0),
                json.hasNonNull("channel") ? Optional.of(json.path("channel").asInt()) : Optional.empty(),
                Language.parse(json.path("language").asText("en")).orElse(Language.ENGLISH));
    }

    private static List<PoseKey> keys(JsonNode json) {
        List<PoseKey> keys = new ArrayList<>();
        for (JsonNode key : json.path("poses")) {
            keys.add(new PoseKey(
                    key.path("time").asDouble(),
                    key.path("pose").asText(),
                    key.path("strength").asDouble(1),
                    key.path("ease").asDouble(PoseKey.USUAL_EASE)));
        }
        return keys;
    }

    private static List<Companion> company(JsonNode json) {
        List<Companion> company = new ArrayList<>();
        for (JsonNode other : json.path("company")) {
            company.add(new Companion(
                    other.path("member").asText(),
                    other.hasNonNull("line") ? Optional.of(other.path("line").asText()) : Optional.empty(),
                    other.path("start").asDouble(0)));
        }
        return company;
    }

    static void write(Line line, JsonGenerator json) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", line.id());
        json.writeStringField("title", line.title());
        json.writeStringField("speaker", line.speaker());
        json.writeStringField("script", line.script());
        if (line.draft()) {
            json.writeBooleanField("draft", true);
        }
        json.writeNumberField("seed", line.seed());
        if (line.sound().isPresent()) {
            json.writeObjectFieldStart("sound");
            json.writeStringField("name", line.sound().get().name());
            json.writeStringField("entry", entryName(line));
            json.writeEndObject();
        }
        if (!line.voice().equals(Voice.PLAIN)) {
            json.writeObjectFieldStart("voice");
            json.writeNumberField("gain", line.voice().gain());
            json.writeNumberField("startFrame", line.voice().startFrame());
            json.writeStringField("language", line.voice().language().code());
            if (line.voice().channel().isPresent()) {
                json.writeNumberField("channel", line.voice().channel().get());
            }
            json.writeEndObject();
        }
        ObjectNode mouth = MAPPER.createObjectNode();
        MouthJson.write(line.mouth(), mouth);
        json.writeFieldName("mouth");
        MAPPER.writeTree(json, mouth);
        if (!line.keys().isEmpty()) {
            json.writeArrayFieldStart("poses");
            for (PoseKey key : line.keys()) {
                json.writeStartObject();
                json.writeNumberField("time", key.time());
                json.writeStringField("pose", key.pose());
                json.writeNumberField("strength", key.strength());
                json.writeNumberField("ease", key.ease());
                json.writeEndObject();
            }
            json.writeEndArray();
        }
        if (!line.company().isEmpty()) {
            json.writeArrayFieldStart("company");
            for (Companion other : line.company()) {
                json.writeStartObject();
                json.writeStringField("member", other.member());
                if (other.line().isPresent()) {
                    json.writeStringField("line", other.line().get());
                }
                json.writeNumberField("start", other.start());
                json.writeEndObject();
            }
            json.writeEndArray();
        }
        if (line.timing().isPresent()) {
            json.writeFieldName("reading");
            TimingJson.write(line.timing().get(), json);
        }
        json.writeEndObject();
    }

    /** Where a line's recording stands in the file; ids and names are made safe for any file system. */
    static String entryName(Line line) {
        String name = line.sound().orElseThrow().name();
        String extension = name.contains(".") ? name.substring(name.lastIndexOf('.')) : "";
        return "sounds/" + line.id().replaceAll("[^A-Za-z0-9-]", "_") + extension.replaceAll("[^A-Za-z0-9.]", "");
    }
}
