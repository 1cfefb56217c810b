package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.format.character.RigJson;
import graykite.mouth.Diction;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.reading.Moorings;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Everything that was decided about the mouth of a line as JSON, and back. */
final class MouthJson {
    private MouthJson() {}

    /** @throws IllegalArgumentException when a figure is out of its range or a name is unknown */
    static MouthWork read(JsonNode json) {
        MouthSettings settings = settings(json);
        List<Section> sections = new ArrayList<>();
        for (JsonNode section : WordsJson.limited(json.path("sections"))) {
            sections.add(section(section));
        }
        List<TouchUp> touchUps = new ArrayList<>();
        for (JsonNode touch : WordsJson.limited(json.path("touchUps"))) {
            touchUps.add(touchUp(touch));
        }
        List<TakenCurve> curves = new ArrayList<>();
        for (JsonNode curve : WordsJson.limited(json.path("curves"))) {
            curves.add(curve(curve));
        }
        return new MouthWork(settings, sections, touchUps, curves);
    }

    static MouthSettings settings(JsonNode json) {
        MouthSettings usual = MouthSettings.STANDARD;
        Diction diction = json.has("diction")
                ? diction(json.path("diction"))
                // Before there was diction a line had strength and smoothness alone.
                : Diction.PLAIN
                        .withStrength(
                                json.path("strength").asDouble(usual.diction().strength()))
                        .withSmooth(json.path("smoothness").asDouble(1));
        return new MouthSettings(
                diction,
                json.path("lead").asDouble(usual.lead()),
                motion(json),
                json.path("leastHold").asInt(usual.leastHold()),
                json.path("pop").asDouble(usual.pop()),
                json.path("stick").asDouble(usual.stick()));
    }

    static Section section(JsonNode json) {
        return new Section(
                WordsJson.anchor(json.path("first")),
                WordsJson.anchor(json.path("last")),
                diction(json.path("diction")),
                motion(json),
                json.path("blend").asDouble(Section.USUAL_BLEND));
    }

    static Diction diction(JsonNode json) {
        Map<String, Double> shapes = new TreeMap<>();
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

    static TouchUp touchUp(JsonNode json) {
        Optional<TouchUp.Blend> blend = json.has("blend")
                ? Optional.of(new TouchUp.Blend(
                        json.path("blend").path("shape").asText(),
                        json.path("blend").path("share").asDouble()))
                : Optional.empty();
        Optional<Pose> pose = json.has("pose")
                ? Optional.ofNullable(RigJson.poses(json.path("pose")).get("pose"))
                : Optional.empty();
        return new TouchUp(
                WordsJson.anchor(json.path("at")),
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

    static TakenCurve curve(JsonNode json) {
        Moorings words = json.has("words")
                ? WordsJson.moorings(json.path("words"))
                // Up to format 4 a curve hung on its first and its last word alone.
                : ends(
                        WordsJson.anchor(json.path("first")),
                        WordsJson.anchor(json.path("last")),
                        json.path("firstTime").asDouble(),
                        json.path("lastTime").asDouble());
        return new TakenCurve(json.path("channel").asText(), CurveJson.read(json.path("keys")), words);
    }

    private static Moorings ends(Anchor first, Anchor last, double start, double end) {
        double middle = (start + end) / 2;
        return new Moorings(
                first.equals(last)
                        ? List.of(new Moorings.Mooring(first, start, end))
                        : List.of(new Moorings.Mooring(first, start, middle), new Moorings.Mooring(last, middle, end)));
    }

    static void write(MouthWork work, ObjectNode json) {
        write(work.settings(), json);
        if (!work.sections().isEmpty()) {
            ArrayNode sections = json.putArray("sections");
            for (Section section : work.sections()) {
                write(section, sections.addObject());
            }
        }
        if (!work.touchUps().isEmpty()) {
            ArrayNode touchUps = json.putArray("touchUps");
            work.touchUps().forEach(t -> write(t, touchUps.addObject()));
        }
        if (!work.curves().isEmpty()) {
            ArrayNode curves = json.putArray("curves");
            for (TakenCurve curve : work.curves()) {
                write(curve, curves.addObject());
            }
        }
    }

    static void write(MouthSettings settings, ObjectNode json) {
        write(settings.diction(), json.putObject("diction"));
        json.put("lead", settings.lead());
        settings.motion().ifPresent(m -> json.put("motion", m.word()));
        json.put("leastHold", settings.leastHold());
        json.put("pop", settings.pop());
        json.put("stick", settings.stick());
    }

    static void write(Section section, ObjectNode json) {
        WordsJson.write(section.first(), json.putObject("first"));
        WordsJson.write(section.last(), json.putObject("last"));
        write(section.diction(), json.putObject("diction"));
        section.motion().ifPresent(m -> json.put("motion", m.word()));
        json.put("blend", section.blend());
    }

    static void write(TakenCurve curve, ObjectNode json) {
        json.put("channel", curve.channel());
        CurveJson.write(curve.curve(), json.putArray("keys"));
        WordsJson.write(curve.words(), json.putArray("words"));
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

    static void write(TouchUp touch, ObjectNode json) {
        WordsJson.write(touch.at(), json.putObject("at"));
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
}
