package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Blinks that are over before they are seen. Limit: how many seconds one lasts. */
record BlinkShort(Rule rule) implements Check {
    @Override
    public boolean ready(Shot shot) {
        return shot.footage().isPresent();
    }

    @Override
    public Optional<String> cannot(Shot shot) {
        return shot.film().plays("lidClose.L") || shot.film().plays("lidClose.R")
                ? Optional.empty()
                : Optional.of(shot.character().name() + " has nothing that closes the eyes: blinks are not looked at.");
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
