package graykite.format.character;

import static graykite.base.Require.requireThat;

import graykite.geometry.Vec;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The fields of a stored character one after another. No count is believed before there are bytes for it, so a damaged
 * file cannot ask for more memory than its own size.
 */
final class StoredFields {
    @FunctionalInterface
    interface Field<T> {
        T read() throws IOException;
    }

    private final ByteBuffer bytes;

    StoredFields(ByteBuffer bytes) {
        this.bytes = bytes;
    }

    int position() {
        return bytes.position();
    }

    int integer() {
        return bytes.getInt();
    }

    double figure() {
        double value = bytes.getDouble();
        requireThat(Double.isFinite(value), "A figure is not a number.");
        return value;
    }

    float single() {
        return bytes.getFloat();
    }

    boolean flag() {
        return bytes.get() != 0;
    }

    String text() {
        byte[] text = new byte[count(1)];
        bytes.get(text);
        return new String(text, StandardCharsets.UTF_8);
    }

    <E extends Enum<E>> E name(Class<E> type) {
        return Enum.valueOf(type, text());
    }

    Vec vec() {
        return new Vec(figure(), figure(), figure());
    }

    float[] floats() {
        float[] values = new float[count(4)];
        bytes.asFloatBuffer().get(values);
        bytes.position(bytes.position() + 4 * values.length);
        return values;
    }

    int[] ints() {
        int[] values = new int[count(4)];
        bytes.asIntBuffer().get(values);
        bytes.position(bytes.position() + 4 * values.length);
        return values;
    }

    <T> List<T> list(Field<T> item) throws IOException {
        int count = count(1);
        List<T> items = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            items.add(item.read());
        }
        return items;
    }

    <T> Map<String, T> map(Field<T> value) throws IOException {
        int count = count(1);
        Map<String, T> map = new LinkedHashMap<>();
        for (int i = 0; i < count; i++) {
            map.put(text(), value.read());
        }
        return map;
    }

    private int count(int size) {
        int count = bytes.getInt();
        requireThat(count >= 0 && (long) count * size <= bytes.remaining(), "A count is larger than the file.");
        return count;
    }
}
