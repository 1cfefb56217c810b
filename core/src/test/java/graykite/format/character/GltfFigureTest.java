package graykite.format.character;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.figures.ForeignHead;
import graykite.format.GltfWriter;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Joint;
import graykite.rig.Joint.Axis;
import graykite.rig.Joint.Slide;
import graykite.rig.LipGap;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Skin;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files made by hand after the text of glTF 2.0 (Khronos), and our own characters there and back. */
public class GltfFigureTest {
    @TempDir
    private Path folder;

    /**
     * One triangle, 0.2 m high, on a node that stands 1 m up, with the shape "jawOpen" that lowers vertex 0 by 20 mm; joint
     * "head" carries it; an animation turns the head by 90 degrees about y and opens the jaw on its second key.
     */
    public static String triangle(String change, String into) {
        ByteBuffer b = ByteBuffer.allocate(36 + 36 + 6 + 2 + 8 + 32 + 8).order(ByteOrder.LITTLE_ENDIAN);
        for (float f : new float[] {0, 0, 0, 0.1f, 0, 0, 0, 0.2f, 0}) {
            b.putFloat(f);
        }
        for (float f : new float[] {0, -0.02f, 0, 0, 0, 0, 0, 0, 0}) {
            b.putFloat(f);
        }
        b.putShort((short) 0).putShort((short) 1).putShort((short) 2).putShort((short) 0);
        b.putFloat(0).putFloat(1);
        b.putFloat(0).putFloat(0).putFloat(0).putFloat(1);
        b.putFloat(0).putFloat((float) Math.sqrt(0.5)).putFloat(0).putFloat((float) Math.sqrt(0.5));
        b.putFloat(0).putFloat(1);
        String data = Base64.getEncoder().encodeToString(b.array());
        String json = """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0]}],
                 "nodes":[{"name":"head","translation":[0,1,0],"children":[1]},{"name":"face","mesh":0}],
                 "meshes":[{"name":"face","extras":{"targetNames":["jawOpen"]},
                   "primitives":[{"attributes":{"POSITION":0},"indices":2,"targets":[{"POSITION":1}]}]}],
                 "accessors":[
                   {"bufferView":0,"componentType":5126,"count":3,"type":"VEC3"},
                   {"bufferView":1,"componentType":5126,"count":3,"type":"VEC3"},
                   {"bufferView":2,"componentType":5123,"count":3,"type":"SCALAR"},
                   {"bufferView":3,"componentType":5126,"count":2,"type":"SCALAR"},
                   {"bufferView":4,"componentType":5126,"count":2,"type":"VEC4"},
                   {"bufferView":5,"componentType":5126,"count":2,"type":"SCALAR"}],
                 "bufferViews":[{"buffer":0,"byteLength":36},{"buffer":0,"byteOffset":36,"byteLength":36},
                   {"buffer":0,"byteOffset":72,"byteLength":6},{"buffer":0,"byteOffset":80,"byteLength":8},
                   {"buffer":0,"byteOffset":88,"byteLength":32},{"buffer":0,"byteOffset":120,"byteLength":8}],
                 "animations":[{"samplers":[{"input":3,"output":4},{"input":3,"output":5}],
                   "channels":[{"sampler":0,"target":{"node":0,"path":"rotation"}},
                               {"sampler":1,"target":{"node":1,"path":"weights"}}]}],
                 "buffers":[{"byteLength":128,"uri":"data:application/octet-stream;base64,DATA"}]}
                """;
        assertTrue(json.contains(change), change);
        return json.replace(change, into).replace("DATA", data);
    }

    private Path file(String json) throws IOException {
        return Files.writeString(folder.resolve("head.gltf"), json);
    }

    @Test
    void aTriangleByHand() throws IOException {
        Found found = FigureFiles.read(file(triangle("\"scene\":0,", "")), Progress.none());
        Character c = found.character();
        assertEquals(1, c.parts().size());
        assertTrue(c.channelIndex().containsKey("jawOpen"));
        assertEquals(Pose.of("jawOpen", 1), c.role("jawDrop").orElseThrow());
        // A single point that moves says nothing about size; the whole triangle is 200 mm, as a head may be.
        assertEquals(List.of(), found.remarks());
        float[] p = c.parts().getFirst().positions();
        assertEquals(200, p[7] - p[1], 1e-3);
        float[] moved = new Deformer(c).placed(c.parts().getFirst(), c.values(Pose.of("jawDrop", 0.5)));
        assertEquals(p[1] - 10, moved[1], 1e-3);
    }

    /**
     * A texture in WebP, moved over the triangle: twice as often across, turned by a quarter against the clock, shifted
     * ({@code KHR_texture_transform}: first scaled, then turned, then moved; from memory). The picture was written by cwebp.
     */
    @Test
    void texturesAreMovedAndMayBeWebp() throws IOException {
        String json = triangle(
                        "\"attributes\":{\"POSITION\":0}",
                        "\"attributes\":{\"POSITION\":0,\"TEXCOORD_1\":6},\"material\":0")
                .replace("\"accessors\":[", """
                        "extensionsRequired":["KHR_texture_transform","EXT_texture_webp"],
                        "materials":[{"pbrMetallicRoughness":{"baseColorTexture":{"index":0,"extensions":{"KHR_texture_transform":
                          {"offset":[0.25,0.5],"rotation":1.5707963,"scale":[2,1],"texCoord":1}}}}}],
                        "textures":[{"extensions":{"EXT_texture_webp":{"source":0}}}],
                        "images":[{"mimeType":"image/webp","uri":
                          "data:image/webp;base64,UklGRioAAABXRUJQVlA4TB4AAAAvA0AAEBcgEEjaH3qN+RcQFPk/2vzHyA2uoBXR/wg="}],
                        "accessors":[""")
                .replace("\"count\":2,\"type\":\"SCALAR\"}],", """
                        "count":2,"type":"SCALAR"},
                        {"bufferView":6,"componentType":5121,"normalized":true,"count":3,"type":"VEC2"}],""")
                .replace("\"byteOffset\":120,\"byteLength\":8}],", """
                        "byteOffset":120,"byteLength":8},{"buffer":1,"byteLength":6}],""")
                .replace("\"buffers\":[", "\"buffers\":[")
                .replace("DATA\"}]", "DATA\"}]");
        String uv = Base64.getEncoder().encodeToString(new byte[] {0, 0, -1, 0, 0, -1});
        json = json.replace("\"}]}\n", "\"},{\"byteLength\":6,\"uri\":\"data:;base64," + uv + "\"}]}\n");
        Part part = FigureFiles.read(file(json), Progress.none())
                .character()
                .parts()
                .getFirst();
        Texture texture = part.looks().texture().orElseThrow();
        assertEquals(4, texture.width());
        assertEquals(2, texture.height());
        assertEquals(0xffff0000, texture.pixels()[0]);
        assertEquals(0xff0000ff, texture.pixels()[3]);
        assertEquals(0, texture.pixels()[7] >>> 24, "the lower right is a hole");
        assertArrayEquals(
                new float[] {0.25f, 0.5f, 0.25f, -1.5f, 1.25f, 0.5f},
                part.looks().uv(),
                1e-4f);
    }

    /** Eight joints a vertex come back from what is written, and each of them pulls. */
    @Test
    void eightJointsAVertex() throws IOException {
        List<Joint> joints = new ArrayList<>();
        int[] followed = new int[24];
        float[] weights = new float[24];
        for (int j = 0; j < 8; j++) {
            joints.add(new Joint("bone " + j, -1, Vec.ZERO, List.of(), List.of(new Slide("pull" + j, Axis.X, 80))));
            followed[j] = j;
            followed[8 + j] = j;
            followed[16 + j] = 7 - j;
            weights[j] = 0.125f;
            weights[8 + j] = 0.125f;
            weights[16 + j] = j == 0 ? 1 : 0;
        }
        List<Channel> channels = joints.stream()
                .map(j -> new Channel(j.slides().getFirst().channel(), Channel.Group.OTHER, 0, 1, "Pulls"))
                .toList();
        Part strip = new Part(
                "strip",
                new Material("cloth", 0.5f, 0, 0, 0, false),
                0,
                new float[] {0, 0, 0, 100, 0, 0, 0, 200, 0},
                new float[9],
                new int[] {0, 1, 2},
                List.of(),
                new Part.Looks(
                        Optional.of(new Skin(followed, weights)),
                        Optional.empty(),
                        new float[0],
                        new int[0],
                        Optional.empty()));
        Character before =
                Character.modelled("Strip", channels, joints, List.of(strip), List.of(), Optional.empty(), Map.of());
        Path file = folder.resolve("strip.glb");
        try (OutputStream out = Files.newOutputStream(file)) {
            GltfWriter.write(before, Optional.empty(), out);
        }
        Character after = FigureFiles.read(file, Progress.none()).character();
        for (Character c : List.of(before, after)) {
            Part part = c.parts().getFirst();
            assertEquals(8, part.looks().skin().orElseThrow().perVertex(3));
            float[] p = new Deformer(c).placed(part, c.values(Pose.of("pull7", 1)));
            assertEquals(10, p[0], 0.01, "an eighth of 80 mm");
            assertEquals(80, p[6], 0.01, "the last follows bone 7 alone");
        }
    }

    /** With a face of plausible size nothing is scaled: 0.2 m are 200 mm, the pivot lies where the node stands. */
    @Test
    void metresBecomeMillimetres() throws IOException {
        Character c = FigureFiles.read(
                        file(triangle("\"targets\":[{\"POSITION\":1}]", "\"extras\":{}")), Progress.none())
                .character();
        float[] p = c.parts().getFirst().positions();
        assertEquals(200, p[7] - p[1], 1e-3);
        assertEquals(100, p[3] - p[0], 1e-3);
        int head = c.parts().getFirst().joint();
        assertEquals("head", c.joints().get(head).name());
        assertEquals(p[1], c.joints().get(head).pivot().y(), 1e-3);
        // Turning the joint by 90 degrees about y brings x to -z.
        double[] values = c.values(Pose.of("headYaw", 90));
        float[] turned = new Deformer(c).placed(c.parts().getFirst(), values);
        assertEquals(p[2] - 100, turned[5], 1e-3);
    }

    /** Poses on frames, relative to frame 0: by hand, frame 1 turns the head by 90 degrees and opens the jaw wholly. */
    @Test
    void posesOnFrames() throws IOException {
        Path file = file(triangle("\"scene\":0,", ""));
        Files.writeString(folder.resolve("head.txt"), "# shapes\n0 neutral\n1 Ah\n");
        Character c = FigureFiles.read(file, Progress.none()).character();
        Pose ah = c.poses().get("Ah");
        assertEquals(1, ah.of("jawOpen"), 1e-6);
        assertEquals(90, ah.of("head.turnY"), 1e-3);
        Files.writeString(folder.resolve("head.txt"), "0 neutral\n7 Ah\n");
        String beyond = assertThrows(BadInput.class, () -> FigureFiles.read(file, Progress.none()))
                .getMessage();
        assertTrue(beyond.contains("head.gltf") && beyond.contains("frame 1") && beyond.contains("\"Ah\""), beyond);
        Files.writeString(folder.resolve("head.txt"), "0 neutral\nAh\n");
        String broken = assertThrows(BadInput.class, () -> FigureFiles.read(file, Progress.none()))
                .getMessage();
        assertTrue(broken.contains("head.txt: line 2"), broken);
    }

    /** One clear line for each fault, with file and place. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"version\":\"2.0\" | \"version\":\"1.0\" | glTF 1.0",
                "\"count\":3,\"type\":\"SCALAR\" | \"count\":99,\"type\":\"SCALAR\" | accessor 2 reaches beyond",
                "\"POSITION\":0 | \"POSITION\":17 | number 17 of accessors",
                "\"POSITION\":0 | \"NORMAL\":0 | no positions",
                "{\"POSITION\":1} | {\"POSITION\":4} | target 0",
                "\"byteOffset\":36,\"byteLength\":36 | \"byteOffset\":120,\"byteLength\":36 | buffer view 1",
                "\"byteOffset\":36,\"byteLength\":36 | \"byteOffset\":9223372036854775807,\"byteLength\":36 | buffer view 1",
                "\"bufferView\":0,\"componentType\":5126 | \"bufferView\":0,\"byteOffset\":9223372036854775800,\"componentType\":5126 | reaches beyond",
                "\"bufferView\":0,\"componentType\":5126 | \"bufferView\":0,\"componentType\":77 | component type 77",
                "\"byteLength\":128 | \"byteLength\":4096 | buffer 0 should have 4096 bytes",
                "\"children\":[1] | \"children\":[0,1] | form a circle",
                "\"children\":[1] | \"children\":[5] | child that does not exist",
                "\"mesh\":0 | \"mesh\":4 | number 4 of meshes",
                "\"translation\":[0,1,0] | \"translation\":[0,null,0] | node 0",
                "\"targets\":[{\"POSITION\":1}] | \"targets\":{\"a\":{\"POSITION\":1}} | has no list of targets",
                "\"nodes\":[{\"name\" | \"nodes\":{\"a\":1},\"other\":[{\"name\" | it has no list of nodes",
                "\"asset\": | \"asset | not a valid glTF",
                "\"asset\":{\"version\":\"2.0\"} | \"extensionsRequired\":[\"X_y\"],\"asset\":{\"version\":\"2.0\"} | X_y"
            })
    void faultsNameTheirPlace(String change, String into, String says) throws IOException {
        Path file = file(triangle(change, into));
        String message = assertThrows(BadInput.class, () -> FigureFiles.read(file, Progress.none()))
                .getMessage();
        assertTrue(message.startsWith("head.gltf"), message);
        assertTrue(message.contains(says), message);
    }

    @Test
    void buffersStayInTheirFolder() throws IOException {
        String json = triangle("\"scene\":0,", "").replaceAll("data:[^\"]*", "../secret.bin");
        String message = assertThrows(BadInput.class, () -> FigureFiles.read(file(json), Progress.none()))
                .getMessage();
        assertTrue(message.contains("outside its folder"), message);
    }

    @Test
    void shapesWithoutNamesGetOne() throws IOException {
        Found found =
                FigureFiles.read(file(triangle("\"extras\":{\"targetNames\":[\"jawOpen\"]},", "")), Progress.none());
        assertTrue(found.character().channelIndex().containsKey("Shape 1"));
        assertTrue(found.remarks().stream().anyMatch(r -> r.contains("mesh 0 \"face\", target 0 has no name")));
    }

    /** Our own characters come back whole from the files that we write: channels, joints, poses, lips and every vertex. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "brine"})
    void ourOwnThereAndBack(String name) throws IOException {
        Character before = Cast.byName(name);
        Path file = folder.resolve(name + ".glb");
        try (OutputStream out = Files.newOutputStream(file)) {
            GltfWriter.write(before, Optional.empty(), out);
        }
        Character after = FigureFiles.read(file, Progress.none()).character();
        assertEquals(before.channels(), after.channels());
        assertEquals(before.poses(), after.poses());
        assertEquals(before.roles(), after.roles());
        assertEquals(before.couplings(), after.couplings());
        assertEquals(before.joints().size(), after.joints().size());
        assertEquals(before.lips().isPresent(), after.lips().isPresent());
        Map<String, Part> parts = new HashMap<>();
        after.parts().forEach(p -> parts.put(p.name(), p));
        for (String pose : new String[] {"Ah", "Wry", "Oo"}) {
            double[] values = before.values(before.poses().get(pose));
            for (Part part : before.parts()) {
                assertArrayEquals(
                        new Deformer(before).placed(part, values),
                        new Deformer(after).placed(parts.get(part.name()), values),
                        0.001f,
                        part.name() + " " + pose);
            }
        }
    }

    /** A rig with other names and no word of ours in it speaks through what its names say. */
    @Test
    void anyRigSpeaks() throws IOException {
        Character c = ForeignHead.read(folder);
        assertEquals(List.of(), MouthChart.missing(c));
        assertTrue(c.lips().isPresent());
        assertTrue(c.has("lidClose.L") && c.has("headYaw") && c.has("eyePitch"));
        // Whatever a head hangs from turns the body, by any name; it is no channel of the mouth.
        c.channels().stream()
                .filter(ch -> ch.name().startsWith("body"))
                .forEach(ch -> assertTrue(ch.carriesFace(), ch.name()));
        assertTrue(c.channels().stream().anyMatch(ch -> ch.name().startsWith("body")));
        LipGap gap = new LipGap(c);
        assertEquals(2 * 25.5, gap.mouthWidth(), 9);
        assertTrue(gap.at(c.values(c.poses().get("Ah"))) > 20);
        assertTrue(gap.at(c.values(c.poses().get("Lips shut"))) < 1.5);
    }
}
