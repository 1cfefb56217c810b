package graykite.studio.view;

import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.picture.Vec;
import graykite.rig.Character;
import graykite.rig.Deformer;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** The character's own mouth in each shape, as small pictures for the sheet and the desks. */
public final class MouthPictures {
    /** Pixels a side. */
    public static final int SIZE = 96;

    private static final Camera CLOSE = new Camera(new Vec(0, -67, 70), 0, 0, 1400, 88);

    private final Map<Viseme, Image> images;

    private MouthPictures(Map<Viseme, Image> images) {
        this.images = Collections.unmodifiableMap(images);
    }

    /** Draws them all; a quarter of a second of work, not for the JavaFX thread. */
    public static MouthPictures of(Character character) {
        Deformer deformer = new Deformer(character);
        Renderer renderer = new Renderer();
        Map<Viseme, Image> images = new EnumMap<>(Viseme.class);
        for (Viseme viseme : Viseme.values()) {
            double[] values = character.values(character.poses().get(viseme.title()));
            images.put(viseme, image(renderer.draw(deformer.deform(values), CLOSE, SIZE, SIZE)));
        }
        return new MouthPictures(images);
    }

    public Image of(Viseme viseme) {
        return images.get(viseme);
    }

    /** A picture as JavaFX shows it. */
    public static Image image(Picture picture) {
        WritableImage image = new WritableImage(picture.width(), picture.height());
        image.getPixelWriter()
                .setPixels(
                        0,
                        0,
                        picture.width(),
                        picture.height(),
                        PixelFormat.getIntArgbInstance(),
                        picture.pixels(),
                        0,
                        picture.width());
        return image;
    }
}
