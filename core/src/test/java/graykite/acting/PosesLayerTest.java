package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.layer.Layer;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.mouth.Lines;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import java.util.List;
import org.junit.jupiter.api.Test;

class PosesLayerTest {
    private static final WordFinder NO_WORDS = new WordFinder(Timing.empty(10));
    private static final Character BRINE = Cast.byName("brine");

    private static Layer layer(Character who, Blend blend, PoseKey... keys) {
        return new PosesLayer(LayerSetting.of("Poses", blend), who, List.of(keys), NO_WORDS);
    }

    private static double smile(Layer layer, double time) {
        return Asked.of(Figures.ODILE, layer, "lipCornerPuller.L", time, 0);
    }

    /** The change ends at the key and not before it; then the face keeps it. */
    @Test
    void aPoseIsReachedAtItsKeyAndHeld() {
        double full = Figures.ODILE
                .values(Figures.ODILE.poses().get("Glad"))[
                Figures.ODILE.channelIndex().get("lipCornerPuller.L")];
        Layer glad = layer(Figures.ODILE, Blend.ADD, new PoseKey(2, "Glad", 1, 0.5));
        assertTrue(Double.isNaN(smile(glad, 1.49)), "nothing is asked before it begins");
        assertEquals(full / 2, smile(glad, 1.75), 1e-9, "half of it half way");
        assertEquals(full, smile(glad, 2), 1e-9);
        assertEquals(full, smile(glad, 9), 1e-9);
        double before = 0;
        for (double t = 1.5; t <= 2; t += 0.01) {
            double now = smile(glad, t);
            if (!Double.isNaN(now)) {
                assertTrue(now >= before - 1e-9, "it never turns back on the way");
                before = now;
            }
        }
    }

    @Test
    void strengthIsAShareOfThePose() {
        Layer half = layer(Figures.ODILE, Blend.ADD, new PoseKey(2, "Glad", 0.5, 0.5));
        Layer whole = layer(Figures.ODILE, Blend.ADD, new PoseKey(2, "Glad", 1, 0.5));
        assertEquals(smile(whole, 3) / 2, smile(half, 3), 1e-9);
    }

    @Test
    void restEndsWhatWasBefore() {
        Layer both = layer(Figures.ODILE, Blend.ADD, new PoseKey(1, "Glad", 1, 0.2), new PoseKey(3, "Rest", 1, 0.4));
        assertTrue(smile(both, 2.5) > 0.5);
        double passing = smile(both, 2.8);
        assertTrue(passing > 0 && passing < smile(both, 2.5));
        assertTrue(Double.isNaN(smile(both, 3.1)), "and nothing is asked of what lies below");
    }

    /** A key that begins while another is still on its way starts from where the face is then. */
    @Test
    void keysThatOverlapDoNotJump() {
        Layer quick = layer(Figures.ODILE, Blend.ADD, new PoseKey(2, "Glad", 1, 1), new PoseKey(2.2, "Sad", 1, 0.8));
        double before = 0;
        for (double t = 1; t < 3; t += 0.002) {
            double now = smile(quick, t);
            now = Double.isNaN(now) ? 0 : now;
            assertTrue(Math.abs(now - before) < 0.02, "a jump at " + t + ": " + before + " to " + now);
            before = now;
        }
    }

    @Test
    void aPoseThatTheCharacterLacksDoesNothing() {
        Layer none = layer(Figures.ODILE, Blend.ADD, new PoseKey(1, "No such pose", 1, 0.2));
        assertTrue(Double.isNaN(smile(none, 2)));
    }

    /** Drawings do not blend: one replaces another, and only where speech shows none. */
    @Test
    void drawingsAreReplacedWhereTheMouthRests() {
        Layer laughing = layer(BRINE, Blend.ADD, new PoseKey(1, "Laughing", 1, 0.2));
        double rest =
                BRINE.values(BRINE.poses().get("Rest"))[BRINE.channelIndex().get("mouth")];
        assertEquals(6 - rest, Asked.of(BRINE, laughing, "mouth", 2, rest), 1e-9);
        assertTrue(Double.isNaN(Asked.of(BRINE, laughing, "mouth", 2, rest + 3)), "speech goes first");
        Layer over = layer(BRINE, Blend.OVERRIDE, new PoseKey(1, "Laughing", 1, 0.2));
        assertEquals(6, Asked.of(BRINE, over, "mouth", 2, rest), 1e-9);
        double halfway = Asked.of(BRINE, over, "mouth", 0.9, rest);
        assertEquals(Math.rint(halfway), halfway, "always a whole drawing");
    }

    @Test
    void keysHangOnTheirWords() {
        Timing reading = Lines.spoken("the fog bell rang", 0.08);
        double bell = reading.words().get(2).start();
        PoseKey key = new PoseKey(graykite.reading.Place.at(bell, new WordFinder(reading)), "Glad", 1, 0.1);
        Timing later = reading.withEnd(3, reading.words().get(3).end() + 0.2);
        Timing slow = Lines.spoken("the fog bell rang", 0.16);
        for (Timing each : List.of(reading, later, slow)) {
            Layer layer = new PosesLayer(
                    LayerSetting.of("Poses", Blend.ADD), Figures.ODILE, List.of(key), new WordFinder(each));
            double reached = each.words().get(2).start();
            assertTrue(Double.isNaN(smile(layer, reached - 0.11)));
            assertEquals(0.95, smile(layer, reached), 1e-9);
        }
    }

    @Test
    void whyNamesThePose() {
        Layer glad = layer(Figures.ODILE, Blend.ADD, new PoseKey(2, "Glad", 1, 0.5));
        int at = Figures.ODILE.channelIndex().get("lipCornerPuller.L");
        assertTrue(glad.why(at, 2.5, 0.9).getFirst().words().contains("Glad"));
        assertEquals(0.9, glad.why(at, 2.5, 0.9).getFirst().adds());
    }
}
