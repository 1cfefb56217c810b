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

/** Heads that float somewhere slowly. Limits: over how many degrees; between which speeds, in degrees a second; for how many seconds. */
record Drifts(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.HEAD;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Head head = new Head(film);
        double fps = film.rate().perSecond();
        List<ProofNote> notes = new ArrayList<>();
        for (double[] axis : List.of(head.yaw(), head.pitch(), head.roll())) {
            for (int sign : new int[] {-1, 1}) {
                for (Span span : Spans.where(film.frames() - 1, film.count(rule.limit("seconds")), f -> {
                    double speed = sign * (axis[f + 1] - axis[f]) * fps;
                    return speed > rule.limit("slowest") && speed < rule.limit("fastest");
                })) {
                    double way = Math.abs(axis[span.last() + 1] - axis[span.first()]);
                    if (way > rule.limit("degrees")) {
                        double from = film.time(span.first());
                        double to = film.time(span.last() + 1);
                        notes.add(shot.note(
                                rule,
                                from,
                                to,
                                List.of(Mending.calmerHead(shot, from, to)),
                                "The head drifts over %.0f\u00b0 in %.1f s and rests nowhere.",
                                way,
                                to - from));
                    }
                }
            }
        }
        return notes;
    }
}
