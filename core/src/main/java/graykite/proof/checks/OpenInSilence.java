package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.List;

/** Mouths that stay open where nothing is said. Limits: the opening in millimetres; for how many seconds; after how many seconds it should have shut. */
record OpenInSilence(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        double settle = rule.limit("settle_s");
        List<ProofNote> notes = new ArrayList<>();
        for (Timing.Segment segment : shot.timing().segments()) {
            double from = segment.start() == 0 ? 0 : segment.start() + settle;
            double to = segment.end() >= shot.timing().duration() ? segment.end() : segment.end() - settle;
            if (!segment.isSilence() || to - from < rule.limit("seconds")) {
                continue;
            }
            for (Span span : Spans.where(
                    film.frame(from),
                    film.frame(to),
                    film.count(rule.limit("seconds")),
                    f -> lips[f] > rule.limit("gap_mm"))) {
                double start = film.time(span.first());
                double end = film.time(span.last());
                List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, start, end));
                fixes.add(Sounds.seal(shot, start, end));
                notes.add(shot.note(
                        rule,
                        start,
                        end,
                        fixes,
                        "The mouth stands open by %.0f mm for %.1f s while nothing is said.",
                        Sounds.widest(film, lips, start, end),
                        end - start));
            }
        }
        return notes;
    }
}
