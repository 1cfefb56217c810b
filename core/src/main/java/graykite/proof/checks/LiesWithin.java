package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * One part of a face that goes through another. Limit: how deep it may lie within it, in millimetres.
 *
 * @param depth how deep it lies in every frame, in millimetres
 * @param says with the depth as a figure
 */
record LiesWithin(Rule rule, Needs needs, Function<Footage, Optional<double[]>> depth, String says) implements Check {
    static LiesWithin lipsInTeeth(Rule rule) {
        return new LiesWithin(rule, Needs.TEETH, Footage::teeth, "A lip lies %.1f mm within the teeth.");
    }

    static LiesWithin tongueInLip(Rule rule) {
        return new LiesWithin(rule, Needs.TONGUE, Footage::tongue, "The tongue lies %.1f mm within a lip.");
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] deep = depth.apply(film).orElseThrow();
        return shot.notes(
                Spans.where(film.frames(), 1, f -> deep[f] > rule.limit("depth_mm")),
                (span, from, to) -> shot.note(
                        rule,
                        from,
                        to,
                        Sounds.softer(shot, from, to),
                        says,
                        Arrays.stream(deep, span.first(), span.last() + 1).max().orElse(0)));
    }
}
