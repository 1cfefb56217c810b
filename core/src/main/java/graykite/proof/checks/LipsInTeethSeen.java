package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Lips that go through teeth. Limit: how deep they may lie, in millimetres. */
record LipsInTeethSeen(Rule rule) implements Check {
    @Override
    public boolean ready(Shot shot) {
        return shot.footage().isPresent();
    }

    @Override
    public Optional<String> cannot(Shot shot) {
        return shot.film().teeth().isPresent()
                ? Optional.empty()
                : Optional.of(shot.character().name()
                        + " has no parts that are called teeth: whether lips go through them is not measured.");
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] depth = film.teeth().orElseThrow();
        List<ProofNote> notes = new ArrayList<>();
        for (Span span : Spans.where(film.frames(), 1, f -> depth[f] > rule.limit("depth_mm"))) {
            double from = film.time(span.first());
            double to = film.time(span.last());
            notes.add(shot.note(
                    rule,
                    from,
                    to,
                    Sounds.softer(shot, from, to),
                    "A lip lies %.1f mm within the teeth.",
                    Arrays.stream(depth, span.first(), span.last() + 1).max().orElse(0)));
        }
        return notes;
    }
}
