package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.List;

/** Shapes that are seen after their sound is heard. Limits: by how many seconds; by how many millimetres a vowel stands out. */
record ShapeLate(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        return Sounds.seen(shot, rule.limit("prominence_mm")).stream()
                .filter(seen -> seen.late() > rule.limit("late_s"))
                .map(seen -> shot.note(
                        rule,
                        seen.start(),
                        seen.from(),
                        Sounds.moved(shot, seen, -seen.lag()),
                        "The shape of %s in \u201c%s\u201d is seen %.0f ms after its sound is over.",
                        seen.name(shot),
                        Sounds.word(shot, seen.word()),
                        1000 * seen.late()))
                .toList();
    }
}
