package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Heads that tremble about where they turned to. Limits: how many turns to and fro; of how many degrees at least; within how many seconds. */
record Unsettled(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.HEAD;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Head head = new Head(film);
        List<ProofNote> notes = new ArrayList<>();
        for (double[] axis : List.of(head.yaw(), head.pitch(), head.roll())) {
            List<Integer> turns = Head.turns(axis, rule.limit("degrees"));
            int least = (int) rule.limit("turns");
            for (int t = 0; t + least <= turns.size(); t++) {
                double from = film.time(turns.get(t));
                double to = film.time(turns.get(t + least - 1));
                if (to - from <= rule.limit("seconds")) {
                    notes.add(shot.note(
                            rule,
                            from,
                            to,
                            List.of(Mending.calmerHead(shot, from, to)),
                            "The head turns to and fro %d times in %.1f s and does not settle.",
                            least,
                            to - from));
                    t += least - 1;
                }
            }
        }
        return notes;
    }
}
