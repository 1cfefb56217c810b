package graykite.proof.checks;

import graykite.edit.ReadingEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.Doubt;
import java.util.List;

/** A script that belongs to another recording. */
record WordsForeign(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        Fix byHand = Fix.of(
                "Take the words off and mark them by hand",
                new ReadingEdit.ClearReading(shot.line().id(), shot.duration()));
        return Doubt.stranger(shot.timing()).stream()
                .map(says -> shot.noteOfLine(rule, List.of(byHand), "%s", says))
                .toList();
    }
}
