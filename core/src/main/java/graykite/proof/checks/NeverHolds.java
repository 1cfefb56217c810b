package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import java.util.List;

/** Heads that go on and on. Limits: degrees a second from which on it moves; for how many seconds without a hold. */
record NeverHolds(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.HEAD;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Head head = new Head(film);
        return shot.notes(
                Spans.where(
                        film.frames() - 1,
                        film.count(rule.limit("seconds")),
                        // One slow frame at a turning point is no hold.
                        f -> head.speed(f) > rule.limit("degrees_s")
                                || head.speed(f - 1) > rule.limit("degrees_s")
                                        && head.speed(f + 1) > rule.limit("degrees_s")),
                (span, from, to) -> shot.note(
                        rule,
                        from,
                        to,
                        List.of(Mending.calmerHead(shot, from, to)),
                        "The head moves for %.1f s without a hold.",
                        to - from));
    }
}
