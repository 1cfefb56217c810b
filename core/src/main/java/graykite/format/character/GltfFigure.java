package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import graykite.base.Names;
import graykite.figures.Twins;
import graykite.geometry.Affine;
import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Skin;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The meshes of a glTF 2.0 file as parts: morph targets, skins, textures, whatever rides along. */
final class GltfFigure {
    /** Vertices that a figure may have. */
    static final int MOST_VERTICES = 400_000;

    /** Shapes that a mesh may have. */
    static final int MOST_TARGETS = 1000;

    private static final int MOST_INDICES = 6_000_000;

    private final GltfFile file;
    private final GltfAccessors accessors;
    private final GltfScene scene;
    private final List<String> remarks;
    private final Map<Integer, Optional<Texture>> textures = new HashMap<>();
    private final Set<String> targetNames = new LinkedHashSet<>();
    private final List<Part> parts = new ArrayList<>();
    private int vertices;

    /** @param remarks receives what was left out or named anew, a line each */
    GltfFigure(GltfFile file, GltfScene scene, List<String> remarks) {
        this.file = file;
        this.accessors = new GltfAccessors(file);
        this.scene = scene;
        this.remarks = remarks;
        for (int node : scene.order()) {
            JsonNode json = scene.node(node);
            if (json.hasNonNull("mesh")) {
                readMesh(node, json.path("mesh").asInt(-1), json.path("skin").asInt(-1));
            }
        }
        if (parts.isEmpty()) {
            throw file.fault("it holds no mesh of triangles. Export the head as a mesh.");
        }
    }

    /** In the file's own units. */
    List<Part> parts() {
        return parts;
    }

    /** Names of all shapes, in the order of the file. */
    Set<String> targetNames() {
        return targetNames;
    }

    private void readMesh(int node, int mesh, int skin) {
        JsonNode json = file.item("meshes", mesh, "node " + node);
        String name = json.path("name").asText(scene.name(node)).strip();
        String meshPlace = "mesh " + mesh + " \"" + name + "\"";
        Affine[] binds = skin < 0 ? new Affine[0] : binds(skin);
        int p = 0;
        for (JsonNode primitive : json.path("primitives")) {
            String place = meshPlace + (json.path("primitives").size() > 1 ? ", piece " + p : "");
            int mode = primitive.path("mode").asInt(4);
            if (mode < 4 || mode > 6) {
                remarks.add(place + " is made of points or lines and was left out.");
            } else {
                String title = name + (json.path("primitives").size() > 1 ? " " + (p + 1) : "");
                parts.add(part(node, json, primitive, skin, binds, unique(title), mode, place));
            }
            p++;
        }
    }

    private String unique(String title) {
        return Names.free(title.isEmpty() ? "part" : title, this::taken);
    }

    private boolean taken(String name) {
        return parts.stream().anyMatch(p -> p.name().equals(name));
    }

    private Part part(
            int node,
            JsonNode mesh,
            JsonNode primitive,
            int skinIndex,
            Affine[] binds,
            String name,
            int mode,
            String place) {
        JsonNode attributes = primitive.path("attributes");
        int position = attributes.path("POSITION").asInt(-1);
        if (position < 0) {
            throw file.fault(place + " has no positions.");
        }
        float[] points = accessors.floats(position, "VEC3", MOST_VERTICES, place + ", positions");
        int count = points.length / 3;
        vertices += count;
        if (vertices > MOST_VERTICES) {
            throw file.fault("it has more than " + MOST_VERTICES + " vertices. Export the head alone, or reduce it.");
        }
        float[] normals = optional(attributes, "NORMAL", "VEC3", count, place);
        float[] uv = optional(attributes, "TEXCOORD_0", "VEC2", count, place);
        int[] triangles = triangles(primitive, count, mode, place);
        Optional<Skin> skin = skinIndex < 0 ? Optional.empty() : skin(attributes, skinIndex, count, place);
        Affine[] movement = movement(node, skin, binds, skinIndex, count);
        Looked looked = looked(primitive, attributes, count, uv.length > 0, place);
        int[] twins = Twins.of(points, normals);
        float[] placed = new float[points.length];
        for (int i = 0; i < count; i++) {
            put(placed, i, movement[i].point(points[3 * i], points[3 * i + 1], points[3 * i + 2]));
        }
        Part.Looks looks = new Part.Looks(
                skin, looked.texture, looked.texture.isPresent() ? uv : new float[0], twins, Optional.empty());
        return new Part(
                name,
                looked.material,
                scene.jointFor(node),
                placed,
                looked.colours,
                looked.twoSided ? bothSides(triangles) : triangles,
                targets(mesh, primitive, movement, count, place),
                looks);
    }

    private float[] optional(JsonNode attributes, String attribute, String type, int count, String place) {
        if (!attributes.hasNonNull(attribute)) {
            return new float[0];
        }
        String where = place + ", " + attribute;
        int accessor = attributes.path(attribute).asInt(-1);
        float[] values = accessors.floats(accessor, type, MOST_VERTICES, where);
        if (accessors.count(accessor, where) != count) {
            throw file.fault(where + " has " + accessors.count(accessor, where) + " elements, the mesh has " + count
                    + " vertices.");
        }
        return values;
    }

    private int[] triangles(JsonNode primitive, int count, int mode, String place) {
        int[] indices;
        if (primitive.hasNonNull("indices")) {
            indices = accessors.ints(primitive.path("indices").asInt(-1), "SCALAR", MOST_INDICES, place + ", indices");
        } else {
            indices = new int[count];
            Arrays.setAll(indices, i -> i);
        }
        for (int index : indices) {
            if (index < 0 || index >= count) {
                throw file.fault(place + " has a triangle with vertex " + index + ", but there are " + count + ".");
            }
        }
        if (mode == 4) {
            return Arrays.copyOf(indices, indices.length / 3 * 3);
        }
        int[] triangles = new int[3 * Math.max(0, indices.length - 2)];
        for (int i = 0; i + 2 < indices.length; i++) {
            triangles[3 * i] = mode == 5 ? indices[i + i % 2] : indices[0];
            triangles[3 * i + 1] = mode == 5 ? indices[i + 1 - i % 2] : indices[i + 1];
            triangles[3 * i + 2] = indices[i + 2];
        }
        return triangles;
    }

    private static int[] bothSides(int[] triangles) {
        int[] both = Arrays.copyOf(triangles, 2 * triangles.length);
        for (int i = 0; i < triangles.length; i += 3) {
            both[triangles.length + i] = triangles[i];
            both[triangles.length + i + 1] = triangles[i + 2];
            both[triangles.length + i + 2] = triangles[i + 1];
        }
        return both;
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

    private Optional<Skin> skin(JsonNode attributes, int skin, int count, String place) {
        if (!attributes.hasNonNull("JOINTS_0") || !attributes.hasNonNull("WEIGHTS_0")) {
            throw file.fault(place + " has a skin, but its vertices follow no joints.");
        }
        JsonNode joints = file.item("skins", skin, place).path("joints");
        int[] which = accessors.ints(attributes.path("JOINTS_0").asInt(-1), "VEC4", MOST_VERTICES, place + ", joints");
        float[] weights =
                accessors.floats(attributes.path("WEIGHTS_0").asInt(-1), "VEC4", MOST_VERTICES, place + ", weights");
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
        rawJoints = which;
        return Optional.of(new Skin(own, weights));
    }

    /** Joint numbers of the skin that was read last, as the file counts them. */
    private int[] rawJoints = new int[0];

    /** What brings each vertex from the mesh's own space to the figure's rest. */
    private Affine[] movement(int node, Optional<Skin> skin, Affine[] binds, int skinIndex, int count) {
        Affine[] movement = new Affine[count];
        if (skin.isEmpty()) {
            Arrays.fill(movement, scene.world(node));
            return movement;
        }
        for (int i = 0; i < count; i++) {
            Affine[] four = new Affine[4];
            double[] shares = new double[4];
            for (int k = 0; k < 4; k++) {
                four[k] = binds[rawJoints[4 * i + k]];
                shares[k] = skin.get().weights()[4 * i + k];
            }
            movement[i] = Affine.mixed(four, shares);
        }
        return movement;
    }

    private List<MorphTarget> targets(JsonNode mesh, JsonNode primitive, Affine[] movement, int count, String place) {
        JsonNode json = primitive.path("targets");
        if (json.size() > MOST_TARGETS) {
            throw file.fault(place + " has " + json.size() + " shapes; up to " + MOST_TARGETS + " can be read.");
        }
        JsonNode names = mesh.path("extras").path("targetNames");
        List<MorphTarget> targets = new ArrayList<>();
        Set<String> here = new LinkedHashSet<>();
        for (int t = 0; t < json.size(); t++) {
            String where = place + ", target " + t;
            String name = names.path(t).asText("").strip();
            if (name.isEmpty()) {
                name = "Shape " + (t + 1);
                remarks.add(where + " has no name; it is called \"" + name + "\".");
            }
            if (!here.add(name)) {
                name = name + " (" + (t + 1) + ")";
                here.add(name);
            }
            targetNames.add(name);
            if (!json.get(t).hasNonNull("POSITION")) {
                continue;
            }
            int accessor = json.get(t).path("POSITION").asInt(-1);
            if (accessors.count(accessor, where) != count) {
                throw file.fault(where + " \"" + name + "\" moves " + accessors.count(accessor, where)
                        + " vertices, but the mesh has " + count + ".");
            }
            targets.add(target(name, accessors.floats(accessor, "VEC3", MOST_VERTICES, where), movement));
        }
        return targets;
    }

    private static MorphTarget target(String name, float[] moves, Affine[] movement) {
        int[] moved = new int[moves.length / 3];
        float[] kept = new float[moves.length];
        int n = 0;
        for (int i = 0; i < moved.length; i++) {
            if (Math.abs(moves[3 * i]) + Math.abs(moves[3 * i + 1]) + Math.abs(moves[3 * i + 2]) > 1e-7f) {
                moved[n] = i;
                put(kept, n, movement[i].direction(moves[3 * i], moves[3 * i + 1], moves[3 * i + 2]));
                n++;
            }
        }
        return new MorphTarget(name, Arrays.copyOf(moved, n), Arrays.copyOf(kept, 3 * n));
    }

    private static void put(float[] values, int at, Vec v) {
        values[3 * at] = (float) v.x();
        values[3 * at + 1] = (float) v.y();
        values[3 * at + 2] = (float) v.z();
    }

    private record Looked(Material material, Optional<Texture> texture, float[] colours, boolean twoSided) {}

    private Looked looked(JsonNode primitive, JsonNode attributes, int count, boolean hasUv, String place) {
        JsonNode material = primitive.hasNonNull("material")
                ? file.item("materials", primitive.path("material").asInt(-1), place)
                : com.fasterxml.jackson.databind.node.MissingNode.getInstance();
        JsonNode pbr = material.path("pbrMetallicRoughness");
        float[] factor = {1, 1, 1};
        for (int k = 0; k < 3; k++) {
            factor[k] = (float) Math.clamp(pbr.path("baseColorFactor").path(k).asDouble(1), 0, 1);
        }
        Optional<Texture> texture = hasUv && pbr.has("baseColorTexture")
                ? texture(pbr.path("baseColorTexture").path("index").asInt(-1), place)
                : Optional.empty();
        float[] colours = new float[3 * count];
        float[] own = colours(attributes, count, place);
        for (int i = 0; i < colours.length; i++) {
            colours[i] = factor[i % 3] * (own.length == 0 ? 1 : own[i]);
        }
        String name = material.path("name").asText("surface");
        boolean painted = material.path("extensions").has("KHR_materials_unlit");
        boolean skin = name.toLowerCase(Locale.ROOT).matches(".*(skin|face|head|body).*");
        float rough = (float) Math.clamp(pbr.path("roughnessFactor").asDouble(0.6), 0.12, 1);
        Material made = painted
                ? Material.drawing(name)
                : new Material(name, rough, 0.5f * (1 - rough), skin ? 0.55f : 0.35f, skin ? 0.6f : 0f, true);
        boolean see = !material.path("alphaMode").asText("OPAQUE").equals("OPAQUE");
        return new Looked(
                made, texture, colours, see && material.path("doubleSided").asBoolean(false));
    }

    /** Vertex colours with three or four figures. */
    private float[] colours(JsonNode attributes, int count, String place) {
        if (!attributes.hasNonNull("COLOR_0")) {
            return new float[0];
        }
        int accessor = attributes.path("COLOR_0").asInt(-1);
        boolean four =
                file.item("accessors", accessor, place).path("type").asText().equals("VEC4");
        float[] raw = optional(attributes, "COLOR_0", four ? "VEC4" : "VEC3", count, place);
        if (!four) {
            return raw;
        }
        float[] three = new float[3 * count];
        for (int i = 0; i < count; i++) {
            System.arraycopy(raw, 4 * i, three, 3 * i, 3);
        }
        return three;
    }

    private Optional<Texture> texture(int index, String place) {
        int image = file.item("textures", index, place).path("source").asInt(-1);
        if (image < 0) {
            remarks.add(place + ": its texture is in a form that cannot be read; it is shown plain.");
            return Optional.empty();
        }
        return textures.computeIfAbsent(image, i -> {
            JsonNode json = file.item("images", i, place);
            String where = "image " + i;
            byte[] bytes = json.hasNonNull("uri")
                    ? file.resource(json.path("uri").asText(), where)
                    : accessors.bytes(json.path("bufferView").asInt(-1), where);
            return Optional.of(Images.open(bytes, file.name() + ", " + where));
        });
    }
}
