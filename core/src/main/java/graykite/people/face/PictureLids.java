package graykite.people.face;

import graykite.geometry.Vec;
import graykite.picture.Material;
import graykite.picture.Texture;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleBinaryOperator;
import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * Lids for a picture: at rest each is folded up along the upper lid; closing draws it down to the lower one. Its skin is
 * taken from the picture just above the eye, never from the brow.
 */
final class PictureLids {
    private static final int COLUMNS = 17;
    private static final int ROWS = 7;

    private final Texture picture;
    private final Map<String, Vec> marks;
    private final UnaryOperator<Vec> flat;
    private final DoubleBinaryOperator relief;
    private final double scale;
    private final Vec origin;

    PictureLids(
            Texture picture,
            Map<String, Vec> marks,
            UnaryOperator<Vec> flat,
            DoubleBinaryOperator relief,
            double scale,
            Vec origin) {
        this.picture = picture;
        this.marks = marks;
        this.flat = flat;
        this.relief = relief;
        this.scale = scale;
        this.origin = origin;
    }

    /** The lid and its lashes for a side, ".L" or ".R". */
    List<Part> parts(String side, Function<Vec, Map<String, Vec>> turned) {
        Vec outer = marks.get("eye outer" + side);
        Vec inner = marks.get("eye inner" + side);
        Vec upper = marks.get("eye upper" + side);
        Vec lower = marks.get("eye lower" + side);
        Vec[][] open = new Vec[ROWS][COLUMNS];
        Vec[][] closed = new Vec[ROWS][COLUMNS];
        float[] uv = new float[2 * ROWS * COLUMNS];
        // From left to right on screen, so that every lid faces the viewer.
        Vec from = outer.x() < inner.x() ? outer : inner;
        Vec to = outer.x() < inner.x() ? inner : outer;
        double tall = upper.y() - lower.y();
        double reach =
                Math.min(0.6 * tall, 0.45 * (marks.get("brow middle" + side).y() - upper.y()));
        // A little beyond the eye on every side, or its white would shine through.
        Vec wide = to.minus(from).times(0.05);
        from = from.minus(wide);
        to = to.plus(wide);
        upper = upper.plus(new Vec(0, 0.10 * tall, 0));
        lower = lower.minus(new Vec(0, 0.14 * tall, 0));
        for (int c = 0; c < COLUMNS; c++) {
            double t = c / (COLUMNS - 1.0);
            Vec high = curve(from, upper, to, t, 0.6);
            Vec low = curve(from, lower, to, t, -0.4);
            for (int r = 0; r < ROWS; r++) {
                double down = r / (ROWS - 1.0);
                open[r][c] = high;
                closed[r][c] = high.mix(low, down * 1.04);
                // Skin from the lid's own surroundings: a band over the eye that ends well below the brow.
                Vec skin = high.plus(new Vec(0, reach * (1 - 0.75 * down) + 0.5, 0));
                uv[2 * (r * COLUMNS + c)] = (float) ((skin.x() / scale + origin.x()) / picture.width());
                uv[2 * (r * COLUMNS + c) + 1] = (float) (((-65 - skin.y()) / scale + origin.y()) / picture.height());
            }
        }
        Part lid = sheet("lid" + side, side, open, closed, 1.2, turned, uv, 1f);
        Vec[][] lashOpen = {open[ROWS - 1], shifted(open[ROWS - 1])};
        Vec[][] lashClosed = {shifted(closed[ROWS - 1], 0.9), shifted(closed[ROWS - 1], -0.7)};
        Part lashes = sheet("lashes" + side, side, lashOpen, lashClosed, 1.6, turned, new float[0], 0.012f);
        return List.of(lid, lashes);
    }

    private static Vec[] shifted(Vec[] row) {
        return row.clone();
    }

    private static Vec[] shifted(Vec[] row, double up) {
        Vec[] moved = new Vec[row.length];
        for (int i = 0; i < row.length; i++) {
            double thin = Math.sin(Math.PI * Math.clamp(i / (row.length - 1.0), 0.02, 0.98));
            moved[i] = row[i].plus(new Vec(0, up * thin, 0));
        }
        return moved;
    }

    /** Through both corners and the middle; full gives it a rounder or flatter arch. */
    private static Vec curve(Vec from, Vec middle, Vec to, double t, double full) {
        Vec level = from.mix(to, t);
        double arch = Math.pow(Math.sin(Math.PI * t), 1 / (1 + Math.abs(full)));
        double peak = middle.y() - from.mix(to, 0.5).y();
        return new Vec(level.x(), level.y() + peak * arch, 0);
    }

    private Part sheet(
            String name,
            String side,
            Vec[][] open,
            Vec[][] closed,
            double over,
            Function<Vec, Map<String, Vec>> turned,
            float[] uv,
            float tone) {
        int rows = open.length;
        int count = rows * COLUMNS;
        float[] positions = new float[3 * count];
        float[] closing = new float[3 * count];
        float[] colours = new float[3 * count];
        float[][] turns = new float[3][3 * count];
        int[] all = new int[count];
        String[] names = {"headYaw", "headPitch", "headRoll"};
        for (int i = 0; i < count; i++) {
            Vec rest = open[i / COLUMNS][i % COLUMNS];
            Vec shut = closed[i / COLUMNS][i % COLUMNS];
            double z = relief.applyAsDouble(shut.x(), shut.y()) + over;
            positions[3 * i] = (float) rest.x();
            positions[3 * i + 1] = (float) rest.y();
            positions[3 * i + 2] = (float) z;
            closing[3 * i] = (float) (shut.x() - rest.x());
            closing[3 * i + 1] = (float) (shut.y() - rest.y());
            Arrays.fill(colours, 3 * i, 3 * i + 3, tone * (float) (0.86 + 0.1 * (i / COLUMNS) / rows));
            all[i] = i;
            Map<String, Vec> turn = turned.apply(new Vec(shut.x(), shut.y(), z));
            for (int k = 0; k < 3; k++) {
                turns[k][3 * i] = (float) turn.get(names[k]).x();
                turns[k][3 * i + 1] = (float) turn.get(names[k]).y();
            }
        }
        List<MorphTarget> targets = new ArrayList<>();
        targets.add(new MorphTarget("lidClose" + side, all, closing));
        for (int k = 0; k < 3; k++) {
            targets.add(new MorphTarget(names[k], all, turns[k]));
        }
        int[] triangles = new int[6 * (rows - 1) * (COLUMNS - 1)];
        int n = 0;
        for (int r = 0; r + 1 < rows; r++) {
            for (int c = 0; c + 1 < COLUMNS; c++) {
                int a = r * COLUMNS + c;
                int[] two = {a, a + COLUMNS, a + COLUMNS + 1, a, a + COLUMNS + 1, a + 1};
                System.arraycopy(two, 0, triangles, n, 6);
                n += 6;
            }
        }
        return new Part(
                name,
                Material.drawing("lid"),
                0,
                positions,
                colours,
                triangles,
                targets,
                uv.length == 0 ? Part.Looks.PLAIN : Part.Looks.textured(picture, uv));
    }
}
