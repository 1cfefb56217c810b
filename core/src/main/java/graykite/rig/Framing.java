package graykite.rig;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import java.util.Optional;

/**
 * How a view is made to suit a character. Modelled heads and drawn figures have the size that the views are made for. A flat
 * face that was made from a picture has the picture's edges: seen whole, it fills the view as a head does; seen near, it is
 * left as it is, since its mouth has the size of any other.
 */
public final class Framing {
    /** Heights of the view, in millimetres, from which on a face is near, and at which it is seen whole. */
    private static final double NEAR = Camera.MOUTH.height();

    private static final double WHOLE = Camera.FRONT.height();

    /** A flat face is at least so many times less deep than high. */
    private static final double FLAT = 2;

    /** Where a picture lies, in millimetres. */
    private record Sheet(Vec middle, double width, double height) {}

    private final Optional<Sheet> sheet;

    private Framing(Optional<Sheet> sheet) {
        this.sheet = sheet;
    }

    /** What suits a character. */
    public static Framing of(Character character) {
        if (character.kind() == Character.Kind.DRAWN) {
            return new Framing(Optional.empty());
        }
        Box box = new Box();
        character.parts().stream()
                .filter(p -> p.material().painted() && p.looks().texture().isPresent())
                .forEach(p -> box.addAll(p.positions()));
        boolean flat = box.size(1) > 0 && box.size(2) * FLAT < box.size(1);
        return new Framing(flat ? Optional.of(new Sheet(box.middle(), box.size(0), box.size(1))) : Optional.empty());
    }

    /**
     * A view as it suits the character.
     *
     * @param aspect width of the picture over its height
     */
    public Camera of(Camera camera, double aspect) {
        if (sheet.isEmpty()) {
            return camera;
        }
        Sheet all = sheet.get();
        double share = Math.clamp((camera.height() - NEAR) / (WHOLE - NEAR), 0, 1);
        double wanted = Math.max(all.height(), all.width() / aspect);
        double factor = 1 + share * (wanted / WHOLE - 1);
        Vec shift = new Vec(
                        all.middle().x(),
                        all.middle().y() - Camera.FRONT.target().y(),
                        0)
                .times(share);
        return new Camera(
                camera.target().plus(shift),
                camera.yaw(),
                camera.pitch(),
                camera.distance() * Math.max(1, factor),
                camera.height() * factor);
    }
}
