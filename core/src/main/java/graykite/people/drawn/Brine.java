package graykite.people.drawn;

import static graykite.people.drawn.Sketch.curve;
import static graykite.people.drawn.Sketch.oval;

import graykite.geometry.Vec;
import graykite.people.drawn.Beak.Tongue;
import graykite.rig.Card;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import graykite.rig.Character;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.Joint.Turn;
import graykite.rig.Pose;
import graykite.rig.Showing;
import java.awt.Color;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Brine, the gull who is the harbour radio of Saltmere: a flat figure with drawn mouths. Painted by code. */
public final class Brine {
    private static final Color WHITE = new Color(0xF7F4EC);
    private static final Color SHADE = new Color(0xCBD2DA);
    private static final Color WING = new Color(0x98A3AF);
    private static final Color WING_SHADE = new Color(0x77838F);
    private static final Color SCARF = new Color(0xC4473A);
    private static final Color SCARF_SHADE = new Color(0x97342B);
    private static final Color SET = new Color(0x3D4650);
    private static final Color SET_LIGHT = new Color(0x1E7B8A);
    private static final Color BLUSH = new Color(0xF0B7A6);

    private static final int BODY = 0;
    private static final int HEAD = 1;
    private static final int FACE = 2;
    private static final int PUPIL_LEFT = 3;
    private static final int PUPIL_RIGHT = 4;
    private static final int BROW_LEFT = 5;
    private static final int BROW_RIGHT = 6;
    private static final int CREST = 7;
    private static final double EYE_X = 29;
    private static final double EYE_Y = 38;
    private static final double EYE = 23;

    /** What the drawings show, in the order of their numbers. */
    static final Map<String, Beak> MOUTHS = mouths();

    private Brine() {}

    private static Map<String, Beak> mouths() {
        Map<String, Beak> mouths = new LinkedHashMap<>();
        mouths.put("rest", new Beak(37, 0, 0, 4, Tongue.HIDDEN, 0));
        mouths.put("shut", new Beak(33, 0, 0, -1, Tongue.HIDDEN, 0));
        mouths.put("lower lip in", new Beak(34, 5, 0, 2, Tongue.HIDDEN, 1));
        mouths.put("tongue out", new Beak(36, 12, 0.1, 2, Tongue.OUT, 0));
        mouths.put("wide", new Beak(43, 11, 0, 8, Tongue.LOW, 0));
        mouths.put("tongue up", new Beak(36, 19, 0.2, 3, Tongue.UP, 0));
        mouths.put("large", new Beak(37, 48, 0.45, 3, Tongue.LOW, 0));
        mouths.put("middle", new Beak(40, 27, 0.15, 5, Tongue.LOW, 0));
        mouths.put("round", new Beak(27, 38, 1, 0, Tongue.LOW, 0));
        mouths.put("small round", new Beak(19, 15, 1, -1, Tongue.HIDDEN, 0));
        return mouths;
    }

    /** Paints him; takes about a second. */
    public static Character build() {
        List<Card> layers = new ArrayList<>();
        layers.add(Sketch.layer("body", BODY, 0, Optional.empty(), Brine::body));
        layers.add(Sketch.layer("crest", CREST, 4, Optional.empty(), Brine::crest));
        layers.add(Sketch.layer("head", HEAD, 8, Optional.empty(), Brine::head));
        layers.add(Sketch.layer("blush", FACE, 12, Optional.of(new Showing("blush", 1)), Brine::blush));
        for (int side = 1; side >= -1; side -= 2) {
            eye(layers, side);
        }
        int number = 0;
        for (Map.Entry<String, Beak> mouth : MOUTHS.entrySet()) {
            layers.add(Sketch.layer(
                    "mouth " + mouth.getKey(),
                    FACE,
                    28,
                    Optional.of(new Showing("mouth", number++)),
                    mouth.getValue()::draw));
        }
        layers.add(Sketch.layer("microphone", HEAD, 32, Optional.empty(), Brine::microphone));
        return new Character(
                "Brine",
                Character.Kind.DRAWN,
                channels(),
                joints(),
                Card.parts(layers),
                List.of(),
                Optional.empty(),
                poses(),
                roles(),
                List.of(),
                Map.of());
    }

    // --- drawings ------------------------------------------------------------------------------------------------

    private static void body(Sketch s) {
        Path2D chest = curve(
                true, -52, -40, -60, -90, -92, -120, -112, -200, -40, -215, 40, -215, 112, -200, 92, -120, 60, -90, 52,
                -40);
        s.cel(chest, WHITE, oval(75, -150, 62, 110), SHADE, 3.6);
        for (int side = -1; side <= 1; side += 2) {
            Path2D wing = curve(
                    true,
                    side * 74,
                    -104,
                    side * 118,
                    -122,
                    side * 140,
                    -160,
                    side * 150,
                    -205,
                    side * 120,
                    -210,
                    side * 98,
                    -205,
                    side * 92,
                    -200,
                    side * 92,
                    -160,
                    side * 86,
                    -130,
                    side * 74,
                    -104);
            s.cel(wing, WING, oval(side * 140, -190, 38, 60), WING_SHADE, 3.6);
            s.ink(curve(false, side * 104, -150, side * 110, -165, side * 112, -180, side * 112, -196), 2.4);
        }
        Path2D scarf = curve(
                true, -58, -64, -30, -84, 30, -84, 58, -64, 66, -76, 66, -86, 60, -94, 30, -114, -30, -114, -60, -94,
                -66, -86, -66, -76, -58, -64);
        s.cel(
                scarf,
                SCARF,
                curve(true, -66, -90, -30, -104, 30, -106, 66, -88, 70, -130, -70, -130, -66, -90),
                SCARF_SHADE,
                3.4);
        Path2D end = curve(
                true, 20, -98, 30, -120, 34, -140, 30, -158, 38, -164, 50, -162, 58, -154, 58, -134, 50, -112, 40, -96);
        s.cel(end, SCARF, oval(58, -140, 14, 40), SCARF_SHADE, 3.2);
        s.cel(oval(27, -97, 13, 11), SCARF, oval(33, -102, 10, 8), SCARF_SHADE, 3);
    }

    private static void crest(Sketch s) {
        Path2D tuft = curve(
                true, -16, 84, -24, 104, -14, 120, -30, 134, -8, 132, 0, 124, 4, 114, 8, 126, 20, 130, 30, 126, 18, 118,
                18, 100, 16, 84);
        s.cel(tuft, WHITE, oval(22, 108, 14, 26), SHADE, 3.4);
    }

    private static void head(Sketch s) {
        Path2D skull = curve(
                true, -84, 18, -86, 66, -48, 100, 0, 100, 48, 100, 86, 66, 84, 18, 82, -28, 66, -66, 40, -78, 20, -86,
                -20, -86, -40, -78, -66, -66, -82, -28, -84, 18);
        s.cel(
                skull,
                WHITE,
                curve(true, 50, 110, 62, 60, 64, -10, 20, -66, 10, -78, 0, -90, 20, -100, 120, -90, 120, 60, 50, 110),
                SHADE,
                3.8);
        // The headset: a band over the head, a cup on the side where the microphone hangs.
        s.line(curve(false, -82, 30, -78, 84, -40, 112, 0, 112, 40, 112, 78, 84, 82, 30), 11, Sketch.INK);
        s.line(curve(false, -82, 30, -78, 84, -40, 112, 0, 112, 40, 112, 78, 84, 82, 30), 5, SET);
        for (int side = -1; side <= 1; side += 2) {
            s.cel(oval(side * 84, 20, 15, 26), SET, oval(side * 90, 12, 12, 24), Sketch.INK, 3.4);
            s.fill(oval(side * 83, 24, 5, 9), SET_LIGHT);
        }
    }

    private static void microphone(Sketch s) {
        Path2D boom = curve(false, 84, 0, 84, -40, 72, -58, 50, -60);
        s.line(boom, 7, Sketch.INK);
        s.line(boom, 2.4, SET);
        s.cel(oval(46, -60, 10, 8), SET, oval(49, -64, 8, 6), Sketch.INK, 3);
    }

    private static void blush(Sketch s) {
        for (int side = -1; side <= 1; side += 2) {
            s.fill(oval(side * 56, 2, 15, 9), BLUSH);
        }
    }

    private static void eye(List<Card> layers, int side) {
        String name = side > 0 ? ".L" : ".R";
        double x = side * EYE_X;
        layers.add(Sketch.layer(
                "eye" + name,
                FACE,
                16,
                Optional.empty(),
                s -> s.cel(oval(x, EYE_Y, EYE, EYE * 1.12), Color.WHITE, oval(x, EYE_Y + 26, EYE, 12), SHADE, 3.4)));
        layers.add(Sketch.layer("pupil" + name, side > 0 ? PUPIL_LEFT : PUPIL_RIGHT, 18, Optional.empty(), s -> s.fill(
                        oval(x - side * 5, EYE_Y - 1, 9.5, 11), Sketch.INK)
                .fill(oval(x - side * 5 - 3.4, EYE_Y + 4, 3.4, 3.8), Color.WHITE)));
        lid(layers, side, 1, "half");
        lid(layers, side, 2, "closed");
        lid(layers, side, 3, "smiling");
        layers.add(Sketch.layer(
                "brow" + name,
                side > 0 ? BROW_LEFT : BROW_RIGHT,
                24,
                Optional.empty(),
                s -> s.ink(
                        curve(
                                false,
                                x - side * 19,
                                EYE_Y + 33,
                                x - side * 8,
                                EYE_Y + 41,
                                x + side * 8,
                                EYE_Y + 41,
                                x + side * 21,
                                EYE_Y + 32),
                        7.5)));
    }

    private static void lid(List<Card> layers, int side, int number, String what) {
        double x = side * EYE_X;
        Path2D shape = new Path2D.Double(oval(x, EYE_Y, EYE, EYE * 1.12));
        layers.add(Sketch.layer(
                "lid " + what + (side > 0 ? ".L" : ".R"),
                FACE,
                20,
                Optional.of(new Showing(side > 0 ? "lids.L" : "lids.R", number)),
                s -> {
                    switch (number) {
                        case 1 -> {
                            s.inside(shape, in -> in.fill(oval(x, EYE_Y + 30, 40, 30), SHADE));
                            s.ink(shape, 3.4);
                            s.ink(
                                    curve(
                                            false, x - EYE, EYE_Y + 2, x - 10, EYE_Y - 1, x + 10, EYE_Y - 1, x + EYE,
                                            EYE_Y + 2),
                                    5);
                        }
                        case 2 -> {
                            s.fill(oval(x, EYE_Y, EYE + 2, EYE * 1.12 + 2), WHITE);
                            s.ink(
                                    curve(
                                            false,
                                            x - EYE,
                                            EYE_Y - 4,
                                            x - 12,
                                            EYE_Y - 16,
                                            x + 12,
                                            EYE_Y - 16,
                                            x + EYE,
                                            EYE_Y - 4),
                                    5);
                        }
                        default -> {
                            s.fill(oval(x, EYE_Y, EYE + 2, EYE * 1.12 + 2), WHITE);
                            s.ink(
                                    curve(
                                            false,
                                            x - EYE,
                                            EYE_Y - 12,
                                            x - 13,
                                            EYE_Y + 12,
                                            x + 13,
                                            EYE_Y + 12,
                                            x + EYE,
                                            EYE_Y - 12),
                                    5.5);
                        }
                    }
                }));
    }

    // --- what moves ----------------------------------------------------------------------------------------------

    private static List<Channel> channels() {
        List<Channel> c = new ArrayList<>();
        c.add(new Channel("mouth", Group.LIPS, 0, MOUTHS.size() - 1, "Which of the ten mouths is seen"));
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
        c.add(new Channel("crest", Group.HEAD, -1, 1, "Lays the crest back or lifts it"));
        c.sort(Comparator.comparing(Channel::group));
        return c;
    }

    private static List<Joint> joints() {
        List<Slide> gaze = List.of(new Slide("eyeYaw", Axis.X, 0.36), new Slide("eyePitch", Axis.Y, 0.42));
        List<Joint> joints = new ArrayList<>();
        joints.add(new Joint("body", -1, Vec.ZERO, List.of()));
        joints.add(new Joint(
                "head",
                BODY,
                new Vec(0, -80, 0),
                List.of(new Turn("headRoll", Axis.Z, -1)),
                List.of(new Slide("headYaw", Axis.X, 0.35), new Slide("headPitch", Axis.Y, 0.35))));
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
    private static Map<String, Pose> roles() {
        Map<String, Pose> roles = new LinkedHashMap<>();
        for (String side : List.of(".L", ".R")) {
            roles.put("lidClose" + side, Pose.of("lids" + side, 2));
            roles.put("innerBrowRaiser" + side, Pose.of("brow" + side, 0.5, "browTilt" + side, 0.7));
            roles.put("outerBrowRaiser" + side, Pose.of("brow" + side, 0.7, "browTilt" + side, -0.2));
            roles.put("browLowerer" + side, Pose.of("brow" + side, -0.8, "browTilt" + side, -0.9));
        }
        return roles;
    }

    private static Map<String, Pose> poses() {
        Map<String, Pose> p = new LinkedHashMap<>();
        List<String> mouths = List.copyOf(MOUTHS.keySet());
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
        p.put("Content", Pose.of("brow", 0.2, "blush", 1));
        p.put("Glad", Pose.of("lids", 3, "brow", 0.6, "blush", 1, "crest", 0.5));
        p.put("Laughing", Pose.of("lids", 3, "brow", 0.8, "blush", 1, "mouth", 6, "crest", 1, "headPitch", 8));
        p.put("Wry", Pose.of("lids.L", 1, "brow.R", 0.9, "browTilt.R", -0.3, "brow.L", -0.3, "headRoll", 5));
        p.put("Sceptical", Pose.of("lids.R", 1, "brow.L", 1, "brow.R", -0.7, "browTilt.R", -0.6));
        p.put("Sad", Pose.of("lids", 1, "browTilt", 0.9, "brow", 0.2, "crest", -0.8, "headPitch", -8));
        p.put("Grieving", Pose.of("lids", 2, "browTilt", 1, "brow", 0.4, "crest", -1, "headPitch", -12));
        p.put("Angry", Pose.of("lids", 1, "browTilt", -1, "brow", -0.9, "crest", 0.6));
        p.put("Furious", Pose.of("browTilt", -1, "brow", -1, "mouth", 4, "crest", 1, "headPitch", -4));
        p.put("Afraid", Pose.of("browTilt", 0.9, "brow", 1, "crest", 1, "headRoll", -4));
        p.put("Startled", Pose.of("brow", 1, "crest", 1, "mouth", 8));
        p.put(
                "Disgusted",
                Pose.of("lids.L", 1, "lids.R", 1, "browTilt", -0.6, "brow", -0.4, "headYaw", 14, "eyeYaw", -14));
        p.put("Scornful", Pose.of("lids", 1, "brow.L", 0.7, "brow.R", -0.5, "headPitch", 12, "eyePitch", -16));
        p.put("Thoughtful", Pose.of("eyeYaw", 18, "eyePitch", 16, "brow.L", 0.6, "brow.R", -0.2, "headRoll", 6));
        p.put("Doubtful", Pose.of("browTilt", 0.5, "brow.R", 0.8, "headRoll", 9));
        p.put("Tired", Pose.of("lids", 1, "brow", -0.3, "crest", -1, "headPitch", -8));
        p.put("Listening", Pose.of("brow", 0.5, "headRoll", 10, "crest", 0.3));
        p.put("Wink", Pose.of("lids.L", 3, "brow.R", 0.7, "headRoll", -5));
        return p;
    }
}
