package graykite.rig;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A figure that can be made to speak.
 *
 * @param channels in the order in which values are listed everywhere
 * @param joints parents before children
 * @param parts the meshes
 * @param lips where the lips meet, when it is known
 * @param poses visemes, expressions and the user's own by name
 * @param roles what plays the part of a standard action ("jawDrop", "lidClose.L", see {@link Roles}) on a character whose
 *     channels have other names; actions that are missing here are channels of that very name
 * @param couplings rules between channels that always hold
 * @param landmarks named places on the face at rest, see {@link Landmarks}; may be empty
 */
public record Character(
        String name,
        Kind kind,
        List<Channel> channels,
        List<Joint> joints,
        List<Part> parts,
        List<Corrective> correctives,
        Optional<LipLine> lips,
        Map<String, Pose> poses,
        Map<String, Pose> roles,
        List<Coupling> couplings,
        Map<String, Vec> landmarks) {

    /** How a character is made, which decides how it moves best. */
    public enum Kind {
        /** A mesh whose shapes blend. */
        MODELLED,
        /** Drawings of which one is seen at a time. */
        DRAWN
    }

    public Character {
        channels = List.copyOf(channels);
        joints = List.copyOf(joints);
        parts = List.copyOf(parts);
        correctives = List.copyOf(correctives);
        poses = Collections.unmodifiableMap(new TreeMap<>(poses));
        roles = Collections.unmodifiableMap(new TreeMap<>(roles));
        couplings = List.copyOf(couplings);
        landmarks = Collections.unmodifiableMap(new TreeMap<>(landmarks));
        requireThat(
                channels.size()
                        == channels.stream().map(Channel::name).distinct().count(),
                "Channel names repeat.");
        for (int j = 0; j < joints.size(); j++) {
            requireThat(joints.get(j).parent() < j, "Joint parents come before their children.");
        }
        for (Part part : parts) {
            checkJoints(part, joints.size());
        }
        Map<String, Integer> index = index(channels);
        for (Corrective corrective : correctives) {
            requireThat(
                    index.containsKey(corrective.first()) && index.containsKey(corrective.second()),
                    "%s joins two channels of the character.",
                    corrective.name());
        }
        if (lips.isPresent()) {
            checkLips(lips.get(), parts);
        }
    }

    private static void checkJoints(Part part, int count) {
        requireThat(part.joint() >= 0 && part.joint() < count, "%s hangs on a joint.", part.name());
        part.looks().skin().ifPresent(skin -> {
            for (int joint : skin.joints()) {
                requireThat(joint >= 0 && joint < count, "%s follows joints that exist.", part.name());
            }
        });
    }

    private static void checkLips(LipLine line, List<Part> parts) {
        requireThat(line.part() >= 0 && line.part() < parts.size(), "The lips lie on a part.");
        int vertices = parts.get(line.part()).vertexCount();
        for (int[] side : new int[][] {line.upper(), line.lower()}) {
            for (int vertex : side) {
                requireThat(vertex >= 0 && vertex < vertices, "The lips lie on vertices that exist.");
            }
        }
    }

    /** A modelled character whose channels carry the standard names themselves. */
    public static Character modelled(
            String name,
            List<Channel> channels,
            List<Joint> joints,
            List<Part> parts,
            List<Corrective> correctives,
            Optional<LipLine> lips,
            Map<String, Pose> poses) {
        return new Character(
                name, Kind.MODELLED, channels, joints, parts, correctives, lips, poses, Map.of(), List.of(), Map.of());
    }

    public Character withName(String newName) {
        return new Character(
                newName, kind, channels, joints, parts, correctives, lips, poses, roles, couplings, landmarks);
    }

    public Character withPoses(Map<String, Pose> newPoses) {
        return new Character(
                name, kind, channels, joints, parts, correctives, lips, newPoses, roles, couplings, landmarks);
    }

    public Character withRoles(Map<String, Pose> newRoles) {
        return new Character(
                name, kind, channels, joints, parts, correctives, lips, poses, newRoles, couplings, landmarks);
    }

    public Character withCouplings(List<Coupling> newCouplings) {
        return new Character(
                name, kind, channels, joints, parts, correctives, lips, poses, roles, newCouplings, landmarks);
    }

    public Character withLips(Optional<LipLine> newLips) {
        return new Character(
                name, kind, channels, joints, parts, correctives, newLips, poses, roles, couplings, landmarks);
    }

    public Character withLandmarks(Map<String, Vec> newLandmarks) {
        return new Character(
                name, kind, channels, joints, parts, correctives, lips, poses, roles, couplings, newLandmarks);
    }

    /** Position of each channel in arrays of values. */
    public Map<String, Integer> channelIndex() {
        return index(channels);
    }

    private static Map<String, Integer> index(List<Channel> channels) {
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < channels.size(); i++) {
            index.put(channels.get(i).name(), i);
        }
        return index;
    }

    /** True when a pose may use this name: a role, a channel, or the name of a pair without its side. */
    public boolean has(String action) {
        return role(action).isPresent();
    }

    /** What moves when a standard action goes to 1, over this character's own channels. */
    public Optional<Pose> role(String action) {
        return role(action, channelIndex());
    }

    private Optional<Pose> role(String action, Map<String, Integer> index) {
        if (roles.containsKey(action)) {
            return Optional.of(roles.get(action));
        }
        if (index.containsKey(action)) {
            return Optional.of(Pose.of(action, 1));
        }
        if (action.endsWith(".L") || action.endsWith(".R")) {
            return Optional.empty();
        }
        Optional<Pose> left = role(action + ".L", index);
        Optional<Pose> right = role(action + ".R", index);
        return left.isPresent() && right.isPresent() ? Optional.of(left.get().plus(right.get(), 1)) : Optional.empty();
    }

    /**
     * A pose as an array over all channels. Names may be channels or roles; names without a side set left and right.
     *
     * @throws IllegalArgumentException when the pose names something that this character lacks
     */
    public double[] values(Pose pose) {
        double[] values = new double[channels.size()];
        Map<String, Integer> index = channelIndex();
        pose.values().forEach((action, value) -> {
            Optional<Pose> moved = role(action, index);
            requireThat(moved.isPresent(), "%s has no channel \"%s\".", this.name, action);
            moved.get().values().forEach((channel, share) -> {
                requireThat(index.containsKey(channel), "%s has no channel \"%s\".", this.name, channel);
                values[index.get(channel)] += value * share;
            });
        });
        return values;
    }

    public int triangleCount() {
        return parts.stream().mapToInt(p -> p.triangles().length / 3).sum();
    }

    public int vertexCount() {
        return parts.stream().mapToInt(Part::vertexCount).sum();
    }
}
