package graykite.studio.desk;

import graykite.media.Delivery;
import graykite.picture.Camera;
import graykite.project.Line;
import graykite.project.SceneWork;
import graykite.scene.Scene;
import graykite.sound.Sound;
import graykite.studio.model.FileMemory;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Workspace;
import graykite.time.FrameRate;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** Delivery: the line as a file. */
public final class DeliveryDesk extends Desk {
    private final Workspace workspace;
    private final FileMemory asks;
    private final Supplier<Camera> camera;
    private final ToggleGroup formats = new ToggleGroup();
    private final ComboBox<String> rate = new ComboBox<>();
    private final ComboBox<Integer> size = new ComboBox<>();
    private final ComboBox<String> view = new ComboBox<>();
    private final Button export = new Button("Export…");
    private final Label frames = Parts.quiet("");
    private final GridPane pictures = new GridPane(10, 8);

    /**
     * @param camera how the stage is seen
     * @param picker asks where things go
     */
    public DeliveryDesk(Workspace workspace, Supplier<Camera> camera, FilePicker picker) {
        this.asks = new FileMemory(picker, workspace.settings(), "deliveries");
        this.workspace = workspace;
        this.camera = camera;
        VBox choices = new VBox(6);
        for (Delivery.Format format : Delivery.Format.values()) {
            ToggleButton choice =
                    new ToggleButton(format.title() + (format.extension().isEmpty() ? "" : "   " + format.extension()));
            choice.setToggleGroup(formats);
            choice.setUserData(format);
            choice.setMaxWidth(Double.MAX_VALUE);
            choice.setAlignment(Pos.CENTER_LEFT);
            choice.setOnAction(e -> {
                choice.setSelected(true);
                workspace.settings().setText("delivery.format", format.name());
                refresh();
            });
            choice.setSelected(format.name().equals(workspace.settings().text("delivery.format", "GLB")));
            choices.getChildren().add(choice);
        }
        rate.getItems().addAll("As the project", "23.976", "24", "25", "29.97", "30", "50", "59.94", "60");
        rate.setValue("As the project");
        rate.setOnAction(e -> refresh());
        rate.setTooltip(new Tooltip("Frames a second of what is delivered"));
        size.getItems().addAll(480, 720, 1080);
        size.setValue(720);
        view.getItems().addAll("Front", "As on the stage");
        view.setValue("Front");
        pictures.addRow(0, new Label("Pixels a side"), size);
        pictures.addRow(1, new Label("View"), view);
        export.getStyleClass().add("primary");
        export.setId("export");
        export.setTooltip(new Tooltip("Choose where it goes (Ctrl+E)"));
        export.setOnAction(e -> exportWithDialog());
        GridPane timing = new GridPane(10, 8);
        timing.addRow(0, new Label("Frames a second"), rate);
        getChildren()
                .addAll(
                        Parts.title("Delivery"),
                        choices,
                        timing,
                        pictures,
                        frames,
                        export,
                        Parts.quiet(
                                "Still to come: many lines at once, ranges, exposure sheets, subtitles from here."));
    }

    /** Chooses a format. */
    public void choose(Delivery.Format wanted) {
        formats.getToggles().stream().filter(t -> t.getUserData() == wanted).forEach(formats::selectToggle);
        refresh();
    }

    private Delivery.Format format() {
        return formats.getSelectedToggle() == null
                ? Delivery.Format.GLB
                : (Delivery.Format) formats.getSelectedToggle().getUserData();
    }

    /** Of what is delivered: the scene that is open, else the line. */
    private String title() {
        return workspace
                .openScene()
                .map(SceneWork::title)
                .orElseGet(() -> workspace.line().map(Line::title).orElse(""))
                .strip();
    }

    private FrameRate chosenRate() {
        return rate.getSelectionModel().getSelectedIndex() <= 0
                ? workspace.project().rate()
                : FrameRate.parse(rate.getValue());
    }

    /** Asks for a place and exports there. */
    public void exportWithDialog() {
        if (workspace.scene().get().isEmpty()) {
            workspace.jobs().say("There is nothing to deliver yet: the line has no reading.");
            return;
        }
        Delivery.Format format = format();
        String name = title().replaceAll("[^\\p{L}\\p{N}]+", "_");
        Optional<Path> chosen = format == Delivery.Format.PICTURES
                ? asks.folder("Folder for the pictures")
                : asks.save(
                        "Export " + format.title(),
                        format.title(),
                        List.of(format.extension()),
                        name + format.extension());
        chosen.ifPresent(this::exportTo);
    }

    /** Exports in the format that the path asks for. */
    public void exportTo(Path path) {
        Optional<Scene> scene = workspace.scene().get();
        Optional<Sound> sound = workspace.stageSound().get().sound();
        if (scene.isEmpty() || sound.isEmpty()) {
            return;
        }
        FrameRate chosen = chosenRate();
        Delivery.View how = new Delivery.View(
                view.getSelectionModel().getSelectedIndex() == 1 ? camera.get() : Camera.FRONT,
                size.getValue(),
                workspace.scenes().startFrame());
        workspace
                .jobs()
                .start(
                        "Exporting " + path.getFileName(),
                        progress -> {
                            return Delivery.deliver(scene.get(), sound.get(), chosen, how, path, progress);
                        },
                        done -> workspace
                                .jobs()
                                .say("Exported "
                                        + done.stream()
                                                .map(p -> p.getFileName().toString())
                                                .collect(Collectors.joining(", "))
                                        + " to " + path.toAbsolutePath().getParent() + "."));
    }

    @Override
    public void refresh() {
        Optional<Scene> scene = workspace.scene().get();
        export.setDisable(scene.isEmpty());
        boolean drawn = format() == Delivery.Format.MP4 || format() == Delivery.Format.PICTURES;
        pictures.setVisible(drawn);
        pictures.setManaged(drawn);
        frames.setText(scene.map(p -> chosenRate().framesToCover(p.duration()) + " frames of " + title()
                        + (p.size() > 1 && !drawn ? ", a file for each of " + p.size() + " people" : ""))
                .orElse("The line has no reading yet; read it on the Reading desk."));
    }
}
