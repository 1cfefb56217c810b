package graykite.people;

import static graykite.rig.Figures.part;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.figures.RigCheck;
import graykite.figures.RigReport;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.mouth.Viseme;
import graykite.people.face.OpenEdges;
import graykite.people.plan.Chance;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.Mass;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.Slider;
import graykite.rig.Character;
import graykite.rig.LipGap;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever the sliders say, a made face is sound: its rig passes the check, its lips shut, its hair stays under its cap. */
class MadeFacesTest {
    private static void assertSound(Character face, String who) {
        RigReport report = RigCheck.of(face, Progress.none());
        assertEquals(
                0,
                report.count(RigReport.Weight.FAULT) + report.count(RigReport.Weight.DOUBT),
                () -> who + ":\n" + report.text());
        LipGap gap = new LipGap(face);
        for (String open : List.of("jawDrop", "lipFunneler", "upperLipRaiser", "lipCornerPuller")) {
            Pose shut = Pose.of(open, 0.7).plus(Pose.of("lipsTogether", 1), 1);
            assertTrue(gap.at(face.values(shut)) < 0.3, who + " shuts the lips over " + open);
        }
        double wide = gap.at(face.values(face.poses().get(Viseme.AH.title())));
        assertTrue(wide > 10, who + " opens wide: " + wide);
        assertEquals(OpenEdges.OF_SKIN, OpenEdges.of(face.parts().getFirst()), who);
        for (Part part : face.parts()) {
            for (float value : part.positions()) {
                assertTrue(Float.isFinite(value) && Math.abs(value) < 400, who + ", " + part.name());
            }
        }
    }

    /** Eight of each by chance, always the same ones. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void facesByChanceAreSound(String like) {
        SplittableRandom random = new SplittableRandom(40);
        for (int i = 0; i < 5; i++) {
            PersonPlan plan = Chance.of(PlanFiles.shipped(like), random);
            assertSound(FaceMaker.of(plan), like + " " + i + " " + plan.shaping());
        }
    }

    /** Each slider at its ends, two opposite ones together where they meet. */
    @ParameterizedTest
    @CsvSource({
        "odile, AGE, -1, CHEEKS, 1", "odile, AGE, 1, CHEEKS, -1", "pim, NOSE, 1, LIPS, 1", "pim, NOSE, -1, LIPS, -1",
        "wren, MOUTH, 1, JAW, -1", "wren, MOUTH, -1, JAW, 1", "sprat, WIDTH, 1, EYES, 1", "odile, WIDTH, -1, EYES, -1",
        "pim, CHIN, 1, NOSE_TIP, -1", "wren, CHIN, -1, NOSE_TIP, 1", "sprat, BROWS, 1, EARS, 1"
    })
    void extremesAreSound(String like, Slider first, double a, Slider second, double b) {
        PersonPlan plan = PlanFiles.shipped(like).with(first, a).with(second, b);
        assertSound(FaceMaker.of(plan), plan.shaping().toString());
    }

    @Test
    void chanceIsRepeatable() {
        PersonPlan plan = PlanFiles.shipped("pim");
        assertEquals(Chance.of(plan, new SplittableRandom(3)), Chance.of(plan, new SplittableRandom(3)));
        assertTrue(!Chance.of(plan, new SplittableRandom(3)).equals(Chance.of(plan, new SplittableRandom(4))));
    }

    /** A sketch is the same face at rest, with the same controls; only its skin does not move. */
    @Test
    void aSketchIsTheFaceAtRest() {
        PersonPlan plan = PlanFiles.shipped("wren").with(Slider.NOSE, 0.4);
        Character whole = FaceMaker.of(plan);
        Character sketch = FaceMaker.sketch(plan);
        assertEquals(whole.channels(), sketch.channels());
        assertEquals(whole.parts().size(), sketch.parts().size());
        for (int i = 0; i < whole.parts().size(); i++) {
            assertEquals(
                    Arrays.hashCode(whole.parts().get(i).positions()),
                    Arrays.hashCode(sketch.parts().get(i).positions()),
                    whole.parts().get(i).name());
        }
        assertTrue(sketch.parts().getFirst().targets().isEmpty());
    }

    /** Hair above the rim of a cap lies within its crown: nearer to the middle of the skull than the cap is there. */
    @ParameterizedTest
    @CsvSource({"TOUSLED, KNITTED_CAP", "BOB, SKIPPERS_CAP", "CURLS, SKIPPERS_CAP", "COMBED_BACK, KNITTED_CAP"})
    void hairStaysUnderACap(HairStyle style, Garment cap) {
        PersonPlan base = PlanFiles.shipped("wren");
        PersonPlan plan = base.withHair(
                        new Hair(style, base.hair().light(), base.hair().dark()))
                .wearing(Garment.Slot.HEAD, Optional.of(cap.worn()));
        Character face = FaceMaker.of(plan);
        Part hair = part(face, "hair");
        Part crown = part(face, cap == Garment.KNITTED_CAP ? "knitted cap" : "cap");
        double rim = cap == Garment.KNITTED_CAP ? 0.27 : 0.16;
        int out = 0;
        float[] p = hair.positions();
        for (int i = 0; i < p.length; i += 3) {
            double over = p[i + 1] - rim * p[i + 2] - (cap == Garment.KNITTED_CAP ? 62 : 66);
            if (over > 0 && Math.hypot(p[i], p[i + 2] + 14) > widest(crown, p[i], p[i + 2])) {
                out++;
            }
        }
        assertEquals(0, out, "vertices of the hair come through the cap");
    }

    /** How far the cap reaches from the axis of the skull in a direction. */
    private static double widest(Part cap, double x, double z) {
        double most = 0;
        double length = Math.hypot(x, z + 14);
        float[] p = cap.positions();
        for (int i = 0; i < p.length; i += 3) {
            double along = (p[i] * x + (p[i + 2] + 14) * (z + 14)) / length;
            double aside = Math.abs(p[i] * (z + 14) - (p[i + 2] + 14) * x) / length;
            if (aside < 8) {
                most = Math.max(most, along);
            }
        }
        return most;
    }

    /** Whiskers stand in the skin: they go with the lip when it is raised. */
    @Test
    void whiskersGoWithTheLips() {
        Character sprat = FaceMaker.of(PlanFiles.shipped("sprat"));
        Part whiskers = part(sprat, "whiskers");
        assertTrue(whiskers.targets().stream().anyMatch(t -> t.name().equals("upperLipRaiser.L")));
        assertTrue(whiskers.targets().stream().noneMatch(t -> t.name().startsWith("innerBrow")));
    }

    @Test
    void massesThatMakeNoHeadAreRefused() {
        PersonPlan odile = PlanFiles.shipped("odile");
        List<Mass> gone = List.of(new Mass(
                odile.masses().getFirst().part(),
                new Mass.Ball(new Vec(0, 200, 0), new Vec(20, 20, 20)),
                1,
                false,
                false));
        PersonPlan nobody = new PersonPlan(
                "Nobody",
                odile.centre(),
                gone,
                odile.mouth(),
                odile.eyes(),
                odile.brows(),
                odile.ears(),
                odile.spots(),
                odile.body(),
                odile.skin(),
                odile.hair(),
                odile.worn(),
                odile.shaping());
        assertTrue(assertThrows(IllegalArgumentException.class, () -> FaceMaker.of(nobody))
                .getMessage()
                .contains("do not make a head"));
    }
}
