package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.motion.Track;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PassesLayerTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Character BRINE = Cast.byName("brine");
    private static final WordFinder NO_WORDS = new WordFinder(Timing.empty(20));

    /** One second in which a control goes from one value to another. */
    private static Performed going(String control, float from, float to) {
        return Performed.whole(control, new Track(10, List.of(control), new float[] {
            from,
            from + (to - from) * 0.1f,
            from + (to - from) * 0.2f,
            from + (to - from) * 0.3f,
            from + (to - from) * 0.4f,
            from + (to - from) * 0.5f,
            from + (to - from) * 0.6f,
            from + (to - from) * 0.7f,
            from + (to - from) * 0.8f,
            from + (to - from) * 0.9f,
            to
        }));
    }

    private static Pass pass(double from, double to, Performed what) {
        return new Pass(Place.at(from), Place.at(to), what, false, 0, 1, Map.of());
    }

    private static PassesLayer layer(Character who, Pass... passes) {
        return new PassesLayer(LayerSetting.of("Live", Blend.OVERRIDE), who, List.of(passes), NO_WORDS);
    }

    private static double yaw(PassesLayer layer, double time, double below) {
        return Asked.of(ODILE, layer, "headYaw", time, below);
    }

    @Test
    void itPlaysWhatWasPerformedAndNothingElse() {
        PassesLayer layer = layer(ODILE, pass(2, 3, going("headYaw", 0, 20)));
        assertEquals(10, yaw(layer, 2.5, -7), 1e-5);
        assertTrue(Double.isNaN(yaw(layer, 1.9, 0)) && Double.isNaN(yaw(layer, 3.1, 0)));
        assertTrue(Double.isNaN(Asked.of(ODILE, layer, "headPitch", 2.5, 0)), "other controls stay free");
    }

    @Test
    void stretchedItGoesSlowerAndTrimmedItShowsLess() {
        assertEquals(5, yaw(layer(ODILE, pass(2, 4, going("headYaw", 0, 20))), 2.5, 0), 1e-5);
        Performed middle = new Performed("m", going("headYaw", 0, 20).motion(), 0.5, 1);
        assertEquals(15, yaw(layer(ODILE, pass(2, 3, middle)), 2.5, 0), 1e-5);
    }

    /** Part by part: the head first, the brows over the same stretch, the head again over a piece of it. */
    @Test
    void passesLieOverOneAnother() {
        PassesLayer layer = layer(
                ODILE,
                pass(0, 4, going("headYaw", 0, 20)),
                pass(0, 4, going("innerBrowRaiser.L", 1, 1)),
                pass(1, 2, going("headYaw", -9, -9)));
        assertEquals(2.5, yaw(layer, 0.5, 0), 1e-5);
        assertEquals(1, Asked.of(ODILE, layer, "innerBrowRaiser.L", 0.5, 0), 1e-6);
        assertEquals(-9, yaw(layer, 1.5, 0), 1e-5);
        assertEquals(12.5, yaw(layer, 2.5, 0), 1e-5);
    }

    @Test
    void itComesAndGoesAndIsWeighed() {
        Pass held = pass(2, 4, going("headYaw", 10, 10));
        PassesLayer eased = layer(ODILE, held.withEase(0.5));
        assertEquals(4 + 0.5 * 6, yaw(eased, 2.25, 4), 1e-5, "half way in, half of what is below");
        assertEquals(10, yaw(eased, 3, 4), 1e-5);
        assertEquals(7, yaw(layer(ODILE, held.weighing(Map.of("headYaw", 0.5))), 3, 4), 1e-5);
        assertEquals(14, yaw(layer(ODILE, held.adding(true)), 3, 4), 1e-5, "added to what is there");
        PassesLayer adds = new PassesLayer(LayerSetting.of("Live", Blend.ADD), ODILE, List.of(held), NO_WORDS);
        assertEquals(6, yaw(adds, 3, 4), 1e-5, "a layer that adds is asked for the difference");
    }

    @Test
    void theMouthIsLeftToSpeechByItsShare() {
        Pass jaw = pass(0, 1, going("jawDrop", 1, 1));
        assertEquals(1, Asked.of(ODILE, layer(ODILE, jaw), "jawDrop", 0.5, 0.2), 1e-6);
        assertEquals(0.6, Asked.of(ODILE, layer(ODILE, jaw.withMouth(0.5)), "jawDrop", 0.5, 0.2), 1e-6);
        assertTrue(Double.isNaN(Asked.of(ODILE, layer(ODILE, jaw.withMouth(0)), "jawDrop", 0.5, 0.2)));
    }

    @Test
    void whatACharacterLacksIsLeftOutAndTold() {
        Track both = new Track(10, List.of("headYaw", "cheekPuff.L", "somethingElse"), new float[] {1, 1, 1, 1, 1, 1});
        MotionOn onBrine = new MotionOn(BRINE, both);
        assertEquals(List.of("cheekPuff.L", "somethingElse"), onBrine.missing());
        assertEquals(List.of("somethingElse"), new MotionOn(ODILE, both).missing());
        PassesLayer layer = layer(BRINE, pass(0, 1, Performed.whole("x", both)));
        assertEquals(1, Asked.of(BRINE, layer, "headYaw", 0.1, 0), 1e-6);
    }

    @Test
    void onlyWhatDiffersHasChanged() {
        Pass one = pass(0, 1, going("headYaw", 0, 20));
        PassesLayer before = layer(ODILE, one, pass(5, 6, going("headYaw", 0, 9)));
        PassesLayer after = layer(ODILE, one, pass(5, 7, going("headYaw", 0, 9)));
        assertFalse(after.since(before).touch(0, 1.5));
        assertTrue(after.since(before).touch(6.5, 6.6));
        assertTrue(after.since(layer(ODILE, one, pass(5, 7, going("headYaw", 0, 9))))
                .none());
    }

    @Test
    void aClipMayBeAPerformance() {
        Clip.Look look =
                Clip.Look.of("x").withContent(going("outerBrowRaiser.L", 0, 1)).withEases(0, 0);
        ClipsLayer layer = new ClipsLayer(
                LayerSetting.of("Feel", Blend.ADD),
                ODILE,
                List.of(new Clip(Place.at(2), Place.at(4), look.withAmounts(0.5, 1))),
                NO_WORDS);
        double[] asked = new double[ODILE.channels().size()];
        Arrays.fill(asked, Double.NaN);
        layer.ask(3, new double[asked.length], asked);
        assertEquals(0.25, asked[ODILE.channelIndex().get("outerBrowRaiser.L")], 1e-6);
        assertEquals(0.5, look.content().on(ODILE).of("outerBrowRaiser.L"), 1e-6, "its picture shows the middle of it");
    }
}
