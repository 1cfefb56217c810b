package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.format.character.Cast;
import graykite.format.character.CharacterStore;
import graykite.mouth.Viseme;
import graykite.picture.Surface;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OdileTest {
    private static final Character ODILE = Figures.ODILE;
    private static final LipGap GAP = new LipGap(ODILE);

    @Test
    void isWhole() {
        assertTrue(ODILE.triangleCount() >= 8000);
        assertTrue(ODILE.channels().size() >= 40);
        for (Part part : ODILE.parts()) {
            for (float value : part.positions()) {
                assertTrue(Float.isFinite(value) && Math.abs(value) < 400, part.name());
            }
            for (float value : Normals.of(part.positions(), part.triangles())) {
                assertTrue(Float.isFinite(value), part.name());
            }
        }
    }

    @Test
    void everyChannelMovesSomething() {
        Deformer deformer = new Deformer(ODILE);
        List<Surface> rest = deformer.deform(new double[ODILE.channels().size()]);
        for (int c = 0; c < ODILE.channels().size(); c++) {
            double[] values = new double[ODILE.channels().size()];
            values[c] = ODILE.channels().get(c).max();
            List<Surface> moved = deformer.deform(values);
            double most = 0;
            for (int p = 0; p < rest.size(); p++) {
                float[] a = rest.get(p).positions();
                float[] b = moved.get(p).positions();
                for (int i = 0; i < a.length; i++) {
                    most = Math.max(most, Math.abs(a[i] - b[i]));
                }
            }
            String name = ODILE.channels().get(c).name();
            boolean rests = name.equals("lipsTogether");
            assertTrue(most > (rests ? 0.2 : 1), name + " moves " + most + " mm");
        }
    }

    /** Left and right are mirror images: the gap they make is the same. */
    @Test
    void sidesMirror() {
        Map<String, Integer> index = ODILE.channelIndex();
        for (Channel channel : ODILE.channels()) {
            if (channel.group() == Channel.Group.LIPS && channel.name().endsWith(".L")) {
                double[] left = new double[ODILE.channels().size()];
                double[] right = left.clone();
                left[index.get(channel.name())] = 1;
                right[index.get(channel.name().replace(".L", ".R"))] = 1;
                assertEquals(GAP.at(left), GAP.at(right), 0.05, channel.name());
            }
        }
    }

    /** Whatever else goes on, "lips together" shuts them: on the mesh, for any mixture of other channels. */
    @Test
    void lipsTogetherAlwaysShut() {
        Random random = new Random(11);
        int seal = ODILE.channelIndex().get("lipsTogether");
        int bite = ODILE.channelIndex().get("lipToTeeth");
        for (int n = 0; n < 400; n++) {
            double[] values = new double[ODILE.channels().size()];
            for (int c = 0; c < values.length; c++) {
                values[c] = random.nextInt(3) == 0
                        ? random.nextDouble() * ODILE.channels().get(c).max()
                        : 0;
            }
            values[bite] = 0;
            values[seal] = 1;
            assertTrue(GAP.at(values) < LipGap.SHUT, GAP.at(values) + " mm");
        }
    }

    /** Each shape differs from every other in what it does to the lips, the jaw or the tongue. */
    @Test
    void shapesAreTellingApart() {
        Map<Viseme, double[]> shapes = new HashMap<>();
        for (Viseme viseme : Viseme.values()) {
            shapes.put(viseme, ODILE.values(ODILE.poses().get(viseme.title())));
        }
        shapes.forEach((a, x) -> shapes.forEach((b, y) -> {
            if (a != b) {
                double distance = 0;
                for (int i = 0; i < x.length; i++) {
                    distance += Math.abs(x[i] - y[i]);
                }
                assertTrue(distance > 0.2, a + " and " + b);
            }
        }));
        assertEquals(0, GAP.at(shapes.get(Viseme.REST)), 1e-4);
        assertTrue(GAP.at(shapes.get(Viseme.AH)) > 20);
        assertTrue(GAP.at(shapes.get(Viseme.AH)) > GAP.at(shapes.get(Viseme.EH)));
        assertTrue(GAP.at(shapes.get(Viseme.EH)) > GAP.at(shapes.get(Viseme.IH)));
    }

    @Test
    void lidsNeverCutTheEye() {
        Deformer deformer = new Deformer(ODILE);
        int left = ODILE.channelIndex().get("lidClose.L");
        for (double closed = 0; closed <= 1; closed += 0.1) {
            double[] values = new double[ODILE.channels().size()];
            values[left] = closed;
            List<Surface> surfaces = deformer.deform(values);
            for (int p = 0; p < ODILE.parts().size(); p++) {
                if (ODILE.parts().get(p).name().equals("left upper lid")) {
                    var eye = ODILE.joints().get(2).pivot();
                    float[] q = surfaces.get(p).positions();
                    for (int i = 0; i < q.length; i += 3) {
                        double r = Math.sqrt(Math.pow(q[i] - eye.x(), 2)
                                + Math.pow(q[i + 1] - eye.y(), 2)
                                + Math.pow(q[i + 2] - eye.z(), 2));
                        assertTrue(r > 15.5, r + " mm from the centre of an eye of 15.5 mm");
                    }
                }
            }
        }
    }

    @Test
    void storedAndReadBack() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        CharacterStore.write(ODILE, out);
        Character back = CharacterStore.read(new ByteArrayInputStream(out.toByteArray()));
        assertEquals(ODILE.channels(), back.channels());
        assertEquals(ODILE.joints(), back.joints());
        assertEquals(ODILE.correctives(), back.correctives());
        assertEquals(ODILE.poses(), back.poses());
        assertArrayEquals(
                ODILE.parts().getFirst().positions(), back.parts().getFirst().positions());
        assertThrows(IOException.class, () -> CharacterStore.read(new ByteArrayInputStream(new byte[20])));
    }

    /** The stored figure is the one that the generator makes. */
    @Test
    void storeIsCurrent() {
        Character made = Cast.made("odile");
        assertEquals(made.channels(), ODILE.channels());
        for (int p = 0; p < made.parts().size(); p++) {
            assertArrayEquals(
                    made.parts().get(p).positions(), ODILE.parts().get(p).positions());
        }
    }

    @Test
    void unknownNamesAreRefused() {
        assertThrows(BadInput.class, () -> Cast.byName("nobody"));
        assertThrows(IllegalArgumentException.class, () -> ODILE.values(Pose.of("noSuchChannel", 1)));
        double[] both = ODILE.values(Pose.of("lidClose", 0.5));
        assertEquals(0.5, both[ODILE.channelIndex().get("lidClose.R")]);
    }
}
