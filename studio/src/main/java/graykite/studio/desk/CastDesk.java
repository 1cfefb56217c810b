package graykite.studio.desk;

import graykite.mouth.Viseme;
import graykite.rig.Character;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Cast: who speaks, and what her mouth can do. */
public final class CastDesk extends Desk {
    private final FlowPane shapes = new FlowPane(8, 8);
    private final Label facts = Parts.quiet("Odile is being made…");

    public CastDesk(Workspace workspace) {
        Label name = Parts.heading("Odile Marsh");
        getChildren()
                .addAll(
                        Parts.title("Cast"),
                        Parts.card(
                                name,
                                Parts.quiet("Captain of the night ferry at Saltmere, sixty, warm and dry."),
                                facts),
                        Parts.heading("Her mouth shapes"),
                        shapes,
                        Parts.quiet(
                                "Still to come: Pim, Brine, and characters of your own from glTF, OBJ shapes, drawings or one picture."));
    }

    /** Shows the character once it is made. */
    public void show(Character character, MouthPictures pictures) {
        facts.setText(character.triangleCount() + " triangles, "
                + character.channels().size() + " channels named after FACS, "
                + character.poses().size() + " poses.");
        for (Viseme viseme : Viseme.values()) {
            ImageView view = new ImageView(pictures.of(viseme));
            view.setFitWidth(92);
            view.setFitHeight(92);
            Label label = new Label(viseme.title());
            label.setMaxWidth(92);
            VBox cell = new VBox(2, view, label, Parts.quiet(viseme.sounds().isEmpty() ? "silence" : viseme.sounds()));
            cell.setAlignment(Pos.TOP_CENTER);
            shapes.getChildren().add(cell);
        }
    }

    @Override
    public void refresh() {
        // The cast does not change yet.
    }
}
