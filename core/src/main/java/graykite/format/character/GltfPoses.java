package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.figures.Placement;
import graykite.geometry.Affine;
import graykite.geometry.Vec;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Poses that stand on the frames of one animation of a glTF file. */
final class GltfPoses {
    private static final int MOST_KEYS = 1_000_000;

    private record Track(int node, String path, float[] times, float[] values, int size, boolean stepped) {
        /** The values at a time: between keys by a straight line, held outside. */
        double[] at(double time) {
            int i = 0;
            while (i + 1 < times.length && times[i + 1] <= time) {
                i++;
            }
            double share = i + 1 < times.length && !stepped && time > times[i]
                    ? (time - times[i]) / Math.max(1e-9, times[i + 1] - times[i])
                    : 0;
            double[] result = new double[size];
            for (int k = 0; k < size; k++) {
                double a = values[i * size + k];
                double b = share > 0 ? values[(i + 1) * size + k] : a;
                result[k] = a + share * (b - a);
            }
            return result;
        }
    }

    private final GltfFile file;
    private final GltfScene scene;
    private final Placement placement;
    private final boolean fromFirst;
    private final List<Track> tracks = new ArrayList<>();

    /**
     * Reads one animation.
     *
     * @param fromFirst true when every pose counts relative to the first frame, false when relative to the file at rest
     * @param number of the animation, from 0
     */
    GltfPoses(GltfFile file, GltfScene scene, Placement placement, boolean fromFirst, int number) {
        this.file = file;
        this.fromFirst = fromFirst;
        this.scene = scene;
        this.placement = placement;
        JsonNode animations = file.json().path("animations");
        if (animations.isEmpty()) {
            throw file.fault("it has no animation to take poses from.");
        }
        GltfAccessors accessors = new GltfAccessors(file);
        JsonNode animation = file.item("animations", number, "the file");
        for (JsonNode channel : animation.path("channels")) {
            read(animation, channel, accessors, "animation " + number);
        }
    }

    private void read(JsonNode animation, JsonNode channel, GltfAccessors accessors, String of) {
        String place = of + ", channel " + tracks.size();
        JsonNode sampler =
                animation.path("samplers").path(channel.path("sampler").asInt(-1));
        int node = channel.path("target").path("node").asInt(-1);
        file.item("nodes", node, place);
        String path = channel.path("target").path("path").asText();
        String type = switch (path) {
            case "weights" -> "SCALAR";
            case "rotation" -> "VEC4";
            default -> "VEC3";
        };
        float[] times = accessors.floats(sampler.path("input").asInt(-1), "SCALAR", MOST_KEYS, place);
        float[] values = accessors.floats(sampler.path("output").asInt(-1), type, 64 * MOST_KEYS, place);
        String interpolation = sampler.path("interpolation").asText("LINEAR");
        int each = interpolation.equals("CUBICSPLINE") ? 3 : 1;
        int size = values.length / times.length / each;
        if (size < 1 || size * times.length * each != values.length) {
            throw file.fault(place + " has " + values.length + " values for " + times.length + " keys.");
        }
        if (each == 3) {
            // Of each key's in-tangent, value and out-tangent only the value is a pose.
            float[] own = new float[size * times.length];
            for (int i = 0; i < times.length; i++) {
                System.arraycopy(values, (3 * i + 1) * size, own, i * size, size);
            }
            values = own;
        }
        tracks.add(new Track(node, path, times, values, size, interpolation.equals("STEP")));
    }

    /** Frames a second that the keys suggest: the shortest distance between two of them is one frame. */
    double rate() {
        double shortest = Double.POSITIVE_INFINITY;
        for (Track track : tracks) {
            for (int i = 1; i < track.times.length; i++) {
                double step = track.times[i] - track.times[i - 1];
                shortest = step > 1e-4 ? Math.min(shortest, step) : shortest;
            }
        }
        return Double.isInfinite(shortest) ? 24 : Math.max(1, Math.round(1 / shortest));
    }

    /** Last frame of the animation. */
    int lastFrame() {
        double end = tracks.stream()
                .mapToDouble(t -> t.times[t.times.length - 1])
                .max()
                .orElse(0);
        return (int) Math.round(end * rate());
    }

    /**
     * The named frames as poses.
     *
     * @param frames name by frame
     */
    Map<String, Pose> poses(Map<Integer, String> frames) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        frames.forEach((frame, name) -> {
            if (frame > lastFrame()) {
                throw file.fault("its animation ends at frame " + lastFrame() + ", but \"" + name
                        + "\" should stand on frame " + frame + ".");
            }
            poses.put(name, pose(frame / rate()));
        });
        return poses;
    }

    /** What a node has without the animation. */
    private double[] rest(Track track) {
        double[] rest = new double[track.size];
        JsonNode own = scene.node(track.node).path(track.path);
        if (own.isArray() && own.size() == track.size) {
            Arrays.setAll(rest, k -> own.path(k).asDouble());
        } else if (track.path.equals("rotation")) {
            rest[3] = 1;
        }
        return track.path.equals("weights") ? new double[track.size] : rest;
    }

    /** The pose at a time, in seconds. */
    Pose pose(double time) {
        Map<String, Double> values = new TreeMap<>();
        for (Track track : tracks) {
            double[] rest = fromFirst ? track.at(0) : rest(track);
            double[] there = track.at(time);
            switch (track.path) {
                case "weights" -> weights(track, rest, there, values);
                case "rotation" -> turn(track.node, rest, there, values);
                case "translation" -> slide(track.node, rest, there, values);
                default -> {
                    // A joint that grows is no channel here.
                }
            }
        }
        return new Pose(values);
    }

    private void weights(Track track, double[] rest, double[] there, Map<String, Double> values) {
        JsonNode mesh = file.item("meshes", scene.node(track.node).path("mesh").asInt(-1), "animation 0");
        JsonNode names = mesh.path("extras").path("targetNames");
        for (int k = 0; k < there.length; k++) {
            double moved = there[k] - rest[k];
            String name = names.path(k).asText("").strip();
            if (Math.abs(moved) > 1e-4) {
                values.put(name.isEmpty() ? "Shape " + (k + 1) : name, moved);
            }
        }
    }

    private void turn(int node, double[] rest, double[] there, Map<String, Double> values) {
        int joint = scene.jointFor(node);
        if (!scene.channelled(joint) || scene.nodeOf(joint) != node) {
            return;
        }
        double[] above = scene.parentWorld(node).turn();
        double[] relative = Affine.product(Affine.rotation(there), Affine.transposed(Affine.rotation(rest)));
        double[] room = Affine.product(Affine.product(above, relative), Affine.transposed(above));
        double[] degrees = Affine.degrees(room);
        for (Axis axis : Axis.values()) {
            if (Math.abs(degrees[axis.ordinal()]) > 0.01) {
                values.put(Joint.turnChannel(scene.jointName(joint), axis), degrees[axis.ordinal()]);
            }
        }
    }

    private void slide(int node, double[] rest, double[] there, Map<String, Double> values) {
        int joint = scene.jointFor(node);
        if (!scene.channelled(joint) || scene.nodeOf(joint) != node) {
            return;
        }
        double[] d = new double[3];
        Arrays.setAll(d, k -> there[k] - rest[k]);
        Vec moved = placement.move(scene.parentWorld(node).direction(d[0], d[1], d[2]));
        double[] room = {moved.x(), moved.y(), moved.z()};
        for (Axis axis : Axis.values()) {
            if (Math.abs(room[axis.ordinal()]) > 0.01) {
                values.put(GltfScene.slideChannel(scene.jointName(joint), axis), room[axis.ordinal()]);
            }
        }
    }
}
