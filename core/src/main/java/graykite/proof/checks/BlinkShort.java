package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Blinks that are over before they are seen. Limit: how many seconds one lasts. */
record BlinkShort(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIDS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        for (Blinked blink : Blinked.in(shot.film())) {
            double length = blink.end() - blink.start();
            if (blink.peak() >= Blinked.SHUT && length < rule.limit("seconds") && blink.start() > 0) {
                notes.add(shot.note(
                        rule,
                        blink.start(),
                        blink.end(),
                        List.of(Blinked.asUsual(shot, blink)),
                        "The blink is over in %.0f ms; people take 100 to 400.",
                        1000 * length));
            }
        }
        return notes;
    }
}
