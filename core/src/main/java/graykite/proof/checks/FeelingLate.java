package graykite.proof.checks;

import graykite.acting.ClipsLayer;
import graykite.edit.ClipEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.checks.Mending.OnLine;
import graykite.reading.TimedWord;
import java.util.ArrayList;
import java.util.List;

/** Feelings that come after the words that show them. Limits: by how many seconds; within which time after the phrase began; how long a pause is that parts phrases. */
record FeelingLate(Rule rule) implements Check {
    private static final double BEFORE = 0.15;

    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        List<TimedWord> words = shot.timing().words();
        for (OnLine<ClipsLayer.Ready> clip : Mending.clips(shot)) {
            double start = clip.what().start();
            double phrase = -1;
            for (int w = 0; w < words.size() && words.get(w).start() < start; w++) {
                if (w == 0 || words.get(w).start() - words.get(w - 1).end() >= rule.limit("pause_s")) {
                    phrase = words.get(w).start();
                }
            }
            double late = start - phrase;
            if (phrase >= 0 && late > rule.limit("late_s") && late < rule.limit("within_s")) {
                double from = Math.max(0, phrase - BEFORE);
                notes.add(shot.note(
                        rule,
                        start,
                        clip.what().end(),
                        List.of(Fix.of(
                                "Begin before the words",
                                new ClipEdit.ChangeClip(
                                        shot.line().id(),
                                        clip.layer(),
                                        clip.what().index(),
                                        from,
                                        clip.what().end(),
                                        clip.what().clip().look()))),
                        "%s begins %.2f s after the words that it belongs to.",
                        clip.what().clip().look().content().name(),
                        late));
            }
        }
        return notes;
    }
}
