package graykite.proof.checks;

import graykite.acting.ClipsLayer;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import graykite.proof.checks.Mending.OnLine;
import java.util.ArrayList;
import java.util.List;

/** Corners of the mouth that are pulled up and down at once. Limits: from which amount on; for how many seconds. */
record SmileAndFrown(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.MOVEMENT;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        List<ProofNote> notes = new ArrayList<>();
        for (String side : List.of(".L", ".R")) {
            double[] up = film.role("lipCornerPuller" + side);
            double[] down = film.role("lipCornerDepressor" + side);
            double amount = rule.limit("amount");
            for (Span span : Spans.where(
                    film.frames(), film.count(rule.limit("seconds")), f -> Math.min(up[f], down[f]) > amount)) {
                double from = film.time(span.first());
                double to = film.time(span.last());
                if (notes.stream().noneMatch(n -> Math.abs(n.time() - from) < 0.2)) {
                    notes.add(shot.note(
                            rule,
                            from,
                            to,
                            fixes(shot, from, to),
                            "A corner of the mouth smiles by %.0f %% and is drawn down by %.0f %% at once.",
                            100 * up[span.first()],
                            100 * down[span.first()]));
                }
            }
        }
        return notes;
    }

    private static List<Fix> fixes(Shot shot, double from, double to) {
        List<Fix> fixes = new ArrayList<>();
        for (OnLine<ClipsLayer.Ready> clip : Feelings.at(shot, from, to)) {
            fixes.add(Fix.of(
                    "Less of " + clip.what().clip().look().content().name(),
                    Mending.change(shot, clip, l -> l.withAmounts(0.4 * l.left(), 0.4 * l.right()))));
        }
        fixes.addAll(Mending.mouthToSpeech(shot, from, to));
        if (fixes.isEmpty()) {
            fixes.add(Sounds.softer(shot, from, to).getFirst());
        }
        return fixes;
    }
}
