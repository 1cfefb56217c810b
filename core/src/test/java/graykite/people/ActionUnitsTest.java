package graykite.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.picture.Surface;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Landmarks;
import graykite.rig.LipGap;
import graykite.rig.Roles;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Every action moves the face as FACS describes its action unit (Ekman, Friesen & Hager 2002, from memory): measured on the deformed
 * mesh at landmarks, on each of the modelled characters. x grows to one side, y up, z to the viewer; millimetres.
 */
class ActionUnitsTest {
    private static final Map<String, Face> FACES = new ConcurrentHashMap<>();

    /** What is measured on a face, in millimetres. */
    private interface Measure extends Function<Map<String, Vec>, Double> {}

    private record Unit(int number, String action, String what, Measure measure, int direction, double least) {}

    private static final List<Unit> UNITS = List.of(
            unit(1, "innerBrowRaiser", "inner brow rises", up("brow inner.L"), 1, 3),
            unit(2, "outerBrowRaiser", "outer brow rises", up("brow outer.L"), 1, 3),
            unit(4, "browLowerer", "brow sinks", up("brow middle.L"), -1, 1.5),
            unit(4, "browLowerer", "brows draw together", apart("brow inner.L", "brow inner.R"), -1, 1),
            unit(5, "upperLidRaiser", "upper lid rises", up("eye upper.L"), 1, 1),
            unit(6, "cheekRaiser", "what is below the eye is pushed up", up("eye lower.L"), 1, 0.3),
            unit(7, "lidTightener", "the eye narrows", apart("eye upper.L", "eye lower.L"), -1, 1),
            unit(9, "noseWrinkler", "wings of the nose rise", up("nose wing.L"), 1, 1),
            unit(10, "upperLipRaiser", "upper lip rises", up("upper lip top"), 1, 2),
            unit(12, "lipCornerPuller", "corners rise", up("mouth corner.L"), 1, 3),
            unit(12, "lipCornerPuller", "corners part", apart("mouth corner.L", "mouth corner.R"), 1, 6),
            unit(14, "dimpler", "corners sink into the face", forth("mouth corner.L"), -1, 0.5),
            unit(15, "lipCornerDepressor", "corners sink", up("mouth corner.L"), -1, 3),
            unit(16, "lowerLipDepressor", "lower lip sinks", up("lower lip bottom"), -1, 2),
            unit(17, "chinRaiser", "the chin is pushed up", up("chin"), 1, 0.5),
            unit(17, "chinRaiser", "lower lip is pushed up", up("lower lip bottom"), 1, 1),
            unit(18, "lipPucker", "corners draw together", apart("mouth corner.L", "mouth corner.R"), -1, 8),
            unit(18, "lipPucker", "lips push out", forth("lower lip seam"), 1, 2),
            unit(20, "lipStretcher", "corners part", apart("mouth corner.L", "mouth corner.R"), 1, 6),
            unit(22, "lipFunneler", "lips push out", forth("upper lip top"), 1, 2),
            unit(23, "lipTightener", "lips get narrow", apart("upper lip top", "lower lip bottom"), -1, 1),
            unit(24, "lipPressor", "lips are pressed", apart("upper lip top", "lower lip bottom"), -1, 1),
            unit(26, "jawDrop", "the chin sinks", up("chin"), -1, 15),
            unit(28, "lipSuck", "lower lip goes in", forth("lower lip bottom"), -1, 1),
            unit(29, "jawThrust", "the chin goes forth", forth("chin"), 1, 3),
            unit(43, "lidClose", "the eye shuts", apart("eye upper.L", "eye lower.L"), -1, 5),
            unit(53, "headPitch", "the face turns up or down", up("nose tip"), 0, 20),
            unit(51, "headYaw", "the face turns aside", aside("nose tip"), 0, 20),
            unit(55, "headRoll", "the head tilts", aside("forehead"), 0, 10));

    private static Unit unit(int number, String action, String what, Measure measure, int direction, double least) {
        return new Unit(number, action, what, measure, direction, least);
    }

    private static Measure up(String mark) {
        return at -> at.get(mark).y();
    }

    private static Measure forth(String mark) {
        return at -> at.get(mark).z();
    }

    private static Measure aside(String mark) {
        return at -> at.get(mark).x();
    }

    private static Measure apart(String one, String other) {
        return at -> at.get(one).minus(at.get(other)).length();
    }

    /** A character and which of its vertices lie at the landmarks. */
    private static final class Face {
        private final Character character;
        private final Deformer deformer;
        private final Map<String, int[]> vertices = new TreeMap<>();

        Face(String name) {
            character = Cast.byName(name);
            deformer = new Deformer(character);
            List<Surface> rest = deformer.deform(new double[character.channels().size()]);
            for (String mark : Landmarks.NAMES) {
                vertices.put(mark, nearest(rest, character.landmarks().get(mark)));
            }
        }

        private int[] nearest(List<Surface> rest, Vec mark) {
            int[] found = new int[2];
            double best = Double.POSITIVE_INFINITY;
            for (int s = 0; s < rest.size(); s++) {
                // Marks about an eye are those of its lids.
                if (character.parts().get(s).name().endsWith(" eye")) {
                    continue;
                }
                float[] p = rest.get(s).positions();
                for (int i = 0; i < p.length; i += 3) {
                    double d = new Vec(p[i], p[i + 1], p[i + 2]).minus(mark).length();
                    if (d < best) {
                        best = d;
                        found = new int[] {s, i};
                    }
                }
            }
            return found;
        }

        /** Where the landmarks are while an action is at its most, on both sides. */
        synchronized Map<String, Vec> with(String action) {
            List<Surface> moved = deformer.deform(values(action));
            Map<String, Vec> at = new TreeMap<>();
            vertices.forEach((mark, v) -> {
                float[] p = moved.get(v[0]).positions();
                at.put(mark, new Vec(p[v[1]], p[v[1] + 1], p[v[1] + 2]));
            });
            return at;
        }

        double[] values(String action) {
            double[] values = new double[character.channels().size()];
            for (int c = 0; c < values.length; c++) {
                String name = character.channels().get(c).name();
                if (name.equals(action) || name.equals(action + ".L") || name.equals(action + ".R")) {
                    values[c] = character.channels().get(c).max();
                }
            }
            return values;
        }
    }

    private static Face face(String name) {
        return FACES.computeIfAbsent(name, Face::new);
    }

    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void anActionDoesWhatItsUnitDoes(String name) {
        Face face = face(name);
        Map<String, Vec> rest = face.with("nothing");
        List<String> wrong = new ArrayList<>();
        for (Unit unit : UNITS) {
            double by = unit.measure.apply(face.with(unit.action)) - unit.measure.apply(rest);
            double most = unit.direction == 0 ? Math.abs(by) : unit.direction * by;
            if (most < unit.least) {
                wrong.add(
                        String.format(Locale.ROOT, "AU %d %s: %s by %.1f mm", unit.number, unit.action, unit.what, by));
            }
        }
        assertEquals(List.of(), wrong);
    }

    /** AU 25, the lips part: between their inner edges, as the jaw drops, as the upper lip rises and as the lower one sinks. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void lipsPart(String name) {
        Face face = face(name);
        LipGap gap = new LipGap(face.character);
        assertTrue(gap.at(face.values("nothing")) < LipGap.SHUT);
        assertTrue(gap.at(face.values("jawDrop")) > 15);
        assertTrue(gap.at(face.values("upperLipRaiser")) > 1);
        assertTrue(gap.at(face.values("lowerLipDepressor")) > 1);
    }

    /** A smile lifts the corners more than a stretch of the lips does, and a stretch leaves them where they are. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void whatUnitsAreToldApartBy(String name) {
        Face face = face(name);
        Map<String, Vec> rest = face.with("nothing");
        double smile = up("mouth corner.L").apply(face.with("lipCornerPuller"))
                - up("mouth corner.L").apply(rest);
        double stretch = up("mouth corner.L").apply(face.with("lipStretcher"))
                - up("mouth corner.L").apply(rest);
        assertTrue(stretch < smile / 2, "20 is no 12: " + stretch + " and " + smile + " mm");
        double outer = up("brow outer.L").apply(face.with("innerBrowRaiser"))
                - up("brow outer.L").apply(rest);
        double inner = up("brow inner.L").apply(face.with("innerBrowRaiser"))
                - up("brow inner.L").apply(rest);
        assertTrue(outer < inner / 2, "1 is no 2: " + outer + " and " + inner + " mm");
    }

    /** The units that the standard numbers and speech or feeling needs are all there; tongue and body have none of these. */
    @Test
    void everyFacialActionIsDescribed() {
        List<String> left = new ArrayList<>(Roles.WHOLE);
        left.addAll(Roles.SIDED);
        UNITS.forEach(u -> left.remove(u.action));
        left.removeIf(a -> a.startsWith("tongue") || a.startsWith("body") || a.startsWith("eye"));
        assertEquals(
                List.of("lipsTogether", "lipToTeeth", "shouldersUp", "jawSideways", "cheekPuff", "cheekSuck"),
                left,
                "what is no single unit of the face, or is not seen at a landmark");
    }
}
