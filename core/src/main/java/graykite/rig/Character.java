package graykite.rig;

import static graykite.base.Require.requireThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A figure that can be made to speak.
 *
 * @param channels in the order in which values are listed everywhere
 * @param joints parents before children
 * @param parts the meshes
 * @param poses visemes and expressions by name
 */
public record Character(
        String name,
        List<Channel> channels,
        List<Joint> joints,
        List<Part> parts,
        List<Corrective> correctives,
        LipLine lips,
        Map<String, Pose> poses) {

    public Character {
        channels = List.copyOf(channels);
        joints = List.copyOf(joints);
        parts = List.copyOf(parts);
        correctives = List.copyOf(correctives);
        poses = java.util.Collections.unmodifiableMap(new TreeMap<>(poses));
        requireThat(
                channels.size()
                        == channels.stream().map(Channel::name).distinct().count(),
                "Channel names repeat.");
        for (int j = 0; j < joints.size(); j++) {
            requireThat(joints.get(j).parent() < j, "Joint parents come before their children.");
        }
    }

    /** Position of each channel in arrays of values. */
    public Map<String, Integer> channelIndex() {
        Map<String, Integer> index = new HashMap<>();
        for (int i = 0; i < channels.size(); i++) {
            index.put(channels.get(i).name(), i);
        }
        return index;
    }

    /**
     * A pose as an array over all channels. Names without a side set left and right.
     *
     * @throws IllegalArgumentException when the pose names a channel that this character lacks
     */
    public double[] values(Pose pose) {
        double[] values = new double[channels.size()];
        Map<String, Integer> index = channelIndex();
        pose.values().forEach((name, value) -> {
            if (index.containsKey(name)) {
                values[index.get(name)] = value;
            } else {
                requireThat(
                        index.containsKey(name + ".L") && index.containsKey(name + ".R"),
                        "%s has no channel \"%s\".",
                        this.name,
                        name);
                values[index.get(name + ".L")] = value;
                values[index.get(name + ".R")] = value;
            }
        });
        return values;
    }

    public int triangleCount() {
        return parts.stream().mapToInt(p -> p.triangles().length / 3).sum();
    }
}
