package graykite.people.face;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.geometry.Vec;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The loop round an eye, on a head that is a plain ball. */
class EyeRimTest {
    private static final double HEAD = 80;
    private static final double RADIUS = 16;
    private static final Vec EYE = new Vec(30, 2, 64);
    private static final double LIDS = RADIUS + EyeRim.OVER;
    /** A quarter of the way round: straight above the eye. */
    private static final int ABOVE = EyeRim.POINTS / 4;

    static final FacePlan PLAN = new FacePlan(
            Field.sphere(0, 0, 0, HEAD),
            Vec.ZERO,
            new Vec(0, -45, 66),
            26,
            9,
            10,
            4,
            5,
            1,
            EYE,
            RADIUS,
            new Vec(30, 26, 64),
            new Vec(60, -20, 0),
            new Vec(38, -24, 60),
            new Vec(0, -10, 80));

    private static EyeRim rim(boolean left) {
        return new EyeRim(PLAN, -17, left);
    }

    private static double fromEye(Vec p, boolean left) {
        return p.minus(EYE.mirroredTo(left ? 1 : -1)).length();
    }

    /** Above, the skin meets the lids by itself: on both balls, the head's and that of the lids. */
    @Test
    void aboveTheLoopRunsWhereTheSkinMeetsTheLids() {
        EyeRim rim = rim(true);
        for (int i = ABOVE; i < 1.8 * ABOVE; i++) {
            assertEquals(HEAD, rim.point(i).length(), 1e-3);
            assertEquals(LIDS, fromEye(rim.point(i), true), 0.25);
        }
    }

    /** Below, it lies on the ball of the lids, at least 21 degrees under the margin of a lid that rests at -17. */
    @Test
    void belowTheSkinIsBroughtToTheLids() {
        EyeRim rim = rim(true);
        Vec lowest = rim.point(3 * ABOVE);
        assertEquals(LIDS, lowest.minus(EYE).length(), 1e-6);
        double degrees = Math.toDegrees(Math.asin((lowest.y() - EYE.y()) / LIDS));
        assertTrue(degrees <= -37.5 && degrees > -60, () -> "lies at " + degrees);
        Vec outside = rim.outward(3 * ABOVE, lowest.plus(new Vec(0, -6, -3)), 0.3);
        assertTrue(
                outside.length() < HEAD - 0.1 || outside.length() > HEAD + 0.1, "and the skin beside it comes along");
        Vec far = new Vec(0, 0, HEAD);
        assertEquals(far, rim.eased(far), "what lies far off stays");
    }

    /** Steps from point to point are short, and none turns sharply: a smooth line at close range. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void theLoopIsASmoothLine(boolean left) {
        EyeRim rim = rim(left);
        for (int i = 0; i < EyeRim.POINTS; i++) {
            Vec before = rim.point((i + EyeRim.POINTS - 1) % EyeRim.POINTS);
            Vec here = rim.point(i);
            Vec after = rim.point((i + 1) % EyeRim.POINTS);
            assertTrue(after.minus(here).length() < 3);
            double turn = Math.toDegrees(Math.acos(
                    Math.clamp(after.minus(here).unit().dot(here.minus(before).unit()), -1, 1)));
            assertTrue(turn < 16, "turns by " + turn + " degrees at " + i);
        }
    }

    @Test
    void bothEyesAreAlike() {
        for (int i = 0; i < EyeRim.POINTS; i++) {
            Vec left = rim(true).point(i);
            Vec right = rim(false).point(Math.floorMod(EyeRim.POINTS / 2 - i, EyeRim.POINTS));
            assertTrue(new Vec(-right.x(), right.y(), right.z()).minus(left).length() < 1e-6);
        }
    }

    /** Behind the lids the skin goes down at once, and never back up: nothing of it shows in the eye. */
    @Test
    void withinTheLoopTheSkinGoesDown() {
        EyeRim rim = rim(true);
        for (int i = 0; i < EyeRim.POINTS; i++) {
            double last = LIDS + 0.3;
            for (double within : new double[] {0, 0.8, 2.5, 6}) {
                Vec p = within == 0 ? rim.point(i) : rim.inward(i, within);
                double away = fromEye(p, true);
                assertTrue(away < last, "rises at " + i);
                last = away;
                if (within > 0) {
                    assertTrue(rim.outside(p) < 0, "is within at " + i);
                }
            }
            assertTrue(last < RADIUS - 1.5);
        }
        assertTrue(fromEye(rim.end(), true) < 0.5 * RADIUS);
    }

    /** What is moved against the ball of the lids slides over it, half a movement too; what is far off moves as it should. */
    @Test
    void skinSlidesOverTheLids() {
        EyeRim rim = rim(true);
        for (int i = 0; i < EyeRim.POINTS; i++) {
            // Farther from the middle of the eye than the loop.
            Vec at = rim.point(i)
                    .plus(rim.point(i).minus(EYE.plus(new Vec(0, 0, 10))).times(0.15));
            for (Vec move : List.of(new Vec(-3, -9, 1), new Vec(0, 0, -6), new Vec(8, 2, -3))) {
                Vec slid = rim.slid(at, move);
                assertTrue(fromEye(at.plus(slid), true) > LIDS - 1e-9, "at " + i);
                assertTrue(
                        fromEye(at.plus(slid.times(0.5)), true) > LIDS - 0.35,
                        "half way at " + i + ": " + (fromEye(at.plus(slid.times(0.5)), true) - LIDS) + " by " + move);
            }
        }
        Vec far = new Vec(0, 0, HEAD);
        assertEquals(new Vec(0, -9, -4), rim.slid(far, new Vec(0, -9, -4)));
        Vec within = EYE.plus(new Vec(0, 0, 10));
        assertEquals(new Vec(0, -1, 0), rim.slid(within, new Vec(0, -1, 0)), "behind the lids nothing slides");
    }

    /** A hole in the grid has one edge whose corners follow one another, none near the eye and none of the lips. */
    @Test
    void aHoleHasOneEdge() {
        SkinGrid grid = new SkinGrid(PLAN);
        for (boolean left : List.of(true, false)) {
            EyeRim rim = rim(left);
            int[] edge = new SkinHole(grid, rim).edge();
            assertEquals(edge.length, java.util.Arrays.stream(edge).distinct().count());
            for (int i = 0; i < edge.length; i++) {
                SkinGrid.Node here = grid.nodes().get(edge[i]);
                SkinGrid.Node next = grid.nodes().get(edge[(i + 1) % edge.length]);
                int across = Math.floorMod(next.spoke() - here.spoke(), SkinGrid.SPOKES);
                int steps = Math.abs(next.ring() - here.ring()) + Math.min(across, SkinGrid.SPOKES - across);
                assertEquals(1, steps);
                assertTrue(rim.outside(here.point()) >= SkinHole.REACH);
                assertTrue(here.ring() > SkinGrid.BORDER + 3);
            }
        }
    }
}
