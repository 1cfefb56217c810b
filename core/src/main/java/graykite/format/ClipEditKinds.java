package graykite.format;

import graykite.acting.Clip;
import graykite.edit.ClipEdit;
import java.util.List;

/** How edits of clips stand in files. */
final class ClipEditKinds {
    static final List<EditKind<?>> ALL = List.of(
            new EditKind<>(
                    "add-clip",
                    ClipEdit.AddClip.class,
                    (e, f) -> write(f.put("line", e.line()).put("layer", e.layer()), e.from(), e.to(), e.look()),
                    f -> new ClipEdit.AddClip(
                            f.text("line"), f.text("layer", ""), f.number("from"), f.number("to"), look(f))),
            new EditKind<>(
                    "change-clip",
                    ClipEdit.ChangeClip.class,
                    (e, f) -> write(
                            f.put("line", e.line()).put("layer", e.layer()).put("clip", e.clip()),
                            e.from(),
                            e.to(),
                            e.look()),
                    f -> new ClipEdit.ChangeClip(
                            f.text("line"),
                            f.text("layer", ""),
                            f.whole("clip"),
                            f.number("from"),
                            f.number("to"),
                            look(f))),
            new EditKind<>(
                    "remove-clip",
                    ClipEdit.RemoveClip.class,
                    (e, f) -> f.put("line", e.line()).put("layer", e.layer()).put("clip", e.clip()),
                    f -> new ClipEdit.RemoveClip(f.text("line"), f.text("layer", ""), f.whole("clip"))));

    private ClipEditKinds() {}

    private static Clip.Look look(EditFields f) {
        f.text("pose");
        return ClipJson.look(f.json(), f.shelf());
    }

    private static void write(EditFields f, double from, double to, Clip.Look look) {
        f.put("from", from).put("to", to);
        ClipJson.write(look, f.json(), f.shelf());
    }
}
