package graykite.people.wear;

import graykite.geometry.Halving;
import graykite.geometry.Vec;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;

/** How hair runs that is pulled back to a knot: along great circles of the head, from its border to the knot. */
final class Strands {
    /** Whether hair grows at a place: its turn about the head, 0 in front, and its height. */
    @FunctionalInterface
    interface Ground {
        boolean holds(double turn, double height);
    }

    /** Steps of the walk from the knot to the border, radians. */
    private static final double STEP = 0.04;

    /** Where the border is looked for, so many for each column. */
    private static final int FINER = 4;

    private final Vec centre;
    private final Vec knot;
    private final Vec up;
    private final Ground ground;
    private final int columns;
    /** Angle round the knot of each column, from above. */
    final double[] rounds;
    /** How far from the knot each column reaches, as an angle at the middle of the head. */
    final double[] borders;

    /** @param centre middle of the head @param knot direction from there */
    Strands(Vec centre, Vec knot, Ground ground, int columns) {
        this.centre = centre;
        this.knot = knot;
        this.ground = ground;
        this.columns = columns;
        up = new Vec(1, 0, 0).cross(knot);
        rounds = spread();
        borders =
                IntStream.range(0, columns).mapToDouble(c -> border(rounds[c])).toArray();
    }

    /** Columns lie close where the border is long: at the temples, and not at the nape. */
    private double[] spread() {
        int n = FINER * columns;
        Vec[] ends = IntStream.range(0, n)
                .mapToObj(i -> 2 * Math.PI * i / n)
                .map(round -> towards(round, border(round)))
                .toArray(Vec[]::new);
        double[] until = new double[n + 1];
        for (int i = 0; i < n; i++) {
            until[i + 1] = until[i] + ends[(i + 1) % n].minus(ends[i]).length() + 2 * Math.PI / n;
        }
        double[] spread = new double[columns];
        int at = 0;
        for (int c = 0; c < columns; c++) {
            double wanted = until[n] * c / columns;
            while (until[at + 1] < wanted) {
                at++;
            }
            double share = (wanted - until[at]) / (until[at + 1] - until[at]);
            spread[c] = 2 * Math.PI * (at + share) / n;
        }
        return spread;
    }

    /** The column at a turn in which all are equally far apart. */
    int column(double turn) {
        return Math.floorMod((int) Math.round(turn / (2 * Math.PI) * columns), columns);
    }

    /** Direction from the middle of the head to a place of a column. @param share of the way from the knot to the border */
    Vec at(int column, double share) {
        return towards(rounds[column], share * borders[column]);
    }

    private Vec towards(double round, double away) {
        Vec across = up.times(Math.cos(round)).plus(new Vec(-Math.sin(round), 0, 0));
        return knot.times(Math.cos(away)).plus(across.times(Math.sin(away)));
    }

    private double border(double round) {
        DoublePredicate grows = away -> {
            HairPlace place = HairPlace.of(centre, towards(round, away));
            return ground.holds(place.turn(), place.height());
        };
        double away = STEP;
        while (away < Math.PI - STEP && grows.test(away + STEP)) {
            away += STEP;
        }
        return Halving.between(away, away + STEP, grows);
    }
}
