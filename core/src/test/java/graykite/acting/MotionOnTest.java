package graykite.acting;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.figures.ForeignHead;
import graykite.format.character.Cast;
import graykite.motion.Track;
import graykite.rig.Character;
import graykite.rig.Figures;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A motion on faces that have other channels: through standard actions, and back. */
class MotionOnTest {
    private static final Track SMILE =
            new Track(10, List.of("lipCornerPuller.L", "headYaw", "antenna"), new float[] {0, 0, 1, 1, 20, 1});

    @Test
    void aStrangersChannelsArePlayedByTheirActions(@TempDir Path folder) throws IOException {
        Character stranger = ForeignHead.read(folder);
        MotionOn motion = new MotionOn(stranger, SMILE);
        assertEquals(List.of("antenna"), motion.missing());
        double[] end = motion.at(0.1);
        assertEquals(1, end[stranger.channelIndex().get("mouthSmile_L")], 1e-6);
        assertEquals(0, motion.at(0)[stranger.channelIndex().get("mouthSmile_L")], 1e-6);
    }

    /** What a stranger does is told in standard actions, so that ours can play it. */
    @Test
    void whatAStrangerDoesIsToldInActions(@TempDir Path folder) throws IOException {
        Character stranger = ForeignHead.read(folder);
        Map<String, MotionOn.Naming> names = MotionOn.namings(stranger);
        assertEquals("lipCornerPuller.L", names.get("mouthSmile_L").control());
        assertEquals("jawDrop", names.get("Jaw_Open").control());
        assertEquals("weird thing 7", names.get("weird thing 7").control(), "what is no action keeps its name");
        for (MotionOn.Naming naming : names.values()) {
            assertTrue(Double.isFinite(naming.factor()) && naming.factor() != 0);
        }
        Map<String, MotionOn.Naming> own = MotionOn.namings(Figures.ODILE);
        own.forEach((channel, naming) -> assertEquals(channel, naming.control(), "our own names are the actions"));
    }

    @Test
    void weightsReachTheChannels() {
        Character brine = Cast.byName("brine");
        Track head = new Track(1, List.of("headYaw", "headRoll"), new float[] {5, 3, 5, 3});
        MotionOn motion = new MotionOn(brine, head);
        double[] weights = motion.weights(c -> c.equals("headYaw") ? 0.25 : 1);
        assertEquals(0.25, weights[brine.channelIndex().get("headYaw")]);
        assertEquals(1, weights[brine.channelIndex().get("headRoll")]);
        boolean[] moved = motion.moved();
        for (int c = 0; c < moved.length; c++) {
            assertEquals(moved[c], weights[c] > 0);
        }
        assertArrayEquals(motion.at(0), motion.at(0.7), 1e-9, "a still motion stays");
    }
}
