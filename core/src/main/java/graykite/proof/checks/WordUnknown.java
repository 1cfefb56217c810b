package graykite.proof.checks;

import graykite.edit.ProjectEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.text.Pronunciation;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Words that neither the dictionary nor the project knows: their sounds come from their letters. */
record WordUnknown(Rule rule) implements Check {
    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        for (TimedWord word : shot.timing().words()) {
            String plain = word.text().toLowerCase(Locale.ROOT);
            boolean settled = word.phones().stream().allMatch(TimedPhone::pinned)
                    || shot.project().dictionary().containsKey(plain);
            if (word.guessed() && !settled) {
                Pronunciation said = new Pronunciation(
                        word.phones().stream().map(TimedPhone::phone).toList());
                notes.add(shot.note(
                        rule,
                        word.start(),
                        word.end(),
                        List.of(Fix.of("It is said like this", new ProjectEdit.SayWord(plain, said))),
                        "\u201c%s\u201d is not in the dictionary; it is said as it is spelled: %s.",
                        word.text(),
                        said));
            }
        }
        return notes;
    }
}
