package graykite.format;

import graykite.edit.ReviewEdit;
import graykite.project.Project;
import java.util.List;

/** How what is said about lines stands in files. */
final class ReviewEditKinds {
    static final List<EditKind<?>> ALL = List.of(
            new EditKind<>(
                    "mean-so",
                    ReviewEdit.MeanSo.class,
                    (e, f) -> f.put("line", e.line())
                            .put("check", e.check())
                            .put("time", e.time())
                            .put("reason", e.reason()),
                    f -> new ReviewEdit.MeanSo(f.text("line"), f.text("check"), f.number("time"), f.text("reason"))),
            new EditKind<>(
                    "take-back-meant-so",
                    ReviewEdit.TakeBackMeantSo.class,
                    (e, f) -> f.put("line", e.line()).put("meant", e.meant()),
                    f -> new ReviewEdit.TakeBackMeantSo(f.text("line"), f.whole("meant"))),
            new EditKind<>(
                    "add-comment",
                    ReviewEdit.AddComment.class,
                    (e, f) -> {
                        f.put("line", e.line()).put("comment", e.comment()).put("time", e.time());
                        f.put("author", e.author()).put("text", e.text());
                        ReviewJson.drawing(e.drawn(), e.view(), f.json());
                    },
                    f -> new ReviewEdit.AddComment(
                            f.text("line"),
                            f.text("comment", Project.newId()),
                            f.number("time"),
                            f.text("author", ""),
                            f.text("text", ""),
                            ReviewJson.strokes(f.json().path("drawn")),
                            ReviewJson.view(f.json()))),
            new EditKind<>(
                    "change-comment",
                    ReviewEdit.ChangeComment.class,
                    (e, f) -> f.put("line", e.line())
                            .put("comment", e.comment())
                            .put("time", e.time())
                            .put("text", e.text())
                            .put("done", e.done()),
                    f -> new ReviewEdit.ChangeComment(
                            f.text("line"),
                            f.text("comment"),
                            f.number("time"),
                            f.text("text"),
                            f.flag("done", false))),
            new EditKind<>(
                    "remove-comment",
                    ReviewEdit.RemoveComment.class,
                    (e, f) -> f.put("line", e.line()).put("comment", e.comment()),
                    f -> new ReviewEdit.RemoveComment(f.text("line"), f.text("comment"))));

    private ReviewEditKinds() {}
}
