package graykite.studio.view;

import graykite.base.Aside;
import graykite.format.ProjectFiles;
import graykite.geometry.Vec;
import graykite.picture.Camera;
import graykite.picture.Renderer;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.session.Rescues;
import graykite.studio.model.Workspace;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What one sees first: where to drop a recording, recent projects, the demo. */
public final class StartScreen extends StackPane {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("d MMMM, HH:mm", Locale.ROOT).withZone(ZoneId.systemDefault());

    /** What the start screen can ask for. */
    public interface Asks {
        void demo();

        void openDialog();

        void recordingDialog();

        void open(Path project);

        void recover(Rescues.Rescue rescue);
    }

    public StartScreen(Workspace workspace, List<Rescues.Rescue> rescues, Asks asks) {
        getStyleClass().add("start");
        VBox column = new VBox(18);
        column.setMaxWidth(600);
        column.setMaxHeight(USE_PREF_SIZE);
        column.setAlignment(Pos.CENTER_LEFT);
        Label name = new Label("Gray Kite");
        name.setStyle("-fx-font-family: 'Inter Semi Bold'; -fx-font-size: 30px; -fx-text-fill: ink;");
        Label purpose = new Label("A recorded line, its words and a character: out comes a speaking face.");
        purpose.getStyleClass().add("quiet");
        purpose.setStyle("-fx-font-size: 14px;");
        VBox titles = new VBox(2, name, purpose);
        titles.setAlignment(Pos.CENTER_LEFT);
        HBox head = new HBox(18, KiteMark.large(92), titles);
        head.setAlignment(Pos.CENTER_LEFT);
        column.getChildren().addAll(head, dropZone(asks), buttons(asks));
        rescues.forEach(rescue -> column.getChildren().add(rescueCard(rescue, asks)));
        column.getChildren().add(recent(workspace.settings().recent(), asks));
        ImageView portrait = new ImageView();
        portrait.setFitWidth(300);
        portrait.setFitHeight(400);
        StackPane frame = new StackPane(portrait);
        frame.setMinSize(300, 400);
        frame.setMaxSize(300, 400);
        frame.setStyle("-fx-background-color: linear-gradient(to bottom, #9A9DA1, #7E8287); -fx-background-radius: 6;");
        Aside.then(workspace.character(), StartScreen::portrait)
                .thenAccept(image -> Platform.runLater(() -> portrait.setImage(image)));
        HBox all = new HBox(40, column, frame);
        all.setAlignment(Pos.CENTER);
        getChildren().add(all);
        setPadding(new Insets(24));
    }

    private static Image portrait(Character character) {
        double[] values =
                character.values(Pose.of("lipCornerPuller", 0.35, "cheekRaiser", 0.3, "headYaw", -9, "eyeYaw", 5));
        Camera camera = new Camera(new Vec(0, -14, 15), 20, 3, 1400, 390);
        return MouthPictures.image(new Renderer().draw(new Deformer(character).deform(values), camera, 600, 800));
    }

    private VBox dropZone(Asks asks) {
        FontIcon icon = new FontIcon(Feather.DOWNLOAD);
        icon.setIconSize(26);
        Label drop = new Label("Drop a recording and its script here");
        drop.getStyleClass().add("heading");
        Label formats =
                new Label("WAV, AIFF, FLAC, OGG, MP3 or M4A. A text file of the same name is taken as its words.");
        formats.getStyleClass().add("quiet");
        Button browse = new Button("Choose a recording…");
        browse.setOnAction(e -> asks.recordingDialog());
        VBox zone = new VBox(icon, drop, formats, browse);
        zone.getStyleClass().add("drop-zone");
        zone.setOnDragEntered(e -> zone.getStyleClass().add("drop-over"));
        zone.setOnDragExited(e -> zone.getStyleClass().remove("drop-over"));
        zone.setOnDragOver(StartScreen::accept);
        return zone;
    }

    private static void accept(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
        }
    }

    private static HBox buttons(Asks asks) {
        Button demo = new Button("Open the demo", new FontIcon(Feather.PLAY_CIRCLE));
        demo.getStyleClass().add("primary");
        demo.setId("open-demo");
        demo.setTooltip(new Tooltip("Six lines from the night ferry at Saltmere harbour"));
        demo.setOnAction(e -> asks.demo());
        Button open = new Button("Open a project…", new FontIcon(Feather.FOLDER));
        open.setOnAction(e -> asks.openDialog());
        return new HBox(10, demo, open);
    }

    private static HBox rescueCard(Rescues.Rescue rescue, Asks asks) {
        Label text = new Label(
                "Unsaved work on \"" + rescue.title() + "\" from " + WHEN.format(rescue.when()) + " was kept.");
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        Button recover = new Button("Bring it back");
        recover.setOnAction(e -> asks.recover(rescue));
        HBox card = new HBox(10, text, recover);
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().add("card");
        return card;
    }

    private static VBox recent(List<Path> projects, Asks asks) {
        Label heading = new Label("Recent projects");
        heading.getStyleClass().add("heading");
        VBox list = new VBox(2, heading);
        if (projects.isEmpty()) {
            Label none = new Label("Projects that you save appear here.");
            none.getStyleClass().add("quiet");
            list.getChildren().add(none);
        }
        for (Path project : projects.stream().limit(5).toList()) {
            String name = project.getFileName().toString().replace(ProjectFiles.EXTENSION, "");
            Label title = new Label(name);
            Label where = new Label(String.valueOf(project.getParent()));
            where.getStyleClass().add("quiet");
            Button entry = new Button();
            entry.setGraphic(new HBox(12, RecentThumbnail.of(project), new VBox(1, title, where)));
            entry.setAccessibleText("Open " + name);
            entry.getStyleClass().setAll("button", "recent");
            entry.setMaxWidth(Double.MAX_VALUE);
            entry.setOnAction(e -> asks.open(project));
            list.getChildren().add(entry);
        }
        return list;
    }
}
