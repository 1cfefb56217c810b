package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Blinks in which the lids do not meet. Limits: the opening that is left, in millimetres; the share of the way from which on it is a blink that did not get there. */
record LidsApart(Rule rule) implements Check {
    private static final double LONGEST = 0.6;
    private static final double LEAST = 0.6;

    @Override
    public Needs needs() {
        return Needs.LIDS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        List<ProofNote> notes = new ArrayList<>();
        for (Blinked blink : Blinked.in(film)) {
            double left = gap(film, blink);
            boolean apart =
                    film.lids(true).isPresent() ? left > rule.limit("gap_mm") : blink.peak() < rule.limit("share");
            if (apart && blink.peak() > LEAST && blink.quick() && blink.end() - blink.start() < LONGEST) {
                notes.add(shot.note(
                        rule,
                        blink.start(),
                        blink.end(),
                        List.of(Blinked.asUsual(shot, blink)),
                        left > 0 ? "The lids do not meet: %.1f mm are left." : "The lids do not meet.",
                        left));
            }
        }
        return notes;
    }

    private static double gap(Footage film, Blinked blink) {
        double least = Double.MAX_VALUE;
        for (boolean side : new boolean[] {true, false}) {
            double[] lids = film.lids(side).orElse(new double[0]);
            for (int f = film.frame(blink.start()); f < Math.min(lids.length, film.frame(blink.end()) + 1); f++) {
                least = Math.min(least, lids[f]);
            }
        }
        return least == Double.MAX_VALUE ? 0 : least;
    }
}
