package graykite.delivery;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.base.HandFile;
import graykite.picture.Lighting;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** Presets of deliveries (docs/delivery.schema.json) as files of their own, meant to be read, edited by hand and shared. */
public final class OrderFiles {
    public static final String EXTENSION = ".kite-delivery.json";

    private static final String FORMAT = "graykite-delivery";
    private static final Set<String> FIELDS = Set.of(
            "format",
            "version",
            "name",
            "kinds",
            "rate",
            "range",
            "preRoll",
            "postRoll",
            "startFrame",
            "thinning",
            "channels",
            "figure",
            "compact",
            "size",
            "views",
            "background",
            "light",
            "deep",
            "names");

    private static final String STAGE = "stage";

    private OrderFiles() {}

    public static void save(Order order, Path file) {
        ObjectNode json = HandFile.MAPPER.createObjectNode();
        json.put("format", FORMAT).put("version", 1).put("name", order.name());
        ArrayNode kinds = json.putArray("kinds");
        order.kinds().forEach(k -> kinds.add(k.id()));
        order.rate().ifPresent(r -> json.put("rate", r.numerator() + "/" + r.denominator()));
        Span span = order.span();
        if (!span.range().isEmpty()) {
            json.put("range", span.range());
        }
        json.put("preRoll", span.preRoll()).put("postRoll", span.postRoll());
        span.startFrame().ifPresent(f -> json.put("startFrame", f));
        json.put("thinning", order.curves().thinning());
        ArrayNode channels = json.putArray("channels");
        order.curves().channels().forEach(channels::add);
        json.put("figure", order.curves().figure());
        json.put("compact", order.curves().compact());
        json.put("size", order.pictures().size());
        ArrayNode views = json.putArray("views");
        order.pictures().views().forEach(views::add);
        json.put("background", order.pictures().behind().word());
        json.put("light", order.pictures().light().map(Lighting::text).orElse(STAGE));
        json.put("deep", order.pictures().deep());
        json.put("names", order.names());
        HandFile.write(json, file);
    }

    /** @throws BadInput when the file is missing, damaged, or holds a mistake */
    public static Order open(Path file) {
        JsonNode json = HandFile.parse(file, FORMAT, "delivery preset");
        try {
            return read(json);
        } catch (IllegalArgumentException | BadInput mistake) {
            throw BadInput.inFile(file, "holds a mistake: " + mistake.getMessage(), mistake);
        }
    }

    /** The presets that ship with Gray Kite, in the order of lists. */
    public static List<Order> shipped() {
        List<Order> orders = new ArrayList<>();
        for (String name : List.of("engine", "edit", "drawing", "subtitles")) {
            try (InputStream in = OrderFiles.class.getResourceAsStream("/graykite/deliveries/" + name + EXTENSION)) {
                orders.add(read(HandFile.MAPPER.readTree(in)));
            } catch (IOException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return List.copyOf(orders);
    }

    /** A preset that ships, by what people call it. */
    public static Optional<Order> shipped(String name) {
        return shipped().stream()
                .filter(o -> o.name().equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    private static Order read(JsonNode json) {
        json.fieldNames().forEachRemaining(field -> {
            if (!FIELDS.contains(field)) {
                throw HandFile.mistake("\"" + field + "\" is none of its fields");
            }
        });
        EnumSet<Kind> kinds = EnumSet.noneOf(Kind.class);
        texts(json, "kinds", List.of()).forEach(k -> kinds.add(Kind.parse(k)));
        Span span = Span.WHOLE
                .withRolls((int) HandFile.number(json, "preRoll", 0, "delivery"), (int)
                        HandFile.number(json, "postRoll", 0, "delivery"))
                .withStartFrame(
                        json.has("startFrame")
                                ? OptionalLong.of((long) HandFile.number(json, "startFrame", 0, "delivery"))
                                : OptionalLong.empty());
        String range = json.path("range").asText("");
        Order.Pictures pictures = Order.Pictures.STANDARD
                .sized(json.path("size").asText("720"))
                .seen(texts(json, "views", List.of("front")))
                .before(Behind.of(json.path("background").asText("stage")))
                .lit(light(json.path("light").asText(STAGE)))
                .deep(json.path("deep").asBoolean(false));
        return new Order(
                json.path("name").asText(""),
                kinds,
                json.has("rate") ? Optional.of(FrameRate.parse(json.path("rate").asText())) : Optional.empty(),
                range.isBlank() ? span : span.withRange(range),
                new Order.Curves(
                        HandFile.number(json, "thinning", 0, "delivery"),
                        texts(json, "channels", List.of()),
                        json.path("figure").asBoolean(true),
                        json.path("compact").asBoolean(false)),
                pictures,
                json.path("names").asText(NameTemplate.USUAL));
    }

    private static List<String> texts(JsonNode json, String field, List<String> usual) {
        if (!json.has(field)) {
            return usual;
        }
        if (!json.path(field).isArray()) {
            throw HandFile.mistake("\"" + field + "\" is a list, not " + json.path(field));
        }
        List<String> texts = new ArrayList<>();
        json.path(field).forEach(t -> texts.add(t.asText()));
        return texts;
    }

    /** How everybody is lit; empty for "stage": as on the stage. @throws IllegalArgumentException when there is no such light */
    public static Optional<Lighting> light(String text) {
        return text.strip().equalsIgnoreCase(STAGE) ? Optional.empty() : Optional.of(Lighting.of(text));
    }
}
