package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was said about a line when it was looked at.
 *
 * @param meantSo findings that are meant so
 * @param comments of reviewers, in the order in which they came
 */
public record Review(List<MeantSo> meantSo, List<Comment> comments) {
    public static final Review NOTHING = new Review(List.of(), List.of());

    /** How many comments a line has at most. */
    public static final int MOST = 5_000;

    public Review {
        meantSo = List.copyOf(meantSo);
        comments = List.copyOf(comments);
        requireThat(
                meantSo.size() <= MOST && comments.size() <= MOST, "A line has up to %d comments and reasons.", MOST);
        requireThat(
                comments.stream().map(Comment::id).distinct().count() == comments.size(),
                "Every comment has an id of its own.");
    }

    public Review withMeantSo(List<MeantSo> all) {
        return new Review(all, comments);
    }

    /** With a comment; one of the same id is replaced. */
    public Review with(Comment comment) {
        List<Comment> all = new ArrayList<>(comments);
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).id().equals(comment.id())) {
                all.set(i, comment);
                return new Review(meantSo, all);
            }
        }
        all.add(comment);
        return new Review(meantSo, all);
    }

    public Review without(String comment) {
        return new Review(
                meantSo, comments.stream().filter(c -> !c.id().equals(comment)).toList());
    }

    public Optional<Comment> comment(String id) {
        return comments.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    /** On another clock. */
    Review retimed(TimeMap change) {
        return new Review(
                meantSo.stream()
                        .map(m -> new MeantSo(m.check(), m.at().retimed(change), m.reason()))
                        .toList(),
                comments.stream().map(c -> c.movedTo(c.at().retimed(change))).toList());
    }
}
