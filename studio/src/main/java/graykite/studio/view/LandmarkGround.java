package graykite.studio.view;

import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.picture.Surface;
import graykite.picture.SurfacePick;
import graykite.picture.Texture;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Views;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.Optional;

/** What landmarks are marked on: a picture, or a head in space. Immutable; another view is another ground. */
public sealed interface LandmarkGround {
    /** Draws it; some milliseconds, not for the JavaFX thread. */
    Picture draw(int size);

    /** Where a mark is seen, in pixels from the left and the top. */
    double[] seen(Vec mark, int size);

    /** The mark at a point; nothing beside the head. */
    Optional<Vec> markAt(double x, double y, int size);

    /** Nearer or farther about a point. */
    LandmarkGround zoomed(double factor, double x, double y, int size);

    /** From another side, in degrees; a picture has only one. */
    LandmarkGround turned(double degrees);

    /**
     * A picture; marks are its pixels.
     *
     * @param left pixel of the picture at the left edge of what is seen
     * @param top pixel at its upper edge
     * @param span pixels that are seen from side to side
     */
    record Flat(Texture picture, double left, double top, double span) implements LandmarkGround {
        public static Flat whole(Texture picture) {
            double span = Math.max(picture.width(), picture.height());
            return new Flat(picture, (picture.width() - span) / 2, (picture.height() - span) / 2, span);
        }

        @Override
        public Picture draw(int size) {
            BufferedImage whole = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
            whole.setRGB(0, 0, picture.width(), picture.height(), picture.pixels(), 0, picture.width());
            BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = image.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            double scale = size / span;
            pen.translate(-left * scale, -top * scale);
            pen.scale(scale, scale);
            pen.drawImage(whole, 0, 0, null);
            pen.dispose();
            return new Picture(size, size, image.getRGB(0, 0, size, size, null, 0, size));
        }

        @Override
        public double[] seen(Vec mark, int size) {
            return new double[] {(mark.x() - left) * size / span, (mark.y() - top) * size / span};
        }

        @Override
        public Optional<Vec> markAt(double x, double y, int size) {
            return Optional.of(new Vec(
                    Math.clamp(left + x * span / size, 0, picture.width()),
                    Math.clamp(top + y * span / size, 0, picture.height()),
                    0));
        }

        @Override
        public LandmarkGround zoomed(double factor, double x, double y, int size) {
            double newSpan = Math.clamp(span * factor, 40, 1.5 * Math.max(picture.width(), picture.height()));
            double fx = left + x * span / size;
            double fy = top + y * span / size;
            return new Flat(picture, fx - x * newSpan / size, fy - y * newSpan / size, newSpan);
        }

        @Override
        public LandmarkGround turned(double degrees) {
            return this;
        }
    }

    /** A head; marks are places on it. */
    record Head(List<Surface> surfaces, Camera camera) implements LandmarkGround {
        public static Head of(Character bare) {
            return new Head(new Deformer(bare).deform(new double[bare.channels().size()]), Views.face(0));
        }

        @Override
        public Picture draw(int size) {
            return new Renderer().draw(surfaces, camera, size, size);
        }

        @Override
        public double[] seen(Vec mark, int size) {
            return SurfacePick.seen(mark, camera, size, size);
        }

        @Override
        public Optional<Vec> markAt(double x, double y, int size) {
            return SurfacePick.at(surfaces, camera, x, y, size, size);
        }

        @Override
        public LandmarkGround zoomed(double factor, double x, double y, int size) {
            double scale = camera.height() / size * (1 - factor);
            return new Head(
                    surfaces,
                    camera.panned((x - size / 2.0) * scale, (size / 2.0 - y) * scale)
                            .zoomed(factor));
        }

        @Override
        public LandmarkGround turned(double degrees) {
            return new Head(surfaces, camera.orbited(degrees, 0));
        }
    }
}
