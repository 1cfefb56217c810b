package graykite.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.people.face.Person;
import graykite.people.plan.Paint;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.SkinMark;
import graykite.picture.Colour;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is painted on a skin is where it should be, and nowhere else. */
class MarkingsTest {
    private static final Colour SKIN = Paint.of("#D3A083").colour();

    private static Person.Marks marks(SkinMark... marks) {
        PersonPlan.Skin skin = PlanFiles.shipped("odile").skin();
        return Markings.of(skin.withMarks(List.of(marks)));
    }

    private static double apart(Colour a, Colour b) {
        return Math.abs(a.red() - b.red()) + Math.abs(a.green() - b.green()) + Math.abs(a.blue() - b.blue());
    }

    @Test
    void aWrinkleLiesAlongItsLineOnBothSides() {
        Person.Marks line = marks(new SkinMark.Wrinkle(new Vec(20, -30, 0), new Vec(30, -50, 0), 2, 1));
        double on = apart(SKIN, line.over(SKIN, new Vec(25, -40, 70)));
        assertTrue(on > 0.05, "dark on the line: " + on);
        assertEquals(on, apart(SKIN, line.over(SKIN, new Vec(-25, -40, 70))), 1e-6, "and on the other side");
        assertTrue(apart(SKIN, line.over(SKIN, new Vec(25, -20, 70))) < 0.1 * on, "not beyond its end");
        assertTrue(apart(SKIN, line.over(SKIN, new Vec(35, -40, 70))) < 0.1 * on, "nor beside it");
        assertEquals(0, apart(SKIN, line.over(SKIN, new Vec(25, -40, -70))), 1e-9, "nor at the back of the head");
        Person.Marks faint = marks(new SkinMark.Wrinkle(new Vec(20, -30, 0), new Vec(30, -50, 0), 2, 0.5));
        assertEquals(0.5, apart(SKIN, faint.over(SKIN, new Vec(25, -40, 70))) / on, 0.01, "half the strength");
    }

    /** The skin carries colours at its vertices: a line that runs between them would show as a row of dots. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void wrinklesAreAsWideAsTheSkinIsFine(String name) {
        PersonPlan plan = PlanFiles.shipped(name);
        float[] skin = FaceMaker.sketch(plan).parts().getFirst().positions();
        for (SkinMark mark : plan.skin().marks()) {
            if (mark instanceof SkinMark.Wrinkle line) {
                for (double along = 0.1; along < 1; along += 0.2) {
                    Vec on = line.from().times(1 - along).plus(line.to().times(along));
                    double nearest = Double.MAX_VALUE;
                    for (int i = 0; i < skin.length; i += 3) {
                        if (skin[i + 2] > 0) {
                            nearest = Math.min(nearest, Math.hypot(skin[i] - on.x(), skin[i + 1] - on.y()));
                        }
                    }
                    assertTrue(nearest < 0.75 * line.width(), line + ": " + nearest + " mm from a vertex");
                }
            }
        }
    }

    @Test
    void aPatchFadesAtItsEdge() {
        Paint pale = Paint.of("#F0E0C0");
        Person.Marks patch = marks(new SkinMark.Patch(new Vec(18, -40, 90), new Vec(20, 10, 20), pale, 0.5, 0.9));
        double inside = apart(SKIN, patch.over(SKIN, new Vec(-18, -40, 90)));
        assertEquals(0.9 * apart(SKIN, pale.colour()), inside, 1e-5);
        double edge = apart(SKIN, patch.over(SKIN, new Vec(18, -47.5, 90)));
        assertTrue(edge > 0.2 * inside && edge < 0.8 * inside, "half way out " + edge + " of " + inside);
        assertEquals(0, apart(SKIN, patch.over(SKIN, new Vec(18, -51, 90))), 1e-9);
    }

    /** What is dark of a freckle lies in a disc of 2 mm: the skin's vertices lie 3 to 4 apart, and finer marks show as scratches along its edges. */
    @Test
    void frecklesAreRound() {
        Person.Marks freckles = marks(new SkinMark.Freckles(Paint.of("#5E3626"), 1));
        int dark = 0;
        int thin = 0;
        for (double x = 12; x < 40; x += 0.5) {
            for (double y = -32; y < -12; y += 0.5) {
                if (darkness(freckles, x, y) > 0.4) {
                    dark++;
                    thin += inDisc(freckles, x, y) ? 0 : 1;
                }
            }
        }
        assertTrue(dark > 100, dark + " dark places");
        assertEquals(0, thin, "thin ones of " + dark);
    }

    /** Whether all of a circle of 2 mm about the place, or about one beside it, is dark too. */
    private static boolean inDisc(Person.Marks marks, double x, double y) {
        return IntStream.range(0, 9).anyMatch(middle -> {
            double away = middle == 8 ? 0 : 0.8;
            double cx = x + away * Math.cos(middle * Math.PI / 4);
            double cy = y + away * Math.sin(middle * Math.PI / 4);
            return IntStream.range(0, 8)
                    .allMatch(i ->
                            darkness(marks, cx + Math.cos(i * Math.PI / 4), cy + Math.sin(i * Math.PI / 4)) > 0.2);
        });
    }

    private static double darkness(Person.Marks marks, double x, double y) {
        return apart(SKIN, marks.over(SKIN, new Vec(x, y, 75)));
    }

    @Test
    void frecklesAreOnNoseAndCheeksAndFurIsEverywhere() {
        Person.Marks freckles = marks(new SkinMark.Freckles(Paint.of("#5E3626"), 1));
        Person.Marks fur = marks(new SkinMark.Fur(Paint.of("#202020"), 1));
        double cheek = 0;
        double chin = 0;
        int streaked = 0;
        for (int i = 0; i < 400; i++) {
            Vec onCheek = new Vec(18 + i % 20, -30 + i / 20, 75);
            Vec onChin = new Vec(-10 + i % 20, -100 + i / 20, 80);
            cheek = Math.max(cheek, apart(SKIN, freckles.over(SKIN, onCheek)));
            chin = Math.max(chin, apart(SKIN, freckles.over(SKIN, onChin)));
            streaked += apart(SKIN, fur.over(SKIN, new Vec(-60 + i % 20 * 6, i / 20 * 8 - 80, 40))) > 0.02 ? 1 : 0;
        }
        assertTrue(cheek > 0.2 && chin < 0.02, cheek + " on the cheek, " + chin + " on the chin");
        assertTrue(streaked > 60 && streaked < 360, "streaks, not a coat of paint: " + streaked + " of 400");
    }
}
