package graykite.figures;

import graykite.geometry.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.LipLine;
import graykite.rig.Part;
import graykite.rig.Pose;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which region of the face each vertex belongs to. Mouth and eyes are found by what opens the lips and closes the lids,
 * everything else lies in proportion to them (the eyes stand a good mouth's width over the mouth on any human-like face).
 */
final class FaceMap {
    private final Character character;
    private final Deformer deformer;
    private final Vec mouth;
    private final double unit;
    private final double eyeX;

    /** As long as from mouth to eyes on a grown face; a child's is shorter, and no narrower. */
    private final double across;

    FaceMap(Character character) {
        this.character = character;
        this.deformer = new Deformer(character);
        this.mouth = findMouth();
        Optional<Vec> eye = middleMoved("lidClose.L").or(() -> middleMoved("lidClose.R"));
        Optional<Vec> marked = Optional.ofNullable(character.landmarks().get("eye upper.L"));
        Vec left = marked.or(() -> eye).orElse(mouth.plus(new Vec(32, 68, -10)));
        double high = left.y() - mouth.y();
        this.unit = high > 10 && high < 400 ? high : 68;
        this.eyeX = Math.max(0.25 * unit, Math.abs(left.x()));
        this.across = 2.1 * eyeX;
    }

    private Vec findMouth() {
        if (character.lips().isPresent()) {
            LipLine lips = character.lips().get();
            float[] p = character.parts().get(lips.part()).positions();
            int middle = 3 * lips.upper()[lips.upper().length / 2];
            return new Vec(p[middle], p[middle + 1], p[middle + 2]);
        }
        return middleMoved("lipPucker").or(() -> middleMoved("lipCornerPuller")).orElse(new Vec(0, -65, 92));
    }

    /** The middle of what an action moves, weighted by how far; nothing when it moves nothing. */
    private Optional<Vec> middleMoved(String action) {
        if (!character.has(action)) {
            return Optional.empty();
        }
        double[] rest = new double[character.channels().size()];
        double[] there = character.values(Pose.of(action, 1));
        double x = 0;
        double y = 0;
        double z = 0;
        double sum = 0;
        for (Part part : character.parts()) {
            float[] a = deformer.placed(part, rest);
            float[] b = deformer.placed(part, there);
            for (int i = 0; i < a.length; i += 3) {
                double moved = Math.sqrt(
                        Math.pow(b[i] - a[i], 2) + Math.pow(b[i + 1] - a[i + 1], 2) + Math.pow(b[i + 2] - a[i + 2], 2));
                double weight = moved * moved;
                x += weight * a[i];
                y += weight * a[i + 1];
                z += weight * a[i + 2];
                sum += weight;
            }
        }
        return sum < 1 ? Optional.empty() : Optional.of(new Vec(x / sum, y / sum, z / sum));
    }

    /** The region of a vertex of a part. */
    Region region(Part part, int vertex) {
        String name = part.name().toLowerCase(Locale.ROOT);
        if (List.of("teeth", "tooth", "tongue", "gum").stream().anyMatch(name::contains)) {
            return Region.INSIDE;
        }
        // They stand in the skin round the mouth, however far they reach.
        if (List.of("whisker", "beard", "moustache").stream().anyMatch(name::contains)) {
            return Region.MOUTH;
        }
        if (name.contains("brow")) {
            return Region.BROWS;
        }
        if (isEye(part) || name.contains("lid") || name.contains("lash")) {
            return Region.EYES;
        }
        float[] p = part.positions();
        double x = Math.abs(p[3 * vertex]) / across;
        double t = (p[3 * vertex + 1] - mouth.y()) / unit;
        double behind = (mouth.z() - p[3 * vertex + 2]) / across;
        if (behind > 1.05 || t > 1.75) {
            // Under the ears the jaw runs back to its hinge.
            return t > 0.72 ? Region.SKULL : t > -0.95 && behind < 1.65 ? Region.JAW : Region.BODY;
        }
        if (t < -1.0) {
            return Region.BODY;
        }
        if (t > 1.18) {
            return x < eyeX / across + 0.6 ? Region.BROWS : Region.SKULL;
        }
        if (t > 0.68) {
            // Outward to the ends of the crow's feet.
            double beside = x - eyeX / across;
            return beside > -0.36 && beside < 0.46 ? Region.EYES : x < eyeX / across ? Region.NOSE : Region.CHEEKS;
        }
        if (t > 0.24) {
            return x < 0.32 ? Region.NOSE : Region.CHEEKS;
        }
        if (t > -0.28) {
            return x < 0.62 ? Region.MOUTH : Region.CHEEKS;
        }
        return Region.JAW;
    }

    /** True for an eyeball. */
    static boolean isEye(Part part) {
        String name = part.name().toLowerCase(Locale.ROOT);
        boolean eye =
                name.contains("eye") || name.contains("iris") || name.contains("cornea") || name.contains("pupil");
        return eye && !name.contains("lid") && !name.contains("brow") && !name.contains("lash");
    }
}
