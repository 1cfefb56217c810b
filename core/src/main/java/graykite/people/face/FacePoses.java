package graykite.people.face;

import graykite.rig.Pose;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The visemes as poses of our own faces. Their names are those of {@code graykite.mouth.Viseme}; one pose a shape, made
 * to be told apart at the size of a thumbnail.
 */
public final class FacePoses {
    private FacePoses() {}

    /** By name of viseme. */
    public static Map<String, Pose> all() {
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("Rest", Pose.REST);
        poses.put("Lips shut", Pose.of("lipsTogether", 1, "lipPressor", 0.55, "chinRaiser", 0.15));
        poses.put(
                "Lip to teeth",
                Pose.of("jawDrop", 0.10, "lipToTeeth", 1, "upperLipRaiser", 0.30, "lipCornerPuller", 0.08));
        poses.put(
                "Tongue out",
                Pose.of(
                        "jawDrop",
                        0.30,
                        "tongueOut",
                        1,
                        "lowerLipDepressor",
                        0.30,
                        "upperLipRaiser",
                        0.30,
                        "lipStretcher",
                        0.12));
        poses.put(
                "Tip",
                Pose.of(
                        "jawDrop",
                        0.24,
                        "tongueUp",
                        0.95,
                        "lowerLipDepressor",
                        0.35,
                        "upperLipRaiser",
                        0.30,
                        "lipStretcher",
                        0.15));
        poses.put("Back", Pose.of("jawDrop", 0.36, "tongueBack", 1, "lowerLipDepressor", 0.15, "upperLipRaiser", 0.15));
        poses.put(
                "Hush",
                Pose.of(
                        "jawDrop",
                        0.06,
                        "lipFunneler",
                        0.92,
                        "lipPucker",
                        0.34,
                        "upperLipRaiser",
                        0.20,
                        "lowerLipDepressor",
                        0.22));
        poses.put(
                "Hiss",
                Pose.of(
                        "jawDrop",
                        0.05,
                        "lipStretcher",
                        0.65,
                        "upperLipRaiser",
                        0.52,
                        "lowerLipDepressor",
                        0.72,
                        "lipCornerPuller",
                        0.20));
        poses.put("Ridge", Pose.of("jawDrop", 0.34, "tongueUp", 1, "lowerLipDepressor", 0.22, "upperLipRaiser", 0.22));
        poses.put("R", Pose.of("jawDrop", 0.20, "lipFunneler", 0.62, "lipPucker", 0.30, "tongueBack", 0.5));
        poses.put("Ah", Pose.of("jawDrop", 0.92, "lowerLipDepressor", 0.12, "upperLipRaiser", 0.26));
        poses.put(
                "Eh",
                Pose.of(
                        "jawDrop",
                        0.52,
                        "lipStretcher",
                        0.42,
                        "lipCornerPuller",
                        0.22,
                        "lowerLipDepressor",
                        0.25,
                        "upperLipRaiser",
                        0.22));
        poses.put(
                "Ih",
                Pose.of(
                        "jawDrop",
                        0.22,
                        "lipStretcher",
                        0.72,
                        "lipCornerPuller",
                        0.38,
                        "lowerLipDepressor",
                        0.48,
                        "upperLipRaiser",
                        0.30));
        poses.put("Oh", Pose.of("jawDrop", 0.68, "lipFunneler", 0.55, "lipPucker", 0.48));
        poses.put("Oo", Pose.of("jawDrop", 0.15, "lipPucker", 1, "lipFunneler", 0.10));
        return poses;
    }
}
