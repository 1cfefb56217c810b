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
            double width = Math.max(12, box.size(0));
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
                box.addAll(part.positions());
            }
            double side = Math.max(box.size(0), box.size(1));
            return new Camera(box.middle(), 0, 0, NEAR, Math.min(1.15 * side, 200));
        }
        return new Camera(new Vec(0, -67, 70), 0, 0, NEAR, 88);
    }

    /** The face without the shoulders, from an angle. */
    public static Camera face(double yaw) {
        return new Camera(new Vec(0, -14, 20), yaw, 3, NEAR, 262);
    }

    /** From the brows to the chin: where one reads a feeling. */
    public static Camera features(Character character, double yaw) {
        return character.kind() == Character.Kind.DRAWN
                ? new Camera(new Vec(0, 8, 0), 0, 0, NEAR, 240)
                : new Camera(new Vec(0, -28, 20), yaw, 2, NEAR, 188);
    }
}
