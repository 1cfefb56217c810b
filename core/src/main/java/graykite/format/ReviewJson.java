package graykite.format;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.picture.Camera;
import graykite.project.Comment;
import graykite.project.Comment.Stroke;
import graykite.project.KeptView;
import graykite.project.MeantSo;
import graykite.project.Project;
import graykite.project.Review;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What was said about a line when it was looked at, as JSON, and back. */
final class ReviewJson {
    private ReviewJson() {}

    static void write(Review review, ObjectNode json) {
        if (!review.meantSo().isEmpty()) {
            ArrayNode meant = json.putArray("meantSo");
            review.meantSo().forEach(m -> {
                ObjectNode node = meant.addObject().put("check", m.check()).put("reason", m.reason());
                WordsJson.write(m.at(), node.putObject("at"));
            });
        }
        if (!review.comments().isEmpty()) {
            ArrayNode comments = json.putArray("comments");
            review.comments().forEach(c -> write(c, comments.addObject()));
        }
    }

    private static void write(Comment comment, ObjectNode json) {
        json.put("id", comment.id()).put("author", comment.author()).put("text", comment.text());
        json.put("done", comment.done());
        WordsJson.write(comment.at(), json.putObject("at"));
        drawing(comment.drawn(), comment.view(), json);
    }

    /** Strokes, and from where the face was looked at when they were drawn. */
    static void drawing(List<Stroke> drawn, Optional<Camera> view, ObjectNode json) {
        if (!drawn.isEmpty()) {
            ArrayNode strokes = json.putArray("drawn");
            drawn.forEach(s -> {
                ArrayNode stroke = strokes.addArray();
                s.points().forEach(p -> stroke.add(p.x()).add(p.y()));
            });
        }
        view.ifPresent(c -> ViewJson.write(new KeptView("drawn", c), json.putObject("view")));
    }

    static Review read(JsonNode json) {
        List<MeantSo> meant = new ArrayList<>();
        for (JsonNode node : WordsJson.limited(json.path("meantSo"))) {
            meant.add(new MeantSo(
                    node.path("check").asText(),
                    WordsJson.place(node.path("at")),
                    node.path("reason").asText()));
        }
        List<Comment> comments = new ArrayList<>();
        for (JsonNode node : WordsJson.limited(json.path("comments"))) {
            comments.add(new Comment(
                    node.path("id").asText(Project.newId()),
                    WordsJson.place(node.path("at")),
                    node.path("author").asText(),
                    node.path("text").asText(),
                    node.path("done").asBoolean(false),
                    strokes(node.path("drawn")),
                    view(node)));
        }
        return new Review(meant, comments);
    }

    static Optional<Camera> view(JsonNode json) {
        return json.hasNonNull("view")
                ? Optional.of(ViewJson.read(json.path("view")).camera())
                : Optional.empty();
    }

    /** @throws IllegalArgumentException when a stroke is made of something else than pairs of figures */
    static List<Stroke> strokes(JsonNode json) {
        List<Stroke> strokes = new ArrayList<>();
        for (JsonNode stroke : WordsJson.limited(json)) {
            List<Stroke.Dot> dots = new ArrayList<>();
            for (int i = 0; i + 1 < stroke.size(); i += 2) {
                dots.add(new Stroke.Dot(
                        stroke.path(i).asDouble(), stroke.path(i + 1).asDouble()));
            }
            strokes.add(new Stroke(dots));
        }
        return strokes;
    }
}
