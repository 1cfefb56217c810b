package graykite.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.format.GltfBinary.Packing;
import graykite.format.character.KiteExtras;
import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.rig.Normals;
import graykite.rig.Part;
import graykite.rig.Skin;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Writes a character, and the animation of a line where there is one, as binary glTF 2.0 (Khronos). Joints become nodes
 * with rotations, targets become sparse morph targets with positions and normals, correctives are ordinary targets whose
 * weights are exported with the rest. Metres, y up, as the standard asks.
 */
public final class GltfWriter {
    static final float METRES = 0.001f;
    private static final double MOVED = 1e-4;
    private static final String QUANTISED = "KHR_mesh_quantization";

    private final Character character;
    private final ObjectMapper mapper = new ObjectMapper();
    private final ObjectNode root = mapper.createObjectNode();
    private final boolean compact;
    private final GltfBinary binary;
    private final ArrayNode nodes = mapper.createArrayNode();
    private final ArrayNode meshes = mapper.createArrayNode();
    private final int[] partNode;
    private int point = -1;

    private GltfWriter(Character character, How how) {
        this.character = character;
        this.compact = how.compact();
        this.binary = new GltfBinary(compact);
        this.partNode = new int[character.parts().size()];
    }

    /**
     * How an animation is written.
     *
     * @param thinning largest error of thinned keys, as a share of 1 for weights, of 90 degrees for turns and of 10 mm for
     *     slides; 0 for a key every frame
     * @param figure true for the character too, false for its named nodes alone, onto which the animation fits
     * @param compact true to write it small: positions to 0.03 mm, normals to a degree, keys to a thirty-thousandth as whole
     *     numbers (KHR_mesh_quantization), which the reader has to know
     */
    public record How(double thinning, boolean figure, boolean compact) {
        public static final How BAKED = new How(0, true, false);
    }

    /** Writes the character with its animation, if any. */
    public static void write(Character character, Optional<FrameTable> animation, OutputStream out) throws IOException {
        write(character, animation, How.BAKED, out);
    }

    /** Writes an animation, with its character or without. */
    public static void write(Character character, Optional<FrameTable> animation, How how, OutputStream out)
            throws IOException {
        GltfWriter writer = new GltfWriter(character, how);
        writer.build(animation, how);
        writer.writeBinary(out);
    }

    private void build(Optional<FrameTable> animation, How how) {
        ObjectNode asset = root.putObject("asset");
        asset.put("version", "2.0");
        asset.put("generator", "Gray Kite");
        root.put("scene", 0);
        ArrayNode sceneNodes = root.putArray("scenes")
                .addObject()
                .put("name", character.name())
                .putArray("nodes");
        if (how.figure()) {
            new GltfMaterials(root, binary).write(character);
        }
        List<ArrayNode> children = writeJoints(sceneNodes);
        for (int p = 0; p < character.parts().size(); p++) {
            Part part = character.parts().get(p);
            ObjectNode node = nodes.addObject();
            node.put("name", part.name());
            if (how.figure() || !part.targets().isEmpty()) {
                node.put("mesh", meshes.size());
                meshes.add(how.figure() ? mesh(part) : carrier(part));
            }
            partNode[p] = nodes.size() - 1;
            if (how.figure() && part.looks().skin().isPresent()) {
                node.put("skin", skin());
                sceneNodes.add(partNode[p]);
            } else {
                translate(node, character.joints().get(part.joint()).pivot().times(-1));
                children.get(part.joint()).add(partNode[p]);
            }
            if (part.looks().showing().isPresent()
                    && part.looks().showing().get().number() != 0) {
                // glTF cannot hide: what is not seen is shrunk to nothing.
                node.putArray("scale").add(0).add(0).add(0);
            }
        }
        for (int j = 0; j < children.size(); j++) {
            if (!children.get(j).isEmpty()) {
                ((ObjectNode) nodes.get(j)).set("children", children.get(j));
            }
        }
        if (how.figure()) {
            KiteExtras.write(character, root.withObject("/extras"));
        }
        animation.ifPresent(new GltfAnimation(character, root, binary, partNode, how.thinning())::write);
        if (how.compact()) {
            root.withArray("/extensionsUsed").add(QUANTISED);
            root.putArray("extensionsRequired").add(QUANTISED);
        }
        root.set("nodes", nodes);
        if (!meshes.isEmpty()) {
            root.set("meshes", meshes);
        }
        root.set("accessors", binary.accessors);
        root.set("bufferViews", binary.views);
        root.putArray("buffers").addObject().put("byteLength", binary.size());
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

    /** One skin over all joints serves every part that follows several of them. */
    private int skin() {
        if (!root.has("skins")) {
            int count = character.joints().size();
            float[] inverse = new float[16 * count];
            ObjectNode skin = root.putArray("skins").addObject();
            ArrayNode joints = mapper.createArrayNode();
            for (int j = 0; j < count; j++) {
                Vec pivot = character.joints().get(j).pivot();
                inverse[16 * j] = 1;
                inverse[16 * j + 5] = 1;
                inverse[16 * j + 10] = 1;
                inverse[16 * j + 12] = (float) -pivot.x() * METRES;
                inverse[16 * j + 13] = (float) -pivot.y() * METRES;
                inverse[16 * j + 14] = (float) -pivot.z() * METRES;
                inverse[16 * j + 15] = 1;
                joints.add(j);
            }
            skin.put("inverseBindMatrices", binary.vectors(inverse, 16, false, 0));
            skin.set("joints", joints);
        }
        return 0;
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
        float[] normals =
                Normals.of(part.positions(), part.triangles(), part.looks().twins());
        ObjectNode attributes = primitive.putObject("attributes");
        attributes.put("POSITION", binary.ofVertices(rest, 3, true, Packing.SHORTS));
        attributes.put("NORMAL", binary.ofVertices(normals, 3, false, Packing.BYTES));
        part.looks()
                .texture()
                .ifPresent(t -> attributes.put(
                        "TEXCOORD_0", binary.ofVertices(part.looks().uv(), 2, false, Packing.UNSIGNED_SHORTS)));
        part.looks().skin().ifPresent(skin -> {
            int sets = skin.perVertex(part.vertexCount()) / Skin.SET;
            for (int k = 0; k < sets; k++) {
                Skin set = skin.set(k, part.vertexCount());
                attributes.put("JOINTS_" + k, binary.joints(set.joints()));
                attributes.put("WEIGHTS_" + k, binary.vectors(set.weights(), 4, false, GltfBinary.VERTEX_BUFFER));
            }
        });
        attributes.put("COLOR_0", binary.ofVertices(clamped(part.colours()), 3, false, Packing.UNSIGNED_BYTES));
        primitive.put("indices", binary.indices(part.triangles()));
        primitive.put("material", meshes.size());
        addTargets(mesh, primitive, part, target -> target(part, target, normals));
        return mesh;
    }

    /** The standard lets weights move only where there is a mesh: a single point that carries the names of the targets. */
    private ObjectNode carrier(Part part) {
        if (point < 0) {
            point = binary.vectors(new float[3], 3, true, GltfBinary.VERTEX_BUFFER);
        }
        ObjectNode mesh = mapper.createObjectNode();
        mesh.put("name", part.name());
        ObjectNode primitive = mesh.putArray("primitives").addObject();
        primitive.put("mode", 0);
        primitive.putObject("attributes").put("POSITION", point);
        addTargets(mesh, primitive, part, target -> mapper.createObjectNode().put("POSITION", point));
        return mesh;
    }

    /** Targets by name, all at rest. @param moved what a target moves */
    private static void addTargets(
            ObjectNode mesh, ObjectNode primitive, Part part, Function<MorphTarget, ObjectNode> moved) {
        if (part.targets().isEmpty()) {
            return;
        }
        ArrayNode targets = primitive.putArray("targets");
        ArrayNode names = mesh.putObject("extras").putArray("targetNames");
        ArrayNode weights = mesh.putArray("weights");
        for (MorphTarget target : part.targets()) {
            names.add(target.name());
            weights.add(0);
            targets.add(moved.apply(target));
        }
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
        float[] turned = Normals.of(moved, part.triangles(), part.looks().twins());
        for (int i = 0; i < turned.length; i++) {
            turned[i] -= restNormals[i];
            // Written small, a turn by more than sixty degrees is cut there.
            turned[i] = compact ? Math.clamp(turned[i], -1f, 1f) : turned[i];
        }
        ObjectNode json = mapper.createObjectNode();
        json.put("POSITION", binary.sparse(deltas, true, METRES * MOVED, Packing.SHORTS));
        json.put("NORMAL", binary.sparse(turned, false, 0.004, Packing.BYTES));
        return json;
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

    private void writeBinary(OutputStream out) throws IOException {
        byte[] json = mapper.writeValueAsString(root).getBytes(StandardCharsets.UTF_8);
        int jsonLength = (json.length + 3) / 4 * 4;
        ByteBuffer head = ByteBuffer.allocate(20).order(ByteOrder.LITTLE_ENDIAN);
        head.putInt(0x46546C67).putInt(2).putInt(12 + 8 + jsonLength + 8 + binary.size());
        head.putInt(jsonLength).putInt(0x4E4F534A);
        out.write(head.array());
        out.write(json);
        for (int i = json.length; i < jsonLength; i++) {
            out.write(' ');
        }
        ByteBuffer chunk = ByteBuffer.allocate(8).order(ByteOrder.LITTLE_ENDIAN);
        chunk.putInt(binary.size()).putInt(0x004E4942);
        out.write(chunk.array());
        binary.writeTo(out);
    }
}
