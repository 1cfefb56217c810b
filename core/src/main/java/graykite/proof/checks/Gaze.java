package graykite.proof.checks;

import graykite.acting.LookPoint;
import graykite.acting.LooksLayer;
import graykite.acting.LooksPlan;
import graykite.edit.LookEdit;
import graykite.proof.Fix;
import graykite.proof.Footage;
import graykite.proof.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Where somebody looks, frame by frame: the eyes in the head, and with head and body. Degrees, left and up are positive. */
final class Gaze {
    /** A feeling may lead the eyes away for its own time. */
    private static final double HEAD = 0.7;

    private final double[] eyeYaw;
    private final double[] eyePitch;
    private final double[] headYaw;
    private final double[] headPitch;
    private final double[] bodyYaw;

    Gaze(Footage film) {
        eyeYaw = film.role("eyeYaw");
        eyePitch = film.role("eyePitch");
        headYaw = film.role("headYaw");
        headPitch = film.role("headPitch");
        bodyYaw = film.role("bodyYaw");
    }

    double eyeYaw(int frame) {
        return eyeYaw[frame];
    }

    double eyePitch(int frame) {
        return eyePitch[frame];
    }

    double yaw(int frame) {
        return eyeYaw[frame] + headYaw[frame] + bodyYaw[frame];
    }

    double pitch(int frame) {
        return eyePitch[frame] + headPitch[frame];
    }

    /** True when a look, a feeling or a performance says at a time where the eyes go. */
    static boolean isAsked(Shot shot, double time) {
        boolean looks = shot.line().layers().plans().stream()
                .filter(LooksPlan.class::isInstance)
                .flatMap(p -> LooksLayer.placed(((LooksPlan) p).looks(), shot.words()).stream())
                .anyMatch(l -> l.start() <= time && time <= l.end());
        return looks
                || Mending.clips(shot).stream()
                        .anyMatch(c ->
                                c.what().start() <= time && time <= c.what().end());
    }

    /** A dart in place of a slide. @param from first frame @param to last frame */
    static List<Fix> dart(Shot shot, Gaze gaze, int from, int to) {
        Footage film = shot.film();
        double start = film.time((from + to) / 2);
        LookPoint there =
                new LookPoint.Toward("There", Math.clamp(gaze.yaw(to), -80, 80), Math.clamp(gaze.pitch(to), -60, 60));
        List<Fix> fixes = new ArrayList<>(less(shot, film.time(from), film.time(to)));
        fixes.add(Fix.of("Dart there instead", new LookEdit.AddLook(shot.line().id(), start, start + 0.8, there, 0.2)));
        return fixes;
    }

    /** Less of whatever turns the eyes in a stretch. */
    private static List<Fix> less(Shot shot, double from, double to) {
        List<Fix> fixes = new ArrayList<>();
        Mending.passes(shot).stream()
                .filter(p -> p.what().start() < to && p.what().end() > from)
                .filter(p -> p.what().pass().what().motion().controls().stream().anyMatch(c -> c.startsWith("eye")))
                .forEach(p -> fixes.add(Fix.of(
                        "Leave the eyes out of the pass",
                        Mending.repass(shot, p, q -> q.weighing(Map.of("eyeYaw", 0.0, "eyePitch", 0.0))))));
        return fixes;
    }

    /** More of the head in a look, or less of what turns the eyes too far. */
    static List<Fix> nearer(Shot shot, double from, double to) {
        List<Fix> fixes = new ArrayList<>();
        shot.line()
                .layers()
                .first(LooksPlan.class)
                .ifPresent(plan -> LooksLayer.placed(plan.looks(), shot.words()).stream()
                        .filter(l ->
                                l.start() <= to && l.end() >= from && l.look().head() < HEAD)
                        .findFirst()
                        .ifPresent(l -> fixes.add(Fix.of(
                                "Turn the head more",
                                new LookEdit.ChangeLook(
                                        shot.line().id(),
                                        l.index(),
                                        l.start(),
                                        l.end(),
                                        l.look().point(),
                                        HEAD)))));
        fixes.addAll(less(shot, from, to));
        Mending.clips(shot).stream()
                .filter(c -> c.what().start() <= to && c.what().end() >= from)
                .forEach(c -> fixes.add(Fix.of(
                        "Less of the expression",
                        Mending.change(shot, c, l -> l.withAmounts(0.4 * l.left(), 0.4 * l.right())))));
        if (fixes.isEmpty()) {
            fixes.add(Mending.lookBack(shot, from, to + 0.5));
        }
        return fixes;
    }
}
