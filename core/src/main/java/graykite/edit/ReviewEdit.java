package graykite.edit;

import graykite.base.BadInput;
import graykite.picture.Camera;
import graykite.project.Comment;
import graykite.project.MeantSo;
import graykite.project.Project;
import graykite.project.Review;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

/** What is said about a line when it is looked at: findings that are meant so, and comments. */
public sealed interface ReviewEdit extends Edit {
    String line();

    private static Project changed(Project project, String named, BiFunction<Review, WordFinder, Review> change) {
        WordFinder words = Find.line(project, named).words();
        return LineEdit.changed(project, named, l -> l.withReview(change.apply(l.review(), words)));
    }

    private static Comment there(Review review, String id) {
        return review.comment(id).orElseThrow(() -> new BadInput("There is no comment \"" + id + "\" on the line."));
    }

    /** Says that a finding is meant so. @param check id of the check @param time seconds of the line */
    record MeanSo(String line, String check, double time, String reason) implements ReviewEdit {
        @Override
        public String inWords() {
            return "Meant so";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, (review, words) -> {
                List<MeantSo> all = new ArrayList<>(review.meantSo());
                all.add(new MeantSo(check, Places.at(time, words), reason));
                return review.withMeantSo(all);
            });
        }
    }

    /** Lets a finding be found again. @param meant index among those of the line */
    record TakeBackMeantSo(String line, int meant) implements ReviewEdit {
        @Override
        public String inWords() {
            return "No longer meant so";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, (review, words) -> {
                List<MeantSo> all = new ArrayList<>(review.meantSo());
                all.remove(Find.there(all, meant, "reason", "line"));
                return review.withMeantSo(all);
            });
        }
    }

    /** Pins a comment to a moment. @param comment id of the new comment @param time seconds of the line */
    record AddComment(
            String line,
            String comment,
            double time,
            String author,
            String text,
            List<Comment.Stroke> drawn,
            Optional<Camera> view)
            implements ReviewEdit {
        public AddComment {
            drawn = List.copyOf(drawn);
        }

        /** One in plain words. */
        public static AddComment said(String line, double time, String author, String text) {
            return new AddComment(line, Project.newId(), time, author, text, List.of(), Optional.empty());
        }

        @Override
        public String inWords() {
            return "Comment";
        }

        @Override
        public Project on(Project project) {
            return changed(
                    project,
                    line,
                    (review, words) -> review.with(
                            new Comment(comment, Places.at(time, words), author, text, false, drawn, view)));
        }
    }

    /** Changes what a comment says, where it stands, or whether it is done. */
    record ChangeComment(String line, String comment, double time, String text, boolean done) implements ReviewEdit {
        @Override
        public String inWords() {
            return done ? "Comment done" : "Change a comment";
        }

        @Override
        public Project on(Project project) {
            return changed(project, line, (review, words) -> {
                Comment was = there(review, comment);
                return review.with(was.withText(text).withDone(done).movedTo(Places.moved(was.at(), time, words)));
            });
        }
    }

    /** Takes a comment away. */
    record RemoveComment(String line, String comment) implements ReviewEdit {
        @Override
        public String inWords() {
            return "Remove a comment";
        }

        @Override
        public Project on(Project project) {
            return changed(
                    project,
                    line,
                    (review, words) -> review.without(there(review, comment).id()));
        }
    }
}
