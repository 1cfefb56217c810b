package graykite.format;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/** The numbers of a glTF file: its one buffer, the views of it and the accessors that say what they mean. */
final class GltfBinary {
    static final int VERTEX_BUFFER = 34962;
    private static final int FLOAT = 5126;
    private static final int UNSIGNED_INT = 5125;
    private static final int UNSIGNED_SHORT = 5123;
    private static final int INDEX_BUFFER = 34963;

    /** How shares from -1 to 1 (without a sign 0 to 1) are written as whole numbers. */
    enum Packing {
        SHORTS(5122, 2, 32_767, -1),
        BYTES(5120, 1, 127, -1),
        UNSIGNED_SHORTS(UNSIGNED_SHORT, 2, 65_535, 0),
        UNSIGNED_BYTES(5121, 1, 255, 0);

        private final int component;
        private final int width;
        private final int most;
        private final float least;

        Packing(int component, int width, int most, float least) {
            this.component = component;
            this.width = width;
            this.most = most;
            this.least = least;
        }

        private boolean holds(float[] values) {
            for (float value : values) {
                if (!(value >= least && value <= 1)) {
                    return false;
                }
            }
            return true;
        }

        private int whole(float share) {
            return Math.round(share * most);
        }

        /** @param stride bytes from one element to the next */
        private byte[] packed(float[] values, int size, int stride) {
            ByteBuffer bytes =
                    ByteBuffer.allocate(values.length / size * stride).order(ByteOrder.LITTLE_ENDIAN);
            for (int i = 0; i < values.length; i++) {
                int at = i / size * stride + i % size * width;
                if (width == 2) {
                    bytes.putShort(at, (short) whole(values[i]));
                } else {
                    bytes.put(at, (byte) whole(values[i]));
                }
            }
            return bytes.array();
        }
    }

    private final boolean compact;
    private final ObjectMapper mapper = new ObjectMapper();
    private final Blob blob = new Blob();
    final ArrayNode accessors = mapper.createArrayNode();
    final ArrayNode views = mapper.createArrayNode();

    /** @param compact true to write shares as whole numbers where they fit */
    GltfBinary(boolean compact) {
        this.compact = compact;
    }

    int size() {
        return blob.size();
    }

    void writeTo(OutputStream out) throws IOException {
        blob.writeTo(out);
    }

    /** Something of each vertex, as whole numbers where that is asked for and its values fit. */
    int ofVertices(float[] values, int size, boolean bounds, Packing packing) {
        if (!compact || !packing.holds(values)) {
            return vectors(values, size, bounds, VERTEX_BUFFER);
        }
        // The standard wants each vertex to begin at a multiple of four.
        int stride = (size * packing.width + 3) / 4 * 4;
        byte[] bytes = packing.packed(values, size, stride);
        int view = view(blob.add(bytes), bytes.length, VERTEX_BUFFER);
        ((ObjectNode) views.get(view)).put("byteStride", stride);
        ObjectNode accessor = packed(packing, values, size, bounds);
        accessor.put("bufferView", view);
        return accessors.size() - 1;
    }

    /** Keys of an animation, as whole numbers where that is asked for and they fit. @param size components of a key */
    int keys(float[] values, int size) {
        if (!compact || !Packing.SHORTS.holds(values)) {
            return vectors(values, size, false, 0);
        }
        byte[] bytes = Packing.SHORTS.packed(values, size, 2 * size);
        packed(Packing.SHORTS, values, size, false).put("bufferView", view(blob.add(bytes), bytes.length, 0));
        return accessors.size() - 1;
    }

    private ObjectNode packed(Packing packing, float[] values, int size, boolean bounds) {
        ObjectNode accessor =
                accessor(packing.component, values.length / size, type(size)).put("normalized", true);
        if (bounds) {
            bounds(accessor, values, size, packing);
        }
        return accessor;
    }

    /** The joint numbers of a skin, four a vertex. */
    int joints(int[] values) {
        accessor(UNSIGNED_SHORT, values.length / 4, "VEC4")
                .put("bufferView", view(blob.shorts(values), 2 * values.length, VERTEX_BUFFER));
        return accessors.size() - 1;
    }

    /** Bytes that are no numbers, such as a picture; the index of their view. */
    int bytes(byte[] content) {
        return view(blob.add(content), content.length, 0);
    }

    int vectors(float[] values, int size, boolean bounds, int target) {
        int offset = blob.floats(values);
        ObjectNode accessor = accessor(FLOAT, values.length / size, type(size));
        accessor.put("bufferView", view(offset, 4 * values.length, target));
        if (bounds) {
            bounds(accessor, values, size);
        }
        return accessors.size() - 1;
    }

    int indices(int[] values) {
        boolean small = compact && Arrays.stream(values).max().orElse(0) < 65_535;
        ObjectNode accessor = accessor(small ? UNSIGNED_SHORT : UNSIGNED_INT, values.length, "SCALAR");
        accessor.put(
                "bufferView",
                small
                        ? view(blob.shorts(values), 2 * values.length, INDEX_BUFFER)
                        : view(blob.ints(values), 4 * values.length, INDEX_BUFFER));
        return accessors.size() - 1;
    }

    /** Vectors that are mostly zero: only the others are stored. */
    int sparse(float[] values, boolean bounds, double least, Packing packing) {
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < values.length; i += 3) {
            if (Math.abs(values[i]) > least || Math.abs(values[i + 1]) > least || Math.abs(values[i + 2]) > least) {
                kept.add(i / 3);
            } else {
                Arrays.fill(values, i, i + 3, 0);
            }
        }
        boolean packs = compact && packing.holds(values);
        ObjectNode accessor = packs ? packed(packing, values, 3, bounds) : accessor(FLOAT, values.length / 3, "VEC3");
        if (bounds && !packs) {
            bounds(accessor, values, 3);
        }
        if (!kept.isEmpty()) {
            float[] stored = new float[3 * kept.size()];
            for (int i = 0; i < kept.size(); i++) {
                System.arraycopy(values, 3 * kept.get(i), stored, 3 * i, 3);
            }
            ObjectNode json = accessor.putObject("sparse");
            json.put("count", kept.size());
            places(kept, values.length / 3, json.putObject("indices"));
            byte[] packed = packs ? packing.packed(stored, 3, 3 * packing.width) : new byte[0];
            json.putObject("values")
                    .put(
                            "bufferView",
                            packs
                                    ? view(blob.add(packed), packed.length, 0)
                                    : view(blob.floats(stored), 4 * stored.length, 0));
        }
        return accessors.size() - 1;
    }

    /** Which elements are stored. @param all how many there are */
    private void places(List<Integer> kept, int all, ObjectNode json) {
        int[] indices = kept.stream().mapToInt(i -> i).toArray();
        if (compact && all < 65_535) {
            json.put("bufferView", view(blob.shorts(indices), 2 * indices.length, 0))
                    .put("componentType", UNSIGNED_SHORT);
            return;
        }
        json.put("bufferView", view(blob.ints(indices), 4 * indices.length, 0)).put("componentType", UNSIGNED_INT);
    }

    private ObjectNode accessor(int component, int count, String type) {
        return accessors
                .addObject()
                .put("componentType", component)
                .put("count", count)
                .put("type", type);
    }

    int view(int offset, int length, int target) {
        ObjectNode view =
                views.addObject().put("buffer", 0).put("byteOffset", offset).put("byteLength", length);
        if (target != 0) {
            view.put("target", target);
        }
        return views.size() - 1;
    }

    private static void bounds(ObjectNode accessor, float[] values, int size) {
        float[][] ends = ends(values, size);
        ArrayNode min = accessor.putArray("min");
        ArrayNode max = accessor.putArray("max");
        for (int k = 0; k < size; k++) {
            min.add(ends[0][k]);
            max.add(ends[1][k]);
        }
    }

    /** Of whole numbers the bounds are whole numbers too. */
    private static void bounds(ObjectNode accessor, float[] values, int size, Packing packing) {
        float[][] ends = ends(values, size);
        ArrayNode min = accessor.putArray("min");
        ArrayNode max = accessor.putArray("max");
        for (int k = 0; k < size; k++) {
            min.add(packing.whole(ends[0][k]));
            max.add(packing.whole(ends[1][k]));
        }
    }

    private static float[][] ends(float[] values, int size) {
        float[][] ends = new float[2][size];
        for (int k = 0; k < size; k++) {
            float low = Float.MAX_VALUE;
            float high = -Float.MAX_VALUE;
            for (int i = k; i < values.length; i += size) {
                low = Math.min(low, values[i]);
                high = Math.max(high, values[i]);
            }
            ends[0][k] = low;
            ends[1][k] = high;
        }
        return ends;
    }

    private static String type(int size) {
        return Map.of(1, "SCALAR", 2, "VEC2", 3, "VEC3", 4, "VEC4", 16, "MAT4").get(size);
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

        int shorts(int[] values) {
            ByteBuffer buffer = ByteBuffer.allocate(2 * values.length).order(ByteOrder.LITTLE_ENDIAN);
            for (int value : values) {
                buffer.putShort((short) value);
            }
            return add(buffer.array());
        }

        int ints(int[] values) {
            ByteBuffer buffer = ByteBuffer.allocate(4 * values.length).order(ByteOrder.LITTLE_ENDIAN);
            buffer.asIntBuffer().put(values);
            return add(buffer.array());
        }

        int add(byte[] bytes) {
            int at = size;
            byte[] padded = Arrays.copyOf(bytes, (bytes.length + 3) / 4 * 4);
            pieces.add(padded);
            size = Math.addExact(size, padded.length);
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
