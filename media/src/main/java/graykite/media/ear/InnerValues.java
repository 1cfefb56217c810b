package graykite.media.ear;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;

/**
 * Lets a network in ONNX's form give out values that it works with inside. The form is one of Protocol Buffers, in which a part that comes
 * again adds to what came before ("Encoding", Last One Wins), so that the names of more outputs can stand behind a network's end.
 */
final class InnerValues {
    /** Numbers of fields in onnx.proto: the graph of a model, an output of a graph, the name of a value. */
    private static final int GRAPH = 7;

    private static final int OUTPUT = 12;
    private static final int NAME = 1;

    private InnerValues() {}

    /** What is to stand behind a network's end, so that it gives out values of these names behind its own. */
    static byte[] given(String... names) {
        ByteArrayOutputStream outputs = new ByteArrayOutputStream();
        for (String name : names) {
            outputs.writeBytes(field(OUTPUT, field(NAME, name.getBytes(StandardCharsets.UTF_8))));
        }
        return field(GRAPH, outputs.toByteArray());
    }

    /** A field that holds bytes: its number and kind, how many, and they themselves. */
    private static byte[] field(int number, byte[] content) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(number << 3 | 2);
        int rest = content.length;
        for (; rest > 0x7f; rest >>>= 7) {
            out.write(rest & 0x7f | 0x80);
        }
        out.write(rest);
        out.writeBytes(content);
        return out.toByteArray();
    }
}
