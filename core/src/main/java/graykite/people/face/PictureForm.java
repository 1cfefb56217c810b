package graykite.people.face;

import static graykite.base.Require.requireThat;
import static graykite.geometry.Ease.smooth;

import graykite.geometry.Vec;
import java.util.LinkedHashMap;
import java.util.Map;

/** Where a face lies in a picture, in millimetres: its landmarks, how far it stands out, and the plan for its movements. */
final class PictureForm {
    /** Half of the width of the mouth, in millimetres, as on every face. */
    static final double MOUTH_HALF = 25.5;

    private final Map<String, Vec> marks = new LinkedHashMap<>();
    private final double scale;
    private final Vec origin;

    /**
     * @param pixels the landmarks, x to the right and y down
     * @throws IllegalArgumentException when they do not lie as on a face
     */
    PictureForm(Map<String, Vec> pixels) {
        Vec left = pixels.get("mouth corner.L");
        Vec right = pixels.get("mouth corner.R");
        double wide = left.x() - right.x();
        requireThat(wide > 4, "The corner of the mouth on the right of the picture is the character's left one.");
        this.scale = 2 * MOUTH_HALF / wide;
        this.origin = new Vec((left.x() + right.x()) / 2, (left.y() + right.y()) / 2, 0);
        pixels.forEach((name, p) -> marks.put(name, flat(p)));
        requireThat(
                marks.get("chin").y() < marks.get("upper lip seam").y()
                        && marks.get("eye upper.L").y() > marks.get("nose tip").y(),
                "The chin lies below the mouth and the eyes above the nose.");
    }

    /** The landmarks in millimetres. */
    Map<String, Vec> marks() {
        return marks;
    }

    /** Millimetres a pixel. */
    double scale() {
        return scale;
    }

    /** The middle of the mouth in pixels. */
    Vec origin() {
        return origin;
    }

    /** From pixels to millimetres, the mouth where every camera looks for it. */
    Vec flat(Vec pixel) {
        return new Vec((pixel.x() - origin.x()) * scale, -65 - (pixel.y() - origin.y()) * scale, 0);
    }

    Vec mark(String name) {
        return marks.get(name);
    }

    /** How far the face stands out of the picture: a round over its outline, and a nose. */
    double relief(double x, double y) {
        double d = outline(x, y);
        Vec tip = mark("nose tip");
        double nose = 16 * Math.exp(-Math.pow((x - tip.x()) / 10, 2) - Math.pow((y - tip.y() - 6) / 16, 2));
        return 55 * Math.sqrt(Math.max(0, 1 - Math.min(1, d))) * smooth(1.0, 0.75, d) + nose;
    }

    /** 0 in the middle of the face, 1 on its outline, more beyond. */
    double outline(double x, double y) {
        double top = mark("forehead").y() + 18;
        double bottom = mark("chin").y() - 6;
        double middleX = (mark("jaw angle.L").x() + mark("jaw angle.R").x()) / 2;
        double wide = 1.12 * (mark("jaw angle.L").x() - mark("jaw angle.R").x()) / 2;
        double tall = (top - bottom) / 2;
        return Math.pow((x - middleX) / wide, 2) + Math.pow((y - (top + bottom) / 2) / tall, 2);
    }

    Vec standing(double x, double y) {
        return new Vec(x, y, relief(x, y));
    }

    /** The plan that the table of movements works from, with this face's places. */
    FacePlan plan() {
        Vec eye = mark("eye upper.L").mix(mark("eye lower.L"), 0.5);
        Vec other = mark("eye upper.R").mix(mark("eye lower.R"), 0.5);
        double eyeX = (eye.x() - other.x()) / 2;
        double eyeY = (eye.y() + other.y()) / 2;
        Vec seam = mark("upper lip seam");
        Vec tip = mark("nose tip");
        double browY = (mark("brow middle.L").y() + mark("brow middle.R").y()) / 2;
        double browX = (mark("brow middle.L").x() - mark("brow middle.R").x()) / 2;
        Field none = Field.sphere(0, 0, 0, 60);
        return new FacePlan(
                none,
                Vec.ZERO,
                standing(0, seam.y()),
                MOUTH_HALF,
                mark("upper lip top").y() - seam.y(),
                seam.y() - mark("lower lip bottom").y(),
                0,
                0,
                1,
                standing(eyeX, eyeY),
                12,
                standing(browX, browY),
                new Vec(0, eyeY - 20, -60),
                standing(eyeX + 3, (eyeY + seam.y()) / 2 - 4),
                standing(0, tip.y()));
    }
}
