package graykite.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.mouth.Lines;
import graykite.picture.Camera;
import graykite.project.Comment;
import graykite.project.Comment.Stroke;
import graykite.project.Line;
import graykite.project.Project;
import graykite.project.Review;
import graykite.project.Version;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.time.TimeMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What reviewers say hangs on words, and versions are states to come back to. */
class ReviewEditTest {
    private static final Timing WORDS = Lines.spoken("the fog bell rang before we moved the buoy", 0.08);
    private static final Project PROJECT =
            Project.empty().with(Line.empty("a", "A line").withTiming(WORDS));

    private static Review review(Project project) {
        return project.line("a").orElseThrow().review();
    }

    @Test
    void aCommentStaysWithItsWord() {
        double rang = WORDS.words().get(3).start() + 0.02;
        Project said =
                ReviewEdit.AddComment.said("a", rang, " Anke ", " Look up ").apply(PROJECT);
        Comment comment = review(said).comments().getFirst();
        assertEquals("Anke", comment.author());
        assertEquals("Look up", comment.text());
        Timing again = Lines.again(WORDS, new Random(2));
        double now = comment.at().in(new WordFinder(again));
        assertTrue(again.words().get(3).range().contains(now), "on the same word at another time");
    }

    @Test
    void commentsAreChangedDoneMovedAndRemoved() {
        Project said = new ReviewEdit.AddComment(
                        "a",
                        "c",
                        0.5,
                        "Jo",
                        "",
                        List.of(new Stroke(List.of(new Stroke.Dot(0, 0), new Stroke.Dot(0.1, 0.1)))),
                        Optional.of(Camera.PROFILE))
                .apply(PROJECT);
        Project done = new ReviewEdit.ChangeComment("a", "c", 1.25, "Higher", true).apply(said);
        Comment comment = review(done).comments().getFirst();
        assertTrue(comment.done());
        assertEquals(1, comment.drawn().size(), "what was drawn stays");
        assertEquals(1.25, comment.at().in(new WordFinder(WORDS)), 1e-9);
        assertEquals(
                List.of(),
                review(new ReviewEdit.RemoveComment("a", "c").apply(done)).comments());
        assertThrows(BadInput.class, () -> new ReviewEdit.RemoveComment("a", "other").apply(done));
        assertThrows(
                BadInput.class,
                () -> ReviewEdit.AddComment.said("a", 1, "Jo", " ").apply(PROJECT));
        assertThrows(
                BadInput.class,
                () -> ReviewEdit.AddComment.said("b", 1, "Jo", "Hm").apply(PROJECT));
        assertThrows(IllegalArgumentException.class, () -> new Stroke.Dot(11, 0));
        assertThrows(IllegalArgumentException.class, () -> new Stroke(List.of()));
    }

    @Test
    void whatIsMeantSoIsTakenBack() {
        Project meant = new ReviewEdit.MeanSo("a", "frozen", 0.4, "She listens").apply(PROJECT);
        assertEquals("She listens", review(meant).meantSo().getFirst().reason());
        assertEquals(
                List.of(),
                review(new ReviewEdit.TakeBackMeantSo("a", 0).apply(meant)).meantSo());
        assertThrows(BadInput.class, () -> new ReviewEdit.TakeBackMeantSo("a", 1).apply(meant));
        assertThrows(BadInput.class, () -> new ReviewEdit.MeanSo("a", "frozen", 0.4, "  ").apply(PROJECT));
    }

    /** A version is the state itself: it shares whatever did not change. */
    @Test
    void versionsAreKeptComparedAndGoneBackTo() {
        Project kept = new ProjectEdit.KeepVersion("First pass", 1).apply(PROJECT);
        Version version = kept.versions().getFirst();
        assertTrue(version.project().lines().getFirst() == PROJECT.lines().getFirst());
        assertEquals(List.of(), version.project().versions());
        Project changed =
                new ProjectEdit.KeepVersion("Second", 2).apply(new LineEdit.NameLine("a", "Another name").apply(kept));
        assertEquals(2, changed.versions().size());
        Project back = new ProjectEdit.GoBackTo("FIRST PASS").apply(changed);
        assertEquals("A line", back.lines().getFirst().title());
        assertEquals(2, back.versions().size(), "the versions stay");
        Project replaced = new ProjectEdit.KeepVersion("First pass", 3).apply(changed);
        assertEquals(2, replaced.versions().size());
        assertEquals(
                "Another name",
                replaced.versions().getLast().project().lines().getFirst().title());
        assertEquals(
                1,
                new ProjectEdit.ForgetVersion("Second")
                        .apply(changed)
                        .versions()
                        .size());
        assertThrows(BadInput.class, () -> new ProjectEdit.ForgetVersion("Third").apply(changed));
        assertThrows(BadInput.class, () -> new ProjectEdit.KeepVersion(" ", 4).apply(changed));
        assertThrows(IllegalArgumentException.class, () -> new Version("Nested", 5, changed));
    }

    /** On another clock comments on plain times move along. */
    @Test
    void reviewsGoWithTheClock() {
        Project unread = Project.empty().with(Line.empty("a", "A line"));
        Project said = ReviewEdit.AddComment.said("a", 2, "Jo", "Here").apply(unread);
        Line slower = said.line("a")
                .orElseThrow()
                .retimed(new TimeMap(List.of(new TimeMap.Pair(0, 0), new TimeMap.Pair(4, 8))));
        assertEquals(4, slower.review().comments().getFirst().at().time(), 1e-9);
    }
}
