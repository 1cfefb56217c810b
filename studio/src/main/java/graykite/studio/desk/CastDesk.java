package graykite.studio.desk;

import graykite.edit.CastEdit;
import graykite.edit.LineEdit;
import graykite.figures.Transfer;
import graykite.format.character.PlanFiles;
import graykite.project.Member;
import graykite.rig.Character;
import graykite.rig.Pose;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.view.PosePictures;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
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

        /** Adds a face that is carved like one of ours, to be shaped. @param like name of a plan */
        void ownFace(String like);

        /** Adds a face of a plan that the user chooses. */
        void bringPlan();

        /** The plan that a figure of ours was carved of, by name. */
        Optional<String> planOf(Member member);

        /** Asks where to save; nothing when the user thinks better of it. */
        Optional<Path> saveAs(String title, String name, List<String> endings);

        /** Keys a pose at the playhead of the current line. */
        void keyPose(String pose);
    }

    private final Workspace workspace;
    private final Trial trial;
    private final Asks asks;
    private final PosePictures pictures = new PosePictures();
    private final MemberTiles members;
    private final CharacterSaves saves;
    private final TextField name = new TextField();
    private final Label facts = Parts.quiet("");
    private final Button speaks = new Button("Speaks this line");
    private final Button remove = new Button("", new FontIcon(Feather.TRASH_2));
    private final FacePane face;
    private final PosesPane poses;
    private final ChannelsPane channels;
    private final ShapesPane shapes;
    private final CheckPane check;
    private final CouplingsPane couplings;
    private final Tabs tabs = new Tabs();

    /** @param root where choosers open */
    public CastDesk(Workspace workspace, Trial trial, StackPane root, Asks asks) {
        this.workspace = workspace;
        this.trial = trial;
        this.asks = asks;
        members = new MemberTiles(workspace, trial);
        saves = new CharacterSaves(workspace, trial, asks);
        face = new FacePane(workspace, trial, asks, saves);
        poses = new PosesPane(trial, pictures, asks::keyPose);
        channels = new ChannelsPane(trial);
        shapes = new ShapesPane(trial, pictures, root, this::takeShapes);
        check = new CheckPane(trial, workspace.jobs());
        couplings = new CouplingsPane(trial);
        Label title = Parts.title("Cast");
        title.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(title, Priority.ALWAYS);
        tabs.add("Face", "A face of your own: form, colours, hair and clothes", face);
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
        Menu own = new Menu("A face of your own");
        own.setId("own-face");
        for (String plan : PlanFiles.names()) {
            MenuItem like = new MenuItem("Like " + plan.substring(0, 1).toUpperCase(Locale.ROOT) + plan.substring(1));
            like.setId("own-face-" + plan);
            like.setOnAction(e -> asks.ownFace(plan));
            own.getItems().add(like);
        }
        MenuItem saved = new MenuItem("Of a saved plan…");
        saved.setOnAction(e -> asks.bringPlan());
        own.getItems().add(saved);
        menu.getItems().addAll(own, new SeparatorMenuItem());
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
        item(save, "The character, for other projects…", saves::saveCharacter);
        item(save, "A glTF file…", saves::saveGltf);
        item(save, "A contact sheet…", saves::saveSheet);
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
        members.fill();
        face.refresh();
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
                case "Face" -> face.refresh();
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

    @Override
    public void close() {
        pictures.close();
        face.close();
    }
}
