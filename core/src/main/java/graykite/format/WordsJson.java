package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.reading.Anchor;
import graykite.reading.Moorings;
import graykite.reading.Place;
import graykite.text.Phone;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What hangs on words as JSON, and back: anchors, places, moorings; and ways from one clock to another. */
final class WordsJson {
    private static final int MOST = 20_000;

    private WordsJson() {}

    /** @throws IllegalArgumentException when a list is longer than anybody could have made it */
    static JsonNode limited(JsonNode list) {
        if (list.size() > MOST) {
            throw new IllegalArgumentException(
                    "A line has at most " + MOST + " edits of a kind, not " + list.size() + ".");
        }
        return list;
    }

    static Anchor anchor(JsonNode json) {
        List<String> before = new ArrayList<>();
        json.path("before").forEach(w -> before.add(w.asText()));
        List<String> after = new ArrayList<>();
        json.path("after").forEach(w -> after.add(w.asText()));
        return new Anchor(
                json.path("word").asText(),
                before,
                after,
                json.path("twins").asInt(1),
                json.path("place").asDouble(0),
                json.path("phone").asInt(-1),
                json.has("sound") ? phone(json.path("sound").asText()) : Phone.SIL);
    }

    private static Phone phone(String name) {
        return Phone.parse(name).orElseThrow(() -> new IllegalArgumentException("There is no sound \"" + name + "\"."));
    }

    static void write(Anchor anchor, ObjectNode json) {
        json.put("word", anchor.word());
        ArrayNode before = json.putArray("before");
        anchor.before().forEach(before::add);
        ArrayNode after = json.putArray("after");
        anchor.after().forEach(after::add);
        json.put("twins", anchor.twins()).put("place", anchor.place());
        if (!anchor.isWord()) {
            json.put("phone", anchor.phone()).put("sound", anchor.sound().name());
        }
    }

    static Place place(JsonNode json) {
        if (json.isNumber()) {
            return Place.at(json.asDouble());
        }
        return new Place(
                json.hasNonNull("word") ? Optional.of(anchor(json.path("word"))) : Optional.empty(),
                json.path("part").asDouble(0),
                json.path("offset").asDouble(0),
                json.path("time").asDouble(0));
    }

    static void write(Place place, ObjectNode json) {
        json.put("time", place.time());
        place.word().ifPresent(w -> {
            json.put("part", place.part()).put("offset", place.offset());
            write(w, json.putObject("word"));
        });
    }

    static Moorings moorings(JsonNode json) {
        List<Moorings.Mooring> words = new ArrayList<>();
        for (JsonNode word : limited(json)) {
            words.add(new Moorings.Mooring(
                    anchor(word.path("word")),
                    word.path("start").asDouble(),
                    word.path("end").asDouble()));
        }
        return new Moorings(words);
    }

    static void write(Moorings moorings, ArrayNode json) {
        for (Moorings.Mooring mooring : moorings.words()) {
            ObjectNode node = json.addObject().put("start", mooring.start()).put("end", mooring.end());
            write(mooring.word(), node.putObject("word"));
        }
    }

    static TimeMap timeMap(JsonNode json) {
        List<TimeMap.Pair> pairs = new ArrayList<>();
        for (JsonNode pair : limited(json)) {
            pairs.add(new TimeMap.Pair(
                    pair.path("from").asDouble(), pair.path("to").asDouble()));
        }
        return new TimeMap(pairs);
    }

    static void write(TimeMap map, ArrayNode json) {
        map.pairs().forEach(p -> json.addObject().put("from", p.from()).put("to", p.to()));
    }
}
