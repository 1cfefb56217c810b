package graykite.people.face;

import static graykite.geometry.Ease.bell;
import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;
import graykite.rig.Part;

/**
 * An ear: the rolled rim (helix) that begins in the bowl, the inner fold (antihelix) with its two legs, the bowl (concha)
 * behind the tragus, a soft lobe, and a back that is drawn in to a root.
 */
final class Ear {
    private static final int ROWS = 21;
    private static final int COLUMNS = 32;

    /** Rows up to here lie on the face of the ear; then the rim is rounded, then follows the back. */
    private static final double EDGE = 0.66;

    private static final double ROUNDED = 0.76;

    /** The forms are worked out for an ear of this height, millimetres. */
    private static final double MODEL = 54;

    private final Person.Ears plan;
    private final int side;
    private final Vec rearward;
    private final Vec outward;

    private Ear(boolean left, Person.Ears plan) {
        this.plan = plan;
        side = left ? 1 : -1;
        double off = Math.toRadians(plan.degreesOff());
        rearward = new Vec(side * Math.sin(off), 0, -Math.cos(off));
        outward = new Vec(side * Math.cos(off), 0, Math.sin(off));
    }

    static Part of(boolean left, int joint, Material skin, Colour tone, Person.Ears plan) {
        Ear ear = new Ear(left, plan);
        MeshBuilder mesh = new MeshBuilder(left ? "left ear" : "right ear", skin, joint);
        mesh.grid(ROWS, COLUMNS, true, ear::at, p -> tone);
        Vec middle = plan.at().mirroredTo(ear.side);
        // Little light reaches the bowl.
        mesh.shade(p -> 0.6 + 0.4 * smooth(-6, 1, p.minus(middle).dot(ear.outward) * MODEL / plan.tall()));
        return mesh.build();
    }

    private Vec at(double row, double around) {
        double turn = -side * 2 * Math.PI * around;
        double cosine = Math.cos(turn);
        double sine = Math.sin(turn);
        double r;
        double height;
        double inward = 0;
        if (row <= EDGE) {
            // Closer together towards the rim, where the folds are.
            r = Math.pow(row / EDGE, 0.8);
            height = relief(r * cosine, r * sine);
        } else if (row <= ROUNDED) {
            double roll = (row - EDGE) / (ROUNDED - EDGE);
            r = 1 + 0.02 * Math.sin(Math.PI * roll);
            height = relief(cosine, sine) - 3.2 * roll;
        } else {
            double back = (row - ROUNDED) / (1 - ROUNDED);
            r = mix(1, 0.34, smooth(0, 0.75, back));
            height = mix(relief(cosine, sine) - 3.2, -7, smooth(0, 0.5, back)) - 22 * smooth(0.45, 1, back);
            inward = 0.3 * smooth(0.15, 0.8, back);
        }
        double low = Math.max(0, -sine * r);
        // Its top is rounder than an ellipse.
        r *= 1 + 0.09 * Math.pow(Math.max(0, sine) * cosine * 2, 2);
        double x = r * cosine * (1 - 0.32 * Math.pow(low, 1.6)) * mix(1, 0.92, smooth(0, -1, cosine)) - inward;
        double y = r * sine;
        double tall = plan.tall() * 0.5 * y;
        // It leans back, and is broader than half its height.
        double wide = plan.tall() * 0.33 * x - 0.12 * tall;
        return plan.at()
                .mirroredTo(side)
                .plus(new Vec(0, tall, 0))
                .plus(rearward.times(wide + plan.tall() * 0.2))
                .plus(outward.times(height * plan.tall() / MODEL));
    }

    /**
     * How far the face of the ear stands out, in millimetres of the model.
     *
     * @param x towards the rear, -1 to 1
     * @param y upwards, -1 to 1
     */
    private static double relief(double x, double y) {
        double r = Math.hypot(x, y);
        double turn = Math.toDegrees(Math.atan2(y, x));
        // The rim runs from the front over the top and fades towards the lobe.
        double rimmed = smooth(-62, -15, turn) * smooth(176, 140, turn);
        double rim = 3.4 * bell((r - 0.93) / 0.12, 0, 0) * rimmed;
        double crus = 1.8 * ridge(x, y, -0.72, 0.3, -0.12, 0.02, 0.11);
        double groove = -2 * bell((r - 0.76) / 0.08, 0, 0) * smooth(-40, 0, turn) * smooth(120, 80, turn);
        double fold = 2.6
                * bell((Math.hypot(x + 0.08, y + 0.02) - 0.58) / 0.11, 0, 0)
                * smooth(-80, -45, turn)
                * smooth(60, 25, turn);
        double legs =
                1.9 * Math.max(ridge(x, y, 0.28, 0.36, 0.02, 0.74, 0.11), ridge(x, y, 0.24, 0.32, -0.4, 0.56, 0.1));
        double bowl = -6.5 * smooth(0.5, 0.12, Math.hypot((x + 0.2) / 0.95, (y + 0.1) / 1.1));
        double tragus = 3.6 * bell(Math.hypot(x + 0.74, y + 0.1) / 0.2, 0, 0);
        double antitragus = 2.4 * bell(Math.hypot(x + 0.12, y + 0.55) / 0.17, 0, 0);
        double notch = -1.6 * bell(Math.hypot(x + 0.45, y + 0.5) / 0.14, 0, 0);
        double lobe = 1.1 * bell(Math.hypot(x + 0.05, y + 0.82) / 0.26, 0, 0);
        // In front it goes over into the cheek.
        double joined = -4.5 * smooth(-0.72, -1, x);
        return rim + Math.max(crus, Math.max(fold, legs)) + groove + bowl + tragus + antitragus + notch + lobe + joined;
    }

    /** 1 along a line between two places, falling off beside it. */
    private static double ridge(double x, double y, double ax, double ay, double bx, double by, double width) {
        double ux = bx - ax;
        double uy = by - ay;
        double t = Math.clamp(((x - ax) * ux + (y - ay) * uy) / (ux * ux + uy * uy), 0, 1);
        return bell(Math.hypot(x - ax - t * ux, y - ay - t * uy) / width, 0, 0);
    }
}
