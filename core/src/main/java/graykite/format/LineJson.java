package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Layers;
import graykite.acting.PoseKey;
import graykite.base.BadInput;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.Review;
import graykite.project.SoundFile;
import graykite.project.Voice;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.text.Language;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A line of a project as JSON, and back. */
final class LineJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private LineJson() {}

    /** @param place for messages */
    static Line read(JsonNode json, ProjectJson.Entries entries, String place) {
        Optional<SoundFile> sound = Optional.empty();
        if (json.hasNonNull("sound")) {
            String entry = json.path("sound").path("entry").asText();
            byte[] content = entries.of(entry)
                    .orElseThrow(
                            () -> new BadInput(place + ": its recording \"" + entry + "\" is missing from the file."));
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
                    layers(json, timing, ProjectShelf.of(entries, place)),
                    json.hasNonNull("reference")
                            ? Optional.of(ReferenceJson.read(json.path("reference")))
                            : Optional.empty(),
                    ReviewJson.read(json.path("review")));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    static Voice voice(JsonNode json) {
        return new Voice(
                json.path("gain").asDouble(0),
                json.path("startFrame").asLong(0),
                json.hasNonNull("channel") ? Optional.of(json.path("channel").asInt()) : Optional.empty(),
                Language.parse(json.path("language").asText("en")).orElse(Language.ENGLISH),
                WordsJson.timeMap(json.path("retiming")));
    }

    private static Layers layers(JsonNode json, Optional<Timing> timing, Shelf shelf) {
        if (json.has("layers")) {
            return LayerKinds.read(json.path("layers"), shelf);
        }
        // Up to format 4 keys stood at plain times.
        WordFinder words = new WordFinder(timing.orElse(Timing.empty(0)));
        List<PoseKey> keys = new ArrayList<>();
        for (JsonNode key : WordsJson.limited(json.path("poses"))) {
            keys.add(LayerKinds.key(key).movedTo(Place.at(key.path("time").asDouble(), words)));
        }
        return Layers.usual().withSeed(json.path("seed").asLong(1)).withKeys(keys);
    }

    static void write(Line line, JsonGenerator json, Shelf shelf) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", line.id());
        json.writeStringField("title", line.title());
        json.writeStringField("speaker", line.speaker());
        json.writeStringField("script", line.script());
        if (line.draft()) {
            json.writeBooleanField("draft", true);
        }
        if (line.sound().isPresent()) {
            json.writeObjectFieldStart("sound");
            json.writeStringField("name", line.sound().get().name());
            json.writeStringField("entry", entryName(line.sound().get()));
            json.writeEndObject();
        }
        if (!line.voice().equals(Voice.PLAIN)) {
            ObjectNode voice = MAPPER.createObjectNode();
            write(line.voice(), voice);
            json.writeFieldName("voice");
            MAPPER.writeTree(json, voice);
        }
        ObjectNode mouth = MAPPER.createObjectNode();
        MouthJson.write(line.mouth(), mouth);
        json.writeFieldName("mouth");
        MAPPER.writeTree(json, mouth);
        if (!line.layers().equals(Layers.usual())) {
            ArrayNode layers = MAPPER.createArrayNode();
            LayerKinds.write(line.layers(), layers, shelf);
            json.writeFieldName("layers");
            MAPPER.writeTree(json, layers);
        }
        if (line.reference().isPresent()) {
            ObjectNode reference = MAPPER.createObjectNode();
            ReferenceJson.write(line.reference().get(), reference);
            json.writeFieldName("reference");
            MAPPER.writeTree(json, reference);
        }
        if (!line.review().equals(Review.NOTHING)) {
            ObjectNode review = MAPPER.createObjectNode();
            ReviewJson.write(line.review(), review);
            json.writeFieldName("review");
            MAPPER.writeTree(json, review);
        }
        if (line.timing().isPresent()) {
            json.writeFieldName("reading");
            TimingJson.write(line.timing().get(), json);
        }
        json.writeEndObject();
    }

    static void write(Voice voice, ObjectNode json) {
        json.put("gain", voice.gain());
        json.put("startFrame", voice.startFrame());
        json.put("language", voice.language().code());
        voice.channel().ifPresent(c -> json.put("channel", c));
        if (!voice.retiming().isSame()) {
            WordsJson.write(voice.retiming(), json.putArray("retiming"));
        }
    }

    /** Where a recording stands in the file: under its hash, so that it stands there once. */
    static String entryName(SoundFile sound) {
        String name = sound.name();
        String extension = name.contains(".") ? name.substring(name.lastIndexOf('.')) : "";
        return "sounds/" + sound.hash() + extension.replaceAll("[^A-Za-z0-9.]", "");
    }
}
