package graykite.studio.view;

import graykite.base.Aside;
import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.picture.SurfacePick;
import graykite.rig.Character;
import graykite.rig.Deformer;
import javafx.application.Platform;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;

/** A finished face on which one sees where the chosen landmark belongs. */
final class ExampleFace extends StackPane {
    static final int SIZE = 210;

    private static final Camera VIEW = new Camera(new Vec(0, -24, 20), 0, 2, 1400, 235);

    private final Character model;
    private final Canvas mark = new Canvas(SIZE, SIZE);

    ExampleFace(Character model) {
        this.model = model;
        ImageView face = new ImageView();
        face.setFitWidth(SIZE);
        face.setFitHeight(SIZE);
        getChildren().addAll(face, mark);
        Aside.ask(() -> new Renderer()
                        .draw(
                                new Deformer(model)
                                        .deform(new double[model.channels().size()]),
                                VIEW,
                                SIZE,
                                SIZE))
                .thenAccept(p -> Platform.runLater(() -> face.setImage(MouthPictures.image(p))));
    }

    /** Shows where a landmark is; nothing when the face has none of that name. */
    void mark(String name) {
        GraphicsContext g = mark.getGraphicsContext2D();
        g.clearRect(0, 0, SIZE, SIZE);
        if (name != null && model.landmarks().containsKey(name)) {
            double[] at = SurfacePick.seen(model.landmarks().get(name), VIEW, SIZE, SIZE);
            LandmarkOverlay.dot(g, at, 5, Color.web("#B83E32"));
        }
    }
}
