package graykite.studio.view;

import graykite.figures.Match;
import graykite.figures.Matching;
import graykite.format.character.Found;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.rig.Views;
import graykite.studio.model.Counted;
import java.util.List;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What was found in somebody's character file, before it joins the cast. */
public final class BringInOverlay extends Overlay {
    private static final int SIZE = 190;

    public BringInOverlay(StackPane host, String file, Found found, Runnable add) {
        super(host, 700, 460);
        Character character = found.character();
        Label title = new Label("Found in " + file);
        title.getStyleClass().add("title");
        HBox pictures = new HBox(8);
        for (String pose : List.of("Rest", "Ah", "Ih", "Glad")) {
            if (character.poses().containsKey(pose) && pictures.getChildren().size() < 3) {
                pictures.getChildren().add(portrait(character, pose));
            }
        }
        VBox facts = new VBox(4);
        line(
                facts,
                Counted.of(character.triangleCount(), "triangle") + " in "
                        + Counted.of(character.parts().size(), "piece") + ", "
                        + Counted.of(character.channels().size(), "channel"),
                "label");
        long sure = found.matches().stream()
                .filter(m -> m.certainty() >= Match.SURE)
                .count();
        long guesses = found.matches().size() - sure;
        if (!found.matches().isEmpty()) {
            line(
                    facts,
                    Counted.of(sure, "channel") + " recognised by name"
                            + (guesses > 0 ? ", " + guesses + " guessed: look at them under Shapes" : ""),
                    "label");
        }
        int unused = Matching.unused(character).size();
        if (unused > 0) {
            line(
                    facts,
                    Counted.of(unused, "channel") + " without a meaning yet, to be assigned or tried by hand",
                    "label");
        }
        List<Viseme> missing = MouthChart.missing(character);
        line(
                facts,
                missing.isEmpty()
                        ? "Every mouth shape is there: it can speak at once."
                        : "Missing mouth shapes: "
                                + missing.stream().map(Viseme::title).collect(Collectors.joining(", ")) + ".",
                missing.isEmpty() ? "label" : "warn");
        found.remarks().stream().limit(4).forEach(r -> line(facts, r, "quiet"));
        if (found.remarks().size() > 4) {
            line(facts, (found.remarks().size() - 4) + " more remarks of this kind", "quiet");
        }
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> close());
        Button join = new Button(missing.isEmpty() ? "Add to the cast" : "Add to the cast and assign shapes");
        join.setId("join-cast");
        join.getStyleClass().add("primary");
        join.setDefaultButton(true);
        join.setOnAction(e -> {
            close();
            add.run();
        });
        HBox buttons = new HBox(8, cancel, join);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        VBox.setVgrow(facts, Priority.ALWAYS);
        card().getChildren().addAll(title, pictures, facts, buttons);
    }

    private static void line(VBox into, String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        label.setMinHeight(Label.USE_PREF_SIZE);
        into.getChildren().add(label);
    }

    private static StackPane portrait(Character character, String pose) {
        ImageView view = new ImageView();
        StackPane frame = new StackPane(view);
        frame.setMinSize(SIZE, SIZE);
        frame.setStyle("-fx-background-color: linear-gradient(to bottom, #9A9DA1, #7E8287);");
        if (character.poses().containsKey(pose)) {
            Thread.ofVirtual().start(() -> {
                double[] values = character.values(character.poses().getOrDefault(pose, Pose.REST));
                var picture = new Renderer().draw(new Deformer(character).deform(values), Views.face(0), SIZE, SIZE);
                Platform.runLater(() -> view.setImage(MouthPictures.image(picture)));
            });
        }
        return frame;
    }
}
