package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Lids are measured where they are, on the mesh. */
class LidGapTest {
    private static double at(Character who, String side, Object... values) {
        return LidGap.of(who, side).orElseThrow().at(who.values(pose(values)));
    }

    private static Pose pose(Object... values) {
        Pose pose = Pose.REST;
        for (int i = 0; i < values.length; i += 2) {
            pose = pose.plus(Pose.of((String) values[i], ((Number) values[i + 1]).doubleValue()), 1);
        }
        return pose;
    }

    @Test
    void ourPeopleOpenAndReallyClose() {
        for (String name : List.of("odile", "pim")) {
            Character who = Cast.byName(name);
            for (String side : List.of(".L", ".R")) {
                double open = LidGap.of(who, side).orElseThrow().open();
                assertTrue(open > 6 && open < 16, name + side + " is open by " + open);
                assertTrue(at(who, side, "lidClose" + side, 1) < LidGap.SHUT, name + side + " shuts");
                assertEquals(open / 2, at(who, side, "lidClose" + side, 0.5), 0.25 * open);
                assertTrue(at(who, side, "upperLidRaiser" + side, 1) > open + 1, "and opens wide");
            }
        }
    }

    @Test
    void whoHasNoLandmarksCannotBeMeasured() {
        assertTrue(LidGap.of(Cast.byName("brine"), ".L").isEmpty());
        assertTrue(LidGap.of(Figures.ODILE.withLandmarks(Map.of()), ".L").isEmpty());
    }
}
