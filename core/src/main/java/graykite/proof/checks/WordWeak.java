package graykite.proof.checks;

import graykite.edit.ReadingEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.WordSource;
import java.util.ArrayList;
import java.util.List;

/** Words that fit their sound badly. Limit: the least fit, 0 to 1. */
record WordWeak(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<TimedWord> words = shot.timing().words();
        for (int w = 0; w < words.size(); w++) {
            TimedWord word = words.get(w);
            boolean settled = word.phones().stream().allMatch(TimedPhone::pinned);
            if (word.source() != WordSource.SOUND && !settled && word.fit() < rule.limit("fit")) {
                Fix right = Fix.of(
                        "It is right: pin it", new ReadingEdit.Pin(shot.line().id(), w, -1, true));
                notes.add(shot.note(
                        rule,
                        word.start(),
                        word.end(),
                        List.of(right),
                        "\u201c%s\u201d fits its sound by %.0f %% only: listen whether it is said here.",
                        word.text(),
                        100 * word.fit()));
            }
        }
        return notes;
    }
}
