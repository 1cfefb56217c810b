package graykite.format.character;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.ServiceLoader;

/** The numbers of a glTF file: accessors over its buffers, plain, normalised and sparse. No count is believed unseen. */
final class GltfAccessors {
    private static final Map<String, Integer> SIZES = Map.of("SCALAR", 1, "VEC2", 2, "VEC3", 3, "VEC4", 4, "MAT4", 16);
    private static final int BYTE = 5120;
    private static final int UNSIGNED_BYTE = 5121;
    private static final int SHORT = 5122;
    private static final int UNSIGNED_SHORT = 5123;
    private static final int UNSIGNED_INT = 5125;
    private static final int FLOAT = 5126;

    private final GltfFile file;
    private final Map<Integer, View> unpacked = new HashMap<>();
    private long unpackedBytes;

    GltfAccessors(GltfFile file) {
        this.file = file;
    }

    /** How many elements an accessor has. */
    int count(int accessor, String place) {
        return file.item("accessors", accessor, place).path("count").asInt(-1);
    }

    /**
     * What a primitive says of each of its vertices; empty when it says nothing of the kind.
     *
     * @param count vertices of the primitive
     */
    float[] optional(JsonNode attributes, String attribute, String type, int count, String place) {
        if (!attributes.hasNonNull(attribute)) {
            return new float[0];
        }
        String where = place + ", " + attribute;
        int accessor = attributes.path(attribute).asInt(-1);
        float[] values = floats(accessor, type, GltfFigure.MOST_VERTICES, where);
        if (count(accessor, where) != count) {
            throw file.fault(
                    where + " has " + count(accessor, where) + " elements, the mesh has " + count + " vertices.");
        }
        return values;
    }

    /**
     * The numbers of an accessor as floats; integers that the file marks as normalised become shares.
     *
     * @param type such as "VEC3"
     * @param most elements that are sensible here
     */
    float[] floats(int accessor, String type, int most, String place) {
        JsonNode json = file.item("accessors", accessor, place);
        String where = place + ", accessor " + accessor;
        if (!type.equals(json.path("type").asText())) {
            throw file.fault(where + " is of type " + json.path("type").asText("nothing") + ", not " + type + ".");
        }
        int size = SIZES.get(type);
        int count = json.path("count").asInt(-1);
        if (count < 1 || count > most) {
            throw file.fault(where + " has " + json.path("count").asText("no") + " elements; from 1 to " + most
                    + " can be read.");
        }
        int component = json.path("componentType").asInt();
        boolean normalised = json.path("normalized").asBoolean(false);
        float[] values = new float[Math.multiplyExact(count, size)];
        if (json.hasNonNull("bufferView")) {
            fill(values, json, size, component, normalised, where);
        } else if (!json.hasNonNull("sparse")) {
            // The standard lets such accessors stand for zeros.
            return values;
        }
        if (json.hasNonNull("sparse")) {
            fillSparse(values, json.path("sparse"), size, component, normalised, where);
        }
        for (float value : values) {
            if (!Float.isFinite(value)) {
                throw file.fault(where + " holds a value that is not a number.");
            }
        }
        return values;
    }

    private void fill(float[] values, JsonNode json, int size, int component, boolean normalised, String where) {
        View view = view(json.path("bufferView").asInt(-1), where);
        int width = width(component, where);
        int stride = view.stride > 0 ? view.stride : width * size;
        long offset = json.path("byteOffset").asLong(0);
        int count = values.length / size;
        if (!fits(offset, (long) stride * (count - 1) + (long) width * size, view.length)) {
            throw file.fault(where + " reaches beyond its buffer view. The file is damaged.");
        }
        for (int i = 0; i < count; i++) {
            for (int k = 0; k < size; k++) {
                values[i * size + k] = value(
                        view.bytes,
                        (int) (view.offset + offset + (long) i * stride + (long) k * width),
                        component,
                        normalised);
            }
        }
    }

    private void fillSparse(
            float[] values, JsonNode sparse, int size, int component, boolean normalised, String where) {
        int count = sparse.path("count").asInt(-1);
        if (count < 1 || count > values.length / size) {
            throw file.fault(where + " has " + count + " sparse elements.");
        }
        JsonNode indices = sparse.path("indices");
        JsonNode moved = sparse.path("values");
        View indexView = view(indices.path("bufferView").asInt(-1), where);
        View valueView = view(moved.path("bufferView").asInt(-1), where);
        int indexType = indices.path("componentType").asInt();
        int indexWidth = width(indexType, where);
        int width = width(component, where);
        long indexOffset = indices.path("byteOffset").asLong(0);
        long valueOffset = moved.path("byteOffset").asLong(0);
        if (!fits(indexOffset, (long) indexWidth * count, indexView.length)
                || !fits(valueOffset, (long) width * size * count, valueView.length)) {
            throw file.fault(where + " has sparse elements beyond their buffer view. The file is damaged.");
        }
        for (int i = 0; i < count; i++) {
            long index = (long) value(
                    indexView.bytes, (int) (indexView.offset + indexOffset + (long) i * indexWidth), indexType, false);
            if (index < 0 || index >= values.length / size) {
                throw file.fault(where + " has a sparse element for number " + index + ", which does not exist.");
            }
            for (int k = 0; k < size; k++) {
                values[(int) index * size + k] = value(
                        valueView.bytes,
                        (int) (valueView.offset + valueOffset + ((long) i * size + k) * width),
                        component,
                        normalised);
            }
        }
    }

    /** Whole numbers such as vertex indices. */
    int[] ints(int accessor, String type, int most, String place) {
        JsonNode json = file.item("accessors", accessor, place);
        int component = json.path("componentType").asInt();
        if (component == FLOAT) {
            throw file.fault(place + ", accessor " + accessor + " should hold whole numbers.");
        }
        if (component != UNSIGNED_INT) {
            float[] values = floats(accessor, type, most, place);
            int[] whole = new int[values.length];
            for (int i = 0; i < whole.length; i++) {
                whole[i] = (int) values[i];
            }
            return whole;
        }
        // Large numbers would lose digits as floats.
        int count = json.path("count").asInt(-1);
        String where = place + ", accessor " + accessor;
        View view = view(json.path("bufferView").asInt(-1), where);
        long offset = json.path("byteOffset").asLong(0);
        int stride = view.stride > 0 ? view.stride : 4;
        if (!type.equals("SCALAR")
                || count < 1
                || count > most
                || !fits(offset, (long) stride * (count - 1) + 4, view.length)) {
            throw file.fault(where + " reaches beyond its buffer view. The file is damaged.");
        }
        ByteBuffer bytes = ByteBuffer.wrap(view.bytes).order(ByteOrder.LITTLE_ENDIAN);
        int[] whole = new int[count];
        for (int i = 0; i < count; i++) {
            whole[i] = bytes.getInt((int) (view.offset + offset + (long) i * stride));
        }
        return whole;
    }

    /** The bytes of a buffer view, such as a picture. */
    byte[] bytes(int bufferView, String place) {
        View view = view(bufferView, place);
        return Arrays.copyOfRange(view.bytes, (int) view.offset, (int) (view.offset + view.length));
    }

    /** True when so many bytes from an offset on lie within a whole; no sum of them may run over. */
    private static boolean fits(long offset, long length, long whole) {
        return offset >= 0 && length >= 0 && length <= whole && offset <= whole - length;
    }

    private record View(byte[] bytes, long offset, long length, int stride) {}

    private View view(int index, String place) {
        JsonNode json = file.item("bufferViews", index, place);
        JsonNode packed = GltfFile.packing(json);
        if (!packed.isMissingNode()) {
            return unpacked.computeIfAbsent(index, i -> unpacked(json, packed, place + ", buffer view " + i));
        }
        byte[] bytes = file.buffer(json.path("buffer").asInt(-1), place);
        long offset = json.path("byteOffset").asLong(0);
        long length = json.path("byteLength").asLong(-1);
        int stride = json.path("byteStride").asInt(0);
        if (!fits(offset, length, bytes.length) || stride < 0 || stride > 255) {
            throw file.fault(place + ", buffer view " + index + " reaches beyond its buffer. The file is damaged.");
        }
        return new View(bytes, offset, length, stride);
    }

    private View unpacked(JsonNode json, JsonNode packed, String where) {
        PackedViews.Mode mode =
                named(PackedViews.Mode.class, packed.path("mode").asText(), where);
        PackedViews.Filter filter =
                named(PackedViews.Filter.class, packed.path("filter").asText("NONE"), where);
        byte[] bytes = file.buffer(packed.path("buffer").asInt(-1), where);
        long offset = packed.path("byteOffset").asLong(0);
        long length = packed.path("byteLength").asLong(-1);
        int count = packed.path("count").asInt(-1);
        int stride = packed.path("byteStride").asInt(-1);
        if (!fits(offset, length, bytes.length)
                || count < 1
                || stride < 1
                || stride > 255
                || (long) count * stride > GltfFile.LARGEST) {
            throw file.fault(where + " says impossible things about what is packed in it. The file is damaged.");
        }
        unpackedBytes += (long) count * stride;
        if (unpackedBytes > GltfFile.LARGEST) {
            throw file.fault("it unpacks to more than " + (GltfFile.LARGEST >> 20) + " MB. Export the head alone.");
        }
        PackedViews unpacker = ServiceLoader.load(PackedViews.class)
                .findFirst()
                .orElseThrow(() -> file.fault("it is packed (" + GltfFile.PACKED
                        + "), and nothing here can unpack it; export it again without compression."));
        try {
            byte[] plain = unpacker.unpacked(
                    Arrays.copyOfRange(bytes, (int) offset, (int) (offset + length)), mode, filter, count, stride);
            return new View(plain, 0, plain.length, json.path("byteStride").asInt(0));
        } catch (IllegalArgumentException damaged) {
            throw file.fault(where + " cannot be unpacked. The file is damaged.");
        }
    }

    private <E extends Enum<E>> E named(Class<E> type, String name, String where) {
        for (E value : type.getEnumConstants()) {
            if (value.name().equals(name)) {
                return value;
            }
        }
        throw file.fault(where + " is packed in a way that is not known: \"" + name + "\".");
    }

    private int width(int component, String where) {
        return switch (component) {
            case BYTE, UNSIGNED_BYTE -> 1;
            case SHORT, UNSIGNED_SHORT -> 2;
            case UNSIGNED_INT, FLOAT -> 4;
            default -> throw file.fault(where + " has the unknown component type " + component + ".");
        };
    }

    private static float value(byte[] bytes, int at, int component, boolean normalised) {
        ByteBuffer in = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
        return switch (component) {
            case BYTE -> normalised ? Math.max(in.get(at) / 127f, -1) : in.get(at);
            case UNSIGNED_BYTE -> normalised ? (in.get(at) & 255) / 255f : in.get(at) & 255;
            case SHORT -> normalised ? Math.max(in.getShort(at) / 32767f, -1) : in.getShort(at);
            case UNSIGNED_SHORT -> normalised ? (in.getShort(at) & 65535) / 65535f : in.getShort(at) & 65535;
            case UNSIGNED_INT -> Integer.toUnsignedLong(in.getInt(at));
            default -> in.getFloat(at);
        };
    }
}
