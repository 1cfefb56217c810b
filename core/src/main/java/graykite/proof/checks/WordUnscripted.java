package graykite.proof.checks;

import graykite.edit.ReadingEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedWord;
import graykite.reading.WordSource;
import java.util.ArrayList;
import java.util.List;

/** What is said though the script does not hold it. */
record WordUnscripted(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<TimedWord> words = shot.timing().words();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            if (word.source() == WordSource.SOUND) {
                String line = shot.line().id();
                Fix out = Fix.of("Leave it out", new ReadingEdit.DeleteWord(line, w));
                Fix in = Fix.of("Write it into the script", new ReadingEdit.WriteWord(line, w));
                notes.add(shot.note(
                        rule,
                        word.start(),
                        word.end(),
                        word.isKnown() ? List.of(in, out) : List.of(out),
                        word.isKnown()
                                ? "\u201c%2$s\u201d is said here, and the script does not hold it."
                                : "Something is said here for %1$.2f s that the script does not hold.",
                        word.end() - word.start(),
                        word.text()));
            }
        }
        return notes;
    }
}
