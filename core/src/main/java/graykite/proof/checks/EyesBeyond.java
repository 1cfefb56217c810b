package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import java.util.List;

/** Eyes that turn farther than eyes can. Limits: degrees to a side; degrees up and down. */
record EyesBeyond(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.GAZE;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Gaze gaze = new Gaze(film);
        return shot.notes(
                Spans.where(
                        film.frames(),
                        2,
                        f -> Math.abs(gaze.eyeYaw(f)) > rule.limit("yaw")
                                || Math.abs(gaze.eyePitch(f)) > rule.limit("pitch")),
                (span, from, to) -> shot.note(
                        rule,
                        from,
                        to,
                        Gaze.nearer(shot, from, to),
                        "The eyes turn by %.0f\u00b0 in the head; the head should do the rest.",
                        Math.max(Math.abs(gaze.eyeYaw(span.first())), Math.abs(gaze.eyePitch(span.first())))));
    }
}
