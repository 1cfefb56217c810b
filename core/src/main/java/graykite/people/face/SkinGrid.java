package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The skin of a head as a polar grid round the mouth: spokes run from the lips over muzzle, cheeks and brow to the back
 * of the head, rings follow the lips. Inward of the seam the grid goes on as the lining of the mouth. Upper and lower
 * seam coincide at rest but are separate.
 */
final class SkinGrid {
    static final int SPOKES = 112;
    static final int BAG_RINGS = 6;
    static final int LIP_RINGS = 7;
    static final int FACE_RINGS = 56;

    /** Rings from the back of the mouth outwards; the seam is ring BAG_RINGS. */
    static final int SEAM = BAG_RINGS;

    static final int BORDER = SEAM + LIP_RINGS;
    static final int RINGS = BORDER + FACE_RINGS + 1;

    /** Least flesh between the lining of the mouth and the skin, millimetres: lips that push forward take the lining along. */
    private static final double FLESH = 13;

    /**
     * A vertex of the grid.
     *
     * @param half -1 on the lower side of the mouth, 1 on the upper, between them at the corners
     * @param lipness 1 on the lips' red and inside the mouth, falling to 0 outward
     * @param open share of an even opening of the mouth that this spoke takes: 0 at the corners, 1 in the middle
     */
    record Node(Vec point, int spoke, int ring, double half, double lipness, double open, double across) {
        /** A place that belongs to no ring and no spoke, far from the mouth. */
        static Node upperFace(Vec place) {
            return new Node(place, SPOKES / 4, RINGS, 1, 0, 1, 0);
        }

        /** What belongs to the mouth as this does, elsewhere. */
        Node at(Vec place) {
            return new Node(place, spoke, ring, half, lipness, open, across);
        }
    }

    private final FacePlan plan;
    private final Vec axis;
    private final Vec up;
    /** Where the red of the lips ends, by spoke. */
    private final Vec[] borders;

    private final List<Node> nodes;

    SkinGrid(FacePlan plan) {
        this.plan = plan;
        this.axis = plan.mouth().minus(plan.centre()).unit();
        this.up = new Vec(0, 1, 0).minus(axis.times(axis.y())).unit();
        borders = IntStream.range(0, SPOKES)
                .parallel()
                .mapToObj(spoke -> lip(angle(spoke), 1))
                .toArray(Vec[]::new);
        nodes = IntStream.range(0, RINGS * SPOKES)
                .parallel()
                .mapToObj(i -> node(i / SPOKES, i % SPOKES))
                .toList();
    }

    List<Node> nodes() {
        return nodes;
    }

    int index(int ring, int spoke) {
        return ring * SPOKES + Math.floorMod(spoke, SPOKES);
    }

    /** Angle of a spoke: 0 at the character's left corner, a quarter turn at the middle of the upper lip. */
    static double angle(int spoke) {
        return 2 * Math.PI * spoke / SPOKES;
    }

    private Node node(int ring, int spoke) {
        double phi = angle(spoke);
        double sine = Math.sin(phi);
        double half = Math.signum(sine) * smooth(0, 0.30, Math.abs(sine));
        double open = Math.pow(Math.abs(sine), 0.8);
        double across = Math.cos(phi);
        if (ring == 0) {
            // The point at the throat belongs to no side, or a dropping jaw would tear it open.
            half = 0;
            open = 0;
            across = 0;
        }
        Vec point;
        double lipness;
        if (ring < SEAM) {
            point = lining(ring, phi);
            lipness = 1;
        } else if (ring <= BORDER) {
            point = lip(phi, (ring - SEAM) / (double) LIP_RINGS);
            lipness = 1;
        } else {
            double r = (ring - BORDER) / (double) FACE_RINGS;
            Vec border = borders[spoke];
            point = face(phi, r, border);
            double away = point.minus(border).length();
            lipness = 1 - smooth(0, 26, away);
            // Above and below part ever more gently away from the lips.
            double gentle = smooth(0, 5, away);
            half = mix(half, Math.signum(sine) * smooth(0, 1, Math.abs(sine)), gentle);
            open = mix(open, sine * sine, gentle);
        }
        return new Node(point, spoke, ring, half, lipness, open, across);
    }

    private double seamHeight(double t) {
        return plan.mouth().y() + 0.9 * Math.cos(t * 5) * (1 - t * t) - 0.6 + 1.3 * t * t;
    }

    /** A place on the lips: along is 0 at the seam and 1 at the border of the red. */
    private Vec lip(double phi, double along) {
        double cosine = Math.cos(phi);
        double t = Math.abs(cosine);
        double a = plan.mouthHalf();
        boolean upper = Math.sin(phi) >= 0;
        double bow = Math.exp(-Math.pow(t / 0.16, 2));
        double arch = upper
                ? plan.upperLip() * Math.pow(1 - Math.pow(t, 2.0), 0.85) * (1 - 0.20 * bow)
                : plan.lowerLip() * Math.pow(1 - Math.pow(t, 2.6), 0.75);
        double corner = 1 + along * 0.07;
        double x = a * cosine * corner;
        double y = seamHeight(t) + (upper ? 1 : -1) * arch * along;
        Vec base = plan.surface(
                new Vec(x, y, plan.mouth().z()).minus(plan.centre()).unit());
        double bulge = (upper ? plan.upperBulge() * (1 + 0.25 * bow) : plan.lowerBulge() * (1 - 0.12 * bow));
        double middle = Math.pow(1 - Math.pow(t, 4), 0.8);
        double peak = bulge * middle;
        double crease = -2.2 - 1.0 * Math.pow(t, 6);
        double edge = (upper ? 0.9 : 0.35) * middle;
        double offset;
        if (along < 0.5) {
            double q = 1 - along / 0.5;
            offset = crease + (peak - crease) * Math.sqrt(Math.max(0, 1 - q * q));
        } else {
            offset = mix(peak, edge, smooth(0.5, 1, along));
        }
        return base.plus(lipNormal(t, cosine).times(offset));
    }

    private static Vec lipNormal(double t, double cosine) {
        return new Vec(0.45 * cosine * t, 0, 1).unit();
    }

    /** The inside of the mouth: behind the lips to the folds of the gums, round the teeth and back to the throat. */
    private Vec lining(int ring, double phi) {
        if (ring == 0) {
            // The last ring is a point: the mouth has a back.
            return plan.mouth().plus(new Vec(0, -1, -56 * plan.teeth()));
        }
        double t = Math.cos(phi);
        double sine = Math.sin(phi);
        Vec seam = lip(phi, 0);
        double depth = (SEAM - ring) / (double) BAG_RINGS;
        double back = depth < 0.3 ? 8 * depth / 0.3 : mix(8, 50 * plan.teeth(), (depth - 0.3) / 0.7);
        double spread = depth < 0.5 ? smooth(0, 0.5, depth) : 1 - 0.75 * smooth(0.55, 1, depth);
        double height = (sine > 0 ? 16 : 21) * spread * Math.pow(Math.abs(sine), 0.7) * Math.signum(sine);
        double width = mix(1, 0.93, smooth(0, 0.3, depth)) * (1 - 0.55 * smooth(0.5, 1, depth));
        double roundBack = 15 * Math.pow(Math.abs(t), 2.2) * smooth(0, 0.5, depth);
        double x = seam.x() * width;
        double z = Math.min(seam.z(), plan.mouth().z() + 4) - back - roundBack * (depth < 0.3 ? depth / 0.3 : 1) * 0.5;
        Vec lining = new Vec(x, seam.y() * (1 - depth * 0.4) + (plan.mouth().y() - 1) * depth * 0.4 + height, z);
        return within(lining, FLESH * smooth(0, 0.5, depth));
    }

    /** Drawn in until so much flesh lies before it: a weak chin is thinner than a mouth is deep. */
    private Vec within(Vec place, double flesh) {
        Vec away = place.minus(plan.centre());
        double most = plan.surface(away.unit()).minus(plan.centre()).length() - flesh;
        return away.length() <= most ? place : plan.centre().plus(away.unit().times(most));
    }

    private Vec face(double phi, double r, Vec border) {
        Vec direction = border.minus(plan.centre()).unit();
        double theta0 = Math.acos(Math.clamp(direction.dot(axis), -1, 1));
        double az0 = Math.atan2(direction.dot(up), direction.x());
        double az1 = Math.atan2(Math.sin(phi), Math.cos(phi));
        double difference = Math.IEEEremainder(az1 - az0, 2 * Math.PI);
        double az = az0 + difference * smooth(0, 0.35, r);
        double spread = r < 0.72 ? 0.50 * Math.pow(r / 0.72, 1.12) : mix(0.50, 1, (r - 0.72) / 0.28);
        double theta = theta0 + (Math.PI - theta0) * spread;
        Vec out = axis.times(Math.cos(theta))
                .plus(new Vec(1, 0, 0).times(Math.sin(theta) * Math.cos(az)))
                .plus(up.times(Math.sin(theta) * Math.sin(az)))
                .unit();
        Vec base = plan.surface(out);
        double edge = (Math.sin(phi) > 0 ? 0.9 : 0.35) * Math.pow(1 - Math.pow(Math.abs(Math.cos(phi)), 4), 0.8);
        double away = base.minus(border).length();
        return base.plus(lipNormal(Math.abs(Math.cos(phi)), Math.cos(phi)).times(edge * Math.exp(-away / 1.6)));
    }
}
