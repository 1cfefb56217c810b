package graykite.format;

import graykite.acting.Instincts.Kind;
import graykite.edit.MarkEdit;
import java.util.List;

/** How edits of single blinks, darts, lifts, movements and breaths stand in files. */
final class MarkEditKinds {
    static final List<EditKind<?>> ALL = List.of(
            new EditKind<>(
                    "take-marks",
                    MarkEdit.TakeMarks.class,
                    (e, f) -> InstinctsJson.write(
                            e.kind(), e.marks(), of(f, e).json().putArray("marks")),
                    f -> new MarkEdit.TakeMarks(
                            f.text("line"), kind(f), InstinctsJson.marks(kind(f), f.node("marks")))),
            new EditKind<>(
                    "add-mark",
                    MarkEdit.AddMark.class,
                    (e, f) -> InstinctsJson.write(
                            e.kind(),
                            e.figures(),
                            of(f, e).put("time", e.time()).json()),
                    f -> new MarkEdit.AddMark(
                            f.text("line"), kind(f), f.number("time"), InstinctsJson.figures(kind(f), f.json()))),
            new EditKind<>(
                    "change-mark",
                    MarkEdit.ChangeMark.class,
                    (e, f) -> InstinctsJson.write(
                            e.kind(),
                            e.figures(),
                            of(f, e).put("mark", e.mark()).put("time", e.time()).json()),
                    f -> new MarkEdit.ChangeMark(
                            f.text("line"),
                            kind(f),
                            f.whole("mark"),
                            f.number("time"),
                            InstinctsJson.figures(kind(f), f.json()))),
            new EditKind<>(
                    "remove-mark",
                    MarkEdit.RemoveMark.class,
                    (e, f) -> of(f, e).put("mark", e.mark()),
                    f -> new MarkEdit.RemoveMark(f.text("line"), kind(f), f.whole("mark"))),
            new EditKind<>(
                    "give-back-marks",
                    MarkEdit.GiveBackMarks.class,
                    (e, f) -> of(f, e),
                    f -> new MarkEdit.GiveBackMarks(f.text("line"), kind(f))));

    private MarkEditKinds() {}

    private static EditFields of(EditFields f, MarkEdit edit) {
        return f.put("line", edit.line()).put("kind", InstinctsJson.name(edit.kind()));
    }

    private static Kind kind(EditFields f) {
        return InstinctsJson.kind(f.text("kind"));
    }
}
