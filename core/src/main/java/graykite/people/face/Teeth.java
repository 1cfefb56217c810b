package graykite.people.face;

import static graykite.geometry.Ease.mix;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import graykite.picture.Colour;
import graykite.picture.Material;

/**
 * A row of single teeth on an arch, from the middle back to the molars: blades in front, blocks behind, rounded where they
 * meet and where they rise out of the gum. Widths of crowns are means of people's (Wheeler's dental anatomy, from memory),
 * made a little larger for a face that is read from afar.
 */
final class Teeth {
    static final Material ENAMEL = new Material("enamel", 0.3f, 0.4f, 0.83f, 0.3f, false);
    private static final Colour TOOTH = Colour.srgb(0xF3E8D3);
    private static final Colour ROOT = Colour.srgb(0xD9BE98);

    /** Which way a row stands. */
    enum Row {
        UPPER(1, new double[] {9.3, 7.3, 8.2, 7.4, 7.2, 10, 9.4}, 10.6),
        LOWER(-1, new double[] {6.0, 6.5, 7.4, 7.4, 7.4, 10.6, 10}, 9.4);

        final int up;
        final double[] widths;
        final double tall;

        Row(int up, double[] widths, double tall) {
            this.up = up;
            this.widths = widths;
            this.tall = tall;
        }
    }

    private final DentalArch arch;
    private final Row row;
    private final double edge;
    private final double size;

    /**
     * @param edge height of the biting edge in front
     * @param size of each tooth, 1 for a grown person's
     */
    Teeth(DentalArch arch, Row row, double edge, double size) {
        this.arch = arch;
        this.row = row;
        this.edge = edge;
        this.size = size;
    }

    void addTo(MeshBuilder mesh) {
        for (int side = -1; side <= 1; side += 2) {
            double along = 0;
            for (int i = 0; i < row.widths.length; i++) {
                double width = row.widths[i] * size;
                add(mesh, side * (along + width / 2), i);
                along += width;
            }
        }
    }

    private void add(MeshBuilder mesh, double along, int index) {
        double width = row.widths[index] * size * 1.06;
        boolean molar = index > 2;
        double height = row.tall * size * (index == 1 ? 0.94 : index == 2 ? 1.03 : molar ? 0.84 : 1);
        // Edges run in a bow: side teeth of the upper row are shorter, and of the lower lower, or those alone would
        // stand
        // out of an open mouth.
        double bow = row.up > 0
                ? (index == 1 ? 0.8 : index == 2 ? 1.3 : molar ? 2.2 : 0)
                : (molar ? 4 : index == 2 ? 1.3 : 0);
        double deep = molar ? 9 : index == 2 ? 7 : 5.6;
        double blade = molar ? 0.85 : index == 2 ? 0.42 : 0.3;
        Vec right = arch.along(along);
        Vec front = arch.outward(along);
        Vec at = arch.at(along, edge + row.up * bow);
        mesh.grid(
                // What lies far back is seen through a gap.
                molar ? 6 : 9,
                molar ? 8 : 12,
                true,
                (u, v) -> {
                    // Rows go up: from the biting edge of an upper tooth, from the root of a lower one.
                    double rootward = row.up > 0 ? u : 1 - u;
                    double turn = -2 * Math.PI * v;
                    double cap = cap(rootward);
                    double x = cap * power(Math.cos(turn), 0.6) * width / 2 * (1 - 0.2 * smooth(0.35, 1, rootward));
                    double thick = deep * mix(blade, 1, smooth(0, 0.75, rootward));
                    double z = -thick * 0.5 + cap * power(Math.sin(turn), 0.8) * thick * 0.5;
                    // It leans inward towards the edge, its outer face more than its inner one.
                    double lean = (Math.sin(turn) > 0 ? 0.9 : 0.54) * (1 - smooth(0, 0.8, rootward));
                    double point = index == 2 ? 1.1 * Math.abs(x) / width * (1 - smooth(0, 0.5, rootward)) : 0;
                    double corner = index < 2 ? 1.5 * Math.pow(2 * Math.abs(x) / width, 4) * (1 - rootward) : 0;
                    double y = row.up * (height * rise(rootward) + point + 0.35 * corner);
                    return at.plus(right.times(x)).plus(front.times(z - lean)).plus(new Vec(0, y, 0));
                },
                p -> colour(p, at, height, along)
                        .times(1 - 0.3 * smooth(0.55, 1, Math.abs(p.minus(at).dot(right)) * 2 / width)));
    }

    /** Darker towards the gum, between the teeth and back in the mouth, where little light comes. */
    private Colour colour(Vec p, Vec at, double height, double along) {
        double rootward = Math.clamp(row.up * (p.y() - at.y()) / height, 0, 1);
        double back = Math.max(smooth(-2, -20, p.z() - arch.front()), 0.95 * smooth(12, 33, Math.abs(along)));
        // The thin edge lets the dark behind it through.
        double edgeTone = 1 - (row.up > 0 ? 0.07 : 0.2) * (1 - smooth(0, 0.3, rootward));
        return TOOTH.mix(ROOT, 0.75 * smooth(0.5, 1, rootward))
                .times(edgeTone * mix(row.up > 0 ? 1 : 0.93, 0.14, back));
    }

    /** How wide a tooth is at a share of its height: round at the edge, closed at the root. */
    private static double cap(double rootward) {
        double t = 1 - Math.min(1, rootward / 0.16);
        double round = Math.pow(Math.max(0, 1 - Math.pow(t, 3)), 0.6);
        return Math.max(0.02, round * (1 - 0.5 * smooth(0.9, 1, rootward)));
    }

    /** Rows lie close together at the edge, where the form turns. */
    private static double rise(double rootward) {
        return Math.pow(rootward, 1.6);
    }

    private static double power(double x, double e) {
        return Math.signum(x) * Math.pow(Math.abs(x), e);
    }
}
