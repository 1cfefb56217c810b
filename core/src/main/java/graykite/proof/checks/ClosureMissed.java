package graykite.proof.checks;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.PhoneShape.Closure;
import graykite.proof.Check;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** p, b and m that leave the lips open in every frame. Limit: the opening that still counts as shut, in millimetres. */
record ClosureMissed(Rule rule) implements Check {
    @Override
    public boolean ready(Shot shot) {
        return shot.footage().isPresent();
    }

    @Override
    public Optional<String> cannot(Shot shot) {
        return shot.film().measure().lips().isPresent()
                ? Optional.empty()
                : Optional.of("It is not known where the lips of "
                        + shot.character().name() + " meet: the opening of the mouth is not measured.");
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        double[] lips = film.lips().orElseThrow();
        List<ProofNote> notes = new ArrayList<>();
        for (Beats.Shut shut : shot.beats().shuts()) {
            if (shut.kind() != Closure.LIPS) {
                continue;
            }
            int last = Math.min(film.frames() - 1, film.frame(shut.to()) + 1);
            double least = Double.MAX_VALUE;
            for (int f = film.frame(shut.from()); f <= last; f++) {
                least = Math.min(least, lips[f]);
            }
            if (least >= rule.limit("gap_mm")) {
                Beat beat = shot.beats().list().get(shut.beat());
                List<Fix> fixes = new ArrayList<>(Mending.mouthToSpeech(shot, shut.from(), shut.to()));
                fixes.add(Mending.touch(
                        shot, "Hold it shut", beat.word(), beat.index(), t -> t.withShape(Optional.empty())
                                .withPose(Optional.empty())
                                .withStrength(1)
                                .withHold(0.06)));
                notes.add(shot.note(
                        rule,
                        shut.from(),
                        shut.to(),
                        fixes,
                        "%s of \u201c%s\u201d leaves the lips open by %.1f mm.",
                        beat.phone().ipa(),
                        Sounds.word(shot, beat.word()),
                        least));
            }
        }
        return notes;
    }
}
