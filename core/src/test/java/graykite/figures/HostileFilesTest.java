package graykite.figures;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.format.character.GltfFigureTest;
import graykite.format.character.LandmarkFiles;
import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Joint;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Showing;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;
import org.junit.jupiter.api.Assertions;

/** Files of every kind with flipped bytes or cut off: a clear error or a character, never a crash, a hang or a flood. */
class HostileFilesTest {
    private static Path folder;

    @BeforeContainer
    static void open() throws IOException {
        folder = Files.createTempDirectory("hostile");
    }

    @AfterContainer
    static void close() throws IOException {
        try (var files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }

    /** The same damage for the same numbers: some bytes changed, the end cut off now and then. */
    private static byte[] damaged(byte[] whole, int seed, int flips, int kept) {
        Random random = new Random(seed);
        byte[] bytes = kept < 60 ? Arrays.copyOf(whole, whole.length * kept / 60) : whole.clone();
        for (int i = 0; i < flips && bytes.length > 0; i++) {
            bytes[random.nextInt(bytes.length)] = (byte) random.nextInt(256);
        }
        return bytes;
    }

    private static void survives(String name, byte[] bytes) {
        Assertions.assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
            Path file = Files.write(folder.resolve(name), bytes);
            try {
                Character character = FigureFiles.read(file, Progress.none()).character();
                Assertions.assertTrue(character.vertexCount() < 10_000);
            } catch (BadInput refused) {
                Assertions.assertTrue(refused.getMessage().contains(name), refused.getMessage());
                Assertions.assertFalse(refused.getMessage().contains("has no name. Export"), "a place was not named");
            } finally {
                Files.delete(file);
            }
        });
    }

    @Property(tries = 400)
    void gltf(@ForAll int seed, @ForAll @IntRange(min = 0, max = 6) int flips, @ForAll @IntRange(max = 80) int kept) {
        byte[] whole = GltfFigureTest.triangle("\"scene\":0,", "").getBytes(StandardCharsets.UTF_8);
        survives("head.gltf", damaged(whole, seed, flips, kept));
    }

    @Property(tries = 300)
    void storedCharacters(
            @ForAll int seed, @ForAll @IntRange(min = 0, max = 6) int flips, @ForAll @IntRange(max = 80) int kept)
            throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CharacterStore.write(small(), out);
        survives("head" + CharacterStore.EXTENSION, damaged(out.toByteArray(), seed, flips, kept));
    }

    @Property(tries = 200)
    void objects(
            @ForAll int seed, @ForAll @IntRange(min = 1, max = 6) int flips, @ForAll @IntRange(max = 80) int kept) {
        String whole =
                "mtllib x.mtl\nv 0 0 0\nv 0.1 0 0\nv 0 0.1 0\nvt 0 0\nvt 1 1\nusemtl a\nf 1/1 2/2 3/1\nf -1 -2 -3\n";
        survives("neutral.obj", damaged(whole.getBytes(StandardCharsets.UTF_8), seed, flips, kept));
    }

    @Property(tries = 120)
    void drawings(@ForAll int seed, @ForAll @IntRange(min = 1, max = 6) int flips, @ForAll @IntRange(max = 80) int kept)
            throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(9, 7, BufferedImage.TYPE_INT_ARGB), "png", out);
        Path drawings = Files.createDirectories(folder.resolve("drawings"));
        Path file = Files.write(drawings.resolve("ah.png"), damaged(out.toByteArray(), seed, flips, kept));
        Assertions.assertTimeoutPreemptively(Duration.ofSeconds(10), () -> {
            try {
                FigureFiles.read(drawings, Progress.none());
            } catch (BadInput refused) {
                Assertions.assertTrue(refused.getMessage().startsWith("ah.png"), refused.getMessage());
            }
        });
        Files.delete(file);
    }

    @Property(tries = 200)
    void landmarks(@ForAll int seed, @ForAll @IntRange(min = 1, max = 6) int flips) throws IOException {
        Path file = folder.resolve("marks.json");
        LandmarkFiles.write(Map.of("chin", new Vec(1, 2, 3), "nose tip", Vec.ZERO), file);
        Files.write(file, damaged(Files.readAllBytes(file), seed, flips, 60));
        try {
            Assertions.assertTrue(LandmarkFiles.read(file).size() <= 2);
        } catch (BadInput refused) {
            Assertions.assertTrue(refused.getMessage().startsWith("marks.json"), refused.getMessage());
        }
    }

    private static Character small() {
        Part part = new Part(
                "card",
                Material.drawing("card"),
                0,
                new float[] {0, 0, 0, 1, 0, 0, 0, 1, 0},
                new float[9],
                new int[] {0, 1, 2},
                List.of(new MorphTarget("a", new int[] {1}, new float[] {0, 2, 0})),
                Part.Looks.textured(new Texture(2, 2, new int[] {1, 2, 3, 4}), new float[6])
                        .seenWhen(new Showing("a", 0)));
        return Character.modelled(
                        "small",
                        List.of(
                                new Channel("a", Channel.Group.LIPS, 0, 1, "a"),
                                new Channel("b", Channel.Group.LIPS, 0, 1, "b")),
                        List.of(new Joint("root", -1, Vec.ZERO, List.of(new Joint.Turn("b", Joint.Axis.Y, 1)))),
                        List.of(part),
                        List.of(),
                        Optional.empty(),
                        Map.of("Ah", Pose.of("a", 1)))
                .withCouplings(List.of(Coupling.of("a", "b", Coupling.Rule.DRIVES, 1)));
    }
}
