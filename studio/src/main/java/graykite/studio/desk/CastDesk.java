package graykite.studio.desk;

import graykite.base.AtomicFiles;
import graykite.edit.CastEdit;
import graykite.edit.LineEdit;
import graykite.figures.ContactSheet;
import graykite.figures.Transfer;
import graykite.format.GltfWriter;
import graykite.format.character.CharacterStore;
import graykite.format.character.FigureFiles;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.Pose;
import graykite.rig.Views;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.view.MouthPictures;
import graykite.studio.view.PosePictures;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Cast: who can speak, what each can do, whether the rig is sound, and new characters brought in. */
public final class CastDesk extends Desk {
    /** What the desk asks of the window. */
    public interface Asks {
        void bringFile();

        void bringFolder();

        void bringPicture();

        void bringBareHead();

        /** Asks where to save; nothing when the user thinks better of it. */
        Optional<Path> saveAs(String title, String name, List<String> endings);

        /** Keys a pose at the playhead of the current line. */
        void keyPose(String pose);
    }

    private static final int FACE = 56;

    private final Workspace workspace;
    private final Trial trial;
    private final Asks asks;
    private final PosePictures pictures = new PosePictures();
    private final FlowPane members = new FlowPane(6, 6);
    private final TextField name = new TextField();
    private final Label facts = Parts.quiet("");
    private final Button speaks = new Button("Speaks this line");
    private final Button remove = new Button("", new FontIcon(Feather.TRASH_2));
    private final PosesPane poses;
    private final ChannelsPane channels;
    private final ShapesPane shapes;
    private final CheckPane check;
    private final CouplingsPane couplings;
    private final Tabs tabs = new Tabs();
    private final Map<String, Image> portraits = new HashMap<>();
    private final Map<String, Character> portrayed = new HashMap<>();

    /** @param root where choosers open */
    public CastDesk(Workspace workspace, Trial trial, StackPane root, Asks asks) {
        this.workspace = workspace;
        this.trial = trial;
        this.asks = asks;
        poses = new PosesPane(trial, pictures, asks::keyPose);
        channels = new ChannelsPane(trial);
        shapes = new ShapesPane(trial, pictures, root, this::takeShapes);
        check = new CheckPane(trial, workspace.jobs());
        couplings = new CouplingsPane(trial);
        Label title = Parts.title("Cast");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        tabs.add("Poses", "The pose library", poses);
        tabs.add("Channels", "Every channel on a slider", channels);
        tabs.add("Shapes", "Which shape plays which part", shapes);
        tabs.add("Check", "What is wrong with the rig", check);
        tabs.add("Couplings", "Rules between channels", couplings);
        tabs.open().addListener((o, b, n) -> fillOpenTab());
        getChildren().addAll(Parts.row(title, bringIn()), members, memberCard(), tabs);
        trial.figure().addListener((o, b, n) -> {
            // Nothing is drawn for a desk that nobody looks at.
            if (getScene() != null) {
                refresh();
            }
        });
        tabs.open("Poses");
    }

    private MenuButton bringIn() {
        MenuButton menu = new MenuButton("Bring in…", new FontIcon(Feather.USER_PLUS));
        menu.setId("bring-in");
        menu.setTooltip(new Tooltip("A character of your own: or drop its file or folder on the window"));
        item(menu, "A glTF file or saved character…", asks::bringFile);
        item(menu, "A folder of OBJ shapes or PNG drawings…", asks::bringFolder);
        item(menu, "From one picture…", asks::bringPicture);
        item(menu, "From a bare head…", asks::bringBareHead);
        return menu;
    }

    private static void item(MenuButton menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }

    private VBox memberCard() {
        name.setAccessibleText("Name of the character");
        name.setOnAction(e -> rename());
        name.focusedProperty().addListener((o, b, focused) -> {
            if (!focused) {
                rename();
            }
        });
        speaks.setId("speaks-line");
        speaks.setTooltip(new Tooltip("Let this character speak the line that is open; nothing else changes"));
        speaks.setOnAction(e -> {
            String id = trial.member().id();
            workspace.editLine(0, l -> new LineEdit.GiveLine(l, id));
        });
        MenuButton save = new MenuButton("", new FontIcon(Feather.SAVE));
        save.setAccessibleText("Save the character");
        save.setTooltip(new Tooltip("Save the character, a glTF file or a contact sheet"));
        item(save, "The character, for other projects…", this::saveCharacter);
        item(save, "A glTF file…", this::saveGltf);
        item(save, "A contact sheet…", this::saveSheet);
        remove.setAccessibleText("Take this character out of the project");
        remove.setTooltip(new Tooltip("Take this character out of the project"));
        remove.setOnAction(e -> {
            String id = trial.member().id();
            workspace.edit(new CastEdit.RemoveMember(id));
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        speaks.setMinWidth(Button.USE_PREF_SIZE);
        VBox card = Parts.card(Parts.row(name, save, remove), Parts.row(speaks, facts));
        card.setStyle("-fx-padding: 8; -fx-spacing: 6;");
        return card;
    }

    /** Opens one of the sections: Poses, Channels, Shapes, Check or Couplings. */
    public void openTab(String title) {
        tabs.open(title);
    }

    /** Runs the rig check on the character that is looked at. */
    public void checkRig() {
        openTab("Check");
        check.check();
    }

    private void rename() {
        String wanted = name.getText().strip();
        Member now = trial.member();
        if (!wanted.isEmpty() && !wanted.equals(now.name())) {
            workspace.edit(new CastEdit.NameMember(now.id(), wanted));
        }
    }

    private void takeShapes(Member donor) {
        workspace
                .figures()
                .of(donor)
                .thenAccept(from -> Platform.runLater(() -> trial.figure().get().ifPresent(to -> {
                    Transfer.Result taken = Transfer.mouthShapes(from, to);
                    trial.editLibrary("Take mouth shapes from " + donor.name(), l -> {
                        Map<String, Pose> all = new HashMap<>(l.poses());
                        all.putAll(taken.poses());
                        return l.withPoses(all);
                    });
                    workspace
                            .jobs()
                            .say(taken.poses().size() + " mouth shapes taken from " + donor.name()
                                    + (taken.missing().isEmpty()
                                            ? "."
                                            : "; not possible here: " + String.join(", ", taken.missing()) + "."));
                })));
    }

    private void saveCharacter() {
        trial.figure().get().ifPresent(f -> asks.saveAs(
                        "Save the character", fileName(f) + CharacterStore.EXTENSION, List.of(CharacterStore.EXTENSION))
                .ifPresent(path -> write(path, () -> FigureFiles.save(f, path))));
    }

    private void saveGltf() {
        trial.figure().get().ifPresent(f -> asks.saveAs("Save as glTF", fileName(f) + ".glb", List.of(".glb"))
                .ifPresent(path ->
                        write(path, () -> AtomicFiles.write(path, out -> GltfWriter.write(f, Optional.empty(), out)))));
    }

    private void saveSheet() {
        trial.figure().get().ifPresent(f -> asks.saveAs("Save a contact sheet", fileName(f) + ".png", List.of(".png"))
                .ifPresent(path -> workspace
                        .jobs()
                        .start(
                                "Drawing the contact sheet",
                                progress -> ContactSheet.draw(f, progress),
                                picture ->
                                        write(path, () -> AtomicFiles.write(path, out -> Png.write(picture, out))))));
    }

    private void write(Path path, Runnable writing) {
        workspace
                .jobs()
                .start(
                        "Saving " + path.getFileName(),
                        progress -> {
                            writing.run();
                            return path;
                        },
                        done -> workspace.jobs().say("Saved " + done.getFileName() + "."));
    }

    private static String fileName(Character character) {
        return character.name().strip().replaceAll("[^\\p{L}\\p{N}]+", "_");
    }

    @Override
    public void refresh() {
        Member now = trial.member();
        if (!name.isFocused()) {
            name.setText(now.name());
        }
        boolean ownLine = workspace
                .line()
                .map(s -> workspace.project().speakerOf(s).id().equals(now.id()))
                .orElse(false);
        speaks.setDisable(workspace.line().isEmpty() || ownLine);
        speaks.setText(ownLine ? "Speaks this line ✓" : "Speaks this line");
        remove.setDisable(workspace.project().cast().size() < 2);
        trial.figure().get().ifPresentOrElse(f -> facts.setText(facts(f)), () -> facts.setText("Being opened…"));
        fillMembers();
        fillOpenTab();
    }

    private static String facts(Character f) {
        String kind = f.kind() == Character.Kind.DRAWN
                ? f.parts().size() + " drawings"
                : String.format(Locale.ROOT, "%,d triangles", f.triangleCount());
        return f.channels().size() + " channels\n" + kind;
    }

    private void fillOpenTab() {
        trial.figure().get().ifPresent(f -> {
            switch (tabs.open().get()) {
                case "Poses" -> poses.show(f);
                case "Channels" -> channels.show(f);
                case "Shapes" -> {
                    shapes.offer(workspace.project().cast().stream()
                            .filter(m -> !m.id().equals(trial.member().id()))
                            .toList());
                    shapes.show(f);
                }
                case "Check" -> check.show(f);
                default -> couplings.show(f);
            }
        });
    }

    private void fillMembers() {
        members.getChildren().clear();
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
            members.getChildren().add(entry);
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
                fillMembers();
            });
        });
    }

    @Override
    public void close() {
        pictures.close();
    }
}
