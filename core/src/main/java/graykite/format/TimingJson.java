package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonNode;
import graykite.base.BadInput;
import graykite.reading.MissingWord;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordSource;
import graykite.text.Phone;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** A reading inside JSON documents: words with their phones, times in seconds. */
public final class TimingJson {
    private TimingJson() {}

    public static void write(Timing timing, JsonGenerator json) throws IOException {
        json.writeStartObject();
        json.writeNumberField("duration", rounded(timing.duration()));
        json.writeArrayFieldStart("words");
        for (TimedWord word : timing.words()) {
            json.writeStartObject();
            json.writeStringField("text", word.text());
            json.writeStringField("mark", word.mark());
            json.writeNumberField("start", rounded(word.start()));
            json.writeNumberField("end", rounded(word.end()));
            json.writeBooleanField("guessed", word.guessed());
            if (word.source() == WordSource.SOUND) {
                json.writeBooleanField("unscripted", true);
            }
            json.writeNumberField("fit", Math.round(word.fit() * 1000) / 1000.0);
            json.writeArrayFieldStart("phones");
            for (TimedPhone phone : word.phones()) {
                json.writeStartObject();
                json.writeStringField("phone", phone.phone().name());
                json.writeNumberField("start", rounded(phone.start()));
                json.writeNumberField("end", rounded(phone.end()));
                if (phone.pinned()) {
                    json.writeBooleanField("pinned", true);
                }
                json.writeEndObject();
            }
            json.writeEndArray();
            json.writeEndObject();
        }
        json.writeEndArray();
        if (!timing.missing().isEmpty()) {
            json.writeArrayFieldStart("missing");
            for (MissingWord word : timing.missing()) {
                json.writeStartObject();
                json.writeStringField("text", word.text());
                json.writeStringField("mark", word.mark());
                json.writeNumberField("before", word.before());
                json.writeEndObject();
            }
            json.writeEndArray();
        }
        json.writeEndObject();
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @param place where in which file this stands, for messages
     * @throws BadInput when something is missing or out of order
     */
    public static Timing read(JsonNode json, String place) {
        List<TimedWord> words = new ArrayList<>();
        try {
            for (JsonNode word : json.path("words")) {
                List<TimedPhone> phones = new ArrayList<>();
                for (JsonNode phone : word.path("phones")) {
                    String name = phone.path("phone").asText();
                    phones.add(new TimedPhone(
                            Phone.parse(name)
                                    .orElseThrow(() -> new IllegalArgumentException("no phone \"" + name + "\"")),
                            phone.path("start").asDouble(-1),
                            phone.path("end").asDouble(-1),
                            phone.path("pinned").asBoolean(false)));
                }
                words.add(new TimedWord(
                        word.path("text").asText(),
                        word.path("mark").asText(""),
                        phones,
                        source(word),
                        word.path("fit").asDouble(1)));
            }
            List<MissingWord> missing = new ArrayList<>();
            for (JsonNode word : json.path("missing")) {
                missing.add(new MissingWord(
                        word.path("text").asText(),
                        word.path("mark").asText(""),
                        word.path("before").asInt(-1)));
            }
            return new Timing(words, missing, json.path("duration").asDouble(-1));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(
                    place + ": word " + (words.size() + 1) + " of the reading is damaged (" + broken.getMessage()
                            + "). Read the line again.",
                    broken);
        }
    }

    private static WordSource source(JsonNode word) {
        if (word.path("unscripted").asBoolean(false)) {
            return WordSource.SOUND;
        }
        return word.path("guessed").asBoolean(false) ? WordSource.LETTERS : WordSource.DICTIONARY;
    }

    private static double rounded(double seconds) {
        return Math.round(seconds * 1e6) / 1e6;
    }
}
