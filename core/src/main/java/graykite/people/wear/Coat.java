package graykite.people.wear;

import static graykite.geometry.Ease.mix;

import graykite.geometry.Halving;
import graykite.geometry.Vec;
import graykite.people.face.Carving;
import graykite.people.face.MeshBuilder;
import graykite.picture.Colour;
import java.util.function.DoubleBinaryOperator;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;

/** The form of a coat, from the inside of its collar down to its hem, and what is sewn onto it: flaps, straps and seams. */
final class Coat {
    /** How much closer columns stand at the arms than in front and behind. */
    private static final double CLOSER = 0.28;
    /** Shares and radians by which places are compared to find where the cloth faces. */
    private static final double STEP = 0.004;
    /** How dark it is where two layers of cloth meet. */
    private static final double SHADE = 0.5;
    /** Millimetres by which the turned edge of a flap stands out. */
    private static final double TURNED = 1.6;

    /** Where on a coat: share of the way from the collar to the hem, and turn from the front to the wearer's left. */
    record Spot(double down, double turn) {}

    /** A flap's spot for shares along its length and across. */
    @FunctionalInterface
    interface Cut {
        Spot at(double along, double across);
    }

    private final int rows;
    private final int columns;
    private final Carving.Lathe shape;
    /** Where the collar ends: below it rows fall all the way. */
    private final double collar;

    /** @param collar share of the rows that the collar takes */
    Coat(int rows, int columns, double collar, Carving.Lathe shape) {
        this.rows = rows;
        this.columns = columns;
        this.collar = collar;
        this.shape = shape;
    }

    /**
     * A chest with arms beside it, cut level.
     *
     * @param wide half the width of the chest, and deep half its depth
     * @param apart from the middle to the middle of an arm
     * @param arm half the width of an arm
     */
    record Build(double wide, double deep, double apart, double arm) {
        private static final double SOFT = 22;
        /** Where a look from the middle just touches the arm, its edge is rounded by so much. */
        private static final double ROUND = 12;

        /** Distance from the middle to the outside. */
        double out(double turn) {
            double s = Math.abs(Math.sin(turn));
            double c = Math.cos(turn);
            double chest = 1 / Math.hypot(s / wide, c / deep);
            double inside = arm * arm - apart * apart * c * c;
            double half = Math.sqrt(Math.abs(inside) + ROUND * ROUND) - ROUND;
            double sleeve = apart * s + Math.copySign(half, inside);
            double share = Math.clamp(0.5 + 0.5 * (sleeve - chest) / SOFT, 0, 1);
            return mix(chest, sleeve, share) + SOFT * share * (1 - share);
        }
    }

    /** The coat itself. */
    void cloth(MeshBuilder mesh, Colour colour) {
        Carving.latheDown(
                mesh, rows, columns, (u, turn) -> shape.at(u, turn + CLOSER * Math.sin(2 * turn)), p -> colour);
    }

    /** The place of a spot, so many millimetres above the cloth. */
    Vec at(Spot spot, double above) {
        Vec here = shape.at(spot.down, spot.turn);
        // Where the collar ends the cloth turns sharply: what lies below asks only below.
        double low = Math.min(1, spot.down + STEP);
        double high = spot.down < collar ? low - 2 * STEP : Math.clamp(low - 2 * STEP, collar, 1 - STEP);
        Vec down = shape.at(low, spot.turn).minus(shape.at(high, spot.turn));
        Vec round = shape.at(spot.down, spot.turn + STEP).minus(shape.at(spot.down, spot.turn - STEP));
        return here.plus(down.cross(round).unit().times(above));
    }

    /** Where a coat is in front, seen from there. */
    Spot front(double x, double y) {
        return seen(x, y, -Math.PI / 2, Math.PI / 2);
    }

    /** Where a coat is behind, seen through the wearer. */
    Spot behind(double x, double y) {
        return seen(x, y, 1.5 * Math.PI, Math.PI / 2);
    }

    private Spot seen(double x, double y, double right, double left) {
        double down = Halving.between(
                collar, 1, d -> shape.at(d, turn(d, x, right, left)).y() > y);
        return new Spot(down, turn(down, x, right, left));
    }

    private double turn(double down, double x, double right, double left) {
        return Halving.between(right, left, t -> shape.at(down, t).x() < x);
    }

    /**
     * A piece of cloth that lies on the coat, its edges turned under.
     *
     * @param thick millimetres above the coat for shares along the flap and across
     */
    void flap(MeshBuilder mesh, int rows, int columns, DoubleBinaryOperator thick, Cut cut, Colour colour) {
        int lines = columns + 2;
        for (int r = 0; r <= rows + 1; r++) {
            double along = Math.clamp((r - 1) / (rows - 1.0), 0, 1);
            for (int c = 0; c < lines; c++) {
                double across = Math.clamp((c - 1) / (columns - 1.0), 0, 1);
                boolean turned = r == 0 || r > rows || c == 0 || c > columns;
                int at = turned
                        ? mesh.add(under(cut, along, across), colour.times(SHADE))
                        : mesh.add(at(cut.at(along, across), thick.applyAsDouble(along, across)), colour);
                if (r > 0 && c > 0) {
                    mesh.quad(at - 1, at, at - lines, at - lines - 1);
                }
            }
        }
    }

    /** The turned edge of a flap: a little outside it, and within the coat. */
    private Vec under(Cut cut, double along, double across) {
        double u = Math.clamp(along, STEP, 1 - STEP);
        double v = Math.clamp(across, STEP, 1 - STEP);
        Vec down = at(cut.at(u + STEP, v), -1).minus(at(cut.at(u - STEP, v), -1));
        Vec over = at(cut.at(u, v + STEP), -1).minus(at(cut.at(u, v - STEP), -1));
        Vec out =
                beside(down, over).times(outward(along)).plus(beside(over, down).times(outward(across)));
        return at(cut.at(along, across), -1).plus(out.times(TURNED));
    }

    /** The part of a direction that is square to another one, of length one. */
    private static Vec beside(Vec direction, Vec other) {
        Vec along = other.unit();
        return direction.minus(along.times(direction.dot(along))).unit();
    }

    private static double outward(double share) {
        return share == 0 ? -1 : share == 1 ? 1 : 0;
    }

    /** A seam: a rounded welt, dark where it meets the cloth. */
    void seam(MeshBuilder mesh, int steps, double wide, DoubleFunction<Spot> path, Colour colour) {
        double[] side = {-1, -0.55, 0.55, 1};
        double[] above = {-0.1, 0.8, 0.8, -0.1};
        int[] at = new int[4];
        for (int i = 0; i <= steps; i++) {
            double share = i / (double) steps;
            Spot spot = path.apply(share);
            Vec here = at(spot, 0);
            Vec out = at(spot, 1).minus(here);
            Vec along =
                    at(path.apply(Math.min(1, share + 0.01)), 0).minus(at(path.apply(Math.max(0, share - 0.01)), 0));
            Vec across = along.cross(out).unit().times(wide / 2);
            int[] next = IntStream.range(0, 4)
                    .map(k -> mesh.add(
                            here.plus(across.times(side[k])).plus(out.times(wide * above[k])),
                            colour.times(k % 3 == 0 ? SHADE : 1.05)))
                    .toArray();
            for (int k = 0; i > 0 && k < 3; k++) {
                mesh.quad(at[k], at[k + 1], next[k + 1], next[k]);
            }
            at = next;
        }
    }

    /**
     * The seam where a sleeve is set in, from under the arm in front over the shoulder to behind.
     *
     * @param side 1 the wearer's left, -1 the right
     * @param top how far down the coat it comes on the shoulder
     */
    void sleeve(MeshBuilder mesh, int side, double top, Colour colour) {
        seam(
                mesh,
                48,
                3,
                t -> new Spot(
                        mix(0.985, top, Math.pow(Math.sin(Math.PI * t), 0.75)),
                        side * (Math.PI / 2 - 0.47 * Math.cos(Math.PI * t))),
                colour);
    }
}
