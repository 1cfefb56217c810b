package graykite.acting;

import graykite.acting.Instincts.Kind;
import graykite.reading.Place;
import graykite.reading.WordFinder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;

/** From what a face does by itself to marks that a hand can move, and back. Taking over changes nothing that is seen. */
public final class LifeMarks {
    private LifeMarks() {}

    /** A mark in a reading. @param index among the marks of its kind @param length seconds that it lasts */
    public record Placed(int index, Mark mark, double time, double length) {}

    /** What a life does of a kind, as marks. */
    public static List<Mark> of(Life life, Kind kind, WordFinder words) {
        return switch (kind) {
            case BLINKS ->
                marks(
                        life.blinks().blinks(),
                        words,
                        Blinks.Blink::start,
                        b -> List.of(b.closing(), b.held(), b.opening()));
            case EYES -> marks(life.darts().darts(), words, EyeDarts.Dart::time, d -> List.of(d.yaw(), d.pitch()));
            case BROWS ->
                marks(
                        life.brows().lifts(),
                        words,
                        Brows.Lift::start,
                        l -> List.of(l.rise(), l.held(), l.fall(), l.left(), l.right()));
            case HEAD ->
                marks(
                        life.head().beats(),
                        words,
                        HeadMotion.Beat::time,
                        b -> List.of(b.travel(), b.yaw(), b.pitch(), b.roll()));
            case BREATH ->
                marks(
                        life.breaths().breaths(),
                        words,
                        Breaths.Breath::start,
                        b -> List.of(b.end() - b.start(), b.depth()));
        };
    }

    private interface Figures<T> {
        List<Double> of(T what);
    }

    private static <T> List<Mark> marks(List<T> all, WordFinder words, ToDoubleFunction<T> time, Figures<T> figures) {
        return all.stream()
                .map(t -> new Mark(Place.at(Math.max(0, time.applyAsDouble(t)), words), figures.of(t)))
                .toList();
    }

    /** Where the marks of a kind stand in a reading, in the order of time. */
    public static List<Placed> placed(List<Mark> marks, Kind kind, WordFinder words) {
        List<Placed> placed = new ArrayList<>();
        for (int i = 0; i < marks.size(); i++) {
            Mark mark = marks.get(i);
            placed.add(new Placed(i, mark, mark.at().in(words), length(kind, mark.figures())));
        }
        placed.sort(Comparator.comparingDouble(Placed::time));
        return placed;
    }

    /** Seconds that a mark lasts; darts and movements of the head are moments. */
    public static double length(Kind kind, List<Double> figures) {
        return switch (kind) {
            case BLINKS, BROWS -> figures.get(0) + figures.get(1) + figures.get(2);
            case EYES, HEAD -> 0;
            case BREATH -> figures.get(0);
        };
    }

    /** A life with the marks of some kinds in place of what was generated. */
    public static Life with(Life life, Map<Kind, List<Mark>> own, WordFinder words) {
        return new Life(
                own.containsKey(Kind.BLINKS)
                        ? new Blinks(made(
                                own, Kind.BLINKS, words, (t, f) -> new Blinks.Blink(t, f.get(0), f.get(1), f.get(2))))
                        : life.blinks(),
                own.containsKey(Kind.EYES)
                        ? new EyeDarts(made(own, Kind.EYES, words, (t, f) -> new EyeDarts.Dart(t, f.get(0), f.get(1))))
                        : life.darts(),
                own.containsKey(Kind.BROWS)
                        ? new Brows(made(
                                own,
                                Kind.BROWS,
                                words,
                                (t, f) -> new Brows.Lift(t, f.get(0), f.get(1), f.get(2), f.get(3), f.get(4))))
                        : life.brows(),
                own.containsKey(Kind.HEAD)
                        ? new HeadMotion(
                                made(
                                        own,
                                        Kind.HEAD,
                                        words,
                                        (t, f) -> new HeadMotion.Beat(t, f.get(0), f.get(1), f.get(2), f.get(3), 1)),
                                life.head().drift(),
                                life.head().melody())
                        : life.head(),
                own.containsKey(Kind.BREATH)
                        ? new Breaths(
                                made(own, Kind.BREATH, words, (t, f) -> new Breaths.Breath(t, t + f.get(0), f.get(1))))
                        : life.breaths(),
                life.wide());
    }

    private static <T> List<T> made(
            Map<Kind, List<Mark>> own, Kind kind, WordFinder words, BiFunction<Double, List<Double>, T> make) {
        return placed(own.get(kind), kind, words).stream()
                .map(p -> make.apply(p.time(), p.mark().figures()))
                .toList();
    }
}
