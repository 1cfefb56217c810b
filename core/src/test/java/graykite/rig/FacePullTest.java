package graykite.rig;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.SurfacePick;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

class FacePullTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final double[] REST = new double[ODILE.channels().size()];
    private static final Predicate<Channel> MOUTH =
            c -> c.group() == Channel.Group.JAW || c.group() == Channel.Group.LIPS;

    private static FacePoint lowerLip(int pair) {
        LipLine lips = ODILE.lips().orElseThrow();
        return new FacePoint(lips.part(), lips.lower()[pair]);
    }

    @Test
    void findsWhatIsPointedAt() {
        LipLine lips = ODILE.lips().orElseThrow();
        Part skin = ODILE.parts().get(lips.part());
        int chin = 0;
        float[] p = skin.positions();
        for (int v = 0; v < skin.vertexCount(); v++) {
            boolean middle = Math.abs(p[3 * v]) < 2 && p[3 * v + 2] > 60 && p[3 * v + 1] < -90;
            chin = middle && p[3 * v + 2] > p[3 * chin + 2] ? v : chin;
        }
        Vec point = new Vec(p[3 * chin], p[3 * chin + 1], p[3 * chin + 2]);
        for (Camera camera : List.of(Camera.FRONT, Camera.MOUTH, Camera.THREE_QUARTER)) {
            double[] at = SurfacePick.seen(point, camera, 400, 400);
            FacePoint found =
                    FacePoint.at(ODILE, REST, camera, 400, 400, at[0], at[1]).orElseThrow();
            Vec seen = new FacePull(ODILE, found, MOUTH).at(REST);
            assertTrue(seen.minus(point).length() < 4, camera + ": " + seen + " for " + point);
        }
        assertTrue(FacePoint.at(ODILE, REST, Camera.FRONT, 400, 400, 2, 2).isEmpty(), "the corner shows no face");
    }

    @Test
    void takesThePointAlongAndLittleElse() {
        int middle = ODILE.lips().orElseThrow().lower().length / 2;
        FacePull pull = new FacePull(ODILE, lowerLip(middle), MOUTH);
        Vec start = pull.at(REST);
        for (double down : new double[] {2, 6, 12}) {
            double[] values = pull.pulled(REST, new Vec(0, -down, 0), true);
            assertEquals(start.y() - down, pull.at(values).y(), 0.6, "lip " + down + " mm lower");
            for (int c = 0; c < values.length; c++) {
                Channel channel = ODILE.channels().get(c);
                assertTrue(values[c] >= channel.min() && values[c] <= channel.max(), channel.name());
                assertTrue(MOUTH.test(channel) || values[c] == 0, channel.name() + " is none of the mouth's");
                Integer other = ODILE.channelIndex().get(Sides.other(channel.name()));
                if (other != null && MOUTH.test(channel)) {
                    assertEquals(values[c], values[other], 0.12, channel.name() + " is even");
                }
            }
        }
    }

    @Test
    void stopsWhereTheFaceEnds() {
        int middle = ODILE.lips().orElseThrow().lower().length / 2;
        FacePull pull = new FacePull(ODILE, lowerLip(middle), MOUTH);
        double[] values = pull.pulled(REST, new Vec(0, -500, 0), true);
        assertTrue(pull.at(values).y() < pull.at(REST).y() - 15, "as far as it goes");
        double[] none = new FacePull(ODILE, lowerLip(middle), c -> false).pulled(REST, new Vec(0, -5, 0), false);
        assertEquals(0, Arrays.stream(none).map(Math::abs).sum());
    }

    @Test
    void namesWhatHoldsAPoint() {
        double[] values = REST.clone();
        values[ODILE.channelIndex().get("jawDrop")] = 0.7;
        values[ODILE.channelIndex().get("innerBrowRaiser.L")] = 1;
        int middle = ODILE.lips().orElseThrow().lower().length / 2;
        List<FacePull.Holder> holders = new FacePull(ODILE, lowerLip(middle), c -> true).holders(values);
        assertEquals(
                "jawDrop", ODILE.channels().get(holders.getFirst().channel()).name());
        assertTrue(holders.getFirst().millimetres() > 8);
        assertFalse(holders.stream()
                .anyMatch(h -> ODILE.channels().get(h.channel()).name().startsWith("innerBrow")));
    }
}
