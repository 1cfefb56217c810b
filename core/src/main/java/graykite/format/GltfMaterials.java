package graykite.format;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.picture.Material;
import graykite.picture.Png;
import graykite.picture.Texture;
import graykite.rig.Character;
import graykite.rig.Part;
import java.util.IdentityHashMap;
import java.util.Map;

/** Materials and textures of a character in a glTF file, one material a part. */
final class GltfMaterials {
    private static final String UNLIT = "KHR_materials_unlit";
    private static final int LINEAR = 9729;
    private static final int LINEAR_MIPMAP_LINEAR = 9987;
    private static final int CLAMP_TO_EDGE = 33071;

    private final ObjectNode root;
    private final GltfBinary binary;
    private final Map<Texture, Integer> textures = new IdentityHashMap<>();

    GltfMaterials(ObjectNode root, GltfBinary binary) {
        this.root = root;
        this.binary = binary;
    }

    void write(Character character) {
        ArrayNode materials = root.putArray("materials");
        boolean drawings = false;
        for (Part part : character.parts()) {
            Material m = part.material();
            ObjectNode material = materials.addObject();
            material.put("name", m.name());
            ObjectNode pbr = material.putObject("pbrMetallicRoughness");
            pbr.put("metallicFactor", m.name().equals("brass") ? 0.8 : 0.0);
            pbr.put("roughnessFactor", m.roughness());
            material.put("doubleSided", part.looks().texture().isEmpty());
            part.looks().texture().ifPresent(texture -> {
                pbr.putObject("baseColorTexture").put("index", texture(texture, m.painted()));
                if (texture.hasHoles()) {
                    material.put("alphaMode", "MASK").put("alphaCutoff", 0.5);
                }
            });
            if (m.painted()) {
                drawings = true;
                material.putObject("extensions").putObject(UNLIT);
            }
        }
        if (drawings) {
            // Programs that do not know it show the drawings lit, which is no loss.
            root.withArray("/extensionsUsed").add(UNLIT);
        }
    }

    /** @param drawing true for one that ends at its edges; without a sampler it would go on at the other side */
    private int texture(Texture texture, boolean drawing) {
        return textures.computeIfAbsent(texture, t -> {
            ArrayNode images = root.withArray("/images");
            images.addObject().put("mimeType", "image/png").put("bufferView", binary.bytes(Png.bytes(t)));
            ArrayNode list = root.withArray("/textures");
            ObjectNode entry = list.addObject().put("source", images.size() - 1);
            if (drawing) {
                entry.put("sampler", 0);
                if (!root.has("samplers")) {
                    root.putArray("samplers")
                            .addObject()
                            .put("magFilter", LINEAR)
                            .put("minFilter", LINEAR_MIPMAP_LINEAR)
                            .put("wrapS", CLAMP_TO_EDGE)
                            .put("wrapT", CLAMP_TO_EDGE);
                }
            }
            return list.size() - 1;
        });
    }
}
