package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.reading.TimedWord;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Eyes that stay open for long. Limit: for how many seconds. */
record NoBlink(Rule rule) implements Check {
    private static final double FROM_END = 0.4;

    @Override
    public Needs needs() {
        return Needs.LIDS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double duration = film.time(film.frames());
        List<ProofNote> notes = new ArrayList<>();
        double since = 0;
        for (Blinked blink : Blinked.in(film)) {
            if (blink.peak() >= Blinked.SHUT) {
                note(shot, since, blink.start(), notes);
                since = blink.end();
            }
        }
        note(shot, since, duration, notes);
        return notes;
    }

    private void note(Shot shot, double from, double to, List<ProofNote> notes) {
        if (to - from > rule.limit("seconds")) {
            notes.add(shot.note(
                    rule,
                    from,
                    to,
                    List.of(Mending.blinkAt(shot, place(shot, from, to))),
                    "No blink for %.1f s.",
                    to - from));
        }
    }

    /** At the end of a word near the middle: there people blink. */
    private static double place(Shot shot, double from, double to) {
        double middle = (from + to) / 2;
        return shot.timing().words().stream()
                .map(TimedWord::end)
                .filter(e -> e > from + FROM_END && e < to - FROM_END)
                .min(Comparator.comparingDouble(e -> Math.abs(e - middle)))
                .orElse(middle);
    }
}
