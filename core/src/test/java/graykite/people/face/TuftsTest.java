package graykite.people.face;

import static graykite.rig.Figures.farthest;
import static graykite.rig.Figures.part;
import static graykite.rig.Figures.vertex;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.people.FaceMaker;
import graykite.people.plan.Garment;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.SkinMark;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Locks of fur stand in the skin and go with it. */
class TuftsTest {
    private static final PersonPlan SPRAT = PlanFiles.shipped("sprat");

    private static final Vec FROM = new Vec(84, -8, 10);
    private static final Vec TO = new Vec(60, -74, 38);

    private static Character with(SkinMark.Tuft tuft) {
        List<SkinMark> marks = new ArrayList<>(SPRAT.skin().marks());
        marks.removeIf(SkinMark.Tuft.class::isInstance);
        marks.add(tuft);
        return FaceMaker.of(SPRAT.withSkin(SPRAT.skin().withMarks(marks)));
    }

    private static SkinMark.Tuft cheek(double length) {
        return new SkinMark.Tuft(FROM, TO, new Vec(0.4, -0.55, -0.9), length, 17);
    }

    private static double fromSkin(Vec place, Part skin) {
        double nearest = Double.MAX_VALUE;
        for (int v = 0; v < skin.vertexCount(); v++) {
            nearest = Math.min(nearest, vertex(skin.positions(), v).minus(place).length());
        }
        return nearest;
    }

    /** Locks of 8 rings of 8: where each begins, and its point. */
    private static List<Vec[]> rootsAndPoints(Part fur) {
        List<Vec[]> locks = new ArrayList<>();
        for (int first = 0; first < fur.vertexCount(); first += 64) {
            Vec across = vertex(fur.positions(), first).mix(vertex(fur.positions(), first + 4), 0.5);
            locks.add(new Vec[] {across, vertex(fur.positions(), first + 63)});
        }
        return locks;
    }

    /** Roots are in the skin, up to 3 mm deep, points stand off it, and the longest lock reaches about as far as it shall and no farther. */
    @ParameterizedTest
    @CsvSource({"10", "30", "60"})
    void aLockReachesOutOfTheSkinAsFarAsItIsLong(double length) {
        Character who = with(cheek(length));
        Part skin = part(who, "skin");
        double longest = 0;
        for (Vec[] lock : rootsAndPoints(part(who, "tufts"))) {
            double root = fromSkin(lock[0], skin);
            assertTrue(root < 5, "a root lies " + root + " mm from the next vertex of the skin");
            double point = fromSkin(lock[1], skin);
            assertTrue(point > 0.1 * length, "a point lies " + point + " mm from it");
            longest = Math.max(longest, lock[1].minus(lock[0]).length());
        }
        assertTrue(longest > 0.85 * length && longest < length + 3, "the longest: " + longest);
    }

    /** One that is aimed out of the cheek stands off it; one that is aimed along it lies on it to its point, round the jaw too. */
    @Test
    void aLockStandsOrLiesAsItIsAimed() {
        double out = highest(with(new SkinMark.Tuft(FROM, TO, new Vec(1, 0, -0.2), 40, 12)));
        double along = highest(with(new SkinMark.Tuft(FROM, TO, new Vec(0, -0.3, -1), 40, 12)));
        assertTrue(out > 30, "aimed out it reaches " + out + " mm from the skin");
        // Behind the jaw vertices lie up to a centimetre apart, which the figure holds too; straight on it would be 23
        // mm.
        assertTrue(along > 1 && along < 13, "aimed along it reaches " + along + " mm from the skin");
    }

    /** How far from the skin the farthest point of a lock is. */
    private static double highest(Character who) {
        Part skin = part(who, "skin");
        return rootsAndPoints(part(who, "tufts")).stream()
                .mapToDouble(lock -> fromSkin(lock[1], skin))
                .max()
                .orElseThrow();
    }

    /** Half of them on either side, mirrored. */
    @Test
    void bothSidesHaveAsMany() {
        Part fur = part(with(cheek(30)), "tufts");
        int left = 0;
        for (int v = 0; v < fur.vertexCount(); v++) {
            left += fur.positions()[3 * v] > 0 ? 1 : 0;
        }
        assertEquals(fur.vertexCount(), 2 * left);
    }

    /** Fur of a cheek goes out with it when that cheek is blown up, and stays when the other one is. */
    @Test
    void furGoesWithItsCheek() {
        Character who = with(new SkinMark.Tuft(new Vec(46, -50, 75), new Vec(46, -62, 75), new Vec(1, 0, -1), 20, 10));
        assertTrue(moved(who, "cheekPuff.L") > 4, "its own cheek: " + moved(who, "cheekPuff.L"));
        assertEquals(0, moved(who, "cheekPuff.R"), 0.1);
    }

    /** How far the fur of the left side goes, millimetres, on the mean. */
    private static double moved(Character who, String channel) {
        int index = who.parts().indexOf(part(who, "tufts"));
        Deformer deformer = new Deformer(who);
        float[] rest =
                deformer.deform(who.values(Pose.REST)).get(index).positions().clone();
        float[] after =
                deformer.deform(who.values(Pose.of(channel, 1))).get(index).positions();
        double sum = 0;
        int count = 0;
        for (int v = 0; v < rest.length / 3; v++) {
            if (rest[3 * v] > 0) {
                sum += vertex(after, v).minus(vertex(rest, v)).length();
                count++;
            }
        }
        return sum / count;
    }

    /** Under a cap there is no room for the fur of the crown; that of the cheeks stays. */
    @Test
    void aCapLeavesOutWhatStandsUnderIt() {
        Part bare = part(FaceMaker.sketch(SPRAT), "tufts");
        PersonPlan capped = SPRAT.wearing(Garment.Slot.HEAD, Optional.of(Garment.KNITTED_CAP.worn()));
        Part under = part(FaceMaker.sketch(capped), "tufts");
        assertTrue(farthest(bare, 1, 1) > 80, "the crown's fur reaches " + farthest(bare, 1, 1));
        assertTrue(farthest(under, 1, 1) < 30, "under a cap the highest reaches " + farthest(under, 1, 1));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | 1 | 20 | 10 | A tuft points somewhere: its aim is not 0, 0, 0.",
                "1 | 1 | 500 | 10 | A lock of fur is 1 to 120 mm long.",
                "1 | 1 | 20 | 0.1 | A lock of fur is 2 to 40 mm wide.",
                "1 | 9 | 20 | 10 | A row of fur is at most 400 mm long."
            })
    void whatMakesNoFurIsRefused(double aim, double row, double length, double width, String says) {
        Vec to = new Vec(0, 90 * row, 0);
        IllegalArgumentException no = assertThrows(
                IllegalArgumentException.class,
                () -> new SkinMark.Tuft(Vec.ZERO, to, new Vec(0, aim, 0), length, width));
        assertEquals(says, no.getMessage());
    }
}
