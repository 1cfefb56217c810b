package graykite.rig;

import graykite.rig.Channel.Group;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * The standard actions: what a face can do, named after the action units of FACS (Ekman, Friesen & Hager 2002), with
 * tongue, eyes, head and body. Our own people have a channel for each; other characters say what plays which.
 */
public final class Roles {
    /** The action that shuts lips, whatever else opens them. */
    public static final String SEAL = "lipsTogether";

    /** The action that brings the lower lip to the upper teeth, whatever else moves it away. */
    public static final String BITE = "lipToTeeth";

    /** Actions of the whole face. */
    public static final List<String> WHOLE = List.of(
            "jawDrop",
            "jawThrust",
            "lipPucker",
            "lipFunneler",
            "lipTightener",
            "lipPressor",
            SEAL,
            BITE,
            "lipSuck",
            "chinRaiser",
            "tongueUp",
            "tongueOut",
            "tongueBack",
            "eyeYaw",
            "eyePitch",
            "eyeConverge",
            "headYaw",
            "headPitch",
            "headRoll",
            "bodyYaw",
            "bodyPitch",
            "bodyRoll",
            "shouldersUp");

    /** Actions that a face does left and right by themselves; their roles end in ".L" and ".R". */
    public static final List<String> SIDED = List.of(
            "jawSideways",
            "lipCornerPuller",
            "lipCornerDepressor",
            "lipStretcher",
            "dimpler",
            "upperLipRaiser",
            "lowerLipDepressor",
            "cheekRaiser",
            "cheekPuff",
            "cheekSuck",
            "noseWrinkler",
            "innerBrowRaiser",
            "outerBrowRaiser",
            "browLowerer",
            "lidClose",
            "upperLidRaiser",
            "lidTightener");

    private static final Set<String> WHOLE_SET = Set.copyOf(WHOLE);

    private Roles() {}

    /** Every role, sides apart. */
    public static List<String> all() {
        List<String> all = new ArrayList<>(WHOLE);
        SIDED.forEach(s -> {
            all.add(s + ".L");
            all.add(s + ".R");
        });
        return all;
    }

    /** True for an action that one side cannot do alone. */
    public static boolean isWhole(String action) {
        return WHOLE_SET.contains(action);
    }

    /** True for actions that are told in degrees: head, eyes and body turn, everything else goes from 0 to 1. */
    public static boolean turns(String action) {
        return action.startsWith("head") || action.startsWith("eye") || action.startsWith("body");
    }

    /** How far an action usually goes, in its own unit: degrees for what turns, shares for the rest. */
    public static double reach(String action) {
        return turns(action) ? 30 : 1;
    }

    /** The region of a standard action. */
    public static Group group(String action) {
        String a = action.toLowerCase(Locale.ROOT);
        if (a.startsWith("jaw")) {
            return Group.JAW;
        }
        if (a.startsWith("tongue")) {
            return Group.TONGUE;
        }
        if (a.startsWith("cheek") || a.startsWith("nose")) {
            return Group.CHEEKS;
        }
        if (a.contains("brow")) {
            return Group.BROWS;
        }
        if (a.startsWith("lid") || a.startsWith("upperlid")) {
            return Group.LIDS;
        }
        if (a.startsWith("eye")) {
            return Group.EYES;
        }
        if (a.startsWith("body") || a.startsWith("shoulders")) {
            return Group.BODY;
        }
        return a.startsWith("head") ? Group.HEAD : Group.LIPS;
    }
}
