package graykite.format;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.util.TokenBuffer;
import graykite.edit.MouthEdit;
import graykite.edit.ReadingEdit;
import graykite.mouth.Diction;
import graykite.mouth.Section;
import graykite.reading.Timing;
import java.io.IOException;
import java.util.List;

/** How edits of what is in a line stand in files: its reading and its mouth. */
final class LineEditKinds {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    static final List<EditKind<?>> READING = List.of(
            new EditKind<>(
                    "set-reading",
                    ReadingEdit.SetReading.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("rewrites", e.rewrites());
                        write(e.reading(), f);
                    },
                    f -> new ReadingEdit.SetReading(
                            f.text("line"),
                            TimingJson.read(f.node("reading"), "the reading"),
                            f.flag("rewrites", false))),
            new EditKind<>(
                    "clear-reading",
                    ReadingEdit.ClearReading.class,
                    (e, f) -> f.put("line", e.line()).put("duration", e.duration()),
                    f -> new ReadingEdit.ClearReading(f.text("line"), f.number("duration"))),
            new EditKind<>(
                    "move-start",
                    ReadingEdit.MoveStart.class,
                    (e, f) -> f.put("line", e.line())
                            .put("word", e.word())
                            .put("phone", e.phone())
                            .put("time", e.time()),
                    f -> new ReadingEdit.MoveStart(
                            f.text("line"), f.whole("word"), f.whole("phone", 0), f.number("time"))),
            new EditKind<>(
                    "move-end",
                    ReadingEdit.MoveEnd.class,
                    (e, f) -> f.put("line", e.line()).put("word", e.word()).put("time", e.time()),
                    f -> new ReadingEdit.MoveEnd(f.text("line"), f.whole("word"), f.number("time"))),
            new EditKind<>(
                    "move-word",
                    ReadingEdit.MoveWord.class,
                    (e, f) -> f.put("line", e.line()).put("word", e.word()).put("by", e.by()),
                    f -> new ReadingEdit.MoveWord(f.text("line"), f.whole("word"), f.number("by"))),
            new EditKind<>(
                    "pin",
                    ReadingEdit.Pin.class,
                    (e, f) -> f.put("line", e.line())
                            .put("word", e.word())
                            .put("phone", e.phone())
                            .put("pinned", e.pinned()),
                    f -> new ReadingEdit.Pin(
                            f.text("line"), f.whole("word"), f.whole("phone", -1), f.flag("pinned", true))),
            new EditKind<>(
                    "change-sound",
                    ReadingEdit.ChangeSound.class,
                    (e, f) -> sound(f, e.line(), e.word(), e.phone())
                            .put("sound", e.sound().name()),
                    f -> new ReadingEdit.ChangeSound(
                            f.text("line"), f.whole("word"), f.whole("phone"), f.phone("sound"))),
            new EditKind<>(
                    "insert-sound",
                    ReadingEdit.InsertSound.class,
                    (e, f) -> sound(f, e.line(), e.word(), e.phone())
                            .put("sound", e.sound().name()),
                    f -> new ReadingEdit.InsertSound(
                            f.text("line"), f.whole("word"), f.whole("phone"), f.phone("sound"))),
            new EditKind<>(
                    "delete-sound",
                    ReadingEdit.DeleteSound.class,
                    (e, f) -> sound(f, e.line(), e.word(), e.phone()),
                    f -> new ReadingEdit.DeleteSound(f.text("line"), f.whole("word"), f.whole("phone"))),
            new EditKind<>(
                    "split-word",
                    ReadingEdit.SplitWord.class,
                    (e, f) -> sound(f, e.line(), e.word(), e.phone())
                            .put("first", e.first())
                            .put("second", e.second()),
                    f -> new ReadingEdit.SplitWord(
                            f.text("line"), f.whole("word"), f.whole("phone"), f.text("first"), f.text("second"))),
            new EditKind<>(
                    "join-words",
                    ReadingEdit.JoinWords.class,
                    (e, f) -> f.put("line", e.line()).put("word", e.word()),
                    f -> new ReadingEdit.JoinWords(f.text("line"), f.whole("word"))),
            new EditKind<>(
                    "delete-word",
                    ReadingEdit.DeleteWord.class,
                    (e, f) -> f.put("line", e.line()).put("word", e.word()),
                    f -> new ReadingEdit.DeleteWord(f.text("line"), f.whole("word"))),
            new EditKind<>(
                    "write-word",
                    ReadingEdit.WriteWord.class,
                    (e, f) -> f.put("line", e.line()).put("word", e.word()),
                    f -> new ReadingEdit.WriteWord(f.text("line"), f.whole("word"))),
            new EditKind<>(
                    "insert-word",
                    ReadingEdit.InsertWord.class,
                    (e, f) -> f.put("line", e.line())
                            .put("before", e.before())
                            .put("text", e.text())
                            .put("said", e.said().toString()),
                    f -> new ReadingEdit.InsertWord(f.text("line"), f.whole("before"), f.text("text"), f.said("said"))),
            new EditKind<>(
                    "mark-word",
                    ReadingEdit.MarkWord.class,
                    (e, f) -> f.put("line", e.line())
                            .put("text", e.text())
                            .put("mark", e.mark())
                            .put("said", e.said().toString())
                            .put("time", e.time())
                            .put("duration", e.duration()),
                    f -> new ReadingEdit.MarkWord(
                            f.text("line"),
                            f.text("text"),
                            f.text("mark", ""),
                            f.said("said"),
                            f.number("time"),
                            f.number("duration"))),
            new EditKind<>(
                    "end-word",
                    ReadingEdit.EndWord.class,
                    (e, f) -> f.put("line", e.line()).put("time", e.time()),
                    f -> new ReadingEdit.EndWord(f.text("line"), f.number("time"))));

    static final List<EditKind<?>> MOUTH = List.of(
            new EditKind<>(
                    "set-mouth",
                    MouthEdit.SetMouth.class,
                    (e, f) -> MouthJson.write(
                            e.settings(), f.put("line", e.line()).object("settings")),
                    f -> new MouthEdit.SetMouth(f.text("line"), MouthJson.settings(f.node("settings")))),
            new EditKind<>(
                    "add-section",
                    MouthEdit.AddSection.class,
                    (e, f) -> {
                        f.put("line", e.line())
                                .put("first", e.first())
                                .put("last", e.last())
                                .put("blend", e.blend());
                        e.motion().ifPresent(m -> f.put("motion", m.word()));
                        MouthJson.write(e.diction(), f.object("diction"));
                    },
                    f -> new MouthEdit.AddSection(
                            f.text("line"),
                            f.whole("first"),
                            f.whole("last"),
                            diction(f),
                            f.motion(),
                            f.number("blend", Section.USUAL_BLEND))),
            new EditKind<>(
                    "change-section",
                    MouthEdit.ChangeSection.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("section", e.section()).put("blend", e.blend());
                        e.motion().ifPresent(m -> f.put("motion", m.word()));
                        MouthJson.write(e.diction(), f.object("diction"));
                    },
                    f -> new MouthEdit.ChangeSection(
                            f.text("line"),
                            f.whole("section"),
                            diction(f),
                            f.motion(),
                            f.number("blend", Section.USUAL_BLEND))),
            new EditKind<>(
                    "remove-section",
                    MouthEdit.RemoveSection.class,
                    (e, f) -> f.put("line", e.line()).put("section", e.section()),
                    f -> new MouthEdit.RemoveSection(f.text("line"), f.whole("section"))),
            new EditKind<>(
                    "touch",
                    MouthEdit.Touch.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("word", e.word()).put("phone", e.phone());
                        MouthJson.write(e.touch(), f.object("touch"));
                    },
                    f -> new MouthEdit.Touch(
                            f.text("line"), f.whole("word"), f.whole("phone", -1), MouthJson.touchUp(f.node("touch")))),
            new EditKind<>(
                    "mute-touch",
                    MouthEdit.MuteTouch.class,
                    (e, f) -> f.put("line", e.line()).put("touch", e.touch()).put("muted", e.muted()),
                    f -> new MouthEdit.MuteTouch(f.text("line"), f.whole("touch"), f.flag("muted", true))),
            new EditKind<>(
                    "remove-touch",
                    MouthEdit.RemoveTouch.class,
                    (e, f) -> f.put("line", e.line()).put("touch", e.touch()),
                    f -> new MouthEdit.RemoveTouch(f.text("line"), f.whole("touch"))),
            new EditKind<>(
                    "take-over",
                    MouthEdit.TakeOver.class,
                    (e, f) -> CurveJson.write(
                            e.curve(),
                            f.put("line", e.line())
                                    .put("channel", e.channel())
                                    .json()
                                    .putArray("keys")),
                    f -> new MouthEdit.TakeOver(f.text("line"), f.text("channel"), CurveJson.read(f.node("keys")))),
            new EditKind<>(
                    "change-curve",
                    MouthEdit.ChangeCurve.class,
                    (e, f) -> CurveJson.write(
                            e.curve(),
                            f.put("line", e.line()).put("own", e.own()).json().putArray("keys")),
                    f -> new MouthEdit.ChangeCurve(f.text("line"), f.whole("own"), CurveJson.read(f.node("keys")))),
            new EditKind<>(
                    "give-back",
                    MouthEdit.GiveBack.class,
                    (e, f) -> f.put("line", e.line()).put("own", e.own()),
                    f -> new MouthEdit.GiveBack(f.text("line"), f.whole("own"))));

    private LineEditKinds() {}

    private static EditFields sound(EditFields f, String line, int word, int phone) {
        return f.put("line", line).put("word", word).put("phone", phone);
    }

    private static Diction diction(EditFields f) {
        return f.has("diction") ? MouthJson.diction(f.node("diction")) : Diction.PLAIN;
    }

    private static void write(Timing reading, EditFields f) {
        try (TokenBuffer tokens = new TokenBuffer(MAPPER, false)) {
            TimingJson.write(reading, (JsonGenerator) tokens);
            f.json().set("reading", MAPPER.readTree(tokens.asParser()));
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
