package graykite.proof.checks;

import graykite.acting.Instincts.Kind;
import graykite.acting.LifeMarks;
import graykite.acting.Mark;
import graykite.edit.Edit;
import graykite.edit.MarkEdit;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import graykite.rig.LidGap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Eyes that close and open again, as they are seen.
 *
 * @param start the first frame in which they begin to close, in seconds
 * @param end when they are open again, in seconds
 * @param peak how far they close, 0 to 1
 * @param quick true when they close at the speed of a blink
 */
record Blinked(double start, double end, double peak, boolean quick) {
    /** From here on eyes count as shut. */
    static final double SHUT = 0.8;

    private static final double BEGINS = 0.12;
    private static final double COUNTS = 0.35;

    /** A blink closes within so many seconds. */
    private static final double CLOSES = 0.16;

    /** So near, in seconds, a mark is the one that was seen. */
    private static final double NEAR = 0.3;

    /** Everything in which both eyes close, in the order of time. */
    static List<Blinked> in(Footage film) {
        double[] shut = shut(film);
        List<Blinked> all = new ArrayList<>();
        int done = -1;
        for (Span span : Spans.where(film.frames(), 1, f -> shut[f] > COUNTS)) {
            int first = span.first();
            int last = span.last();
            while (first > done + 1 && shut[first - 1] > BEGINS) {
                first--;
            }
            while (last + 1 < shut.length && shut[last + 1] > BEGINS) {
                last++;
            }
            int top = first;
            for (int f = first; f <= last; f++) {
                top = shut[f] > shut[top] + 1e-6 ? f : top;
            }
            double closing = (top - first) * film.rate().frameLength();
            all.add(new Blinked(film.time(first), film.time(last + 1), shut[top], closing <= CLOSES));
            done = last;
        }
        return all;
    }

    /** How far both eyes are shut in every frame, 0 to 1: measured on the mesh where that can be. */
    static double[] shut(Footage film) {
        double[] shut = new double[film.frames()];
        double[] left = side(film, true);
        double[] right = side(film, false);
        for (int f = 0; f < shut.length; f++) {
            shut[f] = Math.min(left[f], right[f]);
        }
        return shut;
    }

    private static double[] side(Footage film, boolean ofLeft) {
        Optional<double[]> lids = film.lids(ofLeft);
        if (lids.isEmpty()) {
            String own = ofLeft ? "lidClose.L" : "lidClose.R";
            return film.role(film.plays(own) ? own : ofLeft ? "lidClose.R" : "lidClose.L");
        }
        double open = film.measure().lids(ofLeft).orElseThrow().open() - LidGap.SHUT;
        double[] shut = new double[film.frames()];
        for (int f = 0; f < shut.length; f++) {
            shut[f] = Math.clamp(1 - (lids.get()[f] - LidGap.SHUT) / open, 0, 1);
        }
        return shut;
    }

    /** The mark of a blink that was seen gets the usual figures; without one, one is put there. */
    static Fix asUsual(Shot shot, Blinked blink) {
        Optional<Edit> whole = Mending.wholeInstincts(shot);
        if (whole.isPresent()) {
            return Fix.of("Let blinks play in full", whole.get());
        }
        List<Edit> edits = new ArrayList<>(Mending.taken(shot, Kind.BLINKS));
        List<Double> usual =
                Mark.figures(Kind.BLINKS).stream().map(Mark.Figure::usual).toList();
        Optional<LifeMarks.Placed> mark =
                LifeMarks.placed(Mending.marks(shot, Kind.BLINKS), Kind.BLINKS, shot.words()).stream()
                        .filter(m -> Math.abs(m.time() - blink.start) < NEAR)
                        .min(Comparator.comparingDouble(m -> Math.abs(m.time() - blink.start)));
        edits.add(
                mark.isPresent()
                        ? new MarkEdit.ChangeMark(
                                shot.line().id(),
                                Kind.BLINKS,
                                mark.get().index(),
                                mark.get().time(),
                                usual)
                        : new MarkEdit.AddMark(shot.line().id(), Kind.BLINKS, blink.start, usual));
        return new Fix("A blink as people do it", edits);
    }
}
