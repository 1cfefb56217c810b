package graykite.people.face;

import static graykite.rig.Figures.part;
import static graykite.rig.Figures.vertex;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.character.Cast;
import graykite.format.character.PlanFiles;
import graykite.geometry.Vec;
import graykite.people.plan.PersonPlan;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lids cover their eyes, ears grow out of the head, the nape reaches the skull. */
class HeadPartsTest {
    private static final double RADIUS = 16;
    private static final Vec EYE = new Vec(32, 3, 63);

    // --- as it is seen ---

    /** Brows that are drawn down push the skin over the lids, not into them: at rest nothing of the lids' ball was in sight there. */
    @ParameterizedTest
    @CsvSource({
        "odile, browLowerer.L",
        "odile, noseWrinkler.L",
        "odile, cheekRaiser.L",
        "pim, browLowerer.L",
        "pim, cheekRaiser.L"
    })
    void skinDoesNotSinkIntoTheLids(String name, String action) {
        Character who = Cast.byName(name);
        PersonPlan.Eyes eyes = PlanFiles.shipped(name).eyes();
        Part skin = part(who, "skin");
        for (double strength : new double[] {0.5, 1}) {
            float[] moved = new Deformer(who)
                    .deform(who.values(Pose.of(action, strength)))
                    .getFirst()
                    .positions();
            for (int i = 0; i < skin.vertexCount(); i++) {
                double rest = vertex(skin.positions(), i).minus(eyes.at()).length() - eyes.radius();
                double now = vertex(moved, i).minus(eyes.at()).length() - eyes.radius();
                // The lids' shells lie 1.5 to 2.2 mm over the ball.
                assertTrue(rest < 1.7 || now > 1.4, action + ": from " + rest + " to " + now + " mm over the ball");
            }
        }
    }

    /** Beside the eye, where the skin lies close over the ball of the lids, they go under it; only lashes stand out. */
    @ParameterizedTest
    @CsvSource({
        "odile, left upper lid",
        "odile, left lower lid",
        "pim, left upper lid",
        "pim, left lower lid",
        "sprat, left upper lid"
    })
    void lidsGoUnderTheSkinBesideTheEye(String name, String lid) {
        PersonPlan.Eyes eyes = PlanFiles.shipped(name).eyes();
        Part part = part(Cast.byName(name), lid);
        int beside = 0;
        for (int i = 0; i < part.vertexCount(); i++) {
            Vec d = vertex(part.positions(), i).minus(eyes.at());
            double sideways = Math.toDegrees(Math.asin(Math.abs(d.x()) / d.length()));
            double up = Math.toDegrees(Math.atan2(d.y(), d.z()));
            boolean lash = lid.contains("upper") && up < eyes.upper() + 3;
            if (sideways > 70 && !lash) {
                beside++;
                double over = d.length() - eyes.radius();
                assertTrue(over <= EyeRim.OVER, over + " mm over the ball, " + sideways + " degrees to the side");
            }
        }
        assertTrue(beside > 20, "vertices beside the eye: " + beside);
    }

    /** Shut lids hide the ball from every side: a picture without it is the same. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void shutLidsHideTheEye(String name) {
        Character who = Cast.byName(name);
        Pose shut = Pose.of("lidClose.L", 1).plus(Pose.of("lidClose.R", 1), 1);
        for (double yaw : new double[] {-100, -70, -35, 0, 35, 70, 100}) {
            hidden(who, shut, Set.of("left eye", "right eye"), new Camera(new Vec(0, 0, 40), yaw, 5, 1400, 160));
        }
    }

    /** However an animal holds its head, its fur lies over the neck that people have. */
    @ParameterizedTest
    @CsvSource({"0, 0", "25, 0", "-30, 0", "0, 35", "20, -35"})
    void furHidesTheNeck(double pitch, double turned) {
        Character sprat = Cast.byName("sprat");
        Pose held = Pose.of("headPitch", pitch).plus(Pose.of("headYaw", turned), 1);
        for (double yaw = 0; yaw < 360; yaw += 45) {
            hidden(sprat, held, Set.of("neck"), new Camera(new Vec(0, -40, 0), yaw, 5, 1400, 260));
        }
    }

    /** A picture without these parts is the same, since others lie before them. */
    private static void hidden(Character who, Pose pose, Set<String> parts, Camera camera) {
        List<Surface> all = new Deformer(who).deform(who.values(pose));
        List<Surface> without = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if (!parts.contains(who.parts().get(i).name())) {
                without.add(all.get(i));
            }
        }
        assertEquals(all.size() - parts.size(), without.size());
        assertArrayEquals(
                new Renderer().draw(without, camera, 160, 160).pixels(),
                new Renderer().draw(all, camera, 160, 160).pixels(),
                "from " + camera.yaw());
    }

    /** An ear stands off the head by its rim and ends inside of it, on both sides alike. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void earsGrowOutOfTheHead(String name) {
        Character who = Cast.byName(name);
        Part left = part(who, "left ear");
        Part right = part(who, "right ear");
        Part skin = part(who, "skin");
        int n = left.vertexCount();
        assertEquals(n, right.vertexCount());
        double out = 0;
        double in = Double.MAX_VALUE;
        for (int i = 0; i < n; i++) {
            out = Math.max(out, vertex(left.positions(), i).x());
            in = Math.min(in, vertex(left.positions(), i).x());
        }
        double headHalf = 0;
        for (int i = 0; i < skin.vertexCount(); i++) {
            Vec p = vertex(skin.positions(), i);
            boolean beside = Math.abs(p.y() - vertex(left.positions(), 0).y()) < 12
                    && Math.abs(p.z() - vertex(left.positions(), 0).z()) < 12;
            headHalf = beside ? Math.max(headHalf, p.x()) : headHalf;
        }
        assertTrue(out > headHalf + 3, "it stands off: " + out + " of " + headHalf);
        assertTrue(in < headHalf - 3, "it is rooted: " + in + " of " + headHalf);
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += vertex(left.positions(), i).x()
                    + vertex(right.positions(), i).x();
        }
        assertEquals(0, sum / n, 0.01, "mirrored");
    }

    /** Where the nape begins, the skull is no more than some millimetres behind it: seen from the side, there is no step. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren"})
    void theNapeReachesTheSkull(String name) {
        Character who = Cast.byName(name);
        double nape = rear(part(who, "neck"), -33, -25);
        double skull = rear(part(who, "skin"), -33, -25);
        assertTrue(nape < skull + 9, "the nape begins at " + nape + ", the skull ends at " + skull);
        assertTrue(nape > skull - 9, "nor does it stand out behind it");
        assertTrue(rear(part(who, "neck"), -160, -120) < 0, "and it goes down into the collar");
    }

    /** A neck bends: its top goes with the head, its foot stays in the collar, nothing between jumps. */
    @ParameterizedTest
    @ValueSource(strings = {"odile", "pim", "wren", "sprat"})
    void theNapeFollowsABowedHead(String name) {
        Character who = Cast.byName(name);
        Part neck = part(who, "neck");
        Part skin = part(who, "skin");
        Deformer deformer = new Deformer(who);
        double[] bowed = who.values(Pose.of("headPitch", -30));
        float[] moved = deformer.placed(neck, bowed);
        float[] head = deformer.placed(skin, bowed);
        Vec crown = vertex(skin.positions(), skin.vertexCount() - 1);
        Vec crownNow = new Vec(head[head.length - 3], head[head.length - 2], head[head.length - 1]);
        assertTrue(crown.minus(crownNow).length() > 30, "the head is bowed");
        for (int i = 0; i < neck.vertexCount(); i++) {
            Vec was = vertex(neck.positions(), i);
            Vec now = vertex(moved, i);
            if (was.y() > -42) {
                assertEquals(was.minus(crown).length(), now.minus(crownNow).length(), 1e-2, "with the head");
            } else if (was.y() < -128) {
                assertEquals(0, was.minus(now).length(), 1e-3, "in the collar");
            }
        }
    }

    /** How far back a part goes between two heights. */
    private static double rear(Part part, double low, double high) {
        double rear = Double.MAX_VALUE;
        for (int i = 0; i < part.vertexCount(); i++) {
            Vec p = vertex(part.positions(), i);
            rear = p.y() >= low && p.y() <= high ? Math.min(rear, p.z()) : rear;
        }
        return rear;
    }
}
