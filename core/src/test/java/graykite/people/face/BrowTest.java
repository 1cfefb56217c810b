package graykite.people.face;

import static graykite.rig.Figures.part;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.format.character.PlanFiles;
import graykite.people.FaceMaker;
import graykite.people.plan.PersonPlan;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Brows lie on the skin, and part and close with what moves them. */
class BrowTest {
    private static double[] ends(float[] p) {
        double inner = Double.MAX_VALUE;
        double outer = 0;
        for (int i = 0; i < p.length; i += 3) {
            inner = Math.min(inner, Math.abs(p[i]));
            outer = Math.max(outer, Math.abs(p[i]));
        }
        return new double[] {inner, outer};
    }

    /** It begins over the inner corner of the eye and ends beyond the iris. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void aBrowLiesOverItsEye(String name) {
        Character who = Cast.byName(name);
        Part brow = part(who, "left brow");
        double[] ends = ends(brow.positions());
        double[] eye = ends(part(who, "left eye").positions());
        double middle = (eye[0] + eye[1]) / 2;
        assertTrue(ends[0] < eye[0] + 4 && ends[1] > middle + 9, ends[0] + " to " + ends[1]);
        double[] right = ends(part(who, "right brow").positions());
        assertEquals(ends[0], right[0], 0.5, "alike on both sides");
        assertEquals(ends[1], right[1], 0.5);
    }

    /** Raised, the locks part; drawn down, they close. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void locksPartWhereABrowIsRaised(String name) {
        Character who = Cast.byName(name);
        Part brow = part(who, "left brow");
        Deformer deformer = new Deformer(who);
        Pose raised = Pose.of("innerBrowRaiser.L", 1).plus(Pose.of("outerBrowRaiser.L", 1), 1);
        float[] up = deformer.placed(brow, who.values(raised));
        float[] down = deformer.placed(brow, who.values(Pose.of("browLowerer.L", 1)));
        double opened = spread(brow.positions(), up);
        double closed = spread(brow.positions(), down);
        // A tenth for either raiser, a twentieth less for the lowerer, where they move the skin by 4 mm and more.
        assertTrue(opened > 1.08 && opened < 1.25, "raised " + opened);
        assertTrue(closed > 0.85 && closed < 0.98, "drawn down " + closed);
        Part right = part(who, "right brow");
        assertEquals(1, spread(right.positions(), deformer.placed(right, who.values(raised))), 0.03, "this side alone");
    }

    /** By how much farther from one another, up and down, what lies above one another is than at rest, on the mean. */
    private static double spread(float[] rest, float[] moved) {
        double[] ends = ends(rest);
        double sum = 0;
        int count = 0;
        for (double x = ends[0] + 3; x < ends[1] - 6; x += 1.5) {
            int low = -1;
            int high = -1;
            for (int i = 0; i < rest.length; i += 3) {
                if (Math.abs(Math.abs(rest[i]) - x) < 0.75) {
                    low = low < 0 || rest[i + 1] < rest[low + 1] ? i : low;
                    high = high < 0 || rest[i + 1] > rest[high + 1] ? i : high;
                }
            }
            sum += (moved[high + 1] - moved[low + 1]) / (rest[high + 1] - rest[low + 1]);
            count++;
        }
        return sum / count;
    }

    /** Slanted, the outer end stands higher and the inner one where it was. */
    @Test
    void aSlantRaisesTheOuterEnd() {
        PersonPlan plan = PlanFiles.shipped("odile");
        PersonPlan.Brows b = plan.brows();
        float[] level = part(FaceMaker.sketch(plan), "left brow").positions();
        float[] slanted = part(
                        FaceMaker.sketch(
                                plan.withBrows(new PersonPlan.Brows(b.at(), b.paint(), b.thick(), b.arch(), 6))),
                        "left brow")
                .positions();
        double[] ends = ends(level);
        assertEquals(0, risenAt(ends[0], level, slanted), 0.8);
        assertEquals(6, risenAt(ends[1], level, slanted), 1.2);
    }

    /** How much higher what lies so far out is than before, on the mean. */
    private static double risenAt(double x, float[] before, float[] after) {
        return heightAt(x, after) - heightAt(x, before);
    }

    private static double heightAt(double x, float[] p) {
        return IntStream.range(0, p.length / 3)
                .filter(i -> Math.abs(p[3 * i] - x) < 2)
                .mapToDouble(i -> p[3 * i + 1])
                .average()
                .orElseThrow();
    }

    /** No vertex stands far off the skin or lies deep in it. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void browsLieOnTheSkin(String name) {
        Character who = Cast.byName(name);
        float[] skin = part(who, "skin").positions();
        float[] brow = part(who, "left brow").positions();
        for (int i = 0; i < brow.length; i += 3) {
            double nearest = Double.MAX_VALUE;
            for (int k = 0; k < skin.length; k += 3) {
                nearest = Math.min(
                        nearest,
                        Math.hypot(
                                Math.hypot(skin[k] - brow[i], skin[k + 1] - brow[i + 1]), skin[k + 2] - brow[i + 2]));
            }
            // The skin's own vertices lie up to 5 mm apart here.
            assertTrue(nearest < 7, nearest + " mm");
        }
    }
}
