package graykite.proof.checks;

import graykite.edit.ReadingEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.MissingWord;
import graykite.reading.Timing;
import java.util.ArrayList;
import java.util.List;

/** Words of the script that were not found in the sound. */
record WordMissing(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        Timing timing = shot.timing();
        List<ProofNote> notes = new ArrayList<>();
        for (MissingWord word : timing.missing()) {
            boolean last = word.before() >= timing.words().size();
            double time =
                    last ? timing.duration() : timing.words().get(word.before()).start();
            Fix out = Fix.of(
                    "Take it out of the script",
                    new ReadingEdit.SetReading(shot.line().id(), timing.without(word), true));
            notes.add(shot.note(
                    rule,
                    time,
                    time,
                    List.of(out),
                    "\u201c%s\u201d of the script was not found in the sound.",
                    word.text()));
        }
        return notes;
    }
}
