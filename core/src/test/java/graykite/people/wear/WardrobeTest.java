package graykite.people.wear;

import static graykite.rig.Figures.farthest;
import static graykite.rig.Figures.part;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.people.FaceMaker;
import graykite.people.face.Carving;
import graykite.people.plan.Garment;
import graykite.people.plan.HairStyle;
import graykite.people.plan.Mass;
import graykite.people.plan.Paint;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.PersonPlan.Hair;
import graykite.people.plan.Slider;
import graykite.picture.Colour;
import graykite.rig.Character;
import graykite.rig.Joint;
import graykite.rig.Part;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What made people wear sits where it should, in the colours that were chosen. */
class WardrobeTest {
    private static final PersonPlan WREN = PlanFiles.shipped("wren");

    private static Character wearing(PersonPlan plan, Garment garment) {
        return FaceMaker.sketch(plan.wearing(garment.slot(), Optional.of(garment.worn())));
    }

    private static Joint joint(Character face, Part part) {
        return face.joints().get(part.joint());
    }

    /** Something that is only worn adds parts of its own, on the head or on the chest. */
    @ParameterizedTest
    @EnumSource(Garment.class)
    void eachGarmentIsOnItsJoint(Garment garment) {
        Character bare = FaceMaker.sketch(WREN.withWorn(List.of()));
        Character worn = FaceMaker.sketch(WREN.withWorn(List.of(garment.worn())));
        List<Part> added = worn
                .parts()
                .subList(bare.parts().size() - 1, worn.parts().size())
                .stream()
                .filter(p -> bare.parts().stream().noneMatch(b -> b.name().equals(p.name())))
                .toList();
        assertTrue(!added.isEmpty(), garment.word() + " makes something");
        boolean body = garment.slot() == Garment.Slot.BODY || garment.slot() == Garment.Slot.NECK;
        for (Part part : added) {
            assertEquals(body ? "chest" : "head", joint(worn, part).name(), part.name());
        }
    }

    /** Colours are those that were chosen: the main one is on the garment, shaded or not. */
    @ParameterizedTest
    @CsvSource({
        "KNITTED_CAP, knitted cap",
        "SKIPPERS_COAT, jersey",
        "OILSKIN, oilskin",
        "NECKERCHIEF, neckerchief",
        "SPECTACLES, spectacles",
        "FUR, fur"
    })
    void coloursAreTheChosenOnes(Garment garment, String name) {
        Paint chosen = Paint.of("#2040E0");
        PersonPlan plan =
                WREN.wearing(garment.slot(), Optional.of(garment.worn().with(0, chosen)));
        Part part = part(FaceMaker.sketch(plan), name);
        Colour blue = chosen.colour();
        int alike = 0;
        float[] c = part.colours();
        for (int i = 0; i < c.length; i += 3) {
            // The same hue at any brightness: blue over red as in the chosen one.
            if (c[i + 2] > 0.01 && Math.abs(c[i] / c[i + 2] - blue.red() / blue.blue()) < 0.02) {
                alike++;
            }
        }
        assertTrue(alike > c.length / 3 / 5, alike + " of " + c.length / 3);
    }

    /** A cap grows with the skull: its rim clears the sides of the head by as much on anybody. */
    @ParameterizedTest
    @CsvSource({"WIDTH, 1", "WIDTH, -1", "AGE, -1"})
    void capsFitAnySkull(Slider slider, double value) {
        PersonPlan plan = PlanFiles.shipped("odile").with(slider, value);
        Character face = wearing(plan, Garment.SKIPPERS_CAP);
        Part cap = part(face, "cap");
        double skull = widestSkinAt(face.parts().getFirst(), 55);
        double rim = farthest(cap, 0, 1);
        assertTrue(rim > skull + 3 && rim < skull + 32, "skull " + skull + ", cap " + rim);
    }

    /** Between cap and hair no skin shows at the temples: where hair begins it reaches up behind the rim. */
    @Test
    void hairBeginsUnderTheCap() {
        Character odile = FaceMaker.of(PlanFiles.shipped("odile"));
        float[] hair = part(odile, "hair").positions();
        float[] cap = part(odile, "cap").positions();
        for (double z = 5; z < 42; z += 4) {
            double top = edgeAt(z, hair, 1);
            double rim = edgeAt(z, cap, -1);
            assertTrue(top > rim + 1.5, "at " + z + " hair up to " + top + ", the cap from " + rim);
        }
    }

    /** All round the head hair goes in under the band, which rises from 50 mm by 0.16 for each one forward: none lies outside on it. */
    @Test
    void hairGoesInUnderTheCap() {
        float[] p = part(FaceMaker.of(PlanFiles.shipped("odile")), "hair").positions();
        int under = 0;
        for (int i = 0; i < p.length; i += 3) {
            double over = p[i + 1] - 50 - 0.16 * p[i + 2];
            if (over > 4) {
                // The band widens by 3 % over its 24 mm.
                double out = Math.hypot(p[i] / 81, (p[i + 2] + 12) / 97) / (1 + 0.03 * over / 24);
                assertTrue(out < 1, p[i] + ", " + p[i + 1] + ", " + p[i + 2] + " lies outside: " + out);
                under++;
            }
        }
        assertTrue(under > 50, "hair under the cap: " + under);
    }

    /** Hair that is combed back comes out of the skin: over the ears its lower border lies on it, and higher up it is full. */
    @Test
    void combedHairLiesFlatAtItsBorder() {
        Character odile = FaceMaker.of(PlanFiles.shipped("odile"));
        float[] hair = part(odile, "hair").positions();
        float[] skin = odile.parts().getFirst().positions();
        double border = thickest(hair, skin, -12, -8);
        double above = thickest(hair, skin, 18, 24);
        assertTrue(border < 6, "at the border " + border + " mm");
        assertTrue(above > 8, "above it " + above + " mm");
    }

    /** By how much hair on the left side of the head, between two heights, stands out over the skin at most. */
    private static double thickest(float[] hair, float[] skin, double from, double to) {
        return IntStream.range(0, hair.length / 3)
                .filter(i -> hair[3 * i] > 40 && hair[3 * i + 1] > from && hair[3 * i + 1] < to)
                .filter(i -> hair[3 * i + 2] > -15 && hair[3 * i + 2] < 20)
                .mapToDouble(i -> hair[3 * i] - sideOf(skin, hair[3 * i + 1], hair[3 * i + 2]))
                .max()
                .orElseThrow();
    }

    /** How far to the left the skin reaches near a height and a place to the front. */
    private static double sideOf(float[] skin, double y, double z) {
        return IntStream.range(0, skin.length / 3)
                .filter(i -> Math.hypot(skin[3 * i + 1] - y, skin[3 * i + 2] - z) < 8)
                .mapToDouble(i -> skin[3 * i])
                .max()
                .orElseThrow();
    }

    /** The highest or lowest place (1 or -1) of what lies on the left so far to the front. */
    private static double edgeAt(double z, float[] p, int sign) {
        return sign
                * IntStream.range(0, p.length / 3)
                        .filter(i -> p[3 * i] > 30 && Math.abs(p[3 * i + 2] - z) < 8)
                        .mapToDouble(i -> sign * p[3 * i + 1])
                        .max()
                        .orElseThrow();
    }

    /** The cord goes round the front of the band from one side to the other, and nowhere leaves it or sinks in. */
    @Test
    void theCordLiesOnTheBand() {
        Part cord = part(FaceMaker.of(PlanFiles.shipped("odile")), "cap cord");
        float[] p = cord.positions();
        for (double turn = -1.1; turn <= 1.1; turn += 0.1) {
            double nearest = Double.MAX_VALUE;
            double farthest = 0;
            for (int i = 0; i < p.length; i += 3) {
                // The band is cut 81 mm to the sides and 97 to the front.
                double x = p[i] / 81;
                double z = (p[i + 2] + 12) / 97;
                if (Math.abs(Math.atan2(x, z) - turn) < 0.05) {
                    double out = (Math.hypot(x, z) - 1) * Math.hypot(81 * Math.sin(turn), 97 * Math.cos(turn));
                    nearest = Math.min(nearest, out);
                    farthest = Math.max(farthest, out);
                }
            }
            assertTrue(nearest < 1 && farthest > 2 && farthest < 5, nearest + " to " + farthest + " mm off at " + turn);
        }
        assertEquals(farthest(cord, 0, 1), farthest(cord, 0, -1), 0.1, "alike on both sides");
    }

    private static double widestSkinAt(Part skin, double y) {
        double widest = 0;
        float[] p = skin.positions();
        for (int i = 0; i < p.length; i += 3) {
            if (Math.abs(p[i + 1] - y) < 4) {
                widest = Math.max(widest, p[i]);
            }
        }
        return widest;
    }

    /** A child's coat is narrower than a grown person's. */
    @Test
    void clothesFitTheBuild() {
        PersonPlan odile = PlanFiles.shipped("odile");
        double grown = farthest(part(FaceMaker.sketch(odile), "coat"), 0, 1);
        double child = farthest(part(FaceMaker.sketch(odile.with(Slider.AGE, -1)), "coat"), 0, 1);
        assertTrue(child < 0.85 * grown && child > 0.6 * grown, child + " against " + grown);
    }

    /** Spectacles stand before the eyes, on the nose, and reach back to the ears; left and right alike. */
    @ParameterizedTest
    @CsvSource({"odile, 0", "pim, 0", "wren, 0", "pim, 1", "odile, -1"})
    void spectaclesSitOnTheNose(String like, double eyes) {
        PersonPlan plan = PlanFiles.shipped(like).with(Slider.EYES, eyes);
        Character face = wearing(plan, Garment.SPECTACLES);
        Part rims = part(face, "spectacles");
        double ball = farthest(part(face, "left eye"), 2, 1);
        double front = farthest(rims, 2, 1);
        assertTrue(front > ball + 1, "before the eyeball: " + front + ", " + ball);
        assertEquals(farthest(rims, 0, 1), farthest(rims, 0, -1), 0.5, "alike on both sides");
        assertTrue(-farthest(rims, 2, -1) < plan.ears().at().z() + 12, "back to the ears");
    }

    /** Hair without a cap covers the crown, all but a wreath, and hangs in nobody's eyes. */
    @ParameterizedTest
    @EnumSource(
            value = HairStyle.class,
            names = {"NONE"},
            mode = EnumSource.Mode.EXCLUDE)
    void hairCoversTheCrownAndLeavesTheEyesFree(HairStyle style) {
        PersonPlan plan =
                WREN.withHair(new Hair(style, WREN.hair().light(), WREN.hair().dark()));
        Character face = FaceMaker.sketch(plan);
        Part hair = part(face, "hair");
        double top = farthest(hair, 1, 1);
        double skull = farthest(face.parts().getFirst(), 1, 1);
        assertTrue(style == HairStyle.WREATH ? top < skull - 40 : top > skull + 2, "hair " + top + ", skull " + skull);
        Vec eye = face.joints().get(2).pivot();
        float[] p = hair.positions();
        // The front of a wreath runs on under the skin of the forehead.
        for (int i = 0; i < p.length && style != HairStyle.WREATH; i += 3) {
            boolean before =
                    Math.abs(Math.abs(p[i]) - eye.x()) < 14 && Math.abs(p[i + 1] - eye.y()) < 11 && p[i + 2] > eye.z();
            assertTrue(!before, "hair at " + p[i] + ", " + p[i + 1] + ", " + p[i + 2]);
        }
    }

    @Test
    void whatWasCutForOneSkullIsBroughtToAnother() {
        Fit fit = new Fit(null, PlanFiles.shipped("odile").with(Slider.WIDTH, 0), 1, 8);
        Mass.Ball small = new Mass.Ball(new Vec(0, 0, 0), new Vec(50, 50, 50));
        Mass.Ball skull = PlanFiles.shipped("odile").skull();
        Part dot = new Part("dot", Carving.CLOTH, 1, new float[] {50, 0, 0}, new float[3], new int[0], List.of());
        Part there = fit.onHead(dot, small);
        assertEquals(skull.at().x() + skull.radii().x(), there.positions()[0], 1e-3, "its side is the skull's side");
        assertEquals(skull.at().y(), there.positions()[1], 1e-3);
        assertEquals(50, dot.positions()[0], "and the other is as it was");
    }
}
