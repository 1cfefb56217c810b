package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.layer.LayerSetting;
import graykite.layer.LayerSetting.Blend;
import graykite.layer.Reason;
import graykite.mouth.Lines;
import graykite.reading.Place;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.rig.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClipsLayerTest {
    private static final Character ODILE = Figures.ODILE;
    private static final Character BRINE = Cast.byName("brine");
    private static final WordFinder NO_WORDS = new WordFinder(Timing.empty(20));
    private static final String SMILE = "lipCornerPuller.L";
    private static final String BROW = "outerBrowRaiser.L";

    private static Clip clip(double from, double to, String pose) {
        return new Clip(Place.at(from), Place.at(to), Clip.Look.of(pose).withMouth(1));
    }

    private static ClipsLayer layer(Character who, Blend blend, Clip... clips) {
        return new ClipsLayer(LayerSetting.of("Feel", blend), who, List.of(clips), NO_WORDS);
    }

    private static ClipsLayer layer(Clip... clips) {
        return layer(ODILE, Blend.ADD, clips);
    }

    private static double asked(ClipsLayer layer, String channel, double time) {
        double value = Asked.of(ODILE, layer, channel, time, 0);
        return Double.isNaN(value) ? 0 : value;
    }

    private static double full(String pose, String channel) {
        return ODILE.values(ODILE.poses().get(pose))[ODILE.channelIndex().get(channel)];
    }

    @Test
    void aClipComesStaysAndGoes() {
        ClipsLayer glad = layer(clip(1, 3, "Glad"));
        assertEquals(0, asked(glad, SMILE, 0.99));
        assertEquals(full("Glad", SMILE) / 2, asked(glad, SMILE, 1.125), 1e-9);
        assertEquals(full("Glad", SMILE), asked(glad, SMILE, 2), 1e-9);
        assertEquals(full("Glad", SMILE) / 2, asked(glad, SMILE, 2.875), 1e-9);
        assertEquals(0, asked(glad, SMILE, 3.01));
        assertTrue(Double.isNaN(Asked.of(ODILE, glad, "tongueUp", 2, 0)), "what it does not name is left alone");
    }

    /** Where two overlap the face goes from one to the other, and is never more than either. */
    @Test
    void overlappingClipsCross() {
        ClipsLayer both = layer(clip(1, 3, "Glad"), clip(2.5, 5, "Glad"));
        for (double t = 1.3; t < 4.7; t += 0.01) {
            assertEquals(full("Glad", SMILE), asked(both, SMILE, t), 1e-9, "at " + t);
        }
        ClipsLayer turn = layer(clip(1, 3, "Glad"), clip(2, 5, "Sad"));
        assertEquals(full("Glad", SMILE), asked(turn, SMILE, 1.9), 1e-9);
        assertEquals(full("Glad", SMILE) / 2, asked(turn, SMILE, 2.5), 1e-9, "half way over the overlap");
        assertEquals(0, asked(turn, SMILE, 3.05), 1e-9);
        assertEquals(full("Sad", "innerBrowRaiser.L"), asked(turn, "innerBrowRaiser.L", 3.1), 1e-9);
    }

    /** A clip inside another takes over and gives back; nothing jumps. */
    @Test
    void nothingJumpsUnlessItIsAskedTo() {
        ClipsLayer inside = layer(clip(1, 6, "Glad"), clip(2, 3, "Angry"), clip(5.5, 7, "Sad"));
        for (String channel : List.of(SMILE, "browLowerer.L", "innerBrowRaiser.L")) {
            double before = 0;
            for (double t = 0.5; t < 7.5; t += 0.002) {
                double now = asked(inside, channel, t);
                assertTrue(Math.abs(now - before) < 0.03, channel + " jumps at " + t);
                before = now;
            }
        }
        assertTrue(inside.jumps(1 / 24.0).isEmpty());
        Clip hard = clip(1, 3, "Glad");
        ClipsLayer cut = layer(hard.withLook(hard.look().withEases(0, 0.01)));
        assertEquals(
                List.of(1.0, 3.0),
                cut.jumps(1 / 24.0).stream().map(t -> Math.rint(100 * t) / 100).toList());
    }

    @Test
    void sidesDifferAndTheMouthIsShared() {
        Clip.Look look = Clip.Look.of("Glad");
        ClipsLayer uneven = layer(
                new Clip(Place.at(1), Place.at(3), look.withAmounts(1, 0.25).withMouth(0.5)));
        assertEquals(0.5 * full("Glad", SMILE), asked(uneven, SMILE, 2), 1e-9);
        assertEquals(0.125 * full("Glad", "lipCornerPuller.R"), asked(uneven, "lipCornerPuller.R", 2), 1e-9);
        assertEquals(full("Glad", "cheekRaiser.L"), asked(uneven, "cheekRaiser.L", 2), 1e-9, "cheeks are no mouth");
        ClipsLayer silent = layer(
                new Clip(Place.at(1), Place.at(3), Clip.Look.of("Laughing").withMouth(0)));
        for (Channel channel : ODILE.channels()) {
            boolean mouth = channel.group() == Channel.Group.JAW || channel.group() == Channel.Group.LIPS;
            assertTrue(!mouth || asked(silent, channel.name(), 2) == 0, channel.name() + " is left to speech");
        }
    }

    /** An overriding layer replaces what lies below as far as its clips are seen. */
    @Test
    void overridingClipsReplaceWhatLiesBelow() {
        ClipsLayer over = layer(ODILE, Blend.OVERRIDE, clip(1, 3, "Startled"));
        double brow = full("Startled", BROW);
        assertEquals(brow, Asked.of(ODILE, over, BROW, 2, 0.3), 1e-9);
        assertEquals((brow + 0.3) / 2, Asked.of(ODILE, over, BROW, 1.125, 0.3), 1e-9);
        assertTrue(Double.isNaN(Asked.of(ODILE, over, BROW, 4, 0.3)));
    }

    @Test
    void linkedClipsFollowTheLibraryAndOwnOnesDoNot() {
        Pose louder = Pose.of(SMILE, 0.2);
        java.util.Map<String, Pose> poses = new java.util.TreeMap<>(ODILE.poses());
        poses.put("Glad", louder);
        Character changed = ODILE.withPoses(poses);
        ClipsLayer linked = layer(changed, Blend.ADD, clip(1, 3, "Glad"));
        assertEquals(0.2, Asked.of(changed, linked, SMILE, 2, 0), 1e-9);
        Clip own = clip(1, 3, "Glad");
        Clip kept = own.withLook(
                own.look().withContent(new Clip.Own("Glad", ODILE.poses().get("Glad"))));
        assertEquals(full("Glad", SMILE), Asked.of(changed, layer(changed, Blend.ADD, kept), SMILE, 2, 0), 1e-9);
        assertEquals(0, asked(layer(clip(1, 3, "Nobody has this")), SMILE, 2), "one that is missing does nothing");
    }

    /** Drawings change at half of the way, and speech goes first. */
    @Test
    void drawingsAreChosenNotBlended() {
        ClipsLayer laughing = layer(BRINE, Blend.ADD, clip(1, 3, "Laughing"));
        double rest =
                BRINE.values(BRINE.poses().get("Rest"))[BRINE.channelIndex().get("mouth")];
        assertTrue(Double.isNaN(Asked.of(BRINE, laughing, "mouth", 1.05, rest)));
        assertEquals(6 - rest, Asked.of(BRINE, laughing, "mouth", 2, rest), 1e-9);
        assertTrue(Double.isNaN(Asked.of(BRINE, laughing, "mouth", 2, rest + 2)), "while it speaks");
    }

    @Test
    void clipsKeepToTheirWords() {
        Timing reading = Lines.spoken("the fog bell rang before we moved", 0.08);
        WordFinder words = new WordFinder(reading);
        Clip clip = new Clip(
                Place.at(reading.words().get(1).start(), words),
                Place.at(reading.words().get(4).end(), words),
                Clip.Look.of("Glad"));
        Timing slow = Lines.spoken("the fog bell rang before we moved", 0.15);
        ClipsLayer.Ready ready = new ClipsLayer(
                        LayerSetting.of("Feel", Blend.ADD), ODILE, List.of(clip), new WordFinder(slow))
                .clips()
                .getFirst();
        assertEquals(slow.words().get(1).start(), ready.start(), 1e-9);
        assertEquals(slow.words().get(4).end(), ready.end(), 1e-9);
    }

    @Test
    void whyNamesEveryClip() {
        ClipsLayer both = layer(clip(1, 3, "Glad"), clip(2, 4, "Content"));
        int at = ODILE.channelIndex().get(SMILE);
        List<Reason> reasons = both.why(at, 2.5, 0.6);
        assertEquals(2, reasons.size());
        assertTrue(reasons.get(0).words().contains("Glad")
                && reasons.get(1).words().contains("Content"));
        assertEquals(0.6, reasons.stream().mapToDouble(Reason::adds).sum(), 1e-9);
    }

    @Test
    void figuresHaveTheirLimits() {
        Clip.Look look = Clip.Look.of("Glad");
        assertThrows(IllegalArgumentException.class, () -> look.withEases(-0.1, 0));
        assertThrows(IllegalArgumentException.class, () -> look.withEases(0, Double.NaN));
        assertThrows(IllegalArgumentException.class, () -> look.withAmounts(1.6, 1));
        assertThrows(IllegalArgumentException.class, () -> look.withMouth(1.1));
        assertThrows(IllegalArgumentException.class, () -> Clip.Look.of(" "));
    }
}
