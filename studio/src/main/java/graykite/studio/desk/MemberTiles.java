package graykite.studio.desk;

import graykite.picture.Renderer;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Views;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Everybody of the cast with a small face; a click looks at one. */
final class MemberTiles extends FlowPane {
    private static final int FACE = 56;

    private final Workspace workspace;
    private final Trial trial;
    private final Map<String, Image> portraits = new HashMap<>();
    private final Map<String, Character> portrayed = new HashMap<>();

    MemberTiles(Workspace workspace, Trial trial) {
        super(6, 6);
        this.workspace = workspace;
        this.trial = trial;
    }

    /** Shows everybody as they are now. */
    void fill() {
        getChildren().clear();
        for (Member member : workspace.project().cast()) {
            long lines = workspace.project().lines().stream()
                    .filter(s -> workspace.project().speakerOf(s).id().equals(member.id()))
                    .count();
            ImageView face = new ImageView();
            face.setFitWidth(FACE);
            face.setFitHeight(FACE);
            Optional.ofNullable(portraits.get(member.id())).ifPresent(face::setImage);
            portrait(member);
            Label title = new Label(member.name().split(" ")[0]);
            title.getStyleClass().add("heading");
            title.setMaxWidth(FACE + 12);
            title.setAlignment(Pos.CENTER);
            title.setStyle("-fx-font-size: 12px;");
            Label what = new Label(lines == 0 ? "no line" : lines == 1 ? "1 line" : lines + " lines");
            what.getStyleClass().add("quiet");
            VBox tile = new VBox(1, face, title, what);
            tile.setAlignment(Pos.CENTER);
            Button entry = new Button();
            entry.setGraphic(tile);
            entry.getStyleClass().setAll("button", "member");
            if (member.id().equals(trial.member().id())) {
                entry.getStyleClass().add("chosen");
            }
            entry.setTooltip(new Tooltip(member.name()));
            entry.setAccessibleText("Look at " + member.name());
            entry.setOnAction(e -> trial.memberId().set(member.id()));
            getChildren().add(entry);
        }
    }

    /** Draws the small face of a member once, and again when the figure changed. */
    private void portrait(Member member) {
        if (!workspace.figures().isReady(member)) {
            workspace.figures().of(member).thenRun(() -> Platform.runLater(() -> portrait(member)));
            return;
        }
        Character figure = workspace.figures().of(member).join();
        if (portrayed.get(member.id()) == figure) {
            return;
        }
        portrayed.put(member.id(), figure);
        Thread.ofVirtual().start(() -> {
            var picture = new Renderer()
                    .draw(
                            new Deformer(figure)
                                    .deform(new double[figure.channels().size()]),
                            Views.face(18),
                            2 * FACE,
                            2 * FACE);
            Platform.runLater(() -> {
                Image image = MouthPictures.image(picture);
                portraits.put(member.id(), image);
                fill();
            });
        });
    }
}
