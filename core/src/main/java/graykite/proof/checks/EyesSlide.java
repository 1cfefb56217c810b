package graykite.proof.checks;

import graykite.proof.Check;
import graykite.proof.Footage;
import graykite.proof.Needs;
import graykite.proof.ProofNote;
import graykite.proof.Rule;
import graykite.proof.Shot;
import graykite.proof.Spans;
import graykite.proof.Spans.Span;
import java.util.ArrayList;
import java.util.List;

/** Eyes that slide where eyes dart. Limits: over how many degrees; the slowest speed of a dart, in degrees a second; for how many seconds. */
record EyesSlide(Rule rule) implements Check {
    /** Slower than this they rest, in degrees a second. */
    private static final double RESTS = 8;

    /** How much of what the eyes do has to be seen on the stage: else they only stay aimed while the head moves. */
    private static final double SEEN = 0.6;

    @Override
    public Needs needs() {
        return Needs.GAZE;
    }

    @Override
    public List<ProofNote> notes(Shot shot) {
        Footage film = shot.film();
        Gaze gaze = new Gaze(film);
        double fps = film.rate().perSecond();
        List<ProofNote> notes = new ArrayList<>();
        for (Span span : Spans.where(film.frames() - 1, film.count(rule.limit("seconds")), f -> {
            double speed =
                    Math.hypot(gaze.eyeYaw(f + 1) - gaze.eyeYaw(f), gaze.eyePitch(f + 1) - gaze.eyePitch(f)) * fps;
            return speed > RESTS && speed < rule.limit("slowest");
        })) {
            int to = span.last() + 1;
            double eyes = Math.hypot(
                    gaze.eyeYaw(to) - gaze.eyeYaw(span.first()), gaze.eyePitch(to) - gaze.eyePitch(span.first()));
            // How far the gaze went the way of the eyes; the other way they only stay aimed.
            double seen = ((gaze.yaw(to) - gaze.yaw(span.first())) * (gaze.eyeYaw(to) - gaze.eyeYaw(span.first()))
                            + (gaze.pitch(to) - gaze.pitch(span.first()))
                                    * (gaze.eyePitch(to) - gaze.eyePitch(span.first())))
                    / Math.max(1e-6, eyes);
            if (eyes > rule.limit("degrees") && seen > SEEN * eyes) {
                double from = film.time(span.first());
                notes.add(shot.note(
                        rule,
                        from,
                        film.time(to),
                        Gaze.dart(shot, gaze, span.first(), to),
                        "The eyes slide over %.0f\u00b0 in %.2f s; a dart takes %.2f s.",
                        eyes,
                        film.time(to) - from,
                        0.021 + 0.0022 * eyes));
            }
        }
        return notes;
    }
}
