package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Instincts;
import graykite.acting.Instincts.Figures;
import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.acting.Mark;
import graykite.layer.LayerSetting;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Instincts as JSON, and back; only what differs from what everybody does is written. */
final class InstinctsJson {
    private InstinctsJson() {}

    static void write(InstinctsPlan plan, ObjectNode json) {
        json.put("seed", plan.seed());
        if (!plan.own().isEmpty()) {
            ObjectNode marks = json.putObject("marks");
            plan.own().forEach((kind, own) -> write(kind, own, marks.putArray(name(kind))));
        }
        if (plan.instincts().mood() != 1) {
            json.put("mood", plan.instincts().mood());
        }
        Instincts usual = Instincts.of(plan.seed()).withMood(plan.instincts().mood());
        if (plan.instincts().equals(usual)) {
            return;
        }
        ObjectNode all = json.putObject("instincts");
        for (Kind kind : Kind.values()) {
            Figures own = plan.instincts().of(kind);
            if (!own.equals(usual.of(kind))) {
                ObjectNode node = all.putObject(name(kind));
                node.put("seed", own.seed()).put("amount", own.amount()).put("locked", own.locked());
            }
        }
    }

    static InstinctsPlan read(LayerSetting setting, JsonNode json) {
        long seed = json.path("seed").asLong(1);
        Instincts all = Instincts.of(seed).withMood(json.path("mood").asDouble(1));
        for (Kind kind : Kind.values()) {
            JsonNode own = json.path("instincts").path(name(kind));
            if (own.isObject()) {
                all = all.with(
                        kind,
                        new Figures(
                                own.path("seed").asLong(seed),
                                own.path("amount").asDouble(1),
                                own.path("locked").asBoolean(false)));
            }
        }
        Map<Kind, List<Mark>> marks = new EnumMap<>(Kind.class);
        for (Kind kind : Kind.values()) {
            if (json.path("marks").has(name(kind))) {
                marks.put(kind, marks(kind, json.path("marks").path(name(kind))));
            }
        }
        return new InstinctsPlan(setting, seed, all, marks);
    }

    static String name(Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }

    /** @throws IllegalArgumentException when there is no such kind */
    static Kind kind(String name) {
        return Stream.of(Kind.values())
                .filter(k -> name(k).equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no instinct \"" + name + "\"; known are "
                        + Stream.of(Kind.values()).map(InstinctsJson::name).collect(Collectors.joining(", ")) + "."));
    }

    static void write(Kind kind, List<Mark> marks, ArrayNode json) {
        for (Mark mark : marks) {
            ObjectNode node = json.addObject();
            WordsJson.write(mark.at(), node.putObject("at"));
            write(kind, mark.figures(), node);
        }
    }

    /** The figures of a mark as fields. */
    static void write(Kind kind, List<Double> figures, ObjectNode json) {
        List<Mark.Figure> named = Mark.figures(kind);
        for (int i = 0; i < named.size(); i++) {
            json.put(named.get(i).name(), figures.get(i));
        }
    }

    static List<Double> figures(Kind kind, JsonNode json) {
        return Mark.figures(kind).stream()
                .map(f -> json.path(f.name()).asDouble(f.usual()))
                .toList();
    }

    static List<Mark> marks(Kind kind, JsonNode json) {
        List<Mark> marks = new ArrayList<>();
        for (JsonNode mark : WordsJson.limited(json)) {
            marks.add(new Mark(WordsJson.place(mark.path("at")), figures(kind, mark)));
        }
        return marks;
    }
}
