package graykite.proof.checks;

import graykite.edit.LineEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.List;
import java.util.Optional;

/** References that are not there any more. */
record FileMissing(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        if (shot.line().reference().isEmpty()
                || shot.reference().map(Shot.Film::there).orElse(true)) {
            return List.of();
        }
        return List.of(shot.noteOfLine(
                rule,
                List.of(Fix.of(
                        "Take the reference away",
                        new LineEdit.SetReference(shot.line().id(), Optional.empty()))),
                "The reference %s is not there any more.",
                shot.line().reference().get().name()));
    }
}
