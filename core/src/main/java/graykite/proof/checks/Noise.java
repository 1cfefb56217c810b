package graykite.proof.checks;

import graykite.acting.PassesLayer;
import graykite.motion.Track;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.List;

/** Captured tracks that tremble. Limit: how much of it is trembling, as a share of what the control can do. */
record Noise(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        for (OnLine<PassesLayer.Ready> pass : Mending.passes(shot)) {
            if (!(pass.what().pass().what().motion() instanceof Track track)) {
                continue;
            }
            double most = 0;
            String worst = "";
            for (int c = 0; c < track.controls().size(); c++) {
                double trembling = Smoothing.trembling(track.of(c))
                        / Roles.reach(track.controls().get(c));
                if (trembling > most) {
                    most = trembling;
                    worst = track.controls().get(c);
                }
            }
            if (most > rule.limit("share")) {
                notes.add(shot.note(
                        rule,
                        pass.what().start(),
                        pass.what().end(),
                        List.of(Fix.of("Smooth the pass", Mending.repass(shot, pass, Smoothing::of))),
                        "The pass %s trembles: %s by %.1f %% of what it can do from sample to sample.",
                        pass.what().pass().what().name(),
                        worst,
                        100 * most));
            }
        }
        return notes;
    }
}
