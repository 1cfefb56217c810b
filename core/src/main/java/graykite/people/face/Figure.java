package graykite.people.face;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Corrective;
import graykite.rig.Coupling;
import graykite.rig.Coupling.Rule;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.Joint.Turn;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes a finished character of a person's plan: skin, mouth, eyes, what is worn, channels, joints and poses. */
public final class Figure {
    private static final Material SKIN = new Material("skin", 0.5f, 0.2f, 0.62f, 0.75f, true);

    private static final int BODY = 0;
    private static final int HEAD = 1;
    private static final int EYE_LEFT = 2;
    private static final int EYE_RIGHT = 3;
    private static final int UPPER_LEFT = 4;
    private static final int UPPER_RIGHT = 5;
    private static final int LOWER_LEFT = 6;
    private static final int LOWER_RIGHT = 7;
    private static final int CHEST = 8;

    private Figure() {}

    /** Builds it; takes about a second. */
    public static Character of(Person person) {
        return of(person, true);
    }

    /** The same at rest only, for the eye: its skin does not move. Takes a tenth of the time. */
    public static Character sketch(Person person) {
        return of(person, false);
    }

    private static Character of(Person person, boolean moving) {
        FacePlan plan = person.plan();
        Actions actions = new Actions(plan, moving);
        double lower = person.eyes().lower();
        List<EyeRim> rims = List.of(new EyeRim(plan, lower, true), new EyeRim(plan, lower, false));
        SkinMesh grid = new SkinMesh(new SkinGrid(plan), rims);
        SkinTone tone = new SkinTone(person);
        SkinPart skin = new SkinPart(plan, grid, rims, actions, SKIN, HEAD, tone::of);
        List<Part> parts = new ArrayList<>();
        parts.add(skin.part());
        addMouth(parts, plan, actions);
        addEyes(parts, person);
        addWorn(parts, person, grid, actions);
        if (!person.tufts().isEmpty()) {
            parts.add(new Tufts(plan, grid, tone).part(person.tufts(), actions, HEAD));
        }
        // At rest nobody sees them.
        if (moving && !person.creases().isEmpty()) {
            parts.add(new Creases(plan, rims, tone).part(person, actions, SKIN, HEAD));
        }
        List<Corrective> correctives = new ArrayList<>(skin.correctives());
        correctives.add(new Corrective("tongueUp*jawDrop", "tongueUp", "jawDrop"));
        correctives.add(new Corrective("tongueOut*jawDrop", "tongueOut", "jawDrop"));
        return Character.modelled(
                        person.name(),
                        channels(actions),
                        joints(plan, person.eyes()),
                        parts,
                        correctives,
                        Optional.of(skin.lips(0)),
                        poses())
                .withCouplings(couplings())
                .withLandmarks(new FaceLandmarks(plan, grid).all());
    }

    private static Map<String, Pose> poses() {
        Map<String, Pose> poses = new LinkedHashMap<>(FacePoses.visemes());
        poses.putAll(FacePoses.expressions());
        return poses;
    }

    private static void addMouth(List<Part> parts, FacePlan plan, Actions actions) {
        MouthParts mouth = new MouthParts(plan, actions, HEAD);
        parts.add(mouth.upperTeeth());
        parts.add(mouth.lowerTeeth());
        parts.add(mouth.upperGum());
        parts.add(mouth.lowerGum());
        parts.add(mouth.tongue());
    }

    private static void addEyes(List<Part> parts, Person person) {
        EyeParts eyes = new EyeParts(person.plan(), SKIN);
        Person.Eyes e = person.eyes();
        parts.add(eyes.ball(true, EYE_LEFT, e));
        parts.add(eyes.ball(false, EYE_RIGHT, e));
        parts.add(eyes.upperLid(true, UPPER_LEFT, e));
        parts.add(eyes.upperLid(false, UPPER_RIGHT, e));
        parts.add(eyes.lowerLid(true, LOWER_LEFT, e));
        parts.add(eyes.lowerLid(false, LOWER_RIGHT, e));
        parts.add(eyes.wetLine(true, LOWER_LEFT, e));
        parts.add(eyes.wetLine(false, LOWER_RIGHT, e));
    }

    private static void addWorn(List<Part> parts, Person person, SkinMesh grid, Actions actions) {
        FacePlan plan = person.plan();
        Person.Tones tones = person.tones();
        Colour ear = tones.base().mix(tones.flush(), 0.35);
        for (boolean left : new boolean[] {true, false}) {
            parts.add(Brow.of(plan, actions, left, HEAD, person.brows()));
            parts.add(Ear.of(left, HEAD, SKIN, ear, person.ears()));
        }
        parts.add(Neck.of(BODY, HEAD, SKIN, tones.base().mix(tones.cool(), 0.4), person.neck()));
        person.whiskers().ifPresent(c -> parts.add(Whiskers.of(plan, grid, actions, HEAD, c)));
        parts.addAll(person.wardrobe().on(HEAD, CHEST));
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
        channels.add(new Channel(
                "eyeConverge", Channel.Group.EYES, -2, 18, "Turns the eyes towards one another, degrees (AU 66)"));
        channels.add(
                new Channel("headYaw", Channel.Group.HEAD, -60, 60, "Turns the head to the left, degrees (AU 51, 52)"));
        channels.add(new Channel("headPitch", Channel.Group.HEAD, -35, 35, "Turns the head up, degrees (AU 53, 54)"));
        channels.add(new Channel(
                "headRoll", Channel.Group.HEAD, -30, 30, "Tilts the head to the left, degrees (AU 55, 56)"));
        channels.add(new Channel("bodyYaw", Channel.Group.BODY, -30, 30, "Turns the shoulders to the left, degrees"));
        channels.add(new Channel("bodyPitch", Channel.Group.BODY, -12, 12, "Leans back, degrees; forward below 0"));
        channels.add(new Channel("bodyRoll", Channel.Group.BODY, -12, 12, "Leans to the left, degrees"));
        channels.add(new Channel(
                "shouldersUp",
                Channel.Group.BODY,
                -1,
                1,
                "Lifts chest and shoulders, as a breath does; they sink below 0"));
        channels.sort(Comparator.comparing(Channel::group));
        return channels;
    }

    /** Cheeks rise with a smile; lids that shut are not held open; a kiss takes the breadth out of the mouth; pressed lips let the jaw come up. */
    private static List<Coupling> couplings() {
        List<Coupling> couplings = new ArrayList<>();
        for (String side : List.of(".L", ".R")) {
            couplings.add(Coupling.of("lipCornerPuller" + side, "cheekRaiser" + side, Rule.DRIVES, 0.22));
            // However wide an eye is torn open, a blink shuts it.
            couplings.add(Coupling.of("lidClose" + side, "upperLidRaiser" + side, Rule.HOLDS_BACK, 1));
            couplings.add(Coupling.of("lipPucker", "lipStretcher" + side, Rule.HOLDS_BACK, 0.8));
            couplings.add(Coupling.of("lipPucker", "lipCornerPuller" + side, Rule.HOLDS_BACK, 0.5));
        }
        couplings.add(Coupling.of("lipsTogether", "jawDrop", Rule.HOLDS_BACK, 0.4));
        // Lips that shut, or bite, leave no room for the tongue between them.
        couplings.add(Coupling.of("lipsTogether", "tongueOut", Rule.HOLDS_BACK, 1));
        couplings.add(Coupling.of("lipToTeeth", "tongueOut", Rule.HOLDS_BACK, 1));
        return couplings;
    }

    private static List<Joint> joints(FacePlan plan, Person.Eyes lids) {
        Vec e = plan.eye();
        Vec r = new Vec(-e.x(), e.y(), e.z());
        List<Joint> joints = new ArrayList<>();
        // About the waist, which lies out of the picture.
        joints.add(new Joint(
                "body",
                -1,
                new Vec(0, -420, -45),
                List.of(
                        new Turn("bodyYaw", Axis.Y, 1),
                        new Turn("bodyPitch", Axis.X, -1),
                        new Turn("bodyRoll", Axis.Z, -1))));
        joints.add(new Joint(
                "head",
                BODY,
                new Vec(0, -70, -28),
                List.of(
                        new Turn("headYaw", Axis.Y, 1),
                        new Turn("headPitch", Axis.X, -1),
                        new Turn("headRoll", Axis.Z, -1))));
        joints.add(new Joint("eye.L", HEAD, e, eye(-1)));
        joints.add(new Joint("eye.R", HEAD, r, eye(1)));
        joints.add(new Joint("upperLid.L", HEAD, e, upperLid("L", lids.upper() + 11.5)));
        joints.add(new Joint("upperLid.R", HEAD, r, upperLid("R", lids.upper() + 11.5)));
        joints.add(new Joint("lowerLid.L", HEAD, e, lowerLid("L", lids.lower() + 11)));
        joints.add(new Joint("lowerLid.R", HEAD, r, lowerLid("R", lids.lower() + 11)));
        joints.add(new Joint(
                "chest",
                BODY,
                new Vec(0, -200, -45),
                List.of(new Turn("shouldersUp", Axis.X, -1.4)),
                List.of(new Slide("shouldersUp", Axis.Y, 9))));
        return joints;
    }

    /** An eyeball. @param inward sign of the turn to its own left that brings it towards the nose */
    private static List<Turn> eye(int inward) {
        return List.of(
                new Turn("eyeYaw", Axis.Y, 1),
                new Turn("eyePitch", Axis.X, -1),
                new Turn("eyeConverge", Axis.Y, inward));
    }

    /**
     * The upper lid follows the gaze up and down, as lids do.
     *
     * @param closes degrees to where it meets the lower lid
     */
    private static List<Turn> upperLid(String side, double closes) {
        return List.of(
                new Turn("lidClose." + side, Axis.X, closes),
                new Turn("upperLidRaiser." + side, Axis.X, -11),
                new Turn("lidTightener." + side, Axis.X, 4),
                new Turn("eyePitch", Axis.X, -0.62));
    }

    private static List<Turn> lowerLid(String side, double closes) {
        return List.of(
                new Turn("lidClose." + side, Axis.X, closes),
                new Turn("lidTightener." + side, Axis.X, -9),
                new Turn("cheekRaiser." + side, Axis.X, -4),
                new Turn("eyePitch", Axis.X, -0.28));
    }
}
