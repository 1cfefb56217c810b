package graykite.people.drawn;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Views;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** The gull: flat drawings of which one mouth and one pair of lids is seen at a time. */
class BrineTest {
    private static final Character BRINE = Cast.byName("brine");

    private static double[] values(Object... pairs) {
        return BRINE.values(Pose.of(pairs));
    }

    private static Picture drawn(Camera camera, double[] values) {
        return new Renderer().draw(new Deformer(BRINE).deform(values), camera, 96, 96);
    }

    private static double difference(Picture a, Picture b) {
        long sum = 0;
        for (int i = 0; i < a.pixels().length; i++) {
            for (int shift = 0; shift < 24; shift += 8) {
                sum += Math.abs((a.pixels()[i] >> shift & 0xff) - (b.pixels()[i] >> shift & 0xff));
            }
        }
        return sum / (3.0 * a.pixels().length);
    }

    private static List<Part> mouths() {
        return BRINE.parts().stream()
                .filter(p -> p.looks()
                        .showing()
                        .filter(s -> s.channel().equals("mouth"))
                        .isPresent())
                .toList();
    }

    @Test
    void eachMouthIsADrawingOfItsOwn() {
        assertEquals(10, mouths().size());
        Set<Integer> numbers = new TreeSet<>();
        mouths().forEach(p -> numbers.add(p.looks().showing().orElseThrow().number()));
        assertEquals(Set.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9), numbers);
        assertEquals(
                9, BRINE.channels().get(BRINE.channelIndex().get("mouth")).max(), "and the channel reaches the last");
    }

    /** At 96 pixels the mouths of different sounds must not be mistaken for one another. */
    @Test
    void mouthsAreToldApartAtAGlance() {
        Camera close = Views.mouth(BRINE);
        Picture[] pictures = new Picture[10];
        for (int m = 0; m < 10; m++) {
            pictures[m] = drawn(close, values("mouth", m));
        }
        for (int a = 0; a < 10; a++) {
            for (int b = a + 1; b < 10; b++) {
                double apart = difference(pictures[a], pictures[b]);
                assertTrue(apart > 0.9, "mouths " + a + " and " + b + " differ by " + apart + " levels");
            }
        }
    }

    @Test
    void everySoundHasAMouth() {
        for (Viseme viseme : Viseme.values()) {
            Pose pose = BRINE.poses().get(viseme.title());
            double mouth = pose.of("mouth");
            assertEquals(Math.rint(mouth), mouth, viseme.title());
        }
        assertTrue(BRINE.poses().get("Lips shut").of("mouth")
                != BRINE.poses().get("Ah").of("mouth"));
    }

    @Test
    void lidsCloseAndSmile() {
        Camera eyes = new Camera(new Vec(0, 38, 0), 0, 0, 1400, 120);
        Picture open = drawn(eyes, values());
        for (int lids = 1; lids <= 3; lids++) {
            assertTrue(difference(open, drawn(eyes, values("lids", lids))) > 2, "lids " + lids);
        }
        assertEquals(Pose.of("lids.L", 2), BRINE.roles().get("lidClose.L"), "a blink closes them");
    }

    @Test
    void featuresSlideOverTheRoundOfTheHead() {
        double eye = moved("eye.L");
        double head = moved("head");
        assertTrue(
                head > 1 && eye > 1.5 * head, "the face goes " + eye + " mm, the head " + head + ": it seems to turn");
        assertEquals(0, moved("body"), 1e-6);
    }

    /** How far a drawing goes to the side when the head turns by twenty degrees. */
    private static double moved(String name) {
        Part part = BRINE.parts().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
        Deformer deformer = new Deformer(BRINE);
        return deformer.placed(part, values("headYaw", 20))[0] - deformer.placed(part, values())[0];
    }

    @Test
    void feelingsKeepToWholeDrawings() {
        BRINE.poses().forEach((name, pose) -> {
            for (String drawing : List.of("mouth", "lids", "lids.L", "lids.R", "blush")) {
                double value = pose.of(drawing);
                assertEquals(Math.rint(value), value, name + ", " + drawing);
            }
        });
    }
}
