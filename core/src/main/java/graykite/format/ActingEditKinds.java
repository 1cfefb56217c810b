package graykite.format;

import graykite.acting.PoseKey;
import graykite.edit.ActingEdit;
import java.util.List;

/** How edits of a line's variation, its keyed poses and its layers stand in files. */
final class ActingEditKinds {
    static final List<EditKind<?>> ALL = List.of(
            new EditKind<>(
                    "vary",
                    ActingEdit.Vary.class,
                    (e, f) -> f.put("line", e.line()).json().put("seed", e.seed()),
                    f -> new ActingEdit.Vary(f.text("line"), (long) f.number("seed"))),
            new EditKind<>(
                    "key-pose",
                    ActingEdit.KeyPose.class,
                    (e, f) -> key(f.put("line", e.line()), e.time(), e.pose(), e.strength(), e.ease()),
                    f -> new ActingEdit.KeyPose(
                            f.text("line"),
                            f.number("time"),
                            f.text("pose"),
                            f.number("strength", 1),
                            f.number("ease", PoseKey.USUAL_EASE))),
            new EditKind<>(
                    "change-key",
                    ActingEdit.ChangeKey.class,
                    (e, f) -> key(
                            f.put("line", e.line()).put("key", e.key()), e.time(), e.pose(), e.strength(), e.ease()),
                    f -> new ActingEdit.ChangeKey(
                            f.text("line"),
                            f.whole("key"),
                            f.number("time"),
                            f.text("pose"),
                            f.number("strength", 1),
                            f.number("ease", PoseKey.USUAL_EASE))),
            new EditKind<>(
                    "remove-key",
                    ActingEdit.RemoveKey.class,
                    (e, f) -> f.put("line", e.line()).put("key", e.key()),
                    f -> new ActingEdit.RemoveKey(f.text("line"), f.whole("key"))),
            new EditKind<>(
                    "add-layer",
                    ActingEdit.AddLayer.class,
                    (e, f) -> LayerKinds.write(
                            e.layer(),
                            f.put("line", e.line()).put("index", e.index()).object("layer"),
                            f.shelf()),
                    f -> new ActingEdit.AddLayer(
                            f.text("line"),
                            f.whole("index", Integer.MAX_VALUE),
                            LayerKinds.plan(f.node("layer"), f.shelf()))),
            new EditKind<>(
                    "change-layer",
                    ActingEdit.ChangeLayer.class,
                    (e, f) -> LayerKinds.write(
                            e.layer(),
                            f.put("line", e.line()).put("index", e.index()).object("layer"),
                            f.shelf()),
                    f -> new ActingEdit.ChangeLayer(
                            f.text("line"), f.whole("index"), LayerKinds.plan(f.node("layer"), f.shelf()))),
            new EditKind<>(
                    "remove-layer",
                    ActingEdit.RemoveLayer.class,
                    (e, f) -> f.put("line", e.line()).put("index", e.index()),
                    f -> new ActingEdit.RemoveLayer(f.text("line"), f.whole("index"))),
            new EditKind<>(
                    "order-layer",
                    ActingEdit.OrderLayer.class,
                    (e, f) -> f.put("line", e.line()).put("index", e.index()).put("to", e.to()),
                    f -> new ActingEdit.OrderLayer(f.text("line"), f.whole("index"), f.whole("to"))));

    private ActingEditKinds() {}

    private static void key(EditFields f, double time, String pose, double strength, double ease) {
        f.put("time", time).put("pose", pose).put("strength", strength).put("ease", ease);
    }
}
