package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.picture.Camera;
import graykite.reading.Place;
import java.util.List;
import java.util.Optional;

/**
 * What a reviewer says about a moment of a line.
 *
 * @param id unique in the project, never shown
 * @param at the moment, by the word that sounds there
 * @param author who says it; may be empty
 * @param text what is said
 * @param done true once it was dealt with
 * @param drawn strokes on the picture
 * @param view from where the face was looked at when they were drawn
 */
public record Comment(
        String id, Place at, String author, String text, boolean done, List<Stroke> drawn, Optional<Camera> view) {
    /** The longest comment. */
    public static final int LONGEST = 5_000;

    private static final int MOST_STROKES = 200;

    /**
     * A line drawn by hand.
     *
     * @param points in order, each across and down as shares of the picture's height from its middle
     */
    public record Stroke(List<Dot> points) {
        private static final int MOST = 2_000;

        /** A point of a stroke. */
        public record Dot(double x, double y) {
            public Dot {
                requireThat(Math.abs(x) <= 10 && Math.abs(y) <= 10, "A stroke lies on the picture.");
            }
        }

        public Stroke {
            points = List.copyOf(points);
            requireThat(!points.isEmpty() && points.size() <= MOST, "A stroke has 1 to %d points.", MOST);
        }
    }

    public Comment {
        drawn = List.copyOf(drawn);
        author = author.strip();
        text = text.strip();
        requireThat(!id.isBlank(), "A comment has an id.");
        requireThat(author.length() <= 100, "A name has up to 100 characters.");
        requireThat(text.length() <= LONGEST, "A comment has up to %d characters.", LONGEST);
        requireThat(!text.isEmpty() || !drawn.isEmpty(), "A comment says or draws something.");
        requireThat(drawn.size() <= MOST_STROKES, "A comment has up to %d strokes.", MOST_STROKES);
    }

    /** In plain words. */
    public static Comment said(String id, Place at, String author, String text) {
        return new Comment(id, at, author, text, false, List.of(), Optional.empty());
    }

    public Comment withText(String other) {
        return new Comment(id, at, author, other, done, drawn, view);
    }

    public Comment withDone(boolean dealt) {
        return new Comment(id, at, author, text, dealt, drawn, view);
    }

    public Comment movedTo(Place place) {
        return new Comment(id, place, author, text, done, drawn, view);
    }

    public Comment drawn(List<Stroke> strokes, Camera from) {
        return new Comment(id, at, author, text, done, strokes, Optional.of(from));
    }
}
