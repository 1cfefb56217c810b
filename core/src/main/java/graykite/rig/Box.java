package graykite.rig;

import graykite.geometry.Vec;

/** The smallest box with edges along the axes that holds points, in millimetres. */
final class Box {
    private final double[] low = {1e30, 1e30, 1e30};
    private final double[] high = {-1e30, -1e30, -1e30};

    void add(double x, double y, double z) {
        double[] p = {x, y, z};
        for (int k = 0; k < 3; k++) {
            low[k] = Math.min(low[k], p[k]);
            high[k] = Math.max(high[k], p[k]);
        }
    }

    /** @param positions three numbers a point */
    void addAll(float[] positions) {
        for (int i = 0; i < positions.length; i += 3) {
            add(positions[i], positions[i + 1], positions[i + 2]);
        }
    }

    /** Its length along an axis; negative while it holds nothing. */
    double size(int axis) {
        return high[axis] - low[axis];
    }

    Vec middle() {
        return new Vec((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
    }
}
