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
        JsonNode joints = file.list(json, "joints", place);
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
        int sets = 1;
        while (attributes.hasNonNull("JOINTS_" + sets) && attributes.hasNonNull("WEIGHTS_" + sets)) {
            sets++;
        }
        if (sets * Skin.SET > Skin.MOST) {
            remarks.add(place + ": its vertices follow more than " + Skin.MOST + " joints; the first are kept.");
            sets = Skin.MOST / Skin.SET;
        }
        int each = sets * Skin.SET;
        int[] which = new int[each * count];
        float[] weights = new float[which.length];
        for (int set = 0; set < sets; set++) {
            readSet(attributes, set, each, which, weights, place);
        }
        int[] own = new int[which.length];
        for (int i = 0; i < which.length; i++) {
            if (which[i] < 0 || which[i] >= joints.size()) {
                throw file.fault(
                        place + " follows joint " + which[i] + " of its skin, which has " + joints.size() + ".");
            }
            own[i] = scene.jointFor(joints.get(which[i]).asInt());
        }
        for (int i = 0; i < which.length; i += each) {
            float sum = 0;
            for (int k = i; k < i + each; k++) {
                sum += weights[k];
            }
            for (int k = i; k < i + each; k++) {
                weights[k] = sum > 1e-6f ? weights[k] / sum : k == i ? 1 : 0;
            }
        }
        Affine[] binds = binds(skin);
        Affine[] movement = new Affine[count];
        for (int i = 0; i < count; i++) {
            Affine[] followed = new Affine[each];
            double[] shares = new double[each];
            for (int k = 0; k < each; k++) {
                followed[k] = binds[which[each * i + k]];
                shares[k] = weights[each * i + k];
            }
            movement[i] = Affine.mixed(followed, shares);
        }
        return new Placed(Optional.of(new Skin(own, weights)), movement);
    }

    /** Four joints and weights of every vertex, put where they belong among all of a vertex. */
    private void readSet(JsonNode attributes, int set, int each, int[] which, float[] weights, String place) {
        int[] joints = accessors.ints(
                attributes.path("JOINTS_" + set).asInt(-1), "VEC4", GltfFigure.MOST_VERTICES, place + ", joints");
        float[] shares = accessors.floats(
                attributes.path("WEIGHTS_" + set).asInt(-1), "VEC4", GltfFigure.MOST_VERTICES, place + ", weights");
        int count = which.length / each;
        if (joints.length != Skin.SET * count || shares.length != Skin.SET * count) {
            throw file.fault(place + " has joints for " + joints.length / 4 + " vertices, but " + count + " vertices.");
        }
        for (int i = 0; i < count; i++) {
            System.arraycopy(joints, Skin.SET * i, which, each * i + Skin.SET * set, Skin.SET);
            System.arraycopy(shares, Skin.SET * i, weights, each * i + Skin.SET * set, Skin.SET);
        }
    }
}
