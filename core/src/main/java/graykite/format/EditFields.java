package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.mouth.MotionStyle;
import graykite.project.SoundFile;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The fields of one edit as JSON: says plainly what is missing or of the wrong kind. */
record EditFields(ObjectNode json, Shelf shelf) {
    private static final long MOST_BYTES = 1_500_000_000;

    JsonNode node(String name) {
        if (!json.hasNonNull(name)) {
            throw new BadInput("the field \"" + name + "\" is missing.");
        }
        return json.path(name);
    }

    boolean has(String name) {
        return json.hasNonNull(name);
    }

    String text(String name) {
        if (!node(name).isTextual()) {
            throw new BadInput("the field \"" + name + "\" is a text.");
        }
        return node(name).asText();
    }

    String text(String name, String otherwise) {
        return has(name) ? text(name) : otherwise;
    }

    double number(String name) {
        if (!node(name).isNumber()) {
            throw new BadInput("the field \"" + name + "\" is a number.");
        }
        return node(name).asDouble();
    }

    double number(String name, double otherwise) {
        return has(name) ? number(name) : otherwise;
    }

    int whole(String name) {
        if (!node(name).isIntegralNumber() || !node(name).canConvertToInt()) {
            throw new BadInput("the field \"" + name + "\" is a whole number.");
        }
        return node(name).asInt();
    }

    int whole(String name, int otherwise) {
        return has(name) ? whole(name) : otherwise;
    }

    boolean flag(String name, boolean otherwise) {
        if (has(name) && !node(name).isBoolean()) {
            throw new BadInput("the field \"" + name + "\" is true or false.");
        }
        return has(name) ? node(name).asBoolean() : otherwise;
    }

    EditFields put(String name, String text) {
        json.put(name, text);
        return this;
    }

    EditFields put(String name, double number) {
        json.put(name, number);
        return this;
    }

    EditFields put(String name, int number) {
        json.put(name, number);
        return this;
    }

    EditFields put(String name, boolean flag) {
        json.put(name, flag);
        return this;
    }

    ObjectNode object(String name) {
        return json.putObject(name);
    }

    Phone phone(String name) {
        return Phone.parse(text(name))
                .filter(p -> p != Phone.SIL)
                .orElseThrow(() ->
                        new BadInput("there is no sound \"" + json.path(name).asText() + "\"."));
    }

    Pronunciation said(String name) {
        return pronunciation(text(name));
    }

    static Pronunciation pronunciation(String text) {
        List<Phone> phones = new ArrayList<>();
        for (String name : text.strip().split("\\s+")) {
            phones.add(Phone.parse(name)
                    .filter(p -> p != Phone.SIL)
                    .orElseThrow(() -> new BadInput("there is no sound \"" + name + "\" in \"" + text + "\".")));
        }
        return new Pronunciation(phones);
    }

    Optional<MotionStyle> motion() {
        if (!has("motion")) {
            return Optional.empty();
        }
        String word = text("motion");
        return Optional.of(MotionStyle.parse(word)
                .orElseThrow(() -> new BadInput("the motion is flowing, crisp or held, not \"" + word + "\".")));
    }

    /** A recording: stored under a hash, or a file beside the script. */
    SoundFile recording(String name) {
        JsonNode node = node(name);
        if (node.hasNonNull("sha256")) {
            String hash = hash(node.path("sha256").asText());
            return new SoundFile(node.path("name").asText("sound"), shelf.content(hash));
        }
        if (!node.hasNonNull("file")) {
            throw new BadInput("the field \"" + name + "\" names a \"file\".");
        }
        Path file = shelf.file(node.path("file").asText());
        try {
            if (Files.size(file) > MOST_BYTES) {
                throw BadInput.inFile(file, "is larger than 1.5 GB. Cut it into lines, or save it as FLAC first.");
            }
            return new SoundFile(file.getFileName().toString(), Files.readAllBytes(file));
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    void put(String name, SoundFile recording) {
        object(name).put("name", recording.name()).put("sha256", shelf.keep(recording.content(), recording.hash()));
    }

    static String hash(String text) {
        String hash = text.toLowerCase(Locale.ROOT);
        if (!hash.matches("[0-9a-f]{64}")) {
            throw new BadInput("\"" + text + "\" is no SHA-256.");
        }
        return hash;
    }
}
