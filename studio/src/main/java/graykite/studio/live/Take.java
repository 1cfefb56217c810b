package graykite.studio.live;

import graykite.acting.Pass;
import graykite.acting.Performed;
import graykite.edit.PassEdit;
import graykite.motion.Motion;
import graykite.motion.OneEuro;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.rig.Roles;
import java.util.Map;

/** What becomes of a recording: smoothed, thinned, and laid on the line. */
final class Take {
    /** Samples a second of what is recorded. */
    static final double RATE = 60;

    private Take() {}

    /**
     * Smooths and thins.
     *
     * @param smooth 0 to 1
     * @param thin the error that keys may have, as a share of the reach; 0 keeps every sample
     */
    static Motion worked(Track raw, double smooth, double thin) {
        Track track = raw;
        for (int c = 0; c < raw.controls().size() && smooth > 0; c++) {
            track = track.with(
                    c,
                    OneEuro.smoothed(
                            track.of(c),
                            track.rate(),
                            smooth,
                            Roles.reach(raw.controls().get(c))));
        }
        return thin > 0 ? Thinning.thinned(track, c -> thin * Roles.reach(c)).motion() : track;
    }

    /** What was performed, and what was performed on from its end. */
    static Track joined(Performed before, Track after) {
        Track first = Thinning.dense(before.motion(), RATE).part(before.from(), before.to());
        return first.joined(after);
    }

    /** The edit that lays it on a line. */
    static PassEdit.Look look(String name, Motion motion, boolean adds, double mouth) {
        return new PassEdit.Look(Performed.whole(name, motion), adds, Pass.USUAL_EASE, mouth, Map.of());
    }
}
