package graykite.media;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.GltfWriter;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.format.character.PackedViews.Filter;
import graykite.format.character.PackedViews.Mode;
import graykite.rig.Character;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.lwjgl.system.MemoryUtil;
import org.lwjgl.util.meshoptimizer.MeshOptimizer;

/** Packed with the reference encoder of meshoptimizer, whose format {@code EXT_meshopt_compression} describes, files come back whole. */
class MeshoptViewsTest {
    private final ObjectMapper mapper = new ObjectMapper();

    @TempDir
    private Path folder;

    private static byte[] packed(byte[] plain, int stride) {
        int count = plain.length / stride;
        ByteBuffer in = MemoryUtil.memAlloc(plain.length).put(plain).flip();
        ByteBuffer out = MemoryUtil.memAlloc((int) MeshOptimizer.meshopt_encodeVertexBufferBound(count, stride));
        byte[] packed = new byte[(int) MeshOptimizer.meshopt_encodeVertexBuffer(out, in, count, stride)];
        out.get(0, packed);
        MemoryUtil.memFree(in);
        MemoryUtil.memFree(out);
        return packed;
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 12, 16, 64})
    void attributesComeBack(int stride) {
        byte[] plain = new byte[stride * 137];
        SplittableRandom random = new SplittableRandom(stride);
        for (int i = 0; i < plain.length; i++) {
            plain[i] = (byte) (i / stride + random.nextInt(3));
        }
        byte[] packed = packed(plain, stride);
        assertTrue(packed.length < plain.length);
        assertArrayEquals(plain, new MeshoptViews().unpacked(packed, Mode.ATTRIBUTES, Filter.NONE, 137, stride));
        byte[] cut = Arrays.copyOf(packed, packed.length / 2);
        assertThrows(
                IllegalArgumentException.class,
                () -> new MeshoptViews().unpacked(cut, Mode.ATTRIBUTES, Filter.NONE, 137, stride));
    }

    /** The codec may begin a triangle at another of its corners; which triangles there are, and how they are wound, stays. */
    @Test
    void trianglesComeBack() {
        int[] corners = new int[300];
        for (int i = 0; i < 100; i++) {
            corners[3 * i] = i;
            corners[3 * i + 1] = i + 1;
            corners[3 * i + 2] = (i * 7) % 100 + 2;
        }
        ByteBuffer in = MemoryUtil.memAlloc(1200);
        in.asIntBuffer().put(corners);
        ByteBuffer out = MemoryUtil.memAlloc((int) MeshOptimizer.meshopt_encodeIndexBufferBound(300, 110));
        byte[] packed = new byte[(int) MeshOptimizer.meshopt_encodeIndexBuffer(out, in.asIntBuffer())];
        out.get(0, packed);
        MemoryUtil.memFree(in);
        MemoryUtil.memFree(out);
        ByteBuffer back = ByteBuffer.wrap(new MeshoptViews().unpacked(packed, Mode.TRIANGLES, Filter.NONE, 300, 4))
                .order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < 300; i += 3) {
            int[] got = {back.getInt(4 * i), back.getInt(4 * i + 4), back.getInt(4 * i + 8)};
            boolean same = false;
            for (int turn = 0; turn < 3; turn++) {
                same |= got[turn] == corners[i]
                        && got[(turn + 1) % 3] == corners[i + 1]
                        && got[(turn + 2) % 3] == corners[i + 2];
            }
            assertTrue(same, Arrays.toString(got));
        }
    }

    /** A character of ours with every buffer view packed is read as the plain one. */
    @Test
    void aPackedCharacterIsRead() throws IOException {
        Character odile = Cast.byName("odile");
        Path plain = folder.resolve("plain.glb");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        GltfWriter.write(odile, Optional.empty(), bytes);
        Files.write(plain, bytes.toByteArray());
        Path packed = folder.resolve("packed.gltf");
        Files.write(packed, mapper.writeValueAsBytes(packed(bytes.toByteArray())));
        Character before = FigureFiles.read(plain, Progress.none()).character();
        Character after = FigureFiles.read(packed, Progress.none()).character();
        assertEquals(before.channels(), after.channels());
        for (int i = 0; i < before.parts().size(); i++) {
            assertArrayEquals(
                    before.parts().get(i).positions(), after.parts().get(i).positions());
            assertArrayEquals(
                    before.parts().get(i).triangles(), after.parts().get(i).triangles());
        }
    }

    @Test
    void damageIsSaid() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        GltfWriter.write(Cast.byName("brine"), Optional.empty(), bytes);
        ObjectNode json = packed(bytes.toByteArray());
        ObjectNode first =
                (ObjectNode) json.path("bufferViews").path(0).path("extensions").path("EXT_meshopt_compression");
        first.put("byteLength", first.path("byteLength").asInt() / 2);
        Path file = folder.resolve("damaged.gltf");
        Files.write(file, mapper.writeValueAsBytes(json));
        BadInput said = assertThrows(BadInput.class, () -> FigureFiles.read(file, Progress.none()));
        assertTrue(
                said.getMessage().contains("damaged.gltf") && said.getMessage().contains("cannot be unpacked"));
        first.put("byteOffset", Long.MAX_VALUE - 3);
        Files.write(file, mapper.writeValueAsBytes(json));
        assertTrue(assertThrows(BadInput.class, () -> FigureFiles.read(file, Progress.none()))
                .getMessage()
                .contains("impossible"));
    }

    /** The document of a binary file with all its buffer views packed, as other programs write it: with an empty buffer to fall back to. */
    private ObjectNode packed(byte[] glb) throws IOException {
        ByteBuffer in = ByteBuffer.wrap(glb).order(ByteOrder.LITTLE_ENDIAN);
        int jsonLength = in.getInt(12);
        ObjectNode json = (ObjectNode) mapper.readTree(Arrays.copyOfRange(glb, 20, 20 + jsonLength));
        int data = 28 + jsonLength;
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (JsonNode view : json.path("bufferViews")) {
            int offset = data + view.path("byteOffset").asInt(0);
            int length = (view.path("byteLength").asInt() + 3) / 4 * 4;
            byte[] packed = packed(Arrays.copyOfRange(glb, offset, offset + length), 4);
            ObjectNode extension = mapper.createObjectNode();
            extension
                    .put("buffer", 0)
                    .put("byteOffset", all.size())
                    .put("byteLength", packed.length)
                    .put("byteStride", 4)
                    .put("count", length / 4)
                    .put("mode", "ATTRIBUTES");
            ((ObjectNode) view).put("buffer", 1).putObject("extensions").set("EXT_meshopt_compression", extension);
            all.write(packed);
        }
        ArrayNode buffers = json.putArray("buffers");
        buffers.addObject()
                .put("byteLength", all.size())
                .put(
                        "uri",
                        "data:application/octet-stream;base64,"
                                + Base64.getEncoder().encodeToString(all.toByteArray()));
        buffers.addObject()
                .put("byteLength", glb.length)
                .putObject("extensions")
                .putObject("EXT_meshopt_compression")
                .put("fallback", true);
        json.withArray("extensionsRequired").add("EXT_meshopt_compression");
        return json;
    }
}
