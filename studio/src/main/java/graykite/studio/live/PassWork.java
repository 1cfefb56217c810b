package graykite.studio.live;

import graykite.acting.PassesLayer.Ready;
import graykite.acting.Performed;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Thinning;
import graykite.motion.Track;
import graykite.rig.Roles;
import graykite.studio.model.Counted;
import graykite.studio.model.PassEdits.Choice;
import graykite.studio.model.Workspace;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** Works over the chosen pass, off the window's thread: smoother, with fewer keys. */
public final class PassWork {
    private static final double SMOOTHER = 0.35;
    private static final double FIRST_ERROR = 0.01;

    private final Workspace workspace;

    /** @param workspace whose chosen pass is worked over */
    public PassWork(Workspace workspace) {
        this.workspace = workspace;
    }

    /** Takes trembling out. A pass of keys keeps being one. */
    public void smooth() {
        work("Smoothing the pass", before -> {
            Motion after = Take.worked(
                    Thinning.dense(before, Take.RATE), SMOOTHER, before instanceof Keyed ? FIRST_ERROR / 2 : 0);
            return new Done(after, "Smoother now.");
        });
    }

    /** Puts keys in place of samples; keys become fewer, with twice the error each time. */
    public void thin() {
        work("Thinning the pass", before -> {
            Track dense = Thinning.dense(before, Take.RATE);
            double allowed = FIRST_ERROR;
            Thinning.Result result = thinned(dense, allowed);
            while (before instanceof Keyed keyed && result.motion().keys() >= 0.9 * keyed.keys() && allowed < 0.3) {
                allowed *= 2;
                result = thinned(dense, allowed);
            }
            return new Done(
                    result.motion(),
                    String.format(
                            Locale.ROOT,
                            "%s now, nowhere further off than %.1f %% of what a control can do.",
                            Counted.of(result.motion().keys(), "key"),
                            100 * allowed * result.error()));
        });
    }

    private static Thinning.Result thinned(Track dense, double allowed) {
        return Thinning.thinned(dense, c -> allowed * Roles.reach(c));
    }

    private record Done(Motion motion, String says) {}

    private void work(String what, Function<Motion, Done> change) {
        Optional<Ready> pass = workspace.passes().pass();
        Optional<Choice> chosen = workspace.passes().chosen().get();
        if (pass.isEmpty()) {
            return;
        }
        Performed before = pass.get().pass().what();
        workspace.jobs().start(what, progress -> change.apply(before.motion()), done -> {
            // Only what was worked over: it may be gone, or another may be chosen by now.
            boolean there = workspace.passes().chosen().get().equals(chosen)
                    && workspace.passes().pass().map(r -> r.pass().what()).equals(Optional.of(before));
            if (there) {
                workspace.passes().what(0, w -> w.withMotion(done.motion));
                workspace.jobs().say(done.says);
            }
        });
    }
}
