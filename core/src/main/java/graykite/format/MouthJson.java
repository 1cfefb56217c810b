package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.format.character.RigJson;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.reading.Anchor;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.rig.Pose;
import graykite.text.Phone;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Everything that was decided about the mouth of a line as JSON, and back. */
final class MouthJson {
    private static final int MOST = 20_000;

    private MouthJson() {}

    /** @throws IllegalArgumentException when a figure is out of its range or a name is unknown */
    static MouthWork read(JsonNode json) {
        MouthSettings usual = MouthSettings.STANDARD;
        Diction diction = json.has("diction")
                ? diction(json.path("diction"))
                // Before there was diction a line had strength and smoothness alone.
                : Diction.PLAIN
                        .withStrength(
                                json.path("strength").asDouble(usual.diction().strength()))
                        .withSmooth(json.path("smoothness").asDouble(1));
        MouthSettings settings = new MouthSettings(
                diction,
                json.path("lead").asDouble(usual.lead()),
                motion(json),
                json.path("leastHold").asInt(usual.leastHold()),
                json.path("pop").asDouble(usual.pop()),
                json.path("stick").asDouble(usual.stick()));
        List<Section> sections = new ArrayList<>();
        for (JsonNode section : limited(json.path("sections"))) {
            sections.add(new Section(
                    anchor(section.path("first")),
                    anchor(section.path("last")),
                    diction(section.path("diction")),
                    motion(section),
                    section.path("blend").asDouble(Section.USUAL_BLEND)));
        }
        List<TouchUp> touchUps = new ArrayList<>();
        for (JsonNode touch : limited(json.path("touchUps"))) {
            touchUps.add(touchUp(touch));
        }
        List<TakenCurve> curves = new ArrayList<>();
        for (JsonNode curve : limited(json.path("curves"))) {
            curves.add(new TakenCurve(
                    curve.path("channel").asText(),
                    curve(curve.path("keys")),
                    anchor(curve.path("first")),
                    anchor(curve.path("last")),
                    curve.path("firstTime").asDouble(),
                    curve.path("lastTime").asDouble()));
        }
        return new MouthWork(settings, sections, touchUps, curves);
    }

    private static JsonNode limited(JsonNode list) {
        if (list.size() > MOST) {
            throw new IllegalArgumentException(
                    "A line has at most " + MOST + " edits of a kind, not " + list.size() + ".");
        }
        return list;
    }

    static Diction diction(JsonNode json) {
        Map<String, Double> shapes = new java.util.TreeMap<>();
        json.path("shapes")
                .properties()
                .forEach(s -> shapes.put(s.getKey(), s.getValue().asDouble(1)));
        Diction plain = Diction.PLAIN;
        return new Diction(
                json.path("strength").asDouble(plain.strength()),
                json.path("open").asDouble(1),
                json.path("wide").asDouble(1),
                json.path("firm").asDouble(1),
                json.path("round").asDouble(1),
                json.path("smooth").asDouble(1),
                shapes);
    }

    private static Optional<MotionStyle> motion(JsonNode json) {
        if (!json.hasNonNull("motion")) {
            return Optional.empty();
        }
        String word = json.path("motion").asText();
        return Optional.of(MotionStyle.parse(word)
                .orElseThrow(() ->
                        new IllegalArgumentException("The motion is flowing, crisp or held, not \"" + word + "\".")));
    }

    private static TouchUp touchUp(JsonNode json) {
        Optional<TouchUp.Blend> blend = json.has("blend")
                ? Optional.of(new TouchUp.Blend(
                        json.path("blend").path("shape").asText(),
                        json.path("blend").path("share").asDouble()))
                : Optional.empty();
        Optional<Pose> pose = json.has("pose")
                ? Optional.ofNullable(RigJson.poses(json.path("pose")).get("pose"))
                : Optional.empty();
        return new TouchUp(
                anchor(json.path("at")),
                json.hasNonNull("shape") ? Optional.of(json.path("shape").asText()) : Optional.empty(),
                blend,
                pose,
                json.path("strength").asDouble(1),
                json.path("length").asDouble(1),
                json.path("shift").asDouble(0),
                json.path("hold").asDouble(0),
                json.path("removed").asBoolean(false),
                json.path("muted").asBoolean(false));
    }

    private static Anchor anchor(JsonNode json) {
        List<String> before = new ArrayList<>();
        json.path("before").forEach(w -> before.add(w.asText()));
        List<String> after = new ArrayList<>();
        json.path("after").forEach(w -> after.add(w.asText()));
        Phone sound = json.has("sound")
                ? Phone.parse(json.path("sound").asText())
                        .orElseThrow(() -> new IllegalArgumentException(
                                "There is no sound \"" + json.path("sound").asText() + "\"."))
                : Phone.SIL;
        return new Anchor(
                json.path("word").asText(),
                before,
                after,
                json.path("twins").asInt(1),
                json.path("place").asDouble(0),
                json.path("phone").asInt(-1),
                sound);
    }

    private static Curve curve(JsonNode json) {
        List<Key> keys = new ArrayList<>();
        for (JsonNode key : limited(json)) {
            keys.add(new Key(
                    key.path("time").asDouble(),
                    key.path("value").asDouble(),
                    Key.Way.valueOf(key.path("way").asText("SMOOTH")),
                    key.path("in").asDouble(0),
                    key.path("out").asDouble(0)));
        }
        return new Curve(keys);
    }

    static void write(MouthWork work, ObjectNode json) {
        MouthSettings settings = work.settings();
        write(settings.diction(), json.putObject("diction"));
        json.put("lead", settings.lead());
        settings.motion().ifPresent(m -> json.put("motion", m.word()));
        json.put("leastHold", settings.leastHold());
        json.put("pop", settings.pop());
        json.put("stick", settings.stick());
        if (!work.sections().isEmpty()) {
            ArrayNode sections = json.putArray("sections");
            for (Section section : work.sections()) {
                ObjectNode node = sections.addObject();
                write(section.first(), node.putObject("first"));
                write(section.last(), node.putObject("last"));
                write(section.diction(), node.putObject("diction"));
                section.motion().ifPresent(m -> node.put("motion", m.word()));
                node.put("blend", section.blend());
            }
        }
        if (!work.touchUps().isEmpty()) {
            ArrayNode touchUps = json.putArray("touchUps");
            work.touchUps().forEach(t -> write(t, touchUps.addObject()));
        }
        if (!work.curves().isEmpty()) {
            ArrayNode curves = json.putArray("curves");
            for (TakenCurve curve : work.curves()) {
                ObjectNode node = curves.addObject().put("channel", curve.channel());
                ArrayNode keys = node.putArray("keys");
                for (Key key : curve.curve().keys()) {
                    keys.addObject()
                            .put("time", key.time())
                            .put("value", key.value())
                            .put("way", key.way().name())
                            .put("in", key.in())
                            .put("out", key.out());
                }
                write(curve.first(), node.putObject("first"));
                write(curve.last(), node.putObject("last"));
                node.put("firstTime", curve.firstTime());
                node.put("lastTime", curve.lastTime());
            }
        }
    }

    static void write(Diction diction, ObjectNode json) {
        json.put("strength", diction.strength())
                .put("open", diction.open())
                .put("wide", diction.wide())
                .put("firm", diction.firm())
                .put("round", diction.round())
                .put("smooth", diction.smooth());
        if (!diction.shapes().isEmpty()) {
            ObjectNode shapes = json.putObject("shapes");
            diction.shapes().forEach(shapes::put);
        }
    }

    private static void write(TouchUp touch, ObjectNode json) {
        write(touch.at(), json.putObject("at"));
        touch.shape().ifPresent(s -> json.put("shape", s));
        touch.blend()
                .ifPresent(b -> json.putObject("blend").put("shape", b.shape()).put("share", b.share()));
        touch.pose().ifPresent(p -> RigJson.write(Map.of("pose", p), json.putObject("pose")));
        json.put("strength", touch.strength());
        json.put("length", touch.length());
        json.put("shift", touch.shift());
        json.put("hold", touch.hold());
        json.put("removed", touch.removed());
        json.put("muted", touch.muted());
    }

    private static void write(Anchor anchor, ObjectNode json) {
        json.put("word", anchor.word());
        ArrayNode before = json.putArray("before");
        anchor.before().forEach(before::add);
        ArrayNode after = json.putArray("after");
        anchor.after().forEach(after::add);
        json.put("twins", anchor.twins());
        json.put("place", anchor.place());
        if (!anchor.isWord()) {
            json.put("phone", anchor.phone());
            json.put("sound", anchor.sound().name());
        }
    }
}
