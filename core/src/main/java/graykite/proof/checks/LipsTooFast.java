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
import java.util.List;

/** Lips that part or meet faster than lips can. Limit: millimetres a second. */
record LipsTooFast(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        double fps = film.rate().perSecond();
        double limit = rule.limit("speed_mm_s");
        List<ProofNote> notes = new ArrayList<>();
        for (Span span : Spans.where(lips.length - 1, 1, f -> Math.abs(lips[f + 1] - lips[f]) * fps > limit)) {
            double fastest = 0;
            for (int f = span.first(); f <= span.last(); f++) {
                fastest = Math.max(fastest, Math.abs(lips[f + 1] - lips[f]) * fps);
            }
            notes.add(shot.note(
                    rule,
                    film.time(span.first()),
                    film.time(span.last() + 1),
                    Sounds.softer(shot, film.time(span.first()), film.time(span.last() + 1)),
                    "The lips move at %.0f mm a second; lips manage some %.0f.",
                    fastest,
                    limit));
        }
        return notes;
    }
}
