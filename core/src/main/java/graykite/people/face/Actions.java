package graykite.people.face;

import static graykite.geometry.Ease.bell;
import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;
import static graykite.people.face.Move.lip;
import static graykite.people.face.Move.lowerOnly;
import static graykite.people.face.Move.push;
import static graykite.people.face.Move.side;
import static graykite.people.face.Move.upperOnly;

import graykite.geometry.Vec;
import graykite.rig.Channel;
import graykite.rig.Channel.Group;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What each facial action does to the skin, in millimetres at full strength. Names and meanings follow the action units
 * (AU) of the Facial Action Coding System (Ekman, Friesen & Hager 2002).
 */
final class Actions {
    static final double JAW_DEGREES = 19;

    private final FacePlan plan;
    /** How tall the face is, up to 1 for a grown one: what reaches too far would move its neighbours. */
    private final double size;

    private final Map<String, Channel> channels = new LinkedHashMap<>();
    private final Map<String, Move> moves = new LinkedHashMap<>();

    /** @param moving false leaves the moves out and keeps the names: for a face that is only looked at */
    Actions(FacePlan plan, boolean moving) {
        this.plan = plan;
        size = Math.min(1, (plan.eye().y() - plan.mouth().y()) / 66);
        jaw();
        lips();
        cheeks();
        brows();
        if (!moving) {
            moves.clear();
        }
    }

    Map<String, Channel> channels() {
        return channels;
    }

    Map<String, Move> moves() {
        return moves;
    }

    /** Full drop of the jaw for something that is fixed to it. */
    Vec jawDrop(Vec p) {
        Vec h = plan.jawHinge();
        double a = Math.toRadians(JAW_DEGREES);
        double y = p.y() - h.y();
        double z = p.z() - h.z();
        return new Vec(0, y * Math.cos(a) - z * Math.sin(a) - y - 1.5, y * Math.sin(a) + z * Math.cos(a) - z + 1.5);
    }

    private double jawShare(Spot s) {
        double corner = 0.36;
        double lip =
                s.half() >= 0 ? mix(corner, 0.02, Math.pow(s.open(), 0.9)) : mix(corner, 1, Math.pow(s.open(), 1.25));
        Vec m = plan.mouth();
        double line = m.y() + 4 + (m.z() - 8 - s.p().z()) * 0.46;
        double region = smooth(8, -34, s.p().y() - line);
        // The throat stays with the neck, and behind the hinge nothing turns.
        region *= 1 - smooth(34, -10, s.p().z());
        return mix(region, lip, s.lipness());
    }

    private void jaw() {
        Vec c = plan.cheek();
        Move left = push(c.x() + 10, plan.mouth().y() + 8, c.z() - 26, 17, 24, 24, -3.4, 0, -1.4);
        Move cheeksIn = left.and(left.mirrored());
        both(
                "jawDrop",
                Group.JAW,
                "Lowers the jaw (AU 26, 27)",
                s -> jawDrop(s.p())
                        .times(jawShare(s))
                        .plus(new Vec(-0.13 * s.p().x() * around(s, 1.3, 16), 0, 0)
                                // The cheeks are drawn in between the jaws.
                                .plus(cheeksIn.at(s))));
        pair("jawSideways", Group.JAW, "Moves the jaw to this side (AU 30)", s -> new Vec(7 * jawShare(s), 0, 0));
        both("jawThrust", Group.JAW, "Pushes the jaw forward (AU 29)", s -> new Vec(0, -0.5, 6).times(jawShare(s)));
    }

    private void lips() {
        Vec m = plan.mouth();
        double a = plan.mouthHalf();
        pair(
                "lipCornerPuller",
                Group.LIPS,
                "Draws the corner of the mouth up and back: the smile (AU 12)",
                push(a, m.y(), m.z() - 9, 17, 17, 22, 7.5, 8.5, -6.5)
                        .and(push(a + 13, m.y() + 24, m.z() - 20, 18, 15, 20, 2.2, 5, 3.6))
                        .and(push(a + 2, m.y() + 16, m.z() - 6, 7, 12, 12, 1, 1.2, -2.2))
                        .and(fold(17, m.y() + 30, a + 7, m.y() + 3, 2.6, -1.5))
                        .and(fold(23, m.y() + 30, a + 14, m.y() + 5, 4.5, 1.3))
                        .and(s -> new Vec(0, -1.0, -1.6).times(s.lipness() * side(s))));
        pair(
                "lipCornerDepressor",
                Group.LIPS,
                "Draws the corner of the mouth down (AU 15)",
                push(a, m.y(), m.z() - 9, 14, 16, 20, 1.2, -8, -1)
                        .and(push(a - 6, m.y() - 16, m.z() - 8, 12, 10, 16, 0, -1.5, 1.4)));
        pair(
                "lipStretcher",
                Group.LIPS,
                "Draws the corner of the mouth straight outward (AU 20)",
                push(a, m.y(), m.z() - 9, 19, 17, 22, 8, -0.6, -6)
                        .and(s -> new Vec(0, 0, -1.4).times(s.lipness() * side(s))));
        pair(
                "dimpler",
                Group.LIPS,
                "Tightens the corner of the mouth inward (AU 14)",
                push(a, m.y(), m.z() - 9, 10, 10, 16, 3.5, 0.8, -5));
        both("lipPucker", Group.LIPS, "Draws the lips together and forward, as for a kiss (AU 18)", s -> {
            // The chin stays as it is, or it would stand out like an egg.
            double below = smooth(-13, -32, (s.p().y() - plan.mouth().y()) / size);
            double w = around(s, 1.55, 30 * size) * (1 - 0.7 * below);
            double dx = -0.5 * drawn(s.p().x()) * w;
            double forward = 8.5 * w * (1 - 0.35 * Math.abs(s.across()));
            // The lips swell away from the seam, which itself stays shut.
            double swell = smooth(1.9, 8, Math.abs(s.p().y() - plan.mouth().y()));
            double thick = s.lipness() * s.half() * s.open() * 2.5 * swell;
            // Both go down a little: the upper lip hides its teeth.
            return new Vec(dx, thick + (0.3 - 2.4 * s.lipness()) * w, forward);
        });
        both("lipFunneler", Group.LIPS, "Opens the lips into a funnel that shows the teeth (AU 22)", s -> {
            double w = around(s, 1.45, 26 * size);
            double open = s.lipness() * s.open();
            return new Vec(
                    -0.25 * drawn(s.p().x()) * w,
                    // The corners sink: the upper lip is a bow, and no teeth stand in its corners.
                    open * (3.2 * s.upper() - 3.6 * s.lower()) - 4.5 * s.lipness() * s.across() * s.across() * w,
                    6.5 * w * (0.55 + 0.45 * s.open()));
        });
        both(
                "lipTightener",
                Group.LIPS,
                "Makes the lips narrow (AU 23)",
                s -> roll(s, 0.55, -1.6).plus(new Vec(-0.07 * s.p().x() * around(s, 1.3, 22), 0, 0)));
        both("lipPressor", Group.LIPS, "Presses the lips on one another (AU 24)", s -> roll(s, 0.42, -1.4));
        pair(
                "upperLipRaiser",
                Group.LIPS,
                "Raises this side of the upper lip (AU 10)",
                lip(1, 0.42, 0.55, 0, 5.6, 0.8)
                        .and(upperOnly(push(a * 0.75, m.y() + 18, m.z() - 4, 13, 12, 16, 1.2, 3.6, 1.6)))
                        .and(push(13, m.y() + 30, m.z() + 4, 9, 9, 14, 0.6, 1.8, 0)));
        pair(
                "lowerLipDepressor",
                Group.LIPS,
                "Lowers this side of the lower lip (AU 16)",
                lip(-1, 0.42, 0.55, 0.4, -6.4, 0.6)
                        .and(lowerOnly(push(a * 0.5, m.y() - 18, m.z() - 2, 14, 11, 16, 0.4, -3, 0))));
        both(
                "lipsTogether",
                Group.LIPS,
                "Brings the lips together whatever else opens them (AU 8)",
                s -> new Vec(0, (0.5 * s.lower() - 0.35 * s.upper()) * s.open(), -0.5).times(s.lipness()));
        both("lipToTeeth", Group.LIPS, "Lays the lower lip under the upper teeth, as for f and v (AU 32)", s -> {
            // Falls off quickly: beside the corners nothing may fold.
            double w = Math.pow(s.lipness(), 3) * s.open();
            double under = smooth(-11, 1, s.p().y() - m.y());
            Vec low = new Vec(0, 3.0 * (0.4 + 0.6 * under), -1.7 - 5.1 * under).times(w * s.lower());
            Vec high = new Vec(0, 3.6, 0.9).times(w * s.upper());
            Vec chin = push(0, m.y() - 26, m.z() - 4, 24, 14, 22, 0, 2.6, 0.5).at(s);
            return low.plus(high).plus(chin.times(1 - s.lipness()));
        });
        both(
                "lipSuck",
                Group.LIPS,
                "Draws the lips in over the teeth (AU 28)",
                s -> roll(s, 0.62, -6).plus(new Vec(0, 0, -2.0 * around(s, 1.3, 20) * (1 - s.lipness()))));
        both(
                "chinRaiser",
                Group.LIPS,
                "Pushes chin and lower lip up (AU 17)",
                s -> lowerOnly(push(0, m.y() - 30, m.z() - 2, 22, 17, 22, 0, 5, 1.6)
                                .and(this::bunched))
                        .at(s)
                        .plus(new Vec(0, 2.6 * s.lower() + 1.6 * s.upper(), 1.8).times(s.lipness() * s.open())));
    }

    /**
     * What is to be added where two actions meet and their plain sum looks wrong.
     *
     * @param move the same above and below the seam, so that lips that are brought together stay so
     */
    record Meeting(String first, String second, Move move) {}

    /** A smile over an open jaw would tear the corners apart; a kiss over it would make a slit of the mouth. */
    List<Meeting> meetings() {
        Vec m = plan.mouth();
        double a = plan.mouthHalf();
        Move left = push(a + 3, m.y() - 3, m.z() - 10, 15, 15, 22, -2.4, 1.8, 1.2);
        Move right = left.mirrored();
        // The corners go down with the lower lip: the opening is round, and no teeth stand in its corners.
        Move wider = s -> new Vec(0.13 * drawn(s.p().x()), -6 * s.lipness() * s.across() * s.across(), -1.6)
                .times(around(s, 1.5, 24));
        return List.of(
                new Meeting("lipCornerPuller.L", "jawDrop", left),
                new Meeting("lipCornerPuller.R", "jawDrop", right),
                new Meeting("lipPucker", "jawDrop", wider));
    }

    private void cheeks() {
        Vec c = plan.cheek();
        Vec m = plan.mouth();
        Vec e = plan.eye();
        pair(
                "cheekRaiser",
                Group.CHEEKS,
                "Raises the cheek towards the eye (AU 6)",
                push(c.x() + 2, c.y() + 10, c.z(), 21, 15, 22, 1.4, 5, 3.2)
                        .and(push(e.x() + 20, e.y() - 4, e.z() - 2, 9, 12, 14, -0.7, 0.3, 0.9))
                        // The skin below comes up over the lower lid, and the one above down over the upper.
                        .and(push(e.x() + 1, e.y() - 14, e.z() + 12, 17, 8, 14, 0, 3, 1.4))
                        .and(push(e.x() + 3, e.y() + 14, e.z() + 10, 19, 9, 16, 0, -4.5, 1)));
        pair(
                "noseWrinkler",
                Group.CHEEKS,
                "Wrinkles this side of the nose (AU 9)",
                push(11, plan.noseTip().y() + 4, m.z() + 4, 10, 13, 18, 0.8, 4.2, 1)
                        .and(push(10, e.y() + 2, e.z() + 8, 9, 12, 14, -1.5, -2.2, 1.4))
                        .and(upperOnly(lip(1, 0.35, 0.5, 0, 2.2, 0))));
        pair(
                "cheekPuff",
                Group.CHEEKS,
                "Blows up this cheek (AU 34)",
                push(c.x() + 2, m.y() + 4, m.z() - 22, 22, 24, 26, 8, 0, 4.5));
        pair(
                "cheekSuck",
                Group.CHEEKS,
                "Draws this cheek in (AU 35)",
                push(c.x() + 6, m.y() + 6, m.z() - 24, 18, 22, 26, -5, 0, -3));
    }

    private void brows() {
        Vec b = plan.brow();
        pair(
                "innerBrowRaiser",
                Group.BROWS,
                "Raises the inner end of the brow (AU 1)",
                push(b.x() - 17, b.y() - 1, b.z(), 15, 17 * size, 26, -0.6, 10.5, -0.5));
        pair(
                "outerBrowRaiser",
                Group.BROWS,
                "Raises the outer part of the brow (AU 2)",
                push(b.x() + 12, b.y(), b.z() - 6, 19, 17 * size, 28, 0.4, 10.5, -1));
        pair(
                "browLowerer",
                Group.BROWS,
                "Lowers the brow and draws it inward (AU 4)",
                push(b.x() - 13, b.y(), b.z(), 17, 15 * size, 26, -4.2, -10, 1.8)
                        .and(push(b.x() + 10, b.y(), b.z() - 4, 18, 13 * size, 26, -1.6, -3.2, 0.6)));
    }

    /** Skin that sinks (or stands out, when deep is above 0) along a line between two places in front of the face. */
    private Move fold(double ax, double ay, double bx, double by, double width, double deep) {
        return s -> {
            double along = ((s.p().x() - ax) * (bx - ax) + (s.p().y() - ay) * (by - ay))
                    / ((bx - ax) * (bx - ax) + (by - ay) * (by - ay));
            double t = Math.clamp(along, 0, 1);
            double away = Math.hypot(s.p().x() - mix(ax, bx, t), s.p().y() - mix(ay, by, t));
            double w = bell(away / width, 0, 0) * smooth(20, 50, s.p().z()) * (1 - s.lipness() * s.lipness());
            return new Vec(0.35 * deep, 0, deep).times(w);
        };
    }

    /** The chin draws up into small dimples. */
    private Vec bunched(Spot s) {
        Vec m = plan.mouth();
        double w = bell(s.p().x() / 15, (s.p().y() - m.y() + 29) / 11, 0) * smooth(20, 50, s.p().z());
        double dimples = Math.sin(0.95 * s.p().x()) * Math.sin(0.9 * (s.p().y() - m.y()) + 0.4 * s.p().x());
        return new Vec(0, 0, 0.9 * dimples * w);
    }

    /** What draws the mouth together takes cheeks along only so far, or the teeth would come through. */
    private double drawn(double x) {
        return Math.clamp(x, -0.85 * plan.mouthHalf(), 0.85 * plan.mouthHalf());
    }

    /** Strength of an action of the whole mouth: full on the lips, fading over so many millimetres round them. */
    private double around(Spot s, double wide, double reach) {
        Vec m = plan.mouth();
        double x = Math.max(0, Math.abs(s.p().x()) - plan.mouthHalf() * 0.9) / wide;
        double y = Math.max(0, Math.abs(s.p().y() - m.y()) - 7);
        double z = Math.max(0, m.z() - 30 - s.p().z());
        double away = Math.sqrt(x * x + y * y + z * z);
        double near = bell(away / reach, 0, 0);
        return mix(near, 0.5 + 0.5 * near, s.lipness());
    }

    /** Rolls both lips towards the seam: share of their height that goes, and millimetres back. */
    private Vec roll(Spot s, double share, double back) {
        double height = s.p().y() - plan.mouth().y();
        double w = s.lipness() * s.open();
        double red = 1 - smooth(6, 15, Math.abs(height));
        return new Vec(0, -share * height * red, back * (0.45 + 0.55 * (1 - smooth(0, 9, Math.abs(height))))).times(w);
    }

    private void both(String name, Group group, String describes, Move move) {
        channels.put(name, new Channel(name, group, 0, 1, describes));
        moves.put(name, move);
    }

    private void pair(String name, Group group, String describes, Move left) {
        both(name + ".L", group, describes + ", left", left);
        both(name + ".R", group, describes + ", right", left.mirrored());
    }
}
