package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import java.util.List;

/** Eyes that stay away from everybody though nobody asked for it. Limits: from how many degrees on; for how many seconds. */
record EyesOnNothing(Rule rule) implements Check {
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
                        film.count(rule.limit("seconds")),
                        f -> Math.hypot(gaze.yaw(f), gaze.pitch(f)) > rule.limit("degrees")
                                && !Gaze.isAsked(shot, film.time(f))),
                (span, from, to) -> shot.note(
                        rule,
                        from,
                        to,
                        List.of(Mending.lookBack(shot, from + 0.4, to + 0.8)),
                        "The eyes stay %.0f\u00b0 away from everybody for %.1f s, and no look says why.",
                        Math.hypot(gaze.yaw(span.first()), gaze.pitch(span.first())),
                        to - from));
    }
}
