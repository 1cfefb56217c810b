package graykite.people.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What each slider does to the plan of a person. */
class ShapingTest {
    private static final PersonPlan ODILE = PlanFiles.shipped("odile");

    private static PersonPlan shaped(Slider slider, double value) {
        return Shaping.shaped(ODILE.with(slider, value));
    }

    private static double faceHeight(PersonPlan plan) {
        return plan.eyes().at().y() - plan.mouth().at().y();
    }

    @Test
    void slidersInTheMiddleChangeNothing() {
        assertSame(ODILE, Shaping.shaped(ODILE));
        assertEquals(ODILE, ODILE.with(Slider.NOSE, 0.5).with(Slider.NOSE, 0));
    }

    /** What comes out has its sliders moved in, whichever it was, and both sides of the face stay alike. */
    @ParameterizedTest
    @EnumSource(Slider.class)
    void eachSliderDoesSomethingEachWay(Slider slider) {
        PersonPlan less = shaped(slider, -1);
        PersonPlan more = shaped(slider, 1);
        assertTrue(less.shaping().isEmpty() && more.shaping().isEmpty());
        assertTrue(!less.equals(more) && !less.equals(shaped(slider, -0.5)) && !more.equals(shaped(slider, 0.5)));
        for (Mass mass : more.masses()) {
            if (!mass.mirrored() && mass.solid() instanceof Mass.Ball ball) {
                assertEquals(0, ball.at().x(), 1e-9, mass + " stays in the middle");
            }
        }
    }

    @Test
    void slidersGrowWhatTheyAreNamedAfter() {
        assertTrue(shaped(Slider.MOUTH, 1).mouth().half() > ODILE.mouth().half() + 3);
        assertTrue(
                shaped(Slider.LIPS, 1).mouth().upperLip() > 1.3 * ODILE.mouth().upperLip());
        assertTrue(shaped(Slider.EYES, 1).eyes().radius() > ODILE.eyes().radius() + 1);
        assertTrue(shaped(Slider.EARS, 1).ears().tall() > ODILE.ears().tall() + 8);
        assertTrue(shaped(Slider.BROWS, 1).brows().thick() > 1.3 * ODILE.brows().thick());
        Vec tip = ODILE.spots().noseTip();
        assertTrue(shaped(Slider.NOSE, 1).spots().noseTip().z() > tip.z() + 4);
        assertTrue(shaped(Slider.NOSE_TIP, 1).spots().noseTip().y() > tip.y() + 3);
        assertTrue(shaped(Slider.NOSE_TIP, -1).spots().noseTip().y() < tip.y() - 3);
        assertTrue(shaped(Slider.WIDTH, 1).skull().radii().x()
                > 1.08 * ODILE.skull().radii().x());
        assertEquals(
                ODILE.skull().radii().z(),
                shaped(Slider.WIDTH, 1).skull().radii().z(),
                1e-6,
                "not deeper");
    }

    /**
     * A child has nearly the cranium of a grown person over a shorter face with a smaller nose and mouth, larger eyes in it,
     * a thinner neck and narrower shoulders (Enlow & Hans, Essentials of Facial Growth, 1996).
     */
    @Test
    void aChildHasALargeCraniumOverASmallFace() {
        PersonPlan child = shaped(Slider.AGE, -1);
        assertEquals(ODILE.skull().radii().z(), child.skull().radii().z(), 2);
        assertTrue(faceHeight(child) < 0.9 * faceHeight(ODILE));
        assertTrue(
                child.eyes().radius() / faceHeight(child) > 1.1 * ODILE.eyes().radius() / faceHeight(ODILE));
        assertTrue(child.mouth().half() < 0.9 * ODILE.mouth().half());
        assertTrue(child.mouth().teeth() < 1);
        assertTrue(
                child.body().neck() < 0.85 * ODILE.body().neck() && child.body().build() < 0.85);
        assertTrue(
                child.skin().marks().stream()
                        .allMatch(m -> m instanceof SkinMark.Wrinkle w && w.strength() == 0
                                || m instanceof SkinMark.Crease c && c.strength() == 0),
                "no lines");
    }

    @Test
    void ageWritesLinesThinsLipsAndWhitensHair() {
        PersonPlan pim = PlanFiles.shipped("pim");
        PersonPlan old = Shaping.shaped(pim.with(Slider.AGE, 1));
        assertTrue(old.skin().marks(SkinMark.Wrinkle.class).size() > 8);
        assertTrue(old.mouth().upperLip() < 0.75 * pim.mouth().upperLip());
        assertTrue(old.hair().light().lightness() > pim.hair().light().lightness() + 60);
        assertTrue(old.ears().tall() > pim.ears().tall(), "ears grow all life");
        assertEquals(
                List.of(0.75, 0.85, 0.85, 0.65, 1.0),
                Shaping.shaped(PlanFiles.shipped("wren").with(Slider.AGE, 1))
                        .skin()
                        .marks(SkinMark.Crease.class)
                        .stream()
                        .map(SkinMark.Crease::strength)
                        .toList());
        PersonPlan otter = PlanFiles.shipped("sprat").with(Slider.AGE, 1);
        assertTrue(
                Shaping.shaped(otter).skin().marks().stream().noneMatch(SkinMark.Wrinkle.class::isInstance),
                "fur shows no lines");
    }

    @Test
    void wornThingsTakeEachOthersPlace() {
        PersonPlan capped = ODILE.wearing(Garment.Slot.HEAD, Optional.of(Garment.KNITTED_CAP.worn()));
        assertEquals(
                Garment.KNITTED_CAP,
                capped.worn(Garment.Slot.HEAD).orElseThrow().garment());
        assertEquals(ODILE.worn().size(), capped.worn().size());
        assertTrue(capped.wearing(Garment.Slot.HEAD, Optional.empty())
                .worn(Garment.Slot.HEAD)
                .isEmpty());
        assertThrows(
                IllegalArgumentException.class,
                () -> ODILE.withWorn(List.of(Garment.KNITTED_CAP.worn(), Garment.SKIPPERS_CAP.worn())));
    }

    @Test
    void anAnimalChangesItsCoatWhole() {
        PersonPlan grey = PlanFiles.shipped("sprat").inFur(Paint.of("#7C7A78"), Paint.of("#D8D4CC"));
        assertEquals(Paint.of("#7C7A78"), grey.skin().base());
        List<Paint> patches = grey.skin().marks().stream()
                .filter(SkinMark.Patch.class::isInstance)
                .map(m -> ((SkinMark.Patch) m).paint())
                .toList();
        assertEquals(2, patches.stream().filter(Paint.of("#D8D4CC")::equals).count(), "throat and muzzle");
        assertEquals(Paint.of("#241A18"), patches.getLast(), "the leather of the nose stays dark");
        assertEquals(
                List.of(Paint.of("#7C7A78"), Paint.of("#D8D4CC")),
                grey.worn(Garment.Slot.BODY).orElseThrow().paints());
    }

    @Test
    void whatIsOutOfRangeIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> ODILE.with(Slider.AGE, 1.01));
        assertThrows(IllegalArgumentException.class, () -> ODILE.withName(" "));
        assertThrows(IllegalArgumentException.class, () -> Paint.of("red"));
        assertThrows(IllegalArgumentException.class, () -> HairStyle.of("mohican"));
        assertThrows(IllegalArgumentException.class, () -> Slider.of("wit"));
        assertThrows(IllegalArgumentException.class, () -> Garment.of("crown"));
        assertThrows(IllegalArgumentException.class, () -> new Garment.Worn(Garment.FUR, List.of(Paint.of("#000000"))));
        assertThrows(IllegalArgumentException.class, () -> ODILE.withShaping(Map.of(Slider.JAW, Double.NaN)));
        assertEquals("#C0FFEE", Paint.of("#c0ffee").word());
    }
}
