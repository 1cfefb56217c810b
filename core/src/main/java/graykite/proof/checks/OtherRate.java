package graykite.proof.checks;

import graykite.edit.ProjectEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.List;

/** Films that run at another rate than the project. */
record OtherRate(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        return shot.reference().flatMap(Shot.Film::rate).stream()
                .filter(r -> !r.equals(shot.project().rate()))
                .map(r -> shot.noteOfLine(
                        rule,
                        List.of(Fix.of("Work at " + r + " frames a second", new ProjectEdit.SetRate(r))),
                        "The reference runs at %s frames a second, the project at %s.",
                        r,
                        shot.project().rate()))
                .toList();
    }
}
