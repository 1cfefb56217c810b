package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Mouths that open and shut within a moment. Limits: by how many millimetres; within how many frames. */
record Pop(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        int most = (int) rule.limit("frames");
        double open = rule.limit("open_mm");
        List<ProofNote> notes = new ArrayList<>();
        for (int f = 1; f + 1 < lips.length; f++) {
            for (int wide = 1; wide <= most && f + wide < lips.length; wide++) {
                double least = Double.MAX_VALUE;
                for (int k = f; k < f + wide; k++) {
                    least = Math.min(least, lips[k]);
                }
                if (least - lips[f - 1] >= open && least - lips[f + wide] >= open) {
                    double time = film.time(f);
                    notes.add(shot.note(
                            rule,
                            time,
                            film.time(f + wide),
                            Sounds.softer(shot, time, film.time(f + wide)),
                            "The mouth opens by %.0f mm and shuts again within %d %s.",
                            least - Math.max(lips[f - 1], lips[f + wide]),
                            wide,
                            wide == 1 ? "frame" : "frames"));
                    f += wide;
                    break;
                }
            }
        }
        return notes;
    }
}
