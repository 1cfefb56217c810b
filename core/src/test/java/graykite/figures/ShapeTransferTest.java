package graykite.figures;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.format.character.Cast;
import graykite.geometry.Similarity;
import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.LipGap;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * Deformation transfer against what must come out by its definition (Sumner & Popović 2004): onto itself it gives the
 * source's shapes, onto a turned and scaled copy the turned and scaled shapes.
 */
class ShapeTransferTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final Part SKIN =
            ODILE.parts().get(ODILE.lips().orElseThrow().part());

    /** A few shapes suffice: one of the jaw, one of a side, one of the lips, one of the brows. */
    private static Part source() {
        List<String> some = List.of("jawDrop", "lipCornerPuller.L", "lipPucker", "browLowerer.R");
        return SKIN.withTargets(
                SKIN.targets().stream().filter(t -> some.contains(t.name())).toList());
    }

    private static Part moved(Similarity by) {
        return new Part(
                "copy", SKIN.material(), 0, by.points(SKIN.positions()), SKIN.colours(), SKIN.triangles(), List.of());
    }

    private static Map<String, Vec> marks(Similarity by) {
        Map<String, Vec> marks = new HashMap<>();
        ODILE.landmarks().forEach((name, p) -> marks.put(name, by.point(p)));
        return marks;
    }

    /** Distances between what came and what should, sorted, in the source's millimetres. */
    private static double[] errors(MorphTarget came, MorphTarget wanted, Similarity by) {
        float[] a = spread(came);
        float[] b = by.directions(spread(wanted));
        double[] errors = new double[a.length / 3];
        for (int v = 0; v < errors.length; v++) {
            double d = 0;
            for (int k = 3 * v; k < 3 * v + 3; k++) {
                d += (a[k] - b[k]) * (a[k] - b[k]);
            }
            errors[v] = Math.sqrt(d) / by.scale();
        }
        Arrays.sort(errors);
        return errors;
    }

    private static float[] spread(MorphTarget target) {
        float[] all = new float[SKIN.positions().length];
        for (int i = 0; i < target.vertices().length; i++) {
            System.arraycopy(target.moves(), 3 * i, all, 3 * target.vertices()[i], 3);
        }
        return all;
    }

    private static void check(Similarity by) {
        ShapeTransfer.Carried carried =
                ShapeTransfer.carry(source(), ODILE.landmarks(), moved(by), marks(by), Progress.none());
        assertTrue(carried.matched() > 0.97, "matched " + carried.matched());
        assertEquals(0, carried.apart(), 0.01);
        for (MorphTarget wanted : source().targets()) {
            MorphTarget came = carried.targets().stream()
                    .filter(t -> t.name().equals(wanted.name()))
                    .findFirst()
                    .orElseThrow();
            double[] errors = errors(came, wanted, by);
            // All but the points at throat and crown, where a hundred triangles shrink to nothing.
            assertTrue(
                    errors[(int) (0.97 * errors.length)] < 0.02,
                    wanted.name() + " " + errors[(int) (0.97 * errors.length)]);
        }
    }

    @Test
    void ontoItself() {
        check(new Similarity(1, new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1}, Vec.ZERO));
    }

    @Test
    void ontoATurnedAndScaledCopy() {
        double c = Math.cos(0.6);
        double s = Math.sin(0.6);
        check(new Similarity(0.37, new double[] {c, 0, s, 0, 1, 0, -s, 0, c}, new Vec(100, -40, 7)));
    }

    /** A similarity is found again from the points that it moved (Umeyama 1991), and its inverse leads back. */
    @Test
    void alignment() {
        Similarity by = new Similarity(2.5, new double[] {0, 0, 1, 1, 0, 0, 0, 1, 0}, new Vec(3, -2, 9));
        List<Vec> from = List.copyOf(ODILE.landmarks().values());
        Similarity found = Similarity.between(from, from.stream().map(by::point).toList());
        assertEquals(2.5, found.scale(), 1e-9);
        for (Vec p : from) {
            assertEquals(0, found.point(p).minus(by.point(p)).length(), 1e-6);
            assertEquals(0, found.inverse().point(found.point(p)).minus(p).length(), 1e-6);
        }
    }

    /** Pim's bare skin gets Odile's shapes: it speaks, its lips meet, and marks that fit nothing are refused. */
    @Test
    void aBareHeadSpeaks() {
        Character pim = Cast.byName("pim");
        Part skin = pim.parts().get(pim.lips().orElseThrow().part());
        Part bare = new Part("bare", skin.material(), 0, skin.positions(), skin.colours(), skin.triangles(), List.of());
        Character head = Character.modelled(
                "Bare",
                List.of(),
                List.of(pim.joints().getFirst()),
                List.of(bare),
                List.of(),
                Optional.empty(),
                Map.of());
        BareHead.Made made = BareHead.of(head, pim.landmarks(), ODILE, true, Progress.none());
        Character c = made.character();
        LipGap gap = new LipGap(c);
        assertTrue(gap.at(c.values(c.poses().get("Ah"))) > 20);
        assertTrue(gap.at(c.values(c.poses().get("Lips shut"))) < 1);
        assertTrue(c.has("lidClose.L") && c.has("tongueUp") && c.has("headYaw"));
        assertTrue(made.says().contains("shapes carried over in"));
        Map<String, Vec> wrong = new HashMap<>();
        pim.landmarks().forEach((name, p) -> wrong.put(name, p.times(9)));
        assertThrows(IllegalArgumentException.class, () -> BareHead.of(head, wrong, ODILE, false, Progress.none()));
        assertThrows(
                IllegalArgumentException.class,
                () -> BareHead.of(head, Map.of("chin", Vec.ZERO), ODILE, false, Progress.none()));
    }
}
