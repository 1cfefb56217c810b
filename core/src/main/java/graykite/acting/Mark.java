package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.acting.Instincts.Kind;
import graykite.reading.Place;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;

/**
 * One thing that a face does by itself, taken over by hand: a blink, a dart of the eyes, a lift of the brows, a movement of the
 * head, a breath.
 *
 * @param at where it begins; where its pose is reached, for the head
 * @param figures what {@link #figures(Kind)} lists for its kind, in that order
 */
public record Mark(Place at, List<Double> figures) {
    /**
     * A figure of a mark.
     *
     * @param name in files
     * @param title for people
     * @param unit "s", "°" or "%"
     */
    public record Figure(String name, String title, String unit, double least, double most, double usual) {}

    private static final List<Figure> BLINKS = List.of(
            new Figure("closing", "Closes in", "s", 0.03, 0.4, 0.08),
            new Figure("held", "Stays shut", "s", 0, 3, 0.03),
            new Figure("opening", "Opens in", "s", 0.05, 0.6, 0.15));
    private static final List<Figure> EYES =
            List.of(new Figure("yaw", "Left", "°", -30, 30, 0), new Figure("pitch", "Up", "°", -20, 20, 0));
    private static final List<Figure> BROWS = List.of(
            new Figure("rise", "Rise in", "s", 0.03, 0.6, 0.1),
            new Figure("held", "Stay up", "s", 0, 4, 0.1),
            new Figure("fall", "Fall in", "s", 0.05, 0.8, 0.16),
            new Figure("left", "Left", "%", 0, 1.5, 0.9),
            new Figure("right", "Right", "%", 0, 1.5, 0.75));
    private static final List<Figure> HEAD = List.of(
            new Figure("travel", "Goes in", "s", 0.08, 1.2, 0.22),
            new Figure("yaw", "Left", "°", -30, 30, 0),
            new Figure("pitch", "Up", "°", -25, 25, -4),
            new Figure("roll", "Tilt", "°", -20, 20, 0));
    private static final List<Figure> BREATH =
            List.of(new Figure("length", "Takes", "s", 0.15, 2, 0.4), new Figure("depth", "Depth", "%", 0, 2.5, 1));

    public Mark {
        figures = List.copyOf(figures);
        for (double figure : figures) {
            requireThat(Double.isFinite(figure), "A mark is made of finite figures.");
        }
    }

    /** What a mark of a kind has. */
    public static List<Figure> figures(Kind kind) {
        return switch (kind) {
            case BLINKS -> BLINKS;
            case EYES -> EYES;
            case BROWS -> BROWS;
            case HEAD -> HEAD;
            case BREATH -> BREATH;
        };
    }

    /** A usual one of a kind. */
    public static Mark usual(Kind kind, Place at) {
        return new Mark(at, figures(kind).stream().map(Figure::usual).toList());
    }

    /** The same with every figure in its range, as many as its kind has. @throws IllegalArgumentException for another count */
    public Mark of(Kind kind) {
        List<Figure> wanted = figures(kind);
        requireThat(
                figures.size() == wanted.size(),
                "A mark of %s has %d figures, not %d.",
                kind.title(),
                wanted.size(),
                figures.size());
        List<Double> bounded = new ArrayList<>();
        for (int i = 0; i < wanted.size(); i++) {
            bounded.add(Math.clamp(
                    figures.get(i), wanted.get(i).least(), wanted.get(i).most()));
        }
        return new Mark(at, bounded);
    }

    public Mark movedTo(Place place) {
        return new Mark(place, figures);
    }

    public Mark withFigures(List<Double> changed) {
        return new Mark(at, changed);
    }

    /** On another clock. */
    Mark retimed(TimeMap change) {
        return new Mark(at.retimed(change), figures);
    }
}
