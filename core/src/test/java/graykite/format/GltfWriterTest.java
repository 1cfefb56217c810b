package graykite.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.AnimationModel;
import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.MeshModel;
import de.javagl.jgltf.model.NodeModel;
import de.javagl.jgltf.model.io.GltfModelReader;
import graykite.acting.Score;
import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.format.character.FigureFiles;
import graykite.motion.Track;
import graykite.mouth.FittedChart;
import graykite.mouth.MouthSettings;
import graykite.reading.TimingTest;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Figures;
import graykite.rig.Part;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.time.FrameRate;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GltfWriterTest {
    private static final Character ODILE = Figures.ODILE;
    private static byte[] glb;
    private static FrameTable table;

    @BeforeAll
    static void write() throws Exception {
        Performance performance = Performance.of(
                ODILE,
                FittedChart.standard(ODILE),
                new Score(
                        TimingTest.sample(),
                        Loudness.of(Sound.silence(2, 8000)),
                        MouthSettings.STANDARD,
                        FrameRate.THIRTY,
                        1));
        table = FrameTable.of(Scene.solo(performance), 0, FrameRate.parse("29.97"));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GltfWriter.write(ODILE, Optional.of(table), out);
        glb = out.toByteArray();
    }

    /** The standard's own validator (Khronos gltf-validator 2.0.0-dev.3.10, from npm; runs on Node.js). */
    @Test
    void theValidatorFindsNothing(@TempDir Path folder) throws Exception {
        JsonNode report = validated(folder, glb);
        assertEquals(
                ODILE.triangleCount(),
                report.path("info").path("totalTriangleCount").asInt());
        assertTrue(report.path("info").path("hasMorphTargets").asBoolean());
        assertEquals(1, report.path("info").path("animationCount").asInt());
    }

    /**
     * A drawing ends at its edges. A texture without a sampler repeats (glTF 2.0, 5.26 sampler.wrapS: 10497 by default), and
     * what touches one edge would show as a hair line at the other.
     */
    @Test
    void drawingsEndAtTheirEdges(@TempDir Path folder) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GltfWriter.write(Cast.byName("brine"), Optional.empty(), out);
        validated(folder, out.toByteArray());
        ByteBuffer bytes = ByteBuffer.wrap(out.toByteArray()).order(ByteOrder.LITTLE_ENDIAN);
        JsonNode json = new ObjectMapper().readTree(out.toByteArray(), 20, bytes.getInt(12));
        assertTrue(json.path("textures").size() > 20);
        for (JsonNode texture : json.path("textures")) {
            JsonNode sampler =
                    json.path("samplers").path(texture.path("sampler").asInt(-1));
            assertEquals(33071, sampler.path("wrapS").asInt(), "clamped to its edge");
            assertEquals(33071, sampler.path("wrapT").asInt());
        }
    }

    /** Nor where a neutral key stands before the start: the standard has no time below 0. */
    @Test
    void noTimeLiesBeforeZero(@TempDir Path folder) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GltfWriter.write(ODILE, Optional.of(table.from(-10)), out);
        validated(folder, out.toByteArray());
        Path file = folder.resolve("early.glb");
        Files.write(file, out.toByteArray());
        Track track = TrackFiles.read(file);
        assertEquals(table.rows().size(), track.samples(), "every frame is there");
        String text = new String(out.toByteArray(), StandardCharsets.ISO_8859_1);
        assertTrue(text.contains("lineStart"), "and it is said where the line begins");
    }

    /**
     * The animation alone is valid by the standard's validator too, and reads back as the same movement within the error that
     * thinned keys may have.
     */
    @Test
    void theAnimationAloneWithFewKeys(@TempDir Path folder) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GltfWriter.write(ODILE, Optional.of(table), new GltfWriter.How(0.01, false, false), out);
        assertTrue(out.size() < glb.length / 10, out.size() + " bytes");
        validated(folder, out.toByteArray());
        GltfModel model = new GltfModelReader().readWithoutReferences(new ByteArrayInputStream(out.toByteArray()));
        AnimationModel animation = model.getAnimationModels().getFirst();
        Deformer deformer = new Deformer(ODILE);
        int keys = 0;
        for (AnimationModel.Channel channel : animation.getChannels()) {
            if (!channel.getPath().equals("weights")) {
                continue;
            }
            Part part = ODILE.parts().stream()
                    .filter(p -> p.name().equals(channel.getNodeModel().getName()))
                    .findFirst()
                    .orElseThrow();
            AccessorFloatData times =
                    (AccessorFloatData) channel.getSampler().getInput().getAccessorData();
            AccessorFloatData weights =
                    (AccessorFloatData) channel.getSampler().getOutput().getAccessorData();
            int targets = part.targets().size();
            keys += times.getNumElements();
            for (int k = 0; k < times.getNumElements(); k++) {
                int frame = (int) Math.round(times.get(k, 0) * table.rate().perSecond());
                for (int t = 0; t < targets; t++) {
                    assertEquals(
                            deformer.weight(
                                    part.targets().get(t).name(), table.rows().get(frame)),
                            weights.get(k * targets + t, 0),
                            1e-5);
                }
            }
        }
        assertTrue(keys > 0 && keys < table.rows().size() * ODILE.parts().size(), keys + " keys");
    }

    /**
     * Compressed it is less than half as large and valid by the standard's validator, which knows the extension; another reader
     * (jgltf) finds every vertex where it was, within what whole numbers of a metre can say.
     */
    @Test
    void compressed(@TempDir Path folder) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        GltfWriter.write(ODILE, Optional.of(table), new GltfWriter.How(0, true, true), out);
        assertTrue(out.size() < glb.length / 2, out.size() + " of " + glb.length + " bytes");
        validated(folder, out.toByteArray());
        Path file = folder.resolve("compressed.glb");
        Files.write(file, out.toByteArray());
        Character read =
                FigureFiles.read(file, Optional.empty(), Progress.none()).character();
        assertEquals(ODILE.triangleCount(), read.triangleCount());
        for (int p = 0; p < ODILE.parts().size(); p++) {
            Part was = ODILE.parts().get(p);
            Part is = read.parts().stream()
                    .filter(o -> o.name().equals(was.name()))
                    .findFirst()
                    .orElseThrow();
            for (int i = 0; i < was.positions().length; i++) {
                assertEquals(was.positions()[i], is.positions()[i], 0.04, was.name());
            }
        }
        Track track = TrackFiles.read(file);
        assertEquals(table.rows().size(), track.samples());
    }

    private static JsonNode validated(Path folder, byte[] written) throws Exception {
        Path file = folder.resolve("odile.glb");
        Files.write(file, written);
        Path script = Path.of(
                GltfWriterTest.class.getResource("/gltf-validator/validate.js").toURI());
        Process process = new ProcessBuilder("node", script.toString(), file.toString())
                .redirectErrorStream(true)
                .start();
        String output = new String(process.getInputStream().readAllBytes());
        assertEquals(0, process.waitFor(), output);
        JsonNode report = new ObjectMapper().readTree(output);
        assertEquals(0, report.path("issues").path("numErrors").asInt(-1), output);
        assertEquals(0, report.path("issues").path("numWarnings").asInt(-1), output);
        return report;
    }

    /** Read back by an independent library (jgltf): the counts, the bind pose and the animation are what was written. */
    @Test
    void anotherReaderAgrees() throws Exception {
        GltfModel model = new GltfModelReader().readWithoutReferences(new ByteArrayInputStream(glb));
        assertEquals(ODILE.parts().size(), model.getMeshModels().size());
        for (int p = 0; p < ODILE.parts().size(); p++) {
            Part part = ODILE.parts().get(p);
            MeshModel mesh = model.getMeshModels().get(p);
            var primitive = mesh.getMeshPrimitiveModels().getFirst();
            assertEquals(
                    part.vertexCount(),
                    primitive.getAttributes().get("POSITION").getCount());
            assertEquals(part.triangles().length, primitive.getIndices().getCount());
            assertEquals(part.targets().size(), primitive.getTargets().size());
        }
        AnimationModel animation = model.getAnimationModels().getFirst();
        for (AnimationModel.Channel channel : animation.getChannels()) {
            assertEquals(table.rows().size(), channel.getSampler().getInput().getCount());
            if (channel.getPath().equals("weights")) {
                checkWeights(channel);
            }
        }
    }

    private static void checkWeights(AnimationModel.Channel channel) {
        NodeModel node = channel.getNodeModel();
        Part part = ODILE.parts().stream()
                .filter(p -> p.name().equals(node.getName()))
                .findFirst()
                .orElseThrow();
        AccessorFloatData weights =
                (AccessorFloatData) channel.getSampler().getOutput().getAccessorData();
        Deformer deformer = new Deformer(ODILE);
        int targets = part.targets().size();
        for (int frame = 0; frame < table.rows().size(); frame += 7) {
            for (int t = 0; t < targets; t++) {
                double expected = deformer.weight(
                        part.targets().get(t).name(), table.rows().get(frame));
                assertEquals(expected, weights.get(frame * targets + t, 0), 1e-5);
            }
        }
    }

    /** glTF 2.0 asks for unit quaternions x y z w; the rotation must be that of the joint's own matrix. */
    @Test
    void quaternionsTurnAsTheMatrixDoes() {
        double[] degrees = {20, -35, 12};
        float[] q = new float[4];
        GltfAnimation.quaternion(degrees, q, 0);
        assertEquals(1, q[0] * q[0] + q[1] * q[1] + q[2] * q[2] + q[3] * q[3], 1e-6);
        double[] values = new double[ODILE.channels().size()];
        values[ODILE.channelIndex().get("headYaw")] = -35;
        values[ODILE.channelIndex().get("headPitch")] = -20;
        values[ODILE.channelIndex().get("headRoll")] = -12;
        double[] m = new Deformer(ODILE).jointFrames(values)[1];
        double x = q[0];
        double y = q[1];
        double z = q[2];
        double w = q[3];
        assertEquals(1 - 2 * (y * y + z * z), m[0], 1e-6);
        assertEquals(2 * (x * y - z * w), m[1], 1e-6);
        assertEquals(2 * (x * z + y * w), m[2], 1e-6);
        assertEquals(2 * (y * z - x * w), m[6], 1e-6);
        assertEquals(1 - 2 * (x * x + y * y), m[10], 1e-6);
    }
}
