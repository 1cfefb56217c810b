package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.base.BadInput;
import graykite.base.Names;
import graykite.figures.NameMatcher;
import graykite.figures.Placement;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Pose;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * An animation of a glTF file as a dense track: weights of morph targets under their names, turns of joints that are
 * called head, jaw or eyes as what they do. The skin of the file is not looked at.
 */
public final class GltfCapture {
    private static final double HALF_EYES = 0.5;

    /** Degrees that our jaw turns when it drops wholly. */
    private static final double WIDE_OPEN = 18;

    private GltfCapture() {}

    /**
     * Reads one of a file's animations.
     *
     * @param animation its name; the first without one
     * @throws BadInput when the file cannot be read, is no glTF 2.0, has no such animation, or moves nothing of a face
     */
    public static Track read(Path path, Optional<String> animation) {
        GltfFile file = GltfFile.read(path);
        List<String> names = names(file);
        int number = animation.map(names::indexOf).orElse(0);
        if (number < 0) {
            throw file.fault("it has no animation \"" + animation.get() + "\"; it has "
                    + (names.isEmpty() ? "none" : String.join(", ", names)) + ".");
        }
        return read(file, number);
    }

    /**
     * Reads every animation that moves a face, by name.
     *
     * @throws BadInput when the file cannot be read, is no glTF 2.0, or none of them does
     */
    public static Map<String, Track> all(Path path) {
        GltfFile file = GltfFile.read(path);
        List<String> names = names(file);
        Map<String, Track> all = new LinkedHashMap<>();
        Optional<BadInput> fault = Optional.empty();
        for (int i = 0; i < Math.max(1, names.size()); i++) {
            try {
                Track track = read(file, i);
                all.put(Names.free(names.get(i), all::containsKey), track);
            } catch (BadInput none) {
                // An animation of a body has nothing for a face; the others may.
                fault = fault.or(() -> Optional.of(none));
            }
        }
        if (all.isEmpty()) {
            throw fault.orElseThrow();
        }
        return all;
    }

    /** In the order of the file; those without a name are numbered. */
    private static List<String> names(GltfFile file) {
        List<String> names = new ArrayList<>();
        for (JsonNode animation : file.json().path("animations")) {
            String name = animation.path("name").asText("").strip();
            names.add(name.isEmpty() ? "animation " + (names.size() + 1) : name);
        }
        return names;
    }

    private static Track read(GltfFile file, int number) {
        GltfScene scene = new GltfScene(file);
        GltfPoses poses = new GltfPoses(file, scene, Placement.METRES, false, number);
        double rate = poses.rate();
        int samples = poses.lastFrame() + 1;
        if (samples < 2) {
            throw file.fault("its animation is a single frame; there is no performance in it.");
        }
        if (rate > 1000 || samples / rate > Motion.LONGEST) {
            throw file.fault(
                    "its animation has " + samples + " frames of " + rate + " a second; export it at 120 or fewer.");
        }
        List<Map<String, Double>> rows = new ArrayList<>();
        TreeSet<String> names = new TreeSet<>();
        for (int s = 0; s < samples; s++) {
            Map<String, Double> row = faces(poses.pose(s / rate), scene);
            names.addAll(row.keySet());
            rows.add(row);
            if ((long) names.size() * samples > Track.MOST_VALUES) {
                throw file.fault("its animation is too large: " + names.size() + " controls, " + samples + " frames.");
            }
        }
        if (names.isEmpty()) {
            throw file.fault("its animation moves no face: no weights, and no joint called head, jaw or eye.");
        }
        List<String> controls = List.copyOf(names);
        float[] values = new float[controls.size() * samples];
        for (int s = 0; s < samples; s++) {
            for (int c = 0; c < controls.size(); c++) {
                values[s * controls.size() + c] =
                        rows.get(s).getOrDefault(controls.get(c), 0.0).floatValue();
            }
        }
        return new Track(rate, controls, values);
    }

    private static Map<String, Double> faces(Pose pose, GltfScene scene) {
        Map<String, Double> row = new TreeMap<>(pose.values());
        for (int j = 0; j < scene.jointCount(); j++) {
            String joint = scene.jointName(j);
            double x = taken(row, joint, Axis.X);
            double y = taken(row, joint, Axis.Y);
            double z = taken(row, joint, Axis.Z);
            switch (NameMatcher.joint(joint)) {
                case HEAD -> {
                    add(row, "headYaw", y);
                    add(row, "headPitch", -x);
                    add(row, "headRoll", -z);
                }
                case BODY -> {
                    add(row, "bodyYaw", y);
                    add(row, "bodyPitch", -x);
                    add(row, "bodyRoll", -z);
                }
                case EYE -> {
                    add(row, "eyeYaw", HALF_EYES * y);
                    add(row, "eyePitch", -HALF_EYES * x);
                }
                case JAW -> add(row, "jawDrop", x / WIDE_OPEN);
                default -> {
                    // Necks and the rest are no controls of a face.
                }
            }
            for (Axis axis : Axis.values()) {
                row.remove(GltfScene.slideChannel(joint, axis));
            }
        }
        return row;
    }

    private static double taken(Map<String, Double> row, String joint, Axis axis) {
        Double value = row.remove(Joint.turnChannel(joint, axis));
        return value == null ? 0 : value;
    }

    private static void add(Map<String, Double> row, String control, double by) {
        if (by != 0) {
            row.merge(control, by, Double::sum);
        }
    }
}
