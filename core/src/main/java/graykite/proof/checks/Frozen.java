package graykite.proof.checks;

import graykite.acting.Instincts.Kind;
import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import java.util.ArrayList;
import java.util.List;

/** Faces in which nothing moves at all. Limits: for how many seconds; for how many at the head and tail of the line; how little a channel may move in a second to count as still, as a share of its range. */
record Frozen(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double still = rule.limit("moves") * film.rate().frameLength();
        List<ProofNote> notes = new ArrayList<>();
        int least = film.count(Math.min(rule.limit("seconds"), rule.limit("ends_s")));
        for (Span span : Spans.where(film.frames() - 1, least, f -> film.still(f, still))) {
            boolean head = span.first() == 0;
            boolean tail = span.last() >= film.frames() - 2;
            double from = film.time(span.first());
            double to = film.time(span.last() + 1);
            if (to - from >= rule.limit(head || tail ? "ends_s" : "seconds")) {
                notes.add(shot.note(
                        rule,
                        from,
                        to,
                        List.of(Mending.liveliness(shot, Kind.values())),
                        "The face is frozen for %.1f s%s.",
                        to - from,
                        head ? " as the line begins" : tail ? " as the line ends" : ""));
            }
        }
        return notes;
    }
}
