package graykite.people.drawn;

import graykite.geometry.Vec;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.Joint.Turn;
import graykite.rig.Pose;
import graykite.rig.PoseBook;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What moves on Brine: channels, joints, what the standard actions are on drawings, and poses. */
final class BrineRig {
    // Joints, in their order.
    static final int BODY = 0;
    static final int HEAD = 1;
    static final int FACE = 2;
    static final int PUPIL_LEFT = 3;
    static final int PUPIL_RIGHT = 4;
    static final int BROW_LEFT = 5;
    static final int BROW_RIGHT = 6;
    static final int CREST = 7;
    static final double EYE_X = 29;
    static final double EYE_Y = 38;

    private BrineRig() {}

    static List<Channel> channels() {
        List<Channel> c = new ArrayList<>();
        c.add(new Channel("mouth", Group.LIPS, 0, Brine.MOUTHS.size() - 1, "Which of the ten mouths is seen"));
        c.add(new Channel("blush", Group.CHEEKS, 0, 1, "Shows red cheeks"));
        for (String side : List.of(".L", ".R")) {
            String name = side.equals(".L") ? ", left" : ", right";
            c.add(new Channel("brow" + side, Group.BROWS, -1, 1, "Raises or lowers the brow" + name));
            c.add(new Channel(
                    "browTilt" + side, Group.BROWS, -1, 1, "Tilts the brow: up inside, or down inside" + name));
            c.add(new Channel("lids" + side, Group.LIDS, 0, 3, "Open, half, closed or smiling eye" + name));
        }
        c.add(new Channel("eyeYaw", Group.EYES, -35, 35, "Turns both eyes to the left, degrees (AU 61, 62)"));
        c.add(new Channel("eyePitch", Group.EYES, -25, 25, "Turns both eyes up, degrees (AU 63, 64)"));
        c.add(new Channel("headYaw", Group.HEAD, -40, 40, "Turns the head to the left, degrees (AU 51, 52)"));
        c.add(new Channel("headPitch", Group.HEAD, -30, 30, "Turns the head up, degrees (AU 53, 54)"));
        c.add(new Channel("headRoll", Group.HEAD, -30, 30, "Tilts the head to the left, degrees (AU 55, 56)"));
        c.add(new Channel("bodyYaw", Group.BODY, -30, 30, "Turns the breast to the left, degrees"));
        c.add(new Channel("bodyPitch", Group.BODY, -12, 12, "Leans back, degrees; forward below 0"));
        c.add(new Channel("bodyRoll", Group.BODY, -12, 12, "Leans to the left, degrees"));
        c.add(new Channel("shouldersUp", Group.BODY, -1, 1, "Puffs the breast up; it sinks below 0"));
        c.add(new Channel("crest", Group.HEAD, -1, 1, "Lays the crest back or lifts it"));
        c.sort(Comparator.comparing(Channel::group));
        return c;
    }

    static List<Joint> joints() {
        List<Slide> gaze = List.of(new Slide("eyeYaw", Axis.X, 0.36), new Slide("eyePitch", Axis.Y, 0.42));
        List<Joint> joints = new ArrayList<>();
        // Drawings turn by sliding: the breast a little, what is nearer to the eye more.
        joints.add(new Joint(
                "body",
                -1,
                new Vec(0, -330, 0),
                List.of(new Turn("bodyRoll", Axis.Z, -1)),
                List.of(
                        new Slide("bodyYaw", Axis.X, 0.3),
                        new Slide("bodyPitch", Axis.Y, 0.5),
                        new Slide("shouldersUp", Axis.Y, 5))));
        joints.add(new Joint(
                "head",
                BODY,
                new Vec(0, -80, 0),
                List.of(new Turn("headRoll", Axis.Z, -1)),
                List.of(
                        new Slide("headYaw", Axis.X, 0.35),
                        new Slide("bodyYaw", Axis.X, 0.2),
                        new Slide("headPitch", Axis.Y, 0.35))));
        // The features slide over the round of the head: it seems to turn.
        joints.add(new Joint(
                "face",
                HEAD,
                Vec.ZERO,
                List.of(),
                List.of(new Slide("headYaw", Axis.X, 0.75), new Slide("headPitch", Axis.Y, 0.6))));
        joints.add(new Joint("pupil.L", FACE, new Vec(EYE_X, EYE_Y, 0), List.of(), gaze));
        joints.add(new Joint("pupil.R", FACE, new Vec(-EYE_X, EYE_Y, 0), List.of(), gaze));
        joints.add(brow(".L", 1));
        joints.add(brow(".R", -1));
        joints.add(new Joint("crest", HEAD, new Vec(0, 90, 0), List.of(new Turn("crest", Axis.Z, -16)), List.of()));
        return joints;
    }

    private static Joint brow(String side, int sign) {
        return new Joint(
                "brow" + side,
                FACE,
                new Vec(sign * EYE_X, EYE_Y + 37, 0),
                List.of(new Turn("browTilt" + side, Axis.Z, -sign * 22)),
                List.of(new Slide("brow" + side, Axis.Y, 9)));
    }

    /** What the standard actions are on drawings. */
    static Map<String, Pose> roles() {
        Map<String, Pose> roles = new LinkedHashMap<>();
        for (String side : List.of(".L", ".R")) {
            roles.put("lidClose" + side, Pose.of("lids" + side, 2));
            roles.put("innerBrowRaiser" + side, Pose.of("brow" + side, 0.5, "browTilt" + side, 0.7));
            roles.put("outerBrowRaiser" + side, Pose.of("brow" + side, 0.7, "browTilt" + side, -0.2));
            roles.put("browLowerer" + side, Pose.of("brow" + side, -0.8, "browTilt" + side, -0.9));
        }
        return roles;
    }

    static Map<String, Pose> poses() {
        Map<String, Pose> p = new LinkedHashMap<>();
        List<String> mouths = List.copyOf(Brine.MOUTHS.keySet());
        Map<String, String> shapes = new LinkedHashMap<>();
        shapes.put("Rest", "rest");
        shapes.put("Lips shut", "shut");
        shapes.put("Lip to teeth", "lower lip in");
        shapes.put("Tongue out", "tongue out");
        shapes.put("Tip", "tongue up");
        shapes.put("Back", "middle");
        shapes.put("Hush", "small round");
        shapes.put("Hiss", "wide");
        shapes.put("Ridge", "tongue up");
        shapes.put("R", "small round");
        shapes.put("Ah", "large");
        shapes.put("Eh", "middle");
        shapes.put("Ih", "wide");
        shapes.put("Oh", "round");
        shapes.put("Oo", "small round");
        shapes.forEach((viseme, mouth) -> p.put(viseme, Pose.of("mouth", mouths.indexOf(mouth))));
        p.putAll(PoseBook.shipped("/graykite/people/gull-poses.json").chapter("expressions"));
        return p;
    }
}
