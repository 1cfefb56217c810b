package graykite.rig.face;

import static graykite.rig.face.Ease.bell;
import static graykite.rig.face.Ease.smooth;

import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.picture.Vec;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Turn;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.List;

/** Odile Marsh, captain of the night ferry at Saltmere: sixty, warm and dry. Made by code, always the same. */
public final class Odile {
    private static final Material SKIN = new Material("skin", 0.5f, 0.2f, 0.62f, 0.75f, true);
    private static final Colour BASE = Colour.srgb(0xD3A083);
    private static final Colour FLUSH = Colour.srgb(0xC5735F);
    private static final Colour COOL = Colour.srgb(0xBF9583);
    private static final Colour LIPS = Colour.srgb(0xAA6257);
    private static final Colour CAVITY = Colour.srgb(0x4A1C1C);
    private static final Colour LASH = Colour.srgb(0x3A2A26);
    private static final Colour SILVER = Colour.srgb(0xC9CBCC);
    private static final Colour STEEL = Colour.srgb(0x80868C);

    private static final int BODY = 0;
    private static final int HEAD = 1;
    private static final int EYE_LEFT = 2;
    private static final int EYE_RIGHT = 3;
    private static final int UPPER_LEFT = 4;
    private static final int UPPER_RIGHT = 5;
    private static final int LOWER_LEFT = 6;
    private static final int LOWER_RIGHT = 7;

    private Odile() {}

    /** Builds her; takes about a second. */
    public static Character build() {
        FacePlan plan = plan();
        Actions actions = new Actions(plan);
        SkinGrid grid = new SkinGrid(plan);
        SkinPart skin = new SkinPart(plan, grid, actions, SKIN, HEAD, node -> tone(plan, node));
        MouthParts mouth = new MouthParts(plan, actions, HEAD);
        EyeParts eyes = new EyeParts(plan, SKIN);
        Colour iris = Colour.srgb(0x5E86A0);
        Colour lid = BASE.mix(FLUSH, 0.28).times(0.92);
        List<Part> parts = new ArrayList<>();
        parts.add(skin.part());
        parts.add(mouth.upperTeeth());
        parts.add(mouth.lowerTeeth());
        parts.add(mouth.upperGum());
        parts.add(mouth.lowerGum());
        parts.add(mouth.tongue());
        parts.add(eyes.ball(true, EYE_LEFT, iris));
        parts.add(eyes.ball(false, EYE_RIGHT, iris));
        parts.add(eyes.upperLid(true, UPPER_LEFT, 19, lid, LASH));
        parts.add(eyes.upperLid(false, UPPER_RIGHT, 19, lid, LASH));
        parts.add(eyes.lowerLid(true, LOWER_LEFT, -19, lid, LASH));
        parts.add(eyes.lowerLid(false, LOWER_RIGHT, -19, lid, LASH));
        parts.add(Wardrobe.brow(plan, actions, true, HEAD, STEEL.times(0.85), 4.4, 4.5));
        parts.add(Wardrobe.brow(plan, actions, false, HEAD, STEEL.times(0.85), 4.4, 4.5));
        parts.add(Wardrobe.ear(true, HEAD, SKIN, BASE.mix(FLUSH, 0.35), new Vec(66, -16, -8), 56));
        parts.add(Wardrobe.ear(false, HEAD, SKIN, BASE.mix(FLUSH, 0.35), new Vec(66, -16, -8), 56));
        parts.add(Wardrobe.neck(BODY, SKIN, BASE.mix(COOL, 0.4)));
        parts.add(Wardrobe.locks(HEAD, SILVER, STEEL, 74, -66, 11));
        parts.addAll(
                List.of(Wardrobe.cap(HEAD, 50, Colour.srgb(0xEDEAE2), Colour.srgb(0x27313F), Colour.srgb(0xC9A24E))));
        parts.addAll(
                List.of(Wardrobe.clothes(BODY, Colour.srgb(0xD9CDB4), Colour.srgb(0x27344A), Colour.srgb(0xC9A24E))));
        List<Corrective> correctives = new ArrayList<>(skin.correctives());
        correctives.add(new Corrective("tongueUp*jawDrop", "tongueUp", "jawDrop"));
        correctives.add(new Corrective("tongueOut*jawDrop", "tongueOut", "jawDrop"));
        return new Character(
                "Odile Marsh", channels(actions), joints(plan), parts, correctives, skin.lips(0), FacePoses.all());
    }

    private static List<Channel> channels(Actions actions) {
        List<Channel> channels = new ArrayList<>(actions.channels().values());
        channels.add(new Channel("tongueUp", Channel.Group.TONGUE, 0, 1, "Lifts the tip of the tongue to the ridge"));
        channels.add(
                new Channel("tongueOut", Channel.Group.TONGUE, 0, 1, "Shows the tongue between the teeth (AU 19)"));
        channels.add(new Channel("tongueBack", Channel.Group.TONGUE, 0, 1, "Lifts the back of the tongue"));
        for (String side : List.of("L", "R")) {
            String name = side.equals("L") ? ", left" : ", right";
            channels.add(
                    new Channel("lidClose." + side, Channel.Group.LIDS, 0, 1, "Closes the eye (AU 43, 45)" + name));
            channels.add(new Channel(
                    "upperLidRaiser." + side, Channel.Group.LIDS, 0, 1, "Opens the eye wide (AU 5)" + name));
            channels.add(new Channel(
                    "lidTightener." + side, Channel.Group.LIDS, 0, 1, "Raises the lower lid (AU 7)" + name));
        }
        channels.add(
                new Channel("eyeYaw", Channel.Group.EYES, -35, 35, "Turns both eyes to the left, degrees (AU 61, 62)"));
        channels.add(new Channel("eyePitch", Channel.Group.EYES, -25, 25, "Turns both eyes up, degrees (AU 63, 64)"));
        channels.add(
                new Channel("headYaw", Channel.Group.HEAD, -60, 60, "Turns the head to the left, degrees (AU 51, 52)"));
        channels.add(new Channel("headPitch", Channel.Group.HEAD, -35, 35, "Turns the head up, degrees (AU 53, 54)"));
        channels.add(new Channel(
                "headRoll", Channel.Group.HEAD, -30, 30, "Tilts the head to the left, degrees (AU 55, 56)"));
        channels.sort(java.util.Comparator.comparing(Channel::group));
        return channels;
    }

    private static List<Joint> joints(FacePlan plan) {
        Vec e = plan.eye();
        Vec r = new Vec(-e.x(), e.y(), e.z());
        List<Turn> eye = List.of(new Turn("eyeYaw", Axis.Y, 1), new Turn("eyePitch", Axis.X, -1));
        List<Joint> joints = new ArrayList<>();
        joints.add(new Joint("body", -1, Vec.ZERO, List.of()));
        joints.add(new Joint(
                "head",
                BODY,
                new Vec(0, -70, -28),
                List.of(
                        new Turn("headYaw", Axis.Y, 1),
                        new Turn("headPitch", Axis.X, -1),
                        new Turn("headRoll", Axis.Z, -1))));
        joints.add(new Joint("eye.L", HEAD, e, eye));
        joints.add(new Joint("eye.R", HEAD, r, eye));
        joints.add(new Joint("upperLid.L", HEAD, e, upperLid("L")));
        joints.add(new Joint("upperLid.R", HEAD, r, upperLid("R")));
        joints.add(new Joint("lowerLid.L", HEAD, e, lowerLid("L")));
        joints.add(new Joint("lowerLid.R", HEAD, r, lowerLid("R")));
        return joints;
    }

    /** The upper lid follows the gaze up and down, as lids do. */
    private static List<Turn> upperLid(String side) {
        return List.of(
                new Turn("lidClose." + side, Axis.X, 30),
                new Turn("upperLidRaiser." + side, Axis.X, -11),
                new Turn("lidTightener." + side, Axis.X, 4),
                new Turn("eyePitch", Axis.X, -0.62));
    }

    private static List<Turn> lowerLid(String side) {
        return List.of(
                new Turn("lidClose." + side, Axis.X, -8.5),
                new Turn("lidTightener." + side, Axis.X, -9),
                new Turn("cheekRaiser." + side, Axis.X, -6),
                new Turn("eyePitch", Axis.X, -0.28));
    }

    /** The masses of her head: long, firm jaw, high cheekbones, a strong straight nose. */
    private static FacePlan plan() {
        Field form = Field.ellipsoid(0, 38, -16, 75, 72, 90)
                .with(Field.ellipsoid(0, -22, 22, 65, 84, 63), 34)
                .with(Field.ellipsoid(0, -72, 22, 50, 36, 50), 30)
                .with(Field.ellipsoid(0, -97, 64, 24, 14, 17), 26)
                .with(Field.ellipsoid(43, -66, 12, 18, 22, 27).mirrored(), 28)
                .with(Field.ellipsoid(43, -20, 54, 21, 16, 20).mirrored(), 30)
                .with(Field.ellipsoid(31, -45, 62, 22, 22, 20).mirrored(), 26)
                .with(Field.ellipsoid(0, -64, 66, 34, 27, 27), 24)
                .with(Field.rod(9, 27, 80, 8.5, 42, 27, 64, 8).mirrored(), 16)
                .without(Field.ellipsoid(33, 4, 86, 21, 14.5, 14).mirrored(), 14)
                .without(Field.sphere(92, 18, 62, 26).mirrored(), 24)
                .with(Field.rod(0, 18, 79, 6.5, 0, -20, 97, 8), 20)
                .with(Field.ellipsoid(0, -27, 100, 10.5, 10, 12), 11)
                .with(Field.ellipsoid(11.5, -31, 90, 7.2, 7, 10).mirrored(), 13)
                .without(Field.ellipsoid(6.2, -41.5, 95, 3.4, 3.4, 5).mirrored(), 3)
                .without(Field.rod(25, -42, 92, 1.6, 35, -66, 85, 1.2).mirrored(), 16)
                .without(Field.rod(0, -46, 92.5, 2.0, 0, -54, 92, 2.2), 7)
                .without(Field.rod(-9, -88, 88, 2, 9, -88, 88, 2), 12);
        return new FacePlan(
                form,
                new Vec(0, -22, 4),
                new Vec(0, -65, 93),
                25.5,
                8.2,
                9.4,
                2.5,
                3.1,
                new Vec(32.5, 3, 63.5),
                15.5,
                new Vec(32, 26, 74),
                new Vec(0, -24, 2),
                new Vec(36, -36, 74),
                new Vec(0, -28, 110));
    }

    /** The lines of sixty years at sea: beside the mouth, under and beside the eyes, on the forehead; 0 to 1. */
    private static double lines(double x, double y, double z) {
        if (z < 20) {
            return 0;
        }
        double fold = stroke(x, y, 17, -33, 30, -50, 2.0) + stroke(x, y, 30, -50, 34, -66, 2.0);
        double bag = stroke(x, y, 20, -13, 31, -17, 1.9) + stroke(x, y, 31, -17, 45, -12, 1.9);
        double crow =
                stroke(x, y, 52, 6, 61, 11, 1.5) + stroke(x, y, 52, 1, 62, 1, 1.5) + stroke(x, y, 51, -4, 60, -9, 1.5);
        double forehead = stroke(x, y, 0, 40, 30, 42, 1.8) + stroke(x, y, 0, 48, 26, 50, 1.8);
        return Math.min(1, fold + 0.7 * bag + 0.8 * crow + 0.6 * forehead);
    }

    /** 1 on a line between two points, falling off over its width; weaker towards its ends. */
    private static double stroke(double x, double y, double ax, double ay, double bx, double by, double width) {
        double ux = bx - ax;
        double uy = by - ay;
        double t = Math.clamp(((x - ax) * ux + (y - ay) * uy) / (ux * ux + uy * uy), 0, 1);
        double away = Math.hypot(x - ax - t * ux, y - ay - t * uy) / width;
        return Math.exp(-away * away) * (0.55 + 0.45 * Math.sin(Math.PI * t));
    }

    private static Colour tone(FacePlan plan, SkinGrid.Node node) {
        Vec p = node.point();
        if (node.ring() < SkinGrid.SEAM - 1) {
            double deep = (SkinGrid.SEAM - node.ring()) / (double) SkinGrid.BAG_RINGS;
            return LIPS.mix(CAVITY, smooth(0.05, 0.4, deep)).times(1 - 0.82 * smooth(0.15, 0.9, deep));
        }
        Vec n = plan.normal(p);
        double ax = Math.abs(p.x());
        double cheek = bell((ax - 38) / 19, (p.y() + 34) / 17, 0) * smooth(20, 50, p.z());
        double nose = bell(p.x() / 13, (p.y() + 28) / 13, (p.z() - 108) / 16);
        double chin = bell(p.x() / 20, (p.y() + 98) / 15, 0) * smooth(20, 50, p.z());
        double socket = bell((ax - 32) / 21, (p.y() - 1) / 15, 0) * smooth(30, 60, p.z());
        double jaw = smooth(-62, -96, p.y()) * (1 - chin);
        Colour colour = BASE.mix(FLUSH, 0.62 * cheek + 0.5 * nose + 0.22 * chin)
                .mix(COOL, 0.45 * jaw + 0.25 * socket)
                .mix(FLUSH.times(0.75), 0.25 * socket);
        double freckle =
                Math.sin(p.x() * 1.9 + 3 * Math.sin(p.y() * 0.9)) * Math.sin(p.y() * 2.3 + 2 * Math.sin(p.x() * 0.7));
        colour = colour.times(1 - 0.05 * smooth(0.55, 1, freckle) * (cheek + nose));
        colour = colour.mix(FLUSH.times(0.62), 0.42 * lines(ax, p.y(), p.z()));
        double along = (node.ring() - SkinGrid.SEAM) / (double) SkinGrid.LIP_RINGS;
        if (along <= 1.25) {
            double corner = smooth(1, 0.9, Math.abs(node.across()));
            double red = smooth(1.2, 0.86, along) * (0.35 + 0.65 * corner);
            Colour lip = LIPS.times(node.half() > 0 ? 0.9 : 1.05).mix(CAVITY, 0.75 * smooth(0.30, -0.1, along));
            colour = colour.mix(lip, red);
        }
        double open = plan.openness(p, n);
        // Light that bounces inside hollows of skin comes back red.
        double hidden = 1 - open;
        return new Colour(
                (float) (colour.red() * (1 - 0.75 * hidden)), (float) (colour.green() * (1 - 0.98 * hidden)), (float)
                        (colour.blue() * (1 - 1.0 * hidden)));
    }
}
