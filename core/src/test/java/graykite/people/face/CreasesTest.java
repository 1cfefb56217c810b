package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.people.FaceMaker;
import graykite.people.plan.PersonPlan;
import graykite.people.plan.SkinMark;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines of age and of feeling are under the skin at rest and come with their action. */
class CreasesTest {
    private static final int SIDE = 240;

    private static int[] picture(Character who, Pose pose, double yaw, boolean creased) {
        List<Surface> all = new ArrayList<>(new Deformer(who).deform(who.values(pose)));
        if (!creased) {
            all.remove(creases(who));
        }
        Camera camera = new Camera(new Vec(0, 10, 40), yaw, 3, 1400, 150);
        return new Renderer().draw(all, camera, SIDE, SIDE).pixels();
    }

    private static int creases(Character who) {
        for (int i = 0; i < who.parts().size(); i++) {
            if (who.parts().get(i).name().equals("creases")) {
                return i;
            }
        }
        throw new AssertionError(who.name() + " has no creases");
    }

    /** Nothing of them shows at rest, nor while something else moves the skin. */
    @ParameterizedTest
    @CsvSource({"odile, Rest", "odile, Ah", "odile, Oo", "odile, Tired", "pim, Rest", "pim, Startled", "pim, Hiss"})
    void restingFacesShowNone(String name, String expression) {
        Character who = Cast.byName(name);
        Pose pose = who.poses().get(expression);
        for (double yaw : new double[] {-70, -35, 0, 35, 70}) {
            showsNone(who, pose, yaw);
        }
    }

    private static void showsNone(Character who, Pose pose, double yaw) {
        int[] without = picture(who, pose, yaw, false);
        int[] with = picture(who, pose, yaw, true);
        int most = 0;
        for (int i = 0; i < with.length; i++) {
            for (int shift = 0; shift < 24; shift += 8) {
                most = Math.max(most, Math.abs((with[i] >> shift & 255) - (without[i] >> shift & 255)));
            }
        }
        // Outlines close under the skin make the renderer look closer, which rounds differently.
        assertTrue(most <= 2, "from " + yaw + ": " + most + " levels");
    }

    /** Each side has its own; part of the action shows less of a line than all of it. */
    @ParameterizedTest
    @CsvSource({
        "odile, cheekRaiser.L, 40",
        "odile, cheekRaiser.R, -40",
        "odile, innerBrowRaiser.L, 0",
        "pim, browLowerer.R, 0"
    })
    void anActionBringsItsLines(String name, String channel, double yaw) {
        Character who = Cast.byName(name);
        long full = darkened(who, Pose.of(channel, 1), yaw);
        long part = darkened(who, Pose.of(channel, 0.4), yaw);
        assertTrue(full > 200, "levels by which the lines darken the picture: " + full);
        assertTrue(part < 0.8 * full, part + " of " + full);
        assertEquals(0, darkened(who, Pose.of(channel, 0.15), yaw), 10);
    }

    /** By how many levels of green the creases darken a picture, over all pixels. */
    private static long darkened(Character who, Pose pose, double yaw) {
        int[] without = picture(who, pose, yaw, false);
        int[] with = picture(who, pose, yaw, true);
        long darker = 0;
        for (int i = 0; i < with.length; i++) {
            darker += (without[i] >> 8 & 255) - (with[i] >> 8 & 255);
        }
        return darker;
    }

    /** A line that a plan draws beside the head lies on its side, under the skin as all do. */
    @Test
    void linesBesideTheHeadStayUnderTheSkin() {
        PersonPlan pim = PlanFiles.shipped("pim");
        SkinMark beside =
                new SkinMark.Crease(new Vec(120, 10, 0), new Vec(140, 30, 0), 2, 1, SkinMark.Brings.CHEEK_RAISER);
        Character who = FaceMaker.of(pim.withSkin(pim.skin().withMarks(List.of(beside))));
        for (double yaw : new double[] {-60, 0, 60}) {
            showsNone(who, Pose.REST, yaw);
        }
        for (float place : who.parts().get(creases(who)).positions()) {
            assertTrue(Math.abs(place) < 110, "at " + place);
        }
    }

    @Test
    void aChildHasNone() {
        assertTrue(Cast.byName("wren").parts().stream().noneMatch(p -> p.name().equals("creases")));
    }
}
