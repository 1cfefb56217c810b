package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.time.TimeMap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class LayersTest {
    private static PosesPlan plan(String name, PoseKey... keys) {
        return new PosesPlan(LayerSetting.of(name, Blend.ADD), List.of(keys));
    }

    private static List<String> names(Layers layers) {
        return layers.plans().stream().map(p -> p.setting().name()).toList();
    }

    @Test
    void everyLineBeginsWithTheSame() {
        Layers usual = Layers.usual();
        assertEquals(List.of("Mouth", "Instincts", "Own curves", "Poses"), names(usual));
        assertEquals(1, usual.seed());
        assertTrue(usual.keys().isEmpty());
        assertEquals(Optional.of(usual.plans().getFirst()), usual.first(SpeechPlan.class));
    }

    @Test
    void keysStandInTheOrderOfTime() {
        PoseKey late = new PoseKey(2, "Glad", 1, 0.2);
        PoseKey early = new PoseKey(1, "Sad", 1, 0.2);
        assertEquals(
                List.of(early, late),
                Layers.usual().withKeys(List.of(late, early)).keys());
    }

    @Test
    void aLayerThatWasTakenOutComesBackWhenItIsNeeded() {
        Layers bare = new Layers(List.of());
        assertEquals(1, bare.seed());
        assertEquals(List.of("Instincts"), names(bare.withSeed(4)));
        assertEquals(4, bare.withSeed(4).seed());
        assertEquals(bare, bare.withKeys(List.of()), "nothing is needed for nothing");
        PoseKey key = new PoseKey(1, "Glad", 1, 0.2);
        Layers taken = new Layers(List.of(new SpeechPlan(LayerSetting.of("Poses", Blend.OVERRIDE))));
        Layers keyed = taken.withKeys(List.of(key));
        assertEquals(List.of("Poses", "Poses 2"), names(keyed), "under a name that is free");
        assertEquals(List.of(key), keyed.keys());
    }

    @Test
    void namesDifferAndNumbersAreBounded() {
        assertThrows(IllegalArgumentException.class, () -> new Layers(List.of(plan("A"), plan("A"))));
        List<LayerPlan> many = new ArrayList<>();
        for (int i = 0; i <= 500; i++) {
            many.add(plan("Layer " + i));
        }
        assertThrows(IllegalArgumentException.class, () -> new Layers(many));
        assertEquals(500, new Layers(many.subList(0, 500)).plans().size());
    }

    @Test
    void anotherClockMovesPlainTimes() {
        Layers keyed = Layers.usual().withKeys(List.of(new PoseKey(1, "Glad", 1, 0.2), new PoseKey(3, "Sad", 1, 0.2)));
        List<PoseKey> moved = keyed.retimed(TimeMap.pausing(2, 0.5)).keys();
        assertEquals(1, moved.get(0).at().time());
        assertEquals(3.5, moved.get(1).at().time());
    }

    @Test
    void whatIsNoKeyOrSettingIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(-1, "Glad", 1, 0.2));
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(1, "", 1, 0.2));
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(1, "Glad", 1.6, 0.2));
        assertThrows(IllegalArgumentException.class, () -> new PoseKey(1, "Glad", 1, 6));
        assertThrows(IllegalArgumentException.class, () -> LayerSetting.of(" ", Blend.ADD));
        assertThrows(
                IllegalArgumentException.class,
                () -> LayerSetting.of("x", Blend.ADD).withWeight(LayerSetting.always(2.1)));
    }
}
