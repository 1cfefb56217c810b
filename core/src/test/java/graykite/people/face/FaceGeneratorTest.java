package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Ease;
import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Figures;
import graykite.rig.LipLine;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FaceGeneratorTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Part SKIN = ODILE.parts().getFirst();

    // --- solids ---

    @Test
    void solidsKnowInsideFromOutside() {
        Field egg = Field.ellipsoid(1, 2, 3, 10, 20, 30);
        assertEquals(0, egg.at(11, 2, 3), 1e-9);
        assertEquals(0, egg.at(1, 22, 3), 1e-9);
        assertTrue(egg.at(1, 2, 3) < 0 && egg.at(1, 2, 40) > 0);
        Field rod = Field.rod(0, 0, 0, 2, 10, 0, 0, 4);
        assertEquals(0, rod.at(-2, 0, 0), 1e-9);
        assertEquals(0, rod.at(14, 0, 0), 1e-9);
        assertEquals(0, rod.at(5, 3, 0), 1e-9);
        assertEquals(5, Field.sphere(0, 0, 0, 5).at(10, 0, 0), 1e-9);
    }

    /** A blend is never outside either solid, and away from the seam it is the nearer solid itself. */
    @Test
    void blendsHoldBothSolids() {
        Field a = Field.sphere(-6, 0, 0, 5);
        Field b = Field.sphere(6, 0, 0, 5);
        Field blend = a.with(b, 4);
        Field cut = a.without(b, 4);
        Random random = new Random(2);
        for (int i = 0; i < 2000; i++) {
            double x = random.nextDouble(-20, 20);
            double y = random.nextDouble(-20, 20);
            double z = random.nextDouble(-20, 20);
            double nearer = Math.min(a.at(x, y, z), b.at(x, y, z));
            assertTrue(blend.at(x, y, z) <= nearer + 1e-9);
            assertTrue(blend.at(x, y, z) >= nearer - 4.0 / 6 - 1e-9);
            assertTrue(cut.at(x, y, z) >= a.at(x, y, z) - 1e-9);
        }
        Field mirrored = Field.sphere(6, 0, 0, 5).mirrored();
        assertEquals(mirrored.at(3, 1, 2), mirrored.at(-3, 1, 2));
    }

    @Test
    void easingIsSmooth() {
        assertEquals(0, Ease.smooth(2, 4, 1));
        assertEquals(0.5, Ease.smooth(2, 4, 3));
        assertEquals(1, Ease.smooth(4, 2, 1));
        assertEquals(1, Ease.bell(0, 0, 0));
        assertEquals(3, Ease.mix(2, 4, 0.5));
    }

    // --- the skin's mesh ---

    /** Watertight, one way out. */
    @Test
    void theSkinIsWatertight() {
        assertEquals(OpenEdges.OF_SKIN, OpenEdges.of(SKIN));
    }

    @Test
    void upperAndLowerSeamCoincideAtRest() {
        LipLine lips = ODILE.lips().orElseThrow();
        float[] p = SKIN.positions();
        for (int i = 0; i < lips.upper().length; i++) {
            assertTrue(lips.upper()[i] != lips.lower()[i]);
            for (int k = 0; k < 3; k++) {
                assertEquals(p[3 * lips.upper()[i] + k], p[3 * lips.lower()[i] + k], 1e-3);
            }
        }
    }

    /** Nothing of the teeth, the gums or the tongue stands out of the skin while the mouth is shut. */
    @Test
    void theMouthKeepsItsInsideInside() {
        double front = -1e9;
        for (int vertex : ODILE.lips().orElseThrow().upper()) {
            front = Math.max(front, SKIN.positions()[3 * vertex + 2]);
        }
        for (Part part : ODILE.parts()) {
            if (part.name().contains("teeth")
                    || part.name().contains("gum")
                    || part.name().equals("tongue")) {
                for (int i = 2; i < part.positions().length; i += 3) {
                    assertTrue(part.positions()[i] < front, part.name() + " at " + part.positions()[i]);
                }
            }
        }
    }

    /** However wide the jaw drops, the mouth has a back: its last ring stays a point. */
    @Test
    void theThroatStaysClosed() {
        for (String channel : new String[] {"jawDrop", "lipFunneler", "lipsTogether", "lipToTeeth"}) {
            double[] values = new double[ODILE.channels().size()];
            values[ODILE.channelIndex().get("jawDrop")] = 1;
            values[ODILE.channelIndex().get(channel)] = 1;
            float[] p = new Deformer(ODILE).morphed(SKIN, values);
            for (int spoke = 1; spoke < SkinGrid.SPOKES; spoke++) {
                for (int k = 0; k < 3; k++) {
                    assertEquals(p[k], p[3 * spoke + k], 1.5, channel);
                }
            }
        }
    }

    // --- actions against the words of FACS (Ekman, Friesen & Hager 2002) ---

    private static Vec moved(String channel, Vec near) {
        int best = nearest(near);
        for (MorphTarget target : SKIN.targets()) {
            if (target.name().equals(channel)) {
                int at = Arrays.binarySearch(target.vertices(), best);
                return at < 0
                        ? Vec.ZERO
                        : new Vec(target.moves()[3 * at], target.moves()[3 * at + 1], target.moves()[3 * at + 2]);
            }
        }
        throw new AssertionError(channel);
    }

    private static int nearest(Vec to) {
        float[] p = SKIN.positions();
        int best = 0;
        double least = 1e9;
        for (int i = 0; i < p.length / 3; i++) {
            double d = new Vec(p[3 * i], p[3 * i + 1], p[3 * i + 2]).minus(to).length();
            if (d < least) {
                least = d;
                best = i;
            }
        }
        return best;
    }

    private static Vec seam(int index, boolean upper) {
        int vertex = upper
                ? ODILE.lips().orElseThrow().upper()[index]
                : ODILE.lips().orElseThrow().lower()[index];
        float[] p = SKIN.positions();
        return new Vec(p[3 * vertex], p[3 * vertex + 1], p[3 * vertex + 2]);
    }

    private static final Vec LEFT_CORNER = seam(0, true).plus(new Vec(1.5, 0, 0));
    private static final Vec CHIN = new Vec(0, -106, 76);
    private static final Vec INNER_BROW = new Vec(15, 26, 84);
    private static final Vec OUTER_BROW = new Vec(46, 27, 66);

    @Test
    void smileDrawsTheCornerUpAndOut() {
        Vec corner = moved("lipCornerPuller.L", LEFT_CORNER);
        assertTrue(corner.x() > 2 && corner.y() > 3 && corner.z() < 0, corner.toString());
        assertTrue(moved("lipCornerPuller.R", LEFT_CORNER).length() < 0.5, "the other side stays");
    }

    @Test
    void depressorDrawsTheCornerDownAndStretcherOut() {
        assertTrue(moved("lipCornerDepressor.L", LEFT_CORNER).y() < -3);
        Vec stretched = moved("lipStretcher.L", LEFT_CORNER);
        assertTrue(stretched.x() > 3 && Math.abs(stretched.y()) < 1.5, stretched.toString());
    }

    @Test
    void jawDropsTheChinAndLeavesTheBrow() {
        assertTrue(moved("jawDrop", CHIN).y() < -15, moved("jawDrop", CHIN).toString());
        assertEquals(0, moved("jawDrop", INNER_BROW).length(), 0.05);
        assertEquals(0, moved("jawDrop", new Vec(0, -28, 110)).length(), 0.3, "the nose stays");
    }

    @Test
    void browsRaiseWhereTheySay() {
        double inner = moved("innerBrowRaiser.L", INNER_BROW).y();
        assertTrue(
                inner > 4 && inner > 2 * moved("innerBrowRaiser.L", OUTER_BROW).y());
        double outer = moved("outerBrowRaiser.L", OUTER_BROW).y();
        assertTrue(
                outer > 4 && outer > 2 * moved("outerBrowRaiser.L", INNER_BROW).y());
        Vec lowered = moved("browLowerer.L", INNER_BROW);
        assertTrue(lowered.y() < -3 && lowered.x() < -1, "down and together: " + lowered);
    }

    /** Width between the corners and opening in the middle at a value of one channel, in millimetres. */
    private static double[] mouth(String channel) {
        double[] values = new double[ODILE.channels().size()];
        values[ODILE.channelIndex().get(channel)] = 1;
        float[] p = new Deformer(ODILE).morphed(SKIN, values);
        LipLine lips = ODILE.lips().orElseThrow();
        int last = lips.upper().length - 1;
        int middle = last / 2;
        double width = p[3 * lips.upper()[0]] - p[3 * lips.upper()[last]];
        double opening = p[3 * lips.upper()[middle] + 1] - p[3 * lips.lower()[middle] + 1];
        return new double[] {width, opening};
    }

    @Test
    void puckerAndFunnelNarrowTheMouth() {
        double rest = mouth("headYaw")[0];
        assertTrue(mouth("lipPucker")[0] < 0.75 * rest);
        assertTrue(mouth("lipPucker")[1] < 2.5, "a kiss is nearly shut: " + mouth("lipPucker")[1]);
        assertTrue(mouth("lipFunneler")[0] < 0.9 * rest);
        assertTrue(mouth("lipFunneler")[1] > 4, "a funnel shows the teeth");
    }

    @Test
    void upperRaisesAndLowerLowers() {
        assertTrue(mouth("upperLipRaiser.L")[1] > 1);
        assertTrue(mouth("lowerLipDepressor.L")[1] > 1);
        assertTrue(moved("upperLipRaiser.L", seam(ODILE.lips().orElseThrow().upper().length / 3, true))
                        .y()
                > 2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"lipPressor", "lipTightener", "lipSuck"})
    void pressedLipsShowLessRed(String channel) {
        Vec border = new Vec(0, -65 - 8.5, 93);
        assertTrue(moved(channel, border).y() > 0.8, "the border of the lower lip comes up: " + moved(channel, border));
    }

    /** Each left action is the mirror of its right one. */
    @Test
    void actionsMirror() {
        Map<String, MorphTarget> targets = new HashMap<>();
        SKIN.targets().forEach(target -> targets.put(target.name(), target));
        for (String name : targets.keySet()) {
            if (name.endsWith(".L") && !name.contains("*")) {
                double left = total(targets.get(name));
                double right = total(targets.get(name.replace(".L", ".R")));
                assertEquals(left, right, 0.02 * left, name);
            }
        }
    }

    private static double total(MorphTarget target) {
        double sum = 0;
        for (float move : target.moves()) {
            sum += Math.abs(move);
        }
        return sum;
    }
}
