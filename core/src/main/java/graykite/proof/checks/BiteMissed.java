package graykite.proof.checks;

import graykite.mouth.Beat;
import graykite.mouth.Beats;
import graykite.mouth.PhoneShape.Closure;
import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.rig.Couplings;
import graykite.rig.LipGap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** f and v that do not bring the lower lip to where it bites. Limit: how far it may be off, in millimetres. */
record BiteMissed(Rule rule) implements Check {
    @Override
    public Needs needs() {
        return Needs.LIPS;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        LipGap lips = film.measure().lips().orElseThrow();
        Couplings couplings = new Couplings(shot.character());
        Map<String, double[]> bites = new HashMap<>();
        List<ProofNote> notes = new ArrayList<>();
        for (Beats.Shut shut : shot.beats().shuts()) {
            Beat beat = shot.beats().list().get(shut.beat());
            if (shut.kind() != Closure.LIP_TO_TEETH || beat.targets().isEmpty()) {
                continue;
            }
            String shape = beat.targets().getFirst().shape();
            double[] own = bites.computeIfAbsent(shape, name -> {
                double[] bite =
                        shot.character().values(shot.beats().chart().poses().get(name));
                couplings.apply(bite);
                return lips.lowerLip(bite);
            });
            int first = film.frame(shut.from());
            int last = Math.min(film.frames() - 1, film.frame(shut.to()) + 1);
            double least = Double.MAX_VALUE;
            // One frame in which it bites is enough, and it is likeliest in the middle.
            for (int f : fromTheMiddle(first, last)) {
                least = Math.min(least, off(lips.lowerLip(film.measure().straight(film.values(f))), own));
                if (least <= rule.limit("off_mm")) {
                    break;
                }
            }
            if (least > rule.limit("off_mm")) {
                notes.add(Sounds.missed(
                        shot,
                        rule,
                        shut,
                        "Hold it at the teeth",
                        "In %s of \u201c%s\u201d the lower lip is %.1f mm from where it meets the teeth.",
                        least));
            }
        }
        return notes;
    }

    private static List<Integer> fromTheMiddle(int first, int last) {
        return IntStream.rangeClosed(first, last)
                .boxed()
                .sorted(Comparator.comparingInt(f -> Math.abs(2 * f - first - last)))
                .toList();
    }

    /** How far the middle of the lip is from its own bite, up or down. */
    private static double off(double[] now, double[] own) {
        double most = 0;
        for (int i = now.length / 6; i < now.length / 2 - now.length / 6; i++) {
            most = Math.max(most, Math.abs(now[2 * i] - own[2 * i]));
        }
        return most;
    }
}
