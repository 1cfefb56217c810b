package graykite.format.character;

import graykite.figures.NameMatcher;
import graykite.rig.Channel;
import graykite.rig.Coupling;
import graykite.rig.Coupling.Point;
import graykite.rig.Coupling.Rule;
import graykite.rig.Sides;
import java.util.ArrayList;
import java.util.List;

/**
 * Eyes that look by shapes: "look up", "look out left" and so on. Each is one half of a two-sided channel in degrees,
 * which couplings hand on to the shapes.
 */
final class GazeShapes {
    /** Degrees at which a shape is at full strength. */
    private static final double YAW = 30;

    private static final double PITCH = 22;

    private GazeShapes() {}

    /** The couplings from "eyeYaw" and "eyePitch" to the shapes of a rig; none when it has no such shapes. */
    static List<Coupling> couplings(List<Channel> channels) {
        List<Coupling> couplings = new ArrayList<>();
        for (Channel channel : channels) {
            List<String> words = NameMatcher.words(channel.name());
            boolean looks = words.contains("look") || words.contains("gaze");
            if (!looks && !(words.contains("eye") && words.contains("pupil"))) {
                continue;
            }
            Sides.Side side = Sides.of(channel.name());
            int right = side == Sides.Side.RIGHT ? -1 : 1;
            if (words.contains("up")) {
                couplings.add(half("eyePitch", channel.name(), 1, PITCH));
            } else if (words.contains("down")) {
                couplings.add(half("eyePitch", channel.name(), -1, PITCH));
            } else if (words.contains("out")) {
                couplings.add(half("eyeYaw", channel.name(), right, YAW));
            } else if (words.contains("in")) {
                couplings.add(half("eyeYaw", channel.name(), -right, YAW));
            } else if (side != Sides.Side.NONE) {
                couplings.add(half("eyeYaw", channel.name(), right, YAW));
            }
        }
        return couplings;
    }

    private static Coupling half(String driver, String driven, int sign, double full) {
        List<Point> curve =
                sign > 0 ? List.of(new Point(0, 0), new Point(full, 1)) : List.of(new Point(-full, 1), new Point(0, 0));
        return new Coupling(driver, driven, Rule.DRIVES, curve);
    }
}
