package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Tongues that go through a lip. Limit: how far one may lie within it, in millimetres. */
record TongueInLipSeen(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.TONGUE;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] depth = film.tongue().orElseThrow();
        List<ProofNote> notes = new ArrayList<>();
        for (Span span : Spans.where(film.frames(), 1, f -> depth[f] > rule.limit("depth_mm"))) {
            double from = film.time(span.first());
            double to = film.time(span.last());
            notes.add(shot.note(
                    rule,
                    from,
                    to,
                    Sounds.softer(shot, from, to),
                    "The tongue lies %.1f mm within a lip.",
                    Arrays.stream(depth, span.first(), span.last() + 1).max().orElse(0)));
        }
        return notes;
    }
}
