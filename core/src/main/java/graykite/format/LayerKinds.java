package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.ClipsPlan;
import graykite.acting.CuesPlan;
import graykite.acting.InstinctsPlan;
import graykite.acting.LayerPlan;
import graykite.acting.Layers;
import graykite.acting.LooksPlan;
import graykite.acting.NeutralPlan;
import graykite.acting.OwnCurvesPlan;
import graykite.acting.PassesPlan;
import graykite.acting.PoseKey;
import graykite.acting.PosesPlan;
import graykite.acting.SpeechPlan;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Mask;
import graykite.rig.Channel;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every kind of layer that a file can hold: the one list that a new kind is added to. */
final class LayerKinds {
    /**
     * A kind of layer in files.
     *
     * @param name in the file
     * @param write what it has besides its setting
     */
    private record Kind<T extends LayerPlan>(String name, Class<T> type, Writer<T> write, Reader<T> read) {
        boolean writes(LayerPlan plan, ObjectNode json, Shelf shelf) {
            if (!type.isInstance(plan)) {
                return false;
            }
            json.put("kind", name);
            write.write(type.cast(plan), json, shelf);
            return true;
        }
    }

    private interface Writer<T> {
        void write(T plan, ObjectNode json, Shelf shelf);
    }

    private interface Reader<T> {
        T read(LayerSetting setting, JsonNode json, Shelf shelf);
    }

    private static final List<Kind<?>> ALL = List.of(
            new Kind<>("mouth", SpeechPlan.class, (p, json, shelf) -> {}, (s, json, shelf) -> new SpeechPlan(s)),
            new Kind<>(
                    "instincts",
                    InstinctsPlan.class,
                    (p, json, shelf) -> InstinctsJson.write(p, json),
                    (s, json, shelf) -> InstinctsJson.read(s, json)),
            new Kind<>(
                    "own-curves",
                    OwnCurvesPlan.class,
                    (p, json, shelf) -> {},
                    (s, json, shelf) -> new OwnCurvesPlan(s)),
            new Kind<>(
                    "poses",
                    PosesPlan.class,
                    (p, json, shelf) -> writeKeys(p.keys(), json.putArray("keys")),
                    (s, json, shelf) -> new PosesPlan(s, keys(json.path("keys")))),
            new Kind<>(
                    "clips",
                    ClipsPlan.class,
                    (p, json, shelf) -> ClipJson.write(p.clips(), json.putArray("clips"), shelf),
                    (s, json, shelf) -> new ClipsPlan(s, ClipJson.clips(json.path("clips"), shelf))),
            new Kind<>(
                    "looks",
                    LooksPlan.class,
                    (p, json, shelf) -> LookJson.write(p.looks(), json.putArray("looks")),
                    (s, json, shelf) -> new LooksPlan(s, LookJson.looks(json.path("looks")))),
            new Kind<>("cues", CuesPlan.class, CueJson::write, CueJson::read),
            new Kind<>("passes", PassesPlan.class, PassJson::write, PassJson::read),
            new Kind<>(
                    "neutral",
                    NeutralPlan.class,
                    (p, json, shelf) -> json.put("seconds", p.seconds()),
                    (s, json, shelf) -> new NeutralPlan(s, json.path("seconds").asDouble(0))));

    private LayerKinds() {}

    static Layers read(JsonNode json, Shelf shelf) {
        List<LayerPlan> plans = new ArrayList<>();
        for (JsonNode layer : WordsJson.limited(json)) {
            plans.add(plan(layer, shelf));
        }
        return new Layers(plans);
    }

    /** @throws IllegalArgumentException when the kind is unknown */
    static LayerPlan plan(JsonNode json, Shelf shelf) {
        String name = json.path("kind").asText();
        return ALL.stream()
                .filter(k -> k.name().equals(name))
                .findFirst()
                .<LayerPlan>map(k -> k.read().read(setting(json), json, shelf))
                .orElseThrow(() -> new IllegalArgumentException("There is no kind of layer \"" + name + "\"; known are "
                        + ALL.stream().map(Kind::name).collect(Collectors.joining(", ")) + "."));
    }

    static void write(Layers layers, ArrayNode json, Shelf shelf) {
        layers.plans().forEach(plan -> write(plan, json.addObject(), shelf));
    }

    static void write(LayerPlan plan, ObjectNode json, Shelf shelf) {
        if (ALL.stream().noneMatch(k -> k.writes(plan, json, shelf))) {
            throw new IllegalStateException(
                    "No file can hold the layer " + plan.setting().name() + ".");
        }
        LayerSetting setting = plan.setting();
        json.put("name", setting.name());
        json.put("blend", setting.blend().name().toLowerCase(Locale.ROOT));
        if (!setting.weight().equals(LayerSetting.always(1))) {
            CurveJson.write(setting.weight(), json.putArray("weight"));
        }
        if (setting.muted()) {
            json.put("muted", true);
        }
        if (!setting.mask().equals(Mask.EVERYTHING)) {
            ObjectNode mask = json.putObject("mask");
            ArrayNode regions = mask.putArray("regions");
            setting.mask().regions().stream()
                    .map(r -> r.name().toLowerCase(Locale.ROOT))
                    .sorted()
                    .forEach(regions::add);
            ArrayNode channels = mask.putArray("channels");
            setting.mask().channels().stream().sorted().forEach(channels::add);
        }
    }

    private static LayerSetting setting(JsonNode json) {
        return new LayerSetting(
                json.path("name").asText(),
                json.has("weight") ? CurveJson.read(json.path("weight")) : LayerSetting.always(1),
                named(Blend.values(), json.path("blend").asText("add")),
                mask(json.path("mask")),
                json.path("muted").asBoolean(false));
    }

    private static Mask mask(JsonNode json) {
        Set<Channel.Group> regions = new HashSet<>();
        json.path("regions").forEach(r -> regions.add(named(Channel.Group.values(), r.asText())));
        Set<String> channels = new HashSet<>();
        json.path("channels").forEach(c -> channels.add(c.asText()));
        return new Mask(regions, channels);
    }

    private static <E extends Enum<E>> E named(E[] values, String name) {
        return Stream.of(values)
                .filter(v -> v.name().equals(name.toUpperCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no \"" + name + "\" here; choose one of "
                        + Stream.of(values)
                                .map(v -> v.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + "."));
    }

    private static List<PoseKey> keys(JsonNode json) {
        List<PoseKey> keys = new ArrayList<>();
        for (JsonNode key : WordsJson.limited(json)) {
            keys.add(key(key));
        }
        return keys;
    }

    static PoseKey key(JsonNode json) {
        return new PoseKey(
                WordsJson.place(json.has("at") ? json.path("at") : json.path("time")),
                json.path("pose").asText(),
                json.path("strength").asDouble(1),
                json.path("ease").asDouble(PoseKey.USUAL_EASE));
    }

    private static void writeKeys(List<PoseKey> keys, ArrayNode json) {
        keys.forEach(k -> write(k, json.addObject()));
    }

    static void write(PoseKey key, ObjectNode json) {
        WordsJson.write(key.at(), json.putObject("at"));
        json.put("pose", key.pose()).put("strength", key.strength()).put("ease", key.ease());
    }
}
