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

    private final ObjectMapper mapper = new ObjectMapper();
    private final Blob blob = new Blob();
    final ArrayNode accessors = mapper.createArrayNode();
    final ArrayNode views = mapper.createArrayNode();

    int size() {
        return blob.size();
    }

    void writeTo(OutputStream out) throws IOException {
        blob.writeTo(out);
    }

    /** The joint numbers of a skin, four a vertex. */
    int joints(int[] values) {
        ByteBuffer bytes = ByteBuffer.allocate(2 * values.length).order(ByteOrder.LITTLE_ENDIAN);
        for (int value : values) {
            bytes.putShort((short) value);
        }
        int offset = blob.add(bytes.array());
        accessor(UNSIGNED_SHORT, values.length / 4, "VEC4")
                .put("bufferView", view(offset, 2 * values.length, VERTEX_BUFFER));
        return accessors.size() - 1;
    }

    /** Bytes that are no numbers, such as a picture; the index of their view. */
    int bytes(byte[] content) {
        byte[] padded = Arrays.copyOf(content, (content.length + 3) / 4 * 4);
        return view(blob.add(padded), content.length, 0);
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
        int offset = blob.ints(values);
        ObjectNode accessor = accessor(UNSIGNED_INT, values.length, "SCALAR");
        accessor.put("bufferView", view(offset, 4 * values.length, INDEX_BUFFER));
        return accessors.size() - 1;
    }

    /** Vectors that are mostly zero: only the others are stored. */
    int sparse(float[] values, boolean bounds, double least) {
        List<Integer> kept = new ArrayList<>();
        for (int i = 0; i < values.length; i += 3) {
            if (Math.abs(values[i]) > least || Math.abs(values[i + 1]) > least || Math.abs(values[i + 2]) > least) {
                kept.add(i / 3);
            } else {
                Arrays.fill(values, i, i + 3, 0);
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

    int view(int offset, int length, int target) {
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

        int ints(int[] values) {
            ByteBuffer buffer = ByteBuffer.allocate(4 * values.length).order(ByteOrder.LITTLE_ENDIAN);
            buffer.asIntBuffer().put(values);
            return add(buffer.array());
        }

        int add(byte[] bytes) {
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
