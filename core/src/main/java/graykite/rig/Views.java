package graykite.rig;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import java.util.List;

/** Where to look at a character from: its mouth, its whole face. */
public final class Views {
    private static final double NEAR = 1400;

    private Views() {}

    /** The mouth alone, wherever it is on this character. */
    public static Camera mouth(Character character) {
        if (character.lips().isPresent()) {
            LipLine lips = character.lips().get();
            float[] p = character.parts().get(lips.part()).positions();
            Box box = new Box();
            for (int vertex : lips.upper()) {
                box.add(p[3 * vertex], p[3 * vertex + 1], p[3 * vertex + 2]);
            }
            // Half of what one sees is the lips' width; the jaw needs room below.
            double width = Math.max(12, box.high[0] - box.low[0]);
            Vec middle = box.middle();
            return new Camera(new Vec(middle.x(), middle.y() - 0.08 * width, middle.z()), 0, 0, NEAR, 1.72 * width);
        }
        List<Part> drawings = character.parts().stream()
                .filter(p -> p.looks()
                        .showing()
                        .map(s -> s.channel().equals("mouth"))
                        .orElse(false))
                .toList();
        if (!drawings.isEmpty()) {
            Box box = new Box();
            for (Part part : drawings) {
                float[] p = part.positions();
                for (int i = 0; i < p.length; i += 3) {
                    box.add(p[i], p[i + 1], p[i + 2]);
                }
            }
            double side = Math.max(box.high[0] - box.low[0], box.high[1] - box.low[1]);
            return new Camera(box.middle(), 0, 0, NEAR, Math.min(1.15 * side, 200));
        }
        return new Camera(new Vec(0, -67, 70), 0, 0, NEAR, 88);
    }

    /** The face without the shoulders, from an angle. */
    public static Camera face(double yaw) {
        return new Camera(new Vec(0, -14, 20), yaw, 3, NEAR, 262);
    }

    private static final class Box {
        final double[] low = {1e30, 1e30, 1e30};
        final double[] high = {-1e30, -1e30, -1e30};

        void add(double x, double y, double z) {
            double[] p = {x, y, z};
            for (int k = 0; k < 3; k++) {
                low[k] = Math.min(low[k], p[k]);
                high[k] = Math.max(high[k], p[k]);
            }
        }

        Vec middle() {
            return new Vec((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
        }
    }
}
