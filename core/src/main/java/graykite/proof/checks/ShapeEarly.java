package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.List;

/** Shapes that are seen long before their sound. Limits: by how many seconds; by how many millimetres a vowel stands out. */
record ShapeEarly(Rule rule) implements Check {
    /** What is usual, in seconds. */
    private static final double LEAD = 0.04;

    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        return Sounds.seen(shot, rule.limit("prominence_mm")).stream()
                .filter(seen -> seen.early() > rule.limit("early_s"))
                .map(seen -> shot.note(
                        rule,
                        seen.to(),
                        seen.end(),
                        Sounds.moved(shot, seen, -seen.lag() - LEAD),
                        "The shape of %s in \u201c%s\u201d is over %.0f ms before its sound begins.",
                        seen.name(shot),
                        Sounds.word(shot, seen.word()),
                        1000 * seen.early()))
                .toList();
    }
}
