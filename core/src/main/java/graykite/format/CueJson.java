package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.acting.Cue;
import graykite.acting.CueChange;
import graykite.acting.CuesPlan;
import graykite.edit.CueEdit;
import graykite.layer.LayerSetting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** Cues, and edits of them, as JSON, and back. */
final class CueJson {
    static final List<EditKind<?>> EDITS = List.of(
            new EditKind<>(
                    "set-cue",
                    CueEdit.SetCue.class,
                    (e, f) -> write(e.cue(), f.put("line", e.line()).json(), f.shelf()),
                    f -> {
                        f.text("name");
                        f.node("at");
                        f.text("pose");
                        return new CueEdit.SetCue(f.text("line"), cue(f.json(), f.shelf()));
                    }),
            new EditKind<>(
                    "spread-cues",
                    CueEdit.SpreadCues.class,
                    (e, f) -> f.put("line", e.line()),
                    f -> new CueEdit.SpreadCues(f.text("line"))),
            new EditKind<>(
                    "remove-cue",
                    CueEdit.RemoveCue.class,
                    (e, f) -> f.put("line", e.line()).put("cue", e.cue()),
                    f -> new CueEdit.RemoveCue(f.text("line"), f.text("cue"))),
            new EditKind<>(
                    "switch-cue",
                    CueEdit.SwitchCue.class,
                    (e, f) -> f.put("line", e.line())
                            .put("cue", e.cue())
                            .put("word", e.word())
                            .put("on", e.on())
                            .put("shift", e.shift()),
                    f -> new CueEdit.SwitchCue(
                            f.text("line"), f.text("cue"), f.whole("word"), f.flag("on", true), f.number("shift", 0))),
            new EditKind<>(
                    "take-cue",
                    CueEdit.TakeCue.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("cue", e.cue()).put("word", e.word());
                        f.put("from", e.from()).put("to", e.to());
                        ClipJson.write(e.look(), f.json(), f.shelf());
                    },
                    f -> {
                        f.text("pose");
                        return new CueEdit.TakeCue(
                                f.text("line"),
                                f.text("cue"),
                                f.whole("word"),
                                f.number("from"),
                                f.number("to"),
                                ClipJson.look(f.json(), f.shelf()));
                    }));

    private CueJson() {}

    static void write(CuesPlan plan, ObjectNode json, Shelf shelf) {
        ArrayNode cues = json.putArray("cues");
        plan.cues().forEach(c -> write(c, cues.addObject(), shelf));
        ArrayNode changes = json.putArray("changes");
        for (CueChange change : plan.changes()) {
            ObjectNode node = changes.addObject();
            node.put("cue", change.cue());
            WordsJson.write(change.word(), node.putObject("word"));
            node.put("on", change.on()).put("shift", change.shift());
        }
    }

    static CuesPlan read(LayerSetting setting, JsonNode json, Shelf shelf) {
        List<Cue> cues = new ArrayList<>();
        for (JsonNode cue : WordsJson.limited(json.path("cues"))) {
            cues.add(cue(cue, shelf));
        }
        List<CueChange> changes = new ArrayList<>();
        for (JsonNode change : WordsJson.limited(json.path("changes"))) {
            changes.add(new CueChange(
                    change.path("cue").asText(),
                    WordsJson.anchor(change.path("word")),
                    change.path("on").asBoolean(true),
                    change.path("shift").asDouble(0)));
        }
        return new CuesPlan(setting, cues, changes);
    }

    private static Cue cue(JsonNode json, Shelf shelf) {
        return new Cue(
                json.path("name").asText(),
                trigger(json.path("at")),
                ClipJson.look(json, shelf),
                json.path("offset").asDouble(0),
                json.path("length").asDouble(Cue.USUAL_LENGTH),
                json.path("chance").asDouble(1),
                json.path("variation").asDouble(0));
    }

    private static void write(Cue cue, ObjectNode json, Shelf shelf) {
        json.put("name", cue.name());
        switch (cue.at()) {
            case Cue.Mark mark -> json.put("at", mark.name().toLowerCase(Locale.ROOT));
            case Cue.Stress s -> json.put("at", "stress");
            case Cue.Pause pause -> json.putObject("at").put("pause", pause.longerThan());
            case Cue.Tag tag -> json.putObject("at").put("tag", tag.word());
        }
        ClipJson.write(cue.look(), json, shelf);
        json.put("offset", cue.offset()).put("length", cue.length());
        json.put("chance", cue.chance()).put("variation", cue.variation());
    }

    /** @throws IllegalArgumentException when nothing is named that a cue could wait for */
    private static Cue.Trigger trigger(JsonNode json) {
        if (json.hasNonNull("pause")) {
            return new Cue.Pause(json.path("pause").asDouble());
        }
        if (json.hasNonNull("tag")) {
            return new Cue.Tag(json.path("tag").asText());
        }
        if (json.asText().equals("stress")) {
            return new Cue.Stress();
        }
        return Arrays.stream(Cue.Mark.values())
                .filter(m -> m.name().toLowerCase(Locale.ROOT).equals(json.asText()))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("A cue waits for "
                        + Arrays.stream(Cue.Mark.values())
                                .map(m -> m.name().toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", "))
                        + ", stress, a pause or a tag; not for \"" + json.asText() + "\"."));
    }
}
