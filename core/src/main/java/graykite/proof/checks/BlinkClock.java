package graykite.proof.checks;

import graykite.acting.Instincts.Kind;
import graykite.acting.InstinctsPlan;
import graykite.edit.ActingEdit;
import graykite.edit.MarkEdit;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;

/** Blinks at even times. Limits: how many in a row; spread of the times between them, as a share of their mean. */
record BlinkClock(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIDS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        List<Blinked> blinks = Blinked.in(shot.film()).stream()
                .filter(b -> b.peak() >= Blinked.SHUT)
                .toList();
        int least = (int) rule.limit("blinks");
        List<ProofNote> notes = new ArrayList<>();
        int first = 0;
        while (first + least <= blinks.size()) {
            int last = first + least;
            if (spread(blinks.subList(first, last)) >= rule.limit("spread")) {
                first++;
                continue;
            }
            while (last < blinks.size() && spread(blinks.subList(first, last + 1)) < rule.limit("spread")) {
                last++;
            }
            List<Blinked> even = blinks.subList(first, last);
            notes.add(shot.note(
                    rule,
                    even.getFirst().start(),
                    even.getLast().end(),
                    List.of(uneven(shot)),
                    "%d blinks come like a clock, every %.1f s.",
                    even.size(),
                    (even.getLast().start() - even.getFirst().start()) / (even.size() - 1)));
            first = last;
        }
        return notes;
    }

    private static double spread(List<Blinked> blinks) {
        double mean = (blinks.getLast().start() - blinks.getFirst().start()) / (blinks.size() - 1);
        double sum = 0;
        for (int i = 1; i < blinks.size(); i++) {
            sum += Math.pow(blinks.get(i).start() - blinks.get(i - 1).start() - mean, 2);
        }
        return Math.sqrt(sum / (blinks.size() - 1)) / mean;
    }

    private static Fix uneven(Shot shot) {
        boolean own = shot.line()
                .layers()
                .first(InstinctsPlan.class)
                .map(p -> p.own().containsKey(Kind.BLINKS))
                .orElse(false);
        return own
                ? Fix.of(
                        "Let blinks come by themselves",
                        new MarkEdit.GiveBackMarks(shot.line().id(), Kind.BLINKS))
                : Fix.of(
                        "Another variation",
                        new ActingEdit.Vary(shot.line().id(), shot.line().seed() + 1));
    }
}
