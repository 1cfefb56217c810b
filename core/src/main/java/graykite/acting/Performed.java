package graykite.acting;

import static graykite.base.Require.requireThat;

import graykite.motion.Motion;
import graykite.rig.Character;
import graykite.rig.Pose;
import java.util.Map;
import java.util.TreeMap;

/**
 * A performance as it lies on a line: a live pass, a capture, a saved stretch of another line. Stretched, it goes slower or
 * faster; trimmed, less of it is seen.
 *
 * @param name what people call it
 * @param from seconds of the motion with which it begins
 * @param to seconds of the motion with which it ends
 */
public record Performed(String name, Motion motion, double from, double to) implements Clip.Content {
    public Performed {
        requireThat(!name.isBlank(), "A performance has a name.");
        requireThat(
                from >= 0 && to > from && to <= motion.duration() + 1e-6,
                "The part of a performance lies in its %.2f s, not from %.2f to %.2f.",
                motion.duration(),
                from,
                to);
    }

    /** All of a motion. */
    public static Performed whole(String name, Motion motion) {
        return new Performed(name, motion, 0, motion.duration());
    }

    public Performed withMotion(Motion other) {
        return new Performed(name, other, Math.min(from, other.duration() / 2), Math.min(to, other.duration()));
    }

    public Performed named(String newName) {
        return new Performed(newName, motion, from, to);
    }

    /** Seconds that it lasts at its own speed. */
    public double length() {
        return to - from;
    }

    /** A moment of the motion. @param share 0 where it begins, 1 where it ends */
    double moment(double share) {
        return from + Math.clamp(share, 0, 1) * (to - from);
    }

    /** The face in the middle of it: what stands for it in a picture. */
    @Override
    public Pose on(Character character) {
        Map<String, Double> values = new TreeMap<>();
        for (int c = 0; c < motion.controls().size(); c++) {
            String control = motion.controls().get(c);
            if (MotionOn.plays(character, control)) {
                values.put(control, motion.at(c, moment(0.5)));
            }
        }
        return new Pose(values);
    }
}
