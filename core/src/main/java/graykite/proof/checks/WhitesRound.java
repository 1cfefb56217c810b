package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import java.util.List;
import java.util.Optional;

/** Eyes torn open without cause. Limits: opening as a share of that at rest; how far the upper lids are raised; for how many seconds. */
record WhitesRound(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.WIDE_EYES;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] raised = film.role("upperLidRaiser.L");
        Optional<double[]> lids = film.lids(true);
        double wide = lids.isPresent()
                ? rule.limit("open_share")
                        * film.measure().lids(true).orElseThrow().open()
                : 0;
        return shot.notes(
                Spans.where(
                        film.frames(),
                        film.count(rule.limit("seconds")),
                        f -> raised[f] > rule.limit("raised")
                                && (lids.isEmpty() || lids.get()[f] > wide)
                                && !Feelings.widen(shot, film.time(f))),
                (span, from, to) -> shot.note(
                        rule,
                        from,
                        to,
                        Feelings.lessOfLids(shot, from, to),
                        "The whites are seen all round for %.1f s, and no feeling says why.",
                        to - from));
    }
}
