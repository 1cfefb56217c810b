package graykite.studio.view;

import graykite.mouth.FittedChart;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.picture.Camera;
import graykite.picture.Picture;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.rig.Views;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;

/** A character's own mouth in each shape of its chart, as small pictures for the sheet and the desks. */
public final class MouthPictures {
    /** Pixels a side. */
    public static final int SIZE = 96;

    private final Character character;
    private final FittedChart chart;
    private final Map<Pose, Image> images;

    private MouthPictures(Character character, FittedChart chart, Map<Pose, Image> images) {
        this.character = character;
        this.chart = chart;
        this.images = Collections.unmodifiableMap(images);
    }

    /**
     * Draws the shapes of a chart and the hand-made poses of a line; a quarter of a second of work for a new face, not for
     * the JavaFX thread.
     *
     * @param before pictures that are kept where they show the same
     */
    public static MouthPictures of(
            Character character, FittedChart chart, MouthWork work, Optional<MouthPictures> before) {
        Map<Pose, Image> known = before.filter(b -> b.character.parts().equals(character.parts()))
                .map(b -> b.images)
                .orElse(Map.of());
        Set<Pose> wanted = new LinkedHashSet<>(chart.poses().values());
        work.touchUps().stream().map(TouchUp::pose).flatMap(Optional::stream).forEach(wanted::add);
        Map<Pose, Image> images = new HashMap<>();
        Optional<Deformer> deformer = Optional.empty();
        Renderer renderer = new Renderer();
        Camera close = Views.mouth(character);
        for (Pose pose : wanted) {
            if (known.containsKey(pose)) {
                images.put(pose, known.get(pose));
            } else {
                Deformer moves = deformer.orElseGet(() -> new Deformer(character));
                deformer = Optional.of(moves);
                images.put(pose, image(renderer.draw(moves.deform(character.values(pose)), close, SIZE, SIZE)));
            }
        }
        return new MouthPictures(character, chart, images);
    }

    /** True when these are the pictures of a character in a chart with the poses of a line. */
    public boolean serve(Character who, FittedChart asked, MouthWork work) {
        return character == who
                && chart.poses().equals(asked.poses())
                && work.touchUps().stream()
                        .map(TouchUp::pose)
                        .flatMap(Optional::stream)
                        .allMatch(images::containsKey);
    }

    /** The picture of a shape; nothing for a shape that came into the chart a moment ago. */
    public Optional<Image> of(String shape) {
        return Optional.ofNullable(chart.poses().get(shape)).flatMap(this::of);
    }

    public Optional<Image> of(Pose pose) {
        return Optional.ofNullable(images.get(pose));
    }

    /** A face at rest, small, for lists; not for the JavaFX thread. */
    public static Image portrait(Character character) {
        double[] rest = character.values(character.poses().getOrDefault("Rest", Pose.REST));
        return image(new Renderer().draw(new Deformer(character).deform(rest), Camera.FRONT, 56, 56));
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
