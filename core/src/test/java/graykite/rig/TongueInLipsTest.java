package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tongue and lips are measured on the mesh: the tongue comes out between the lips in every shape, and through shut ones never unseen. */
class TongueInLipsTest {
    @Test
    void itComesOutBetweenTheLips() {
        for (String name : List.of("odile", "pim")) {
            Character who = Cast.byName(name);
            TongueInLips tongue = TongueInLips.of(who).orElseThrow();
            who.poses()
                    .forEach((pose, values) -> assertEquals(0, tongue.at(who.values(values)), 0.1, name + ", " + pose));
            double through = tongue.at(who.values(Pose.of("tongueOut", 1, "lipsTogether", 1)));
            assertTrue(through > 3 && through < 6, name + "'s tongue goes through shut lips by " + through + " mm");
            double half = tongue.at(who.values(Pose.of("tongueOut", 1, "jawDrop", 0.1)));
            assertTrue(half < through, "an open mouth makes room");
        }
    }

    @Test
    void whoHasNoTongueCannotBeMeasured() {
        assertTrue(TongueInLips.of(Cast.byName("brine")).isEmpty());
    }
}
