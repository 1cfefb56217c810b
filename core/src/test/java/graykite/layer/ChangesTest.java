package graykite.layer;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.layer.LayerSetting.Blend;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.rig.Channel;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class ChangesTest {
    private static final Function<Integer, TimeRange> SECOND = i -> new TimeRange(i, i + 1);

    @Test
    void onlyWhatIsInOneListAloneDiffers() {
        Changes moved = Changes.between(List.of(1, 2, 3, 9), List.of(1, 4, 3, 9), SECOND);
        assertTrue(moved.touch(2.5, 2.6) && moved.touch(4.5, 4.5));
        assertFalse(moved.touch(1.2, 1.9) || moved.touch(9, 10) || moved.touch(3.1, 3.9));
        assertTrue(Changes.between(List.of(1, 2), List.of(1, 2), SECOND).none());
        Changes grown = Changes.between(List.of(1, 2), List.of(1, 2, 5), SECOND);
        assertEquals(List.of(new TimeRange(5, 6)), grown.ranges());
        assertEquals(
                2, Changes.between(List.of(), List.of(1, 2), SECOND).ranges().size());
        assertEquals(
                1, Changes.between(List.of(1, 1), List.of(1), SECOND).ranges().size(), "twins count");
    }

    @Test
    void changesAddUp() {
        Changes one = Changes.in(new TimeRange(1, 2));
        Changes two = Changes.in(new TimeRange(4, 5));
        assertEquals(2, one.and(two).ranges().size());
        assertEquals(one, one.and(Changes.NONE));
        assertTrue(one.and(Changes.EVERYWHERE).everywhere());
        assertTrue(Changes.EVERYWHERE.touch(77, 78));
        assertFalse(Changes.NONE.touch(0, 99));
        assertFalse(Changes.EVERYWHERE.none());
        assertEquals(new TimeRange(3, 4), one.later(2).ranges().getFirst());
    }

    @Test
    void aMaskNamesRegionsAndChannels() {
        Channel jaw = new Channel("jawDrop", Channel.Group.JAW, 0, 1, "");
        Channel brow = new Channel("browLowerer.L", Channel.Group.BROWS, 0, 1, "");
        assertTrue(Mask.EVERYTHING.allows(jaw) && Mask.EVERYTHING.allows(brow));
        Mask brows = new Mask(Set.of(Channel.Group.BROWS), Set.of());
        assertTrue(brows.allows(brow));
        assertFalse(brows.allows(jaw));
        Mask both = new Mask(Set.of(Channel.Group.BROWS), Set.of("jawDrop"));
        assertTrue(both.allows(jaw) && both.allows(brow));
    }

    @Test
    void weightRunsOverTimeUnlessMuted() {
        Curve rising = new Curve(List.of(new Key(1, 0, Key.Way.LINEAR, 0, 0), new Key(3, 1, Key.Way.LINEAR, 0, 0)));
        LayerSetting setting = LayerSetting.of("x", Blend.ADD).withWeight(rising);
        assertEquals(0, setting.weightAt(0));
        assertEquals(0.5, setting.weightAt(2), 1e-9);
        assertEquals(1, setting.weightAt(9));
        assertEquals(0, setting.withMuted(true).weightAt(9));
    }
}
