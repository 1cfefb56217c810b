package graykite.studio.view;

import graykite.project.Reference;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.StackPane;

/** Where film or pictures are seen that a line is acted after: beside, behind or over the face. */
final class ReferencePane extends StackPane {
    private final ImageView image = new ImageView();
    private final Label note = new Label();

    ReferencePane(String id) {
        setId(id);
        setMinSize(0, 0);
        image.setPreserveRatio(true);
        image.setManaged(false);
        note.getStyleClass().add("stage-chip");
        note.setWrapText(true);
        note.setVisible(false);
        getChildren().addAll(image, note);
        setMouseTransparent(true);
        setVisible(false);
        setManaged(false);
    }

    /** Shows a picture of it; an empty one leaves the place empty, as before it begins. */
    void show(Reference reference, Optional<Image> picture) {
        setVisible(true);
        setManaged(true);
        note.setVisible(false);
        image.setImage(picture.orElse(null));
        image.setScaleX(reference.mirrored() ? -1 : 1);
        image.setOpacity(reference.place() == Reference.Place.BESIDE ? 1 : reference.opacity());
        requestLayout();
    }

    /** Says why there is no picture. */
    void say(String text) {
        setVisible(true);
        setManaged(true);
        image.setImage(null);
        note.setText(text);
        note.setVisible(true);
        StackPane.setAlignment(note, Pos.CENTER);
    }

    void hide() {
        setVisible(false);
        setManaged(false);
        image.setImage(null);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        image.setFitWidth(getWidth());
        image.setFitHeight(getHeight());
        double wide = image.getLayoutBounds().getWidth();
        double tall = image.getLayoutBounds().getHeight();
        image.relocate((getWidth() - wide) / 2, (getHeight() - tall) / 2);
    }
}
