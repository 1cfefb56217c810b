package graykite.people.face;

import static graykite.rig.Figures.part;
import static graykite.rig.Figures.vertex;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.picture.Surface;
import graykite.picture.SurfacePick;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipGap;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Mouths are made as mouths are: teeth on an arch, an overbite, corners that fold without tearing. */
class MouthShapeTest {
    private final DentalArch arch = new DentalArch(28, 35, 90);

    /** Places are as far along the curve as they say: measured in small steps. */
    @Test
    void anArchIsMeasuredAlongItself() {
        double walked = 0;
        Vec last = arch.at(0, 0);
        for (double along = 0.5; along <= 50; along += 0.5) {
            Vec next = arch.at(along, 0);
            walked += next.minus(last).length();
            last = next;
            assertEquals(along, walked, 0.02 * along + 0.1);
            Vec mirrored = arch.at(-along, 0);
            assertEquals(next.x(), -mirrored.x(), 1e-9);
            assertEquals(next.z(), mirrored.z(), 1e-9);
            assertEquals(0, arch.along(along).dot(arch.outward(along)), 1e-9);
            assertEquals(1, arch.outward(along).length(), 1e-9);
        }
        assertTrue(arch.outward(0).z() > 0.999, "the front teeth look to the front");
        assertTrue(arch.outward(45).x() > 0.9, "the molars look to the cheek");
    }

    private static double[] range(Part part, double halfWidth, int axis) {
        double low = 1e9;
        double high = -1e9;
        float[] p = part.positions();
        for (int i = 0; i < p.length; i += 3) {
            if (Math.abs(p[i]) < halfWidth) {
                low = Math.min(low, p[i + axis]);
                high = Math.max(high, p[i + axis]);
            }
        }
        return new double[] {low, high};
    }

    /** At rest the upper front teeth stand before the lower ones and cover their edge, by 0.5 to 4 mm each way (common practice). */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void theUpperTeethCoverTheLower(String name) {
        Character who = Cast.byName(name);
        double over = range(part(who, "lower teeth"), 6, 1)[1] - range(part(who, "upper teeth"), 6, 1)[0];
        double before = range(part(who, "upper teeth"), 6, 2)[1] - range(part(who, "lower teeth"), 6, 2)[1];
        assertTrue(over > 0.5 && over < 4, "overbite " + over);
        assertTrue(before > 0.5 && before < 4, "overjet " + before);
        double back = range(part(who, "upper teeth"), 60, 2)[0];
        assertTrue(range(part(who, "upper teeth"), 6, 2)[1] - back > 30, "the row runs back to the molars");
    }

    /** Oo is a small opening, far smaller than Ah, and a pucker alone keeps the lips together. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void ooIsSmall(String name) {
        Character who = Cast.byName(name);
        LipGap gap = new LipGap(who);
        double oo = gap.at(who.values(who.poses().get("Oo")));
        assertTrue(oo > 3 && oo < 8, oo + " mm");
        assertTrue(gap.at(who.values(who.poses().get("Ah"))) > 3 * oo);
        assertTrue(gap.at(who.values(Pose.of("lipPucker", 1))) < 0.6);
    }

    /** Whatever the lips do, the floor of the mouth stays within the chin: seen from below, the skin comes first. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void theLiningStaysWithinTheChin(String name) {
        Character who = Cast.byName(name);
        int skin = who.parts().indexOf(part(who, "skin"));
        who.poses().forEach((pose, values) -> {
            Surface moved = new Deformer(who)
                    .deform(who.values(values.only(n -> !n.startsWith("head") && !n.startsWith("body"))))
                    .get(skin);
            for (int ring = 1; ring < SkinGrid.SEAM - 1; ring++) {
                // The lower half: spokes go round from the left corner over the upper lip.
                for (int spoke = SkinGrid.SPOKES / 2 + 8; spoke < SkinGrid.SPOKES - 8; spoke += 4) {
                    Vec floor = vertex(moved.positions(), ring * SkinGrid.SPOKES + spoke);
                    Vec below = new Vec(floor.x(), -400, floor.z());
                    double chin = SurfacePick.alongRay(List.of(moved), below, new Vec(0, 1, 0))
                            .orElseThrow()
                            .y();
                    assertTrue(chin < floor.y() - 0.5, pose + ": the chin is at " + chin + ", the floor " + floor);
                }
            }
        });
    }

    /**
     * Beside the corners no triangle of the skin turns its back: the skin folds and does not tear. A mouth torn wide open may
     * turn the skin at its corners aside.
     */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void cornersDoNotTear(String name) {
        Character who = Cast.byName(name);
        Deformer deformer = new Deformer(who);
        Part skin = who.parts().get(who.lips().orElseThrow().part());
        Map<String, Integer> torn = new TreeMap<>();
        who.poses().forEach((pose, values) -> {
            if (values.of("jawDrop") > 0.6) {
                return;
            }
            float[] moved =
                    deformer.placed(skin, who.values(values.only(n -> !n.startsWith("head") && !n.startsWith("body"))));
            int count = torn(skin, moved, who.landmarks().get("mouth corner.L"));
            if (count > 0) {
                torn.put(pose, count);
            }
        });
        assertEquals(Map.of(), torn);
    }

    private static int torn(Part skin, float[] moved, Vec corner) {
        float[] rest = skin.positions();
        int[] t = skin.triangles();
        int count = 0;
        for (int i = 0; i < t.length; i += 3) {
            boolean outside = t[i] > (SkinGrid.BORDER + 1) * SkinGrid.SPOKES
                    && t[i + 1] > (SkinGrid.BORDER + 1) * SkinGrid.SPOKES
                    && t[i + 2] > (SkinGrid.BORDER + 1) * SkinGrid.SPOKES;
            int a = 3 * t[i];
            double away = Math.hypot(Math.abs(rest[a]) - corner.x(), rest[a + 1] - corner.y());
            if (outside && away < 13 && rest[a + 2] > 50 && facing(rest, t, i).dot(facing(moved, t, i)) <= 0) {
                count++;
            }
        }
        return count;
    }

    /** The direction in which a triangle looks, as long as twice its area. */
    private static Vec facing(float[] p, int[] t, int i) {
        Vec a = vertex(p, t[i]);
        return vertex(p, t[i + 1]).minus(a).cross(vertex(p, t[i + 2]).minus(a));
    }
}
