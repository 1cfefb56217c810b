package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.geometry.Affine;
import graykite.rig.Skin;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Which joints the vertices of a glTF mesh follow, and what brings them to the figure's rest. */
final class GltfSkins {
    private final GltfFile file;
    private final GltfAccessors accessors;
    private final GltfScene scene;
    private final List<String> remarks;

    /**
     * Vertices in their places.
     *
     * @param skin nothing when all follow one joint
     * @param movement what brings each vertex from the mesh's own space to the figure's rest
     */
    record Placed(Optional<Skin> skin, Affine[] movement) {}

    GltfSkins(GltfFile file, GltfAccessors accessors, GltfScene scene, List<String> remarks) {
        this.file = file;
        this.accessors = accessors;
        this.scene = scene;
        this.remarks = remarks;
    }

    /** From each joint's bind space to the figure's rest. */
    private Affine[] binds(int skin) {
        String place = "skin " + skin;
        JsonNode json = file.item("skins", skin, place);
        JsonNode joints = json.path("joints");
        float[] inverse = json.hasNonNull("inverseBindMatrices")
                ? accessors.floats(json.path("inverseBindMatrices").asInt(-1), "MAT4", 10_000, place)
                : new float[0];
        Affine[] binds = new Affine[joints.size()];
        for (int j = 0; j < binds.length; j++) {
            int node = joints.get(j).asInt(-1);
            file.item("nodes", node, place);
            Affine bind = Affine.NONE;
            if (inverse.length > 0) {
                if (inverse.length < 16 * (j + 1)) {
                    throw file.fault(place + " has fewer bind matrices than joints.");
                }
                double[] columns = new double[16];
                for (int k = 0; k < 16; k++) {
                    columns[k] = inverse[16 * j + k];
                }
                bind = Affine.ofColumns(columns);
            }
            binds[j] = scene.world(node).times(bind);
        }
        return binds;
    }

    /**
     * How the vertices of a primitive follow.
     *
     * @param node that the mesh hangs on
     * @param skin -1 when it follows that node alone
     */
    Placed placed(JsonNode attributes, int node, int skin, int count, String place) {
        if (skin < 0) {
            Affine[] movement = new Affine[count];
            Arrays.fill(movement, scene.world(node));
            return new Placed(Optional.empty(), movement);
        }
        if (!attributes.hasNonNull("JOINTS_0") || !attributes.hasNonNull("WEIGHTS_0")) {
            throw file.fault(place + " has a skin, but its vertices follow no joints.");
        }
        JsonNode joints = file.item("skins", skin, place).path("joints");
        int[] which = accessors.ints(
                attributes.path("JOINTS_0").asInt(-1), "VEC4", GltfFigure.MOST_VERTICES, place + ", joints");
        float[] weights = accessors.floats(
                attributes.path("WEIGHTS_0").asInt(-1), "VEC4", GltfFigure.MOST_VERTICES, place + ", weights");
        if (which.length != 4 * count || weights.length != 4 * count) {
            throw file.fault(place + " has joints for " + which.length / 4 + " vertices, but " + count + " vertices.");
        }
        if (attributes.has("JOINTS_1")) {
            remarks.add(place + ": only the four strongest of its joints a vertex are kept.");
        }
        int[] own = new int[which.length];
        for (int i = 0; i < which.length; i++) {
            if (which[i] < 0 || which[i] >= joints.size()) {
                throw file.fault(
                        place + " follows joint " + which[i] + " of its skin, which has " + joints.size() + ".");
            }
            own[i] = scene.jointFor(joints.get(which[i]).asInt());
        }
        for (int i = 0; i < count; i++) {
            float sum = weights[4 * i] + weights[4 * i + 1] + weights[4 * i + 2] + weights[4 * i + 3];
            for (int k = 4 * i; k < 4 * i + 4; k++) {
                weights[k] = sum > 1e-6f ? weights[k] / sum : k == 4 * i ? 1 : 0;
            }
        }
        Affine[] binds = binds(skin);
        Affine[] movement = new Affine[count];
        for (int i = 0; i < count; i++) {
            Affine[] four = new Affine[4];
            double[] shares = new double[4];
            for (int k = 0; k < 4; k++) {
                four[k] = binds[which[4 * i + k]];
                shares[k] = weights[4 * i + k];
            }
            movement[i] = Affine.mixed(four, shares);
        }
        return new Placed(Optional.of(new Skin(own, weights)), movement);
    }
}
