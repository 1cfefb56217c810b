package graykite.studio.view;

import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.rig.Views;
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

    private final Map<Viseme, Image> images;

    private MouthPictures(Map<Viseme, Image> images) {
        this.images = Collections.unmodifiableMap(images);
    }

    /** Draws them all; a quarter of a second of work, not for the JavaFX thread. */
    public static MouthPictures of(Character character) {
        Deformer deformer = new Deformer(character);
        Renderer renderer = new Renderer();
        Camera close = Views.mouth(character);
        Map<Viseme, Pose> shapes = MouthChart.nearest(character).shapes();
        Map<Viseme, Image> images = new EnumMap<>(Viseme.class);
        for (Viseme viseme : Viseme.values()) {
            double[] values = character.values(shapes.get(viseme));
            images.put(viseme, image(renderer.draw(deformer.deform(values), close, SIZE, SIZE)));
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
