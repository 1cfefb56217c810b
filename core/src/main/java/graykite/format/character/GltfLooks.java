package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import graykite.picture.Material;
import graykite.picture.Texture;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Colours, textures and materials of glTF meshes. */
final class GltfLooks {
    private final GltfFile file;
    private final GltfAccessors accessors;
    private final List<String> remarks;
    private final Map<Integer, Optional<Texture>> textures = new HashMap<>();

    GltfLooks(GltfFile file, GltfAccessors accessors, List<String> remarks) {
        this.file = file;
        this.accessors = accessors;
        this.remarks = remarks;
    }

    /** @param uv where each vertex lies on the texture; empty without one */
    record Looked(Material material, Optional<Texture> texture, float[] uv, float[] colours, boolean twoSided) {}

    /** What a primitive looks like. */
    Looked of(JsonNode primitive, JsonNode attributes, int count, String place) {
        JsonNode material = primitive.hasNonNull("material")
                ? file.item("materials", primitive.path("material").asInt(-1), place)
                : MissingNode.getInstance();
        JsonNode pbr = material.path("pbrMetallicRoughness");
        float[] factor = {1, 1, 1};
        for (int k = 0; k < 3; k++) {
            factor[k] = (float) Math.clamp(pbr.path("baseColorFactor").path(k).asDouble(1), 0, 1);
        }
        JsonNode wanted = pbr.path("baseColorTexture");
        float[] uv = wanted.isMissingNode() ? new float[0] : uv(attributes, wanted, count, place);
        Optional<Texture> texture = uv.length > 0 ? texture(wanted.path("index").asInt(-1), place) : Optional.empty();
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
                made,
                texture,
                texture.isPresent() ? uv : new float[0],
                colours,
                see && material.path("doubleSided").asBoolean(false));
    }

    /** Vertex colours with three or four figures. */
    private float[] colours(JsonNode attributes, int count, String place) {
        if (!attributes.hasNonNull("COLOR_0")) {
            return new float[0];
        }
        int accessor = attributes.path("COLOR_0").asInt(-1);
        boolean four =
                file.item("accessors", accessor, place).path("type").asText().equals("VEC4");
        float[] raw = accessors.optional(attributes, "COLOR_0", four ? "VEC4" : "VEC3", count, place);
        if (!four) {
            return raw;
        }
        float[] three = new float[3 * count];
        for (int i = 0; i < count; i++) {
            System.arraycopy(raw, 4 * i, three, 3 * i, 3);
        }
        return three;
    }

    /** Where the vertices lie on a texture, moved as {@code KHR_texture_transform} says. */
    private float[] uv(JsonNode attributes, JsonNode texture, int count, String place) {
        JsonNode transform = texture.path("extensions").path("KHR_texture_transform");
        int set = transform.path("texCoord").asInt(texture.path("texCoord").asInt(0));
        float[] uv = accessors.optional(attributes, "TEXCOORD_" + set, "VEC2", count, place);
        if (transform.isMissingNode()) {
            return uv;
        }
        double turn = transform.path("rotation").asDouble(0);
        double across = transform.path("scale").path(0).asDouble(1);
        double down = transform.path("scale").path(1).asDouble(1);
        double right = transform.path("offset").path(0).asDouble(0);
        double lower = transform.path("offset").path(1).asDouble(0);
        for (int i = 0; i < uv.length; i += 2) {
            double u = uv[i] * across;
            double v = uv[i + 1] * down;
            // The standard turns against the clock, with v downwards.
            uv[i] = (float) (Math.cos(turn) * u + Math.sin(turn) * v + right);
            uv[i + 1] = (float) (-Math.sin(turn) * u + Math.cos(turn) * v + lower);
        }
        return uv;
    }

    private Optional<Texture> texture(int index, String place) {
        JsonNode texture = file.item("textures", index, place);
        int image = texture.path("extensions")
                .path("EXT_texture_webp")
                .path("source")
                .asInt(texture.path("source").asInt(-1));
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
