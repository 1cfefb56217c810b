package graykite.people.face;

import graykite.geometry.Vec;
import java.util.Map;
import java.util.TreeMap;

/** Where the landmarks lie on a generated face at rest; names as in {@link graykite.rig.Landmarks}. */
final class FaceLandmarks {
    private final FacePlan plan;
    private final SkinMesh grid;
    private final Map<String, Vec> all = new TreeMap<>();

    FaceLandmarks(FacePlan plan, SkinMesh grid) {
        this.plan = plan;
        this.grid = grid;
        eyes();
        Vec b = plan.brow();
        pair("brow inner", b.x() - 18, b.y() - 1, b.z());
        pair("brow middle", b.x(), b.y() + 4, b.z());
        pair("brow outer", b.x() + 17, b.y() - 2, b.z());
        Vec tip = plan.noseTip();
        all.put("nose bridge", onForm(0, plan.eye().y() + 8, 90));
        all.put("nose tip", onForm(0, tip.y(), tip.z()));
        pair("nose wing", 15, tip.y() - 5, tip.z() - 18);
        Vec m = plan.mouth();
        int quarter = SkinGrid.SPOKES / 4;
        all.put("mouth corner.L", node(SkinGrid.SEAM, 0));
        all.put("mouth corner.R", node(SkinGrid.SEAM, 2 * quarter));
        all.put("upper lip top", node(SkinGrid.BORDER, quarter));
        all.put("upper lip seam", node(SkinGrid.SEAM, quarter));
        all.put("lower lip seam", node(SkinGrid.SEAM, 3 * quarter));
        all.put("lower lip bottom", node(SkinGrid.BORDER, 3 * quarter));
        all.put("chin", onForm(0, m.y() - 36, m.z() - 6));
        pair("jaw angle", 58, m.y() - 6, 18);
        pair("temple", 70, plan.brow().y() + 4, 30);
        all.put("forehead", onForm(0, plan.brow().y() + 26, 80));
    }

    Map<String, Vec> all() {
        return all;
    }

    private Vec node(int ring, int spoke) {
        return grid.nodes().get(grid.index(ring, spoke)).point();
    }

    private Vec onForm(double x, double y, double z) {
        return plan.surface(new Vec(x, y, z).minus(plan.centre()).unit());
    }

    private void pair(String name, double x, double y, double z) {
        Vec left = onForm(x, y, z);
        both(name, left);
    }

    private void both(String name, Vec left) {
        all.put(name + ".L", left);
        all.put(name + ".R", new Vec(-left.x(), left.y(), left.z()));
    }

    /** The rims of the lids, on the eyeball. */
    private void eyes() {
        Vec e = plan.eye();
        double r = plan.eyeRadius() + 1.5;
        both("eye outer", e.plus(new Vec(Math.sin(1.05), 0, Math.cos(1.05)).times(r)));
        both("eye inner", e.plus(new Vec(-Math.sin(1.05), -0.05, Math.cos(1.05)).times(r)));
        both("eye upper", e.plus(new Vec(0, Math.sin(0.35), Math.cos(0.35)).times(r)));
        both("eye lower", e.plus(new Vec(0, -Math.sin(0.33), Math.cos(0.33)).times(r)));
    }
}
