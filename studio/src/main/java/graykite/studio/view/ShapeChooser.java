package graykite.studio.view;

import graykite.picture.Camera;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.rig.Views;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Every channel of a character at its end as a small picture, to choose which one plays a shape. */
public final class ShapeChooser extends Overlay {
    private static final int SIZE = 96;

    private final FlowPane cells = new FlowPane(10, 10);

    /**
     * @param target the viseme or action that is looked for
     * @param channels in the order in which they are offered
     * @param mouth true to look at the mouth, false at the whole face
     * @param chosen receives what was chosen
     */
    public ShapeChooser(
            StackPane host,
            Character character,
            String target,
            List<Channel> channels,
            boolean mouth,
            PosePictures pictures,
            Consumer<Pose> chosen) {
        super(host, 760, 560);
        Label title = new Label("Which shape is \"" + target + "\"?");
        title.getStyleClass().add("title");
        Label help = new Label("Channels that nothing uses come first.");
        help.getStyleClass().add("quiet");
        TextField filter = new TextField();
        filter.setPromptText("Find by name");
        filter.textProperty().addListener((o, b, n) -> filter(n));
        Button none = new Button("The face at rest");
        none.setOnAction(e -> {
            chosen.accept(Pose.REST);
            close();
        });
        Button cancel = new Button("Cancel");
        cancel.setOnAction(e -> close());
        HBox.setHgrow(filter, Priority.ALWAYS);
        HBox bar = new HBox(8, filter, none, cancel);
        ScrollPane scroll = new ScrollPane(cells);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(410);
        card().getChildren().addAll(title, help, bar, scroll);
        Camera camera = mouth ? Views.mouth(character) : Views.face(0);
        List<PosePictures.Order> orders = new ArrayList<>();
        for (Channel channel : channels) {
            List<Double> ends = drawingsOf(character, channel);
            for (double end : ends) {
                cells.getChildren().add(cell(character, channel, end, ends.size() > 2, camera, orders, chosen));
            }
        }
        pictures.draw(character, SIZE, orders);
    }

    /** The ends of a channel; each drawing of one that chooses drawings. */
    private static List<Double> drawingsOf(Character character, Channel channel) {
        List<Double> numbers = character.parts().stream()
                .flatMap(p -> p.looks().showing().stream())
                .filter(s -> s.channel().equals(channel.name()))
                .map(s -> (double) s.number())
                .distinct()
                .sorted()
                .toList();
        if (!numbers.isEmpty()) {
            return numbers;
        }
        return channel.min() < 0 ? List.of(channel.max(), channel.min()) : List.of(channel.max());
    }

    private VBox cell(
            Character character,
            Channel channel,
            double end,
            boolean numbered,
            Camera camera,
            List<PosePictures.Order> orders,
            Consumer<Pose> chosen) {
        ImageView view = new ImageView();
        view.setFitWidth(SIZE);
        view.setFitHeight(SIZE);
        double[] values = new double[character.channels().size()];
        values[character.channelIndex().get(channel.name())] = end;
        orders.add(new PosePictures.Order(values, camera, view::setImage));
        String sign = numbered ? " " + (int) end : end < 0 ? " −" : "";
        Button button = new Button(channel.name() + sign, view);
        button.setContentDisplay(ContentDisplay.TOP);
        button.getStyleClass().setAll("button", "shape-choice");
        button.setMaxWidth(SIZE + 20);
        button.setOnAction(e -> {
            chosen.accept(Pose.of(channel.name(), end));
            close();
        });
        VBox cell = new VBox(button);
        cell.setAlignment(Pos.TOP_CENTER);
        cell.setUserData(channel.name());
        return cell;
    }

    private void filter(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        cells.getChildren().forEach(cell -> {
            boolean fits =
                    cell.getUserData().toString().toLowerCase(Locale.ROOT).contains(wanted);
            cell.setVisible(fits);
            cell.setManaged(fits);
        });
    }
}
