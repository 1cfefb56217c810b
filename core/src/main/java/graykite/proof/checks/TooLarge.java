package graykite.proof.checks;

import graykite.edit.MouthEdit;
import graykite.mouth.Diction;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Phrases in which the mouth opens as wide as if there were time. Limits: syllables a second from which speech is fast; share of the full opening. */
record TooLarge(Rule rule) implements Check {
    private static final double PAUSE = 0.2;
    /** A little less than would just do. */
    private static final double LESS = 0.8;

    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<ProofNote> notes = new ArrayList<>();
        Footage film = shot.film();
        double full = Sounds.fullOpening(shot);
        double[] lips = film.lips().orElseThrow();
        List<TimedWord> words = shot.timing().words();
        int first = 0;
        for (int w = 0; w < words.size(); w++) {
            boolean ends = w + 1 == words.size()
                    || words.get(w + 1).start() - words.get(w).end() > PAUSE;
            if (!ends) {
                continue;
            }
            double length = words.get(w).end() - words.get(first).start();
            List<Double> peaks = new ArrayList<>();
            for (TimedWord word : words.subList(first, w + 1)) {
                for (TimedPhone phone : word.phones()) {
                    if (phone.phone().isVowel()) {
                        peaks.add(Sounds.widest(film, lips, phone.start() - 0.06, phone.end()));
                    }
                }
            }
            double rate = peaks.size() / length;
            double mean = peaks.stream().mapToDouble(p -> p).average().orElse(0);
            if (peaks.size() >= 4 && rate > rule.limit("syllables_s") && mean > rule.limit("share") * full) {
                Fix less = Fix.of(
                        "Open less in this phrase",
                        new MouthEdit.AddSection(
                                shot.line().id(),
                                first,
                                w,
                                shot.line()
                                        .mouth()
                                        .settings()
                                        .diction()
                                        .withOpen(open(shot, full, mean))
                                        .withStrength(Math.min(
                                                Diction.PLAIN.strength(),
                                                shot.line()
                                                        .mouth()
                                                        .settings()
                                                        .diction()
                                                        .strength())),
                                Optional.empty(),
                                0.15));
                notes.add(shot.note(
                        rule,
                        words.get(first).start(),
                        words.get(w).end(),
                        List.of(less),
                        "%.1f syllables a second, and the mouth opens to %.0f %% of its full vowel each time.",
                        rate,
                        100 * mean / full));
            }
            first = w + 1;
        }
        return notes;
    }

    /** How far the phrase may open. @param mean opening of its vowels, in millimetres */
    private double open(Shot shot, double full, double mean) {
        double now = Math.min(1, shot.line().mouth().settings().diction().open());
        return Math.clamp(now * LESS * rule.limit("share") * full / mean, 0.2, 1);
    }
}
