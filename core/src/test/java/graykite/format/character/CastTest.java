package graykite.format.character;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.figures.RigCheck;
import graykite.figures.RigReport;
import graykite.geometry.Vec;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Material;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Landmarks;
import graykite.rig.LipGap;
import graykite.rig.LipLine;
import graykite.rig.Pose;
import graykite.rig.Roles;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What every character that ships must have, and keep. */
class CastTest {
    private static long expressions(Character c) {
        Set<String> visemes = new HashSet<>();
        Arrays.stream(Viseme.values()).forEach(v -> visemes.add(v.title()));
        return c.poses().keySet().stream().filter(p -> !visemes.contains(p)).count();
    }

    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "brine"})
    void speaksAndFeels(String name) {
        Character c = Cast.byName(name);
        assertEquals(List.of(), MouthChart.missing(c));
        assertTrue(expressions(c) >= 16, expressions(c) + " expressions");
        c.poses().forEach((title, pose) -> {
            double[] values = c.values(pose);
            for (int i = 0; i < values.length; i++) {
                Channel channel = c.channels().get(i);
                assertTrue(values[i] >= channel.min() && values[i] <= channel.max(), title + " " + channel.name());
            }
        });
        for (String role :
                List.of("lidClose.L", "lidClose.R", "eyeYaw", "eyePitch", "headYaw", "headPitch", "headRoll")) {
            assertTrue(c.has(role), role);
        }
    }

    /** FACS names, split left and right; enough of them; a figure of some thousand triangles. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim"})
    void modelledOnesAreRich(String name) {
        Character c = Cast.byName(name);
        assertTrue(c.triangleCount() >= 8000);
        assertTrue(c.channels().stream().filter(ch -> !ch.carriesFace()).count() >= 40);
        for (String role : Roles.all()) {
            assertTrue(c.has(role), role);
        }
        for (String mark : Landmarks.NAMES) {
            assertTrue(c.landmarks().containsKey(mark), mark);
        }
    }

    /** At least eight expressions leave the mouth nearly shut, so that they can lie under speech; several are lopsided. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim"})
    void expressionsForSpeech(String name) {
        Character c = Cast.byName(name);
        LipGap gap = new LipGap(c);
        Set<String> visemes = new HashSet<>();
        Arrays.stream(Viseme.values()).forEach(v -> visemes.add(v.title()));
        long quiet = c.poses().entrySet().stream()
                .filter(p -> !visemes.contains(p.getKey()))
                .filter(p -> gap.at(c.values(p.getValue())) < 4)
                .count();
        long lopsided = c.poses().values().stream()
                .filter(p -> !p.mirrored(c).equals(p))
                .count();
        assertTrue(quiet >= 8, quiet + " quiet ones");
        assertTrue(lopsided >= 4, lopsided + " lopsided ones");
    }

    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "brine"})
    void rigsAreSound(String name) {
        RigReport report = RigCheck.of(Cast.byName(name), Progress.none());
        assertEquals(0, report.count(RigReport.Weight.FAULT), report.text());
        assertEquals(0, report.count(RigReport.Weight.DOUBT), report.text());
    }

    /** Smiling, wide open, puckered: with the lips brought together they meet, on the mesh. */
    @Test
    void pimsLipsMeetWhateverElseGoesOn() {
        Character pim = Cast.byName("pim");
        LipGap gap = new LipGap(pim);
        int seal = pim.channelIndex().get("lipsTogether");
        int bite = pim.channelIndex().get("lipToTeeth");
        Random random = new Random(5);
        for (int n = 0; n < 200; n++) {
            double[] values = new double[pim.channels().size()];
            for (int c = 0; c < values.length; c++) {
                values[c] = random.nextInt(3) == 0
                        ? random.nextDouble() * pim.channels().get(c).max()
                        : 0;
            }
            values[bite] = 0;
            values[seal] = 1;
            assertTrue(gap.at(values) < LipGap.SHUT, gap.at(values) + " mm");
        }
    }

    /** No tooth comes through a cheek: from the front, teeth are seen between the corners of the mouth and nowhere else. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim"})
    void teethStayInTheMouth(String name) {
        Character c = Cast.byName(name);
        Deformer deformer = new Deformer(c);
        LipLine lips = c.lips().orElseThrow();
        Camera camera = new Camera(new Vec(0, -65, 60), 0, 0, 50_000, 110);
        Map<String, double[]> faces = new TreeMap<>();
        c.poses().forEach((title, pose) -> faces.put(title, c.values(pose.only(n -> !n.startsWith("head")))));
        for (int i = 0; i < c.channels().size(); i++) {
            if (!c.channels().get(i).carriesFace()) {
                double[] values = new double[c.channels().size()];
                values[i] = c.channels().get(i).max();
                faces.put(c.channels().get(i).name(), values);
            }
        }
        faces.forEach((face, values) -> {
            float[] skin = deformer.placed(c.parts().get(lips.part()), values);
            double low = 1e9;
            double high = -1e9;
            for (int vertex : lips.upper()) {
                low = Math.min(low, skin[3 * vertex]);
                high = Math.max(high, skin[3 * vertex]);
            }
            int[] pixels = new Renderer()
                    .draw(marked(c, deformer, values), camera, 220, 220)
                    .pixels();
            for (int p = 0; p < pixels.length; p++) {
                double x = (p % 220 + 0.5 - 110) / 2;
                boolean tooth = (pixels[p] >> 16 & 255) > 120 && (pixels[p] >> 8 & 255) < 60;
                assertTrue(!tooth || x > low - 1.5 && x < high + 1.5, face + ": a tooth at " + x + " mm");
            }
        });
    }

    /** The figure with its teeth in one flat colour and everything else black. */
    private static List<Surface> marked(Character c, Deformer deformer, double[] values) {
        return c.parts().stream()
                .map(part -> {
                    float[] colours = new float[part.positions().length];
                    for (int i = 0; i < colours.length && part.name().contains("teeth"); i += 3) {
                        colours[i] = 0.9f;
                    }
                    float[] p = deformer.placed(part, values);
                    return new Surface(p, new float[p.length], colours, part.triangles(), Material.drawing("mark"));
                })
                .toList();
    }

    /** Brine has ten mouths and shows one of them. */
    @Test
    void brineShowsOneMouth() {
        Character brine = Cast.byName("brine");
        assertEquals(Character.Kind.DRAWN, brine.kind());
        long mouths = brine.parts().stream()
                .filter(p -> p.looks()
                        .showing()
                        .map(s -> s.channel().equals("mouth"))
                        .orElse(false))
                .count();
        assertEquals(10, mouths);
        int always = (int) brine.parts().stream()
                .filter(p -> p.looks().showing().isEmpty())
                .count();
        for (Viseme viseme : Viseme.values()) {
            double[] values = brine.values(brine.poses().get(viseme.title()));
            assertEquals(always + 1, new Deformer(brine).deform(values).size(), viseme.title());
        }
        assertEquals(
                always + 3,
                new Deformer(brine).deform(brine.values(Pose.of("lidClose", 1))).size());
    }

    @ParameterizedTest
    @ValueSource(strings = {"pim", "brine"})
    void madeAlikeEachTime(String name) {
        Character made = Cast.made(name);
        Character stored = Cast.byName(name);
        assertEquals(stored.channels(), made.channels());
        for (int p = 0; p < made.parts().size(); p++) {
            assertArrayEquals(
                    stored.parts().get(p).positions(), made.parts().get(p).positions());
        }
    }

    /** What is stored comes back; what is damaged is refused with a reason and takes no more memory than its size. */
    @Test
    void storing() throws IOException {
        Character brine = Cast.byName("brine").withRoles(Map.of("x", Pose.of("mouth", 2)));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CharacterStore.write(brine, out);
        Character back = CharacterStore.read(new ByteArrayInputStream(out.toByteArray()));
        assertEquals(brine.roles(), back.roles());
        assertEquals(brine.joints(), back.joints());
        assertEquals(
                brine.parts().getLast().looks().showing(),
                back.parts().getLast().looks().showing());
        byte[] bytes = out.toByteArray();
        String cut = assertThrows(
                        IOException.class,
                        () -> CharacterStore.read(new ByteArrayInputStream(bytes, 0, bytes.length / 2)))
                .getMessage();
        assertTrue(cut.contains("damaged at byte"), cut);
        bytes[7]++;
        assertTrue(assertThrows(IOException.class, () -> CharacterStore.read(new ByteArrayInputStream(bytes)))
                .getMessage()
                .contains("another version"));
        assertThrows(IOException.class, () -> CharacterStore.read(new ByteArrayInputStream(new byte[3])));
    }
}
