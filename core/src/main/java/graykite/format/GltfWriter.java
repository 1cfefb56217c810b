package graykite.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.picture.Material;
import graykite.picture.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.rig.Normals;
import graykite.rig.Part;
import graykite.time.FrameRate;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Writes a character, and the animation of a line where there is one, as binary glTF 2.0 (Khronos). Joints become nodes
 * with rotations, targets become sparse morph targets with positions and normals, correctives are ordinary targets whose
 * weights are exported with the rest. Metres, y up, as the standard asks.
 */
public final class GltfWriter {
    private static final float METRES = 0.001f;
    private static final double MOVED = 1e-4;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int VERTEX_BUFFER = 34962;
    private static final int INDEX_BUFFER = 34963;

    private final Character character;
    private final ObjectMapper mapper = new ObjectMapper();
    private final ObjectNode root = mapper.createObjectNode();
    private final Blob blob = new Blob();
    private final ArrayNode accessors = mapper.createArrayNode();
    private final ArrayNode views = mapper.createArrayNode();
    private final ArrayNode nodes = mapper.createArrayNode();
    private final ArrayNode meshes = mapper.createArrayNode();
    private final int[] partNode;

    private GltfWriter(Character character) {
        this.character = character;
        this.partNode = new int[character.parts().size()];
    }

    /** Writes the character with its animation, if any. */
    public static void write(Character character, Optional<FrameTable> animation, OutputStream out) throws IOException {
        GltfWriter writer = new GltfWriter(character);
        writer.build(animation);
        writer.writeBinary(out);
    }

    private void build(Optional<FrameTable> animation) {
        ObjectNode asset = root.putObject("asset");
        asset.put("version", "2.0");
        asset.put("generator", "Gray Kite");
        root.put("scene", 0);
        ArrayNode sceneNodes = root.putArray("scenes")
                .addObject()
                .put("name", character.name())
                .putArray("nodes");
        writeMaterials();
        List<ArrayNode> children = writeJoints(sceneNodes);
        for (int p = 0; p < character.parts().size(); p++) {
            Part part = character.parts().get(p);
            meshes.add(mesh(part));
            Vec pivot = character.joints().get(part.joint()).pivot();
            ObjectNode node = nodes.addObject();
            node.put("name", part.name());
            node.put("mesh", p);
            translate(node, pivot.times(-1));
            partNode[p] = nodes.size() - 1;
            children.get(part.joint()).add(partNode[p]);
        }
        for (int j = 0; j < children.size(); j++) {
            if (!children.get(j).isEmpty()) {
                ((ObjectNode) nodes.get(j)).set("children", children.get(j));
            }
        }
        animation.ifPresent(this::writeAnimation);
        root.set("nodes", nodes);
        root.set("meshes", meshes);
        root.set("accessors", accessors);
        root.set("bufferViews", views);
        root.putArray("buffers").addObject().put("byteLength", blob.size());
    }

    private void writeMaterials() {
        ArrayNode materials = root.putArray("materials");
        for (Part part : character.parts()) {
            Material m = part.material();
            ObjectNode material = materials.addObject();
            material.put("name", m.name());
            ObjectNode pbr = material.putObject("pbrMetallicRoughness");
            pbr.put("metallicFactor", m.name().equals("brass") ? 0.8 : 0.0);
            pbr.put("roughnessFactor", m.roughness());
            material.put("doubleSided", true);
        }
    }

    private List<ArrayNode> writeJoints(ArrayNode sceneNodes) {
        List<ArrayNode> children = new ArrayList<>();
        for (Joint joint : character.joints()) {
            int index = nodes.size();
            ObjectNode node = nodes.addObject();
            node.put("name", joint.name());
            Vec pivot = joint.pivot();
            if (joint.parent() < 0) {
                sceneNodes.add(index);
            } else {
                children.get(joint.parent()).add(index);
                pivot = pivot.minus(character.joints().get(joint.parent()).pivot());
            }
            translate(node, pivot);
            children.add(mapper.createArrayNode());
        }
        return children;
    }

    private static void translate(ObjectNode node, Vec by) {
        node.putArray("translation")
                .add((float) by.x() * METRES)
                .add((float) by.y() * METRES)
                .add((float) by.z() * METRES);
    }

    private ObjectNode mesh(Part part) {
        ObjectNode mesh = mapper.createObjectNode();
        mesh.put("name", part.name());
        ObjectNode primitive = mesh.putArray("primitives").addObject();
        float[] rest = scaled(part.positions());
        float[] normals = Normals.of(part.positions(), part.triangles());
        ObjectNode attributes = primitive.putObject("attributes");
        attributes.put("POSITION", vectors(rest, 3, true, VERTEX_BUFFER));
        attributes.put("NORMAL", vectors(normals, 3, false, VERTEX_BUFFER));
        attributes.put("COLOR_0", vectors(clamped(part.colours()), 3, false, VERTEX_BUFFER));
        primitive.put("indices", indices(part.triangles()));
        primitive.put("material", meshes.size());
        if (!part.targets().isEmpty()) {
            ArrayNode targets = primitive.putArray("targets");
            ArrayNode names = mesh.putObject("extras").putArray("targetNames");
            ArrayNode weights = mesh.putArray("weights");
            for (MorphTarget target : part.targets()) {
                names.add(target.name());
                weights.add(0);
                targets.add(target(part, target, normals));
            }
        }
        return mesh;
    }

    private ObjectNode target(Part part, MorphTarget target, float[] restNormals) {
        float[] moved = part.positions().clone();
        float[] deltas = new float[moved.length];
        for (int i = 0; i < target.vertices().length; i++) {
            for (int k = 0; k < 3; k++) {
                int at = 3 * target.vertices()[i] + k;
                moved[at] += target.moves()[3 * i + k];
                deltas[at] = target.moves()[3 * i + k] * METRES;
            }
        }
        float[] turned = Normals.of(moved, part.triangles());
        for (int i = 0; i < turned.length; i++) {
            turned[i] -= restNormals[i];
        }
        ObjectNode json = mapper.createObjectNode();
        json.put("POSITION", sparse(deltas, true, METRES * MOVED));
        json.put("NORMAL", sparse(turned, false, 0.004));
        return json;
    }

    private void writeAnimation(FrameTable table) {
        FrameRate rate = table.rate();
        int frames = table.rows().size();
        float[] times = new float[frames];
        for (int f = 0; f < frames; f++) {
            times[f] = (float) rate.secondsAt(f);
        }
        int input = vectors(times, 1, true, 0);
        ObjectNode animation = root.putArray("animations").addObject();
        animation.put("name", "line");
        ArrayNode samplers = animation.putArray("samplers");
        ArrayNode channels = animation.putArray("channels");
        Deformer deformer = new Deformer(character);
        for (int j = 0; j < character.joints().size(); j++) {
            Joint joint = character.joints().get(j);
            if (joint.turns().isEmpty()) {
                continue;
            }
            float[] turns = new float[4 * frames];
            for (int f = 0; f < frames; f++) {
                quaternion(deformer.angles(joint, table.rows().get(f)), turns, 4 * f);
            }
            channel(samplers, channels, input, vectors(turns, 4, false, 0), j, "rotation");
        }
        for (int p = 0; p < character.parts().size(); p++) {
            List<MorphTarget> targets = character.parts().get(p).targets();
            if (targets.isEmpty()) {
                continue;
            }
            float[] weights = new float[frames * targets.size()];
            int at = 0;
            for (double[] row : table.rows()) {
                for (MorphTarget target : targets) {
                    weights[at++] = (float) deformer.weight(target.name(), row);
                }
            }
            channel(samplers, channels, input, vectors(weights, 1, false, 0), partNode[p], "weights");
        }
        root.putObject("extras")
                .put("framesPerSecond", rate.perSecond())
                .put("rateNumerator", rate.numerator())
                .put("rateDenominator", rate.denominator());
    }

    private static void channel(ArrayNode samplers, ArrayNode channels, int input, int output, int node, String path) {
        samplers.addObject().put("input", input).put("output", output).put("interpolation", "LINEAR");
        ObjectNode channel = channels.addObject();
        channel.put("sampler", samplers.size() - 1);
        channel.putObject("target").put("node", node).put("path", path);
    }

    /** Degrees about z, then x, then y, as a unit quaternion x y z w. */
    static void quaternion(double[] degrees, float[] out, int at) {
        double hx = Math.toRadians(degrees[0]) / 2;
        double hy = Math.toRadians(degrees[1]) / 2;
        double hz = Math.toRadians(degrees[2]) / 2;
        double cx = Math.cos(hx);
        double sx = Math.sin(hx);
        double cy = Math.cos(hy);
        double sy = Math.sin(hy);
        double cz = Math.cos(hz);
        double sz = Math.sin(hz);
        out[at] = (float) (cy * sx * cz + sy * cx * sz);
        out[at + 1] = (float) (sy * cx * cz - cy * sx * sz);
        out[at + 2] = (float) (cy * cx * sz - sy * sx * cz);
        out[at + 3] = (float) (cy * cx * cz + sy * sx * sz);
    }

    private static float[] scaled(float[] values) {
        float[] result = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            result[i] = values[i] * METRES;
        }
        return result;
    }

    private static float[] clamped(float[] values) {
        float[] result = new float[values.length];
        for (int i = 0; i < values.length; i++) {
            result[i] = Math.clamp(values[i], 0f, 1f);
        }
        return result;
    }

    private int vectors(float[] values, int size, boolean bounds, int target) {
        int offset = blob.floats(values);
        ObjectNode accessor = accessor(FLOAT, values.length / size, type(size));
        accessor.put("bufferView", view(offset, 4 * values.length, target));
        if (bounds) {
            bounds(accessor, values, size);
        }
        return accessors.size() - 1;
    }

    private int indices(int[] values) {
        int offset = blob.ints(values);
        ObjectNode accessor = accessor(UNSIGNED_INT, values.length, "SCALAR");
        accessor.put("bufferView", view(offset, 4 * values.length, INDEX_BUFFER));
        return accessors.size() - 1;
    }

    /** Vectors that are mostly zero: only the others are stored. */
    private int sparse(float[] values, boolean bounds, double least) {
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < values.length; i += 3) {
            if (Math.abs(values[i]) > least || Math.abs(values[i + 1]) > least || Math.abs(values[i + 2]) > least) {
                kept.add(i / 3);
            } else {
                java.util.Arrays.fill(values, i, i + 3, 0);
            }
        }
        ObjectNode accessor = accessor(FLOAT, values.length / 3, "VEC3");
        if (bounds) {
            bounds(accessor, values, 3);
        }
        if (!kept.isEmpty()) {
            int[] indices = kept.stream().mapToInt(i -> i).toArray();
            float[] stored = new float[3 * indices.length];
            for (int i = 0; i < indices.length; i++) {
                System.arraycopy(values, 3 * indices[i], stored, 3 * i, 3);
            }
            ObjectNode json = accessor.putObject("sparse");
            json.put("count", indices.length);
            json.putObject("indices")
                    .put("bufferView", view(blob.ints(indices), 4 * indices.length, 0))
                    .put("componentType", UNSIGNED_INT);
            json.putObject("values").put("bufferView", view(blob.floats(stored), 4 * stored.length, 0));
        }
        return accessors.size() - 1;
    }

    private ObjectNode accessor(int component, int count, String type) {
        return accessors
                .addObject()
                .put("componentType", component)
                .put("count", count)
                .put("type", type);
    }

    private int view(int offset, int length, int target) {
        ObjectNode view =
                views.addObject().put("buffer", 0).put("byteOffset", offset).put("byteLength", length);
        if (target != 0) {
            view.put("target", target);
        }
        return views.size() - 1;
    }

    private static void bounds(ObjectNode accessor, float[] values, int size) {
        ArrayNode min = accessor.putArray("min");
        ArrayNode max = accessor.putArray("max");
        for (int k = 0; k < size; k++) {
            float low = Float.MAX_VALUE;
            float high = -Float.MAX_VALUE;
            for (int i = k; i < values.length; i += size) {
                low = Math.min(low, values[i]);
                high = Math.max(high, values[i]);
            }
            min.add(low);
            max.add(high);
        }
    }

    private static String type(int size) {
        return Map.of(1, "SCALAR", 3, "VEC3", 4, "VEC4").get(size);
    }

    private void writeBinary(OutputStream out) throws IOException {
        byte[] json = mapper.writeValueAsString(root).getBytes(StandardCharsets.UTF_8);
        int jsonLength = (json.length + 3) / 4 * 4;
        ByteBuffer head = ByteBuffer.allocate(20).order(ByteOrder.LITTLE_ENDIAN);
        head.putInt(0x46546C67).putInt(2).putInt(12 + 8 + jsonLength + 8 + blob.size());
        head.putInt(jsonLength).putInt(0x4E4F534A);
        out.write(head.array());
        out.write(json);
        for (int i = json.length; i < jsonLength; i++) {
            out.write(' ');
        }
        ByteBuffer chunk = ByteBuffer.allocate(8).order(ByteOrder.LITTLE_ENDIAN);
        chunk.putInt(blob.size()).putInt(0x004E4942);
        out.write(chunk.array());
        blob.writeTo(out);
    }

    /** The binary chunk: everything in it starts at a multiple of four. */
    private static final class Blob {
        private final List<byte[]> pieces = new ArrayList<>();
        private int size;

        int floats(float[] values) {
            ByteBuffer buffer = ByteBuffer.allocate(4 * values.length).order(ByteOrder.LITTLE_ENDIAN);
            buffer.asFloatBuffer().put(values);
            return add(buffer.array());
        }

        int ints(int[] values) {
            ByteBuffer buffer = ByteBuffer.allocate(4 * values.length).order(ByteOrder.LITTLE_ENDIAN);
            buffer.asIntBuffer().put(values);
            return add(buffer.array());
        }

        private int add(byte[] bytes) {
            int at = size;
            pieces.add(bytes);
            size = Math.addExact(size, bytes.length);
            return at;
        }

        int size() {
            return size;
        }

        void writeTo(OutputStream out) throws IOException {
            for (byte[] piece : pieces) {
                out.write(piece);
            }
        }
    }
}
