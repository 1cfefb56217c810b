package graykite.proof.checks;

import graykite.mouth.Beats;
import graykite.mouth.PhoneShape.Closure;
import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** p, b and m that leave the lips open in every frame. Limit: the opening that still counts as shut, in millimetres. */
record ClosureMissed(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        List<ProofNote> notes = new ArrayList<>();
        for (Beats.Shut shut : shot.beats().shuts()) {
            if (shut.kind() != Closure.LIPS) {
                continue;
            }
            int last = Math.min(film.frames() - 1, film.frame(shut.to()) + 1);
            double least = Double.MAX_VALUE;
            for (int f = film.frame(shut.from()); f <= last; f++) {
                least = Math.min(least, lips[f]);
            }
            if (least >= rule.limit("gap_mm")) {
                notes.add(Sounds.missed(
                        shot,
                        rule,
                        shut,
                        "Hold it shut",
                        "%s of \u201c%s\u201d leaves the lips open by %.1f mm.",
                        least));
            }
        }
        return notes;
    }
}
