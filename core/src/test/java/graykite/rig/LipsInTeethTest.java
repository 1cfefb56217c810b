package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Lips and teeth are measured on the mesh: they touch in f and v, and nowhere else. */
class LipsInTeethTest {
    @Test
    void ourPeopleBiteAndNothingElseComesNear() {
        for (String name : List.of("odile", "pim")) {
            Character who = Cast.byName(name);
            LipsInTeeth teeth = LipsInTeeth.of(who).orElseThrow();
            double bite = teeth.at(who.values(who.poses().get("Lip to teeth")));
            assertTrue(bite > 0.3 && bite < 2, name + " bites by " + bite + " mm");
            who.poses().forEach((pose, values) -> {
                if (!pose.equals("Lip to teeth")) {
                    assertEquals(0, teeth.at(who.values(values)), 0.05, name + ", " + pose);
                }
            });
        }
    }

    @Test
    void lipsThatArePushedBackAreFound() {
        Character odile = Figures.ODILE;
        LipLine line = odile.lips().orElseThrow();
        int[] seam = IntStream.concat(Arrays.stream(line.upper()), Arrays.stream(line.lower()))
                .distinct()
                .sorted()
                .toArray();
        float[] back = new float[3 * seam.length];
        for (int i = 2; i < back.length; i += 3) {
            back[i] = -9;
        }
        List<Part> parts = new ArrayList<>(odile.parts());
        List<MorphTarget> targets = new ArrayList<>(parts.get(line.part()).targets());
        targets.add(new MorphTarget("cheekPuff.L*back", seam, back));
        parts.set(line.part(), parts.get(line.part()).withTargets(targets));
        Character pushed = new Character(
                "Pushed",
                odile.kind(),
                odile.channels(),
                odile.joints(),
                parts,
                List.of(new Corrective("cheekPuff.L*back", "cheekPuff.L", "cheekPuff.R")),
                odile.lips(),
                odile.poses(),
                odile.roles(),
                odile.couplings(),
                odile.landmarks());
        double depth =
                LipsInTeeth.of(pushed).orElseThrow().at(pushed.values(Pose.of("cheekPuff.L", 1, "cheekPuff.R", 1)));
        assertTrue(depth > 2.2, "they lie " + depth + " mm within the teeth");
    }

    @Test
    void whoHasNoTeethCannotBeMeasured() {
        assertTrue(LipsInTeeth.of(Cast.byName("brine")).isEmpty());
    }
}
