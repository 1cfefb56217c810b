package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.figures.NameMatcher;
import graykite.figures.Placement;
import graykite.geometry.Affine;
import graykite.geometry.Vec;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.Joint.Turn;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The nodes of a glTF file as joints: those that carry skins, that its animations move or whose names say that they
 * belong to a face. Turns are about the axes of the room, left, up and front, so that they mean the same on every rig.
 */
public final class GltfScene {
    private static final int DEEPEST = 200;
    /** More joints than this get no channels of their own unless they belong to a face. */
    private static final int MOST_CHANNELLED = 60;

    private final GltfFile file;
    private final JsonNode nodes;
    private final Affine[] local;
    private final Affine[] world;
    private final int[] parent;
    private final List<Integer> order = new ArrayList<>();
    private final Map<Integer, Integer> jointOf = new HashMap<>();
    private final List<Integer> nodeOfJoint = new ArrayList<>();
    private final List<String> jointNames = new ArrayList<>();

    GltfScene(GltfFile file) {
        this.file = file;
        this.nodes = file.list(file.json(), "nodes", "it");
        int count = nodes.size();
        local = new Affine[count];
        world = new Affine[count];
        parent = new int[count];
        Arrays.fill(parent, -1);
        for (int n = 0; n < count; n++) {
            local[n] = local(n);
        }
        Set<Integer> children = new HashSet<>();
        nodes.forEach(node -> node.path("children").forEach(c -> children.add(c.asInt())));
        for (int n = 0; n < count; n++) {
            if (!children.contains(n)) {
                walk(n, -1, 0);
            }
        }
        if (order.size() < count) {
            throw file.fault("its nodes form a circle. The file is damaged.");
        }
        chooseJoints();
    }

    private Affine local(int n) {
        JsonNode node = nodes.get(n);
        // Our own files shrink drawings that are not seen at rest.
        boolean hidden = KiteExtras.in(file.json()) && node.has("mesh");
        if (node.has("matrix")) {
            return Affine.ofColumns(figures(node.path("matrix"), 16, new double[16], n));
        }
        return Affine.of(
                figures(node.path("translation"), 3, new double[3], n),
                figures(node.path("rotation"), 4, new double[] {0, 0, 0, 1}, n),
                hidden ? new double[] {1, 1, 1} : figures(node.path("scale"), 3, new double[] {1, 1, 1}, n));
    }

    private double[] figures(JsonNode list, int size, double[] usual, int node) {
        if (list.isMissingNode()) {
            return usual;
        }
        double[] values = new double[size];
        for (int i = 0; i < size; i++) {
            values[i] = list.path(i).asDouble(Double.NaN);
            if (!Double.isFinite(values[i])) {
                throw file.fault("node " + node + " has a broken place in space.");
            }
        }
        return values;
    }

    private void walk(int n, int from, int depth) {
        if (n < 0 || n >= nodes.size()) {
            throw file.fault("node " + from + " has a child that does not exist, number " + n + ".");
        }
        if (depth > DEEPEST || world[n] != null) {
            throw file.fault("node " + n + " is reached twice or lies too deep. The file is damaged.");
        }
        parent[n] = from;
        world[n] = from < 0 ? local[n] : world[from].times(local[n]);
        order.add(n);
        for (JsonNode child : nodes.get(n).path("children")) {
            walk(child.asInt(-1), n, depth + 1);
        }
    }

    private void chooseJoints() {
        Set<Integer> chosen = new HashSet<>();
        file.json().path("skins").forEach(skin -> skin.path("joints").forEach(j -> chosen.add(j.asInt(-1))));
        for (JsonNode animation : file.json().path("animations")) {
            for (JsonNode channel : animation.path("channels")) {
                String path = channel.path("target").path("path").asText();
                if (path.equals("rotation") || path.equals("translation")) {
                    chosen.add(channel.path("target").path("node").asInt(-1));
                }
            }
        }
        // In files of our own every node without a mesh is a joint, the first of them the body.
        boolean ours = KiteExtras.in(file.json());
        jointNames.add("body");
        nodeOfJoint.add(-1);
        Map<String, Integer> taken = new HashMap<>();
        taken.put("body", 1);
        for (int n : order) {
            boolean facial = NameMatcher.joint(name(n)) != NameMatcher.JointKind.OTHER
                    && !nodes.get(n).has("mesh");
            if (ours && n == order.getFirst()) {
                jointOf.put(n, 0);
            } else if (chosen.contains(n) || facial || ours && !nodes.get(n).has("mesh")) {
                jointOf.put(n, jointNames.size());
                nodeOfJoint.add(n);
                int times = taken.merge(name(n), 1, Integer::sum);
                jointNames.add(times == 1 ? name(n) : name(n) + " " + times);
            }
        }
    }

    String name(int node) {
        String name = nodes.get(node).path("name").asText("").strip();
        return name.isEmpty() ? "node " + node : name;
    }

    /** Nodes, parents before children. */
    List<Integer> order() {
        return order;
    }

    JsonNode node(int n) {
        return nodes.get(n);
    }

    Affine world(int n) {
        return world[n];
    }

    Affine parentWorld(int n) {
        return parent[n] < 0 ? Affine.NONE : world[parent[n]];
    }

    Affine localOf(int n) {
        return local[n];
    }

    /** The joint that carries a node: itself, its nearest ancestor that is one, or the body. */
    int jointFor(int node) {
        for (int n = node; n >= 0; n = parent[n]) {
            Integer joint = jointOf.get(n);
            if (joint != null) {
                return joint;
            }
        }
        return 0;
    }

    /** The node that a joint stands for, -1 for the body. */
    int nodeOf(int joint) {
        return nodeOfJoint.get(joint);
    }

    int jointCount() {
        return jointNames.size();
    }

    String jointName(int joint) {
        return jointNames.get(joint);
    }

    /** True when a joint gets channels of its own. */
    boolean channelled(int joint) {
        return joint > 0
                && (jointNames.size() <= MOST_CHANNELLED
                        || NameMatcher.joint(jointNames.get(joint)) != NameMatcher.JointKind.OTHER);
    }

    /** True when an animation of the file moves the joint from its place. */
    boolean slides(int joint) {
        for (JsonNode animation : file.json().path("animations")) {
            for (JsonNode channel : animation.path("channels")) {
                JsonNode target = channel.path("target");
                if (target.path("path").asText().equals("translation")
                        && target.path("node").asInt(-1) == nodeOf(joint)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The joints, in millimetres after the file's own unit was turned into them. */
    List<Joint> joints(Placement placement) {
        List<Joint> joints = new ArrayList<>();
        joints.add(new Joint("body", -1, Vec.ZERO, List.of()));
        for (int j = 1; j < jointNames.size(); j++) {
            int node = nodeOf(j);
            String name = jointNames.get(j);
            List<Turn> turns = new ArrayList<>();
            List<Slide> slides = new ArrayList<>();
            if (channelled(j)) {
                for (Axis axis : Axis.values()) {
                    turns.add(new Turn(Joint.turnChannel(name, axis), axis, 1));
                }
                if (slides(j)) {
                    for (Axis axis : Axis.values()) {
                        slides.add(new Slide(slideChannel(name, axis), axis, 1));
                    }
                }
            }
            int above = parent[node] < 0 ? 0 : jointFor(parent[node]);
            joints.add(new Joint(name, above, placement.point(world[node].origin()), turns, slides));
        }
        return joints;
    }

    static String slideChannel(String joint, Axis axis) {
        return joint + ".slide" + axis;
    }
}
