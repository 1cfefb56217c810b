package graykite.proof.checks;

import graykite.acting.Pass;
import graykite.motion.OneEuro;
import graykite.motion.Track;
import graykite.rig.Roles;

/** How much a captured track trembles, and without it. */
final class Smoothing {
    private static final double STRENGTH = 0.55;

    private Smoothing() {}

    /** How far a sample lies from the middle of its neighbours, as a root of the mean square. */
    static double trembling(double[] samples) {
        double sum = 0;
        for (int i = 1; i + 1 < samples.length; i++) {
            double off = samples[i] - (samples[i - 1] + samples[i + 1]) / 2;
            sum += off * off;
        }
        return Math.sqrt(sum / Math.max(1, samples.length - 2));
    }

    /** The same pass with its trembling taken out; one of keys stays as it is. */
    static Pass of(Pass pass) {
        if (!(pass.what().motion() instanceof Track track)) {
            return pass;
        }
        Track smooth = track;
        for (int c = 0; c < track.controls().size(); c++) {
            double reach = Roles.reach(track.controls().get(c));
            smooth = smooth.with(c, OneEuro.smoothed(track.of(c), track.rate(), STRENGTH, reach));
        }
        return pass.with(pass.what().withMotion(smooth));
    }
}
