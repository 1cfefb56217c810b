package graykite.studio.desk;

import graykite.acting.Clip;
import graykite.acting.PoseKey;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.live.FacePlaying;
import graykite.studio.live.LivePass;
import graykite.studio.model.FilePicker;
import graykite.studio.model.Trial;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.studio.view.FaceTool;
import graykite.studio.view.PosePictures;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Acting: expressions and poses on the line, its instincts and layers, and the scene that it stands in. */
public final class ActingDesk extends Desk {
    private final Workspace workspace;
    private final Consumer<String> keyPose;
    private final InstinctsPane instincts;
    private final LivePane live;
    private final KeysPane channelKeys;
    private final PoseEditor face;
    private final ReferenceCard reference;
    private final ObjectProperty<Optional<FaceTool>> tool = new SimpleObjectProperty<>(Optional.empty());
    private final Runnable ending;
    private final FacePlaying playing;
    private final BooleanSupplier performing;
    private final LooksPane looks;
    private final CuesPane cues;
    private final ComboBox<String> pose = new ComboBox<>();
    private final Label keyHint = Parts.quiet("");
    private final VBox keyCard;
    private final Parts.Tuner strength;
    private final Parts.Tuner ease;
    private final TextField time = new TextField();
    private final SceneCard scene;
    private final ClipCard clip;
    private final ExpressionsPane expressions;
    private final LayersPane layers;
    private final PosePictures pictures = new PosePictures();
    private final Tabs tabs = new Tabs();
    private long gesture;
    private boolean filling;

    /** @param keyPose keys a pose at the playhead */
    public ActingDesk(
            Workspace workspace,
            Player player,
            Consumer<String> keyPose,
            LivePass live,
            FilePicker picker,
            Trial trial) {
        this.workspace = workspace;
        this.keyPose = keyPose;
        instincts = new InstinctsPane(workspace);
        looks = new LooksPane(workspace, player);
        cues = new CuesPane(workspace, player);
        strength = new Parts.Tuner(
                "Strength",
                "How much of the pose",
                0,
                1.5,
                1,
                Parts::percent,
                this::begin,
                v -> workspace.keys().edit(gesture, k -> k.withStrength(v)));
        ease = new Parts.Tuner(
                "Ease",
                "How long the face takes to get there",
                0.02,
                2,
                PoseKey.USUAL_EASE,
                Parts::seconds,
                this::begin,
                v -> workspace.keys().edit(gesture, k -> k.withEase(v)));
        keyCard = keyCard();
        scene = new SceneCard(workspace);
        layers = new LayersPane(workspace, player);
        reference = new ReferenceCard(workspace, picker);
        channelKeys = new KeysPane(workspace, player);
        this.live = new LivePane(workspace, player, live, picker);
        live.state().addListener((o, b, n) -> chooseTool());
        playing = new FacePlaying(live);
        performing = () -> live.state().get() != LivePass.State.OFF;
        ending = live::off;
        clip = new ClipCard(workspace);
        face = new PoseEditor(workspace, trial, PoseEditor.EVERYTHING);
        face.open().addListener((o, b, n) -> chooseTool());
        workspace.clips().opened().addListener((o, b, n) -> editOnFace());
        workspace.clips().chosen().addListener((o, b, n) -> face.close());
        expressions = new ExpressionsPane(workspace, player, pictures);
        tabs.add("Feel", "Expressions on the line", new VBox(10, face, clip, expressions));
        tabs.add("Look", "Where whoever speaks looks", looks);
        tabs.add("Cues", "What comes by itself at marks, stresses, pauses and tags", cues);
        tabs.add("Live", "Performing on the face while the line plays", this.live);
        tabs.add("Keys", "Poses and single channels keyed on the line", new VBox(10, keyCard, channelKeys));
        tabs.add("Instincts", "What the face does by itself", instincts);
        tabs.add("Layers", "What lies over what", layers);
        tabs.add("Scene", "Lines in time on one stage, and what they are acted after", new VBox(10, scene, reference));
        tabs.open().addListener((o, b, n) -> {
            workspace.overlays().keys().set("Keys".equals(n));
            chooseTool();
            refresh();
        });
        getChildren().addAll(Parts.title("Acting"), tabs);
        tabs.open("Feel");
        // What is chosen on the sheet is worked on here.
        workspace.clips().chosen().addListener((o, b, n) -> n.ifPresent(c -> tabs.open("Feel")));
        workspace.passes().chosen().addListener((o, b, n) -> n.ifPresent(c -> tabs.open("Live")));
        workspace.marks().chosen().addListener((o, b, n) -> n.ifPresent(c -> tabs.open("Instincts")));
        workspace.looks().chosen().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                tabs.open("Look");
            }
        });
        workspace.cues().chosen().addListener((o, b, n) -> {
            if (n.isPresent()) {
                tabs.open("Cues");
            }
        });
        workspace.keys().index().addListener((o, b, n) -> {
            if (n.intValue() >= 0) {
                tabs.open("Keys");
            }
        });
    }

    /** Opens one of the sections: Feel, Look, Cues, Live, Keys, Instincts, Layers or Scene. */
    public void openTab(String title) {
        tabs.open(title);
    }

    /** The chosen clip's sliders, and dragging on the face; what is kept is the clip's own. */
    private void editOnFace() {
        Optional<Character> who = workspace.performance().get().map(Performance::character);
        workspace.clips().clip().filter(c -> who.isPresent()).ifPresent(c -> {
            tabs.open("Feel");
            Clip.Content content = c.clip().look().content();
            face.edit("\"" + content.name() + "\" of this clip", content.on(who.get()), workspace.clips()::become);
        });
    }

    /** What the face is for: it is performed, or what the open section does on it. */
    private void chooseTool() {
        if (performing.getAsBoolean()) {
            tool.set(Optional.of(playing));
        } else if (face.open().get()) {
            tool.set(Optional.of(face));
        } else {
            tool.set(tabs.open().get().equals("Look") ? Optional.of(looks.tool()) : Optional.empty());
        }
    }

    @Override
    public ObservableValue<Optional<FaceTool>> tool() {
        return tool;
    }

    @Override
    public void leave() {
        ending.run();
        face.close();
        workspace.overlays().keys().set(false);
        workspace.clips().endPreview();
    }

    @Override
    public void close() {
        face.stop();
        pictures.close();
    }

    private void begin() {
        gesture = workspace.newGesture();
    }

    private VBox keyCard() {
        pose.setMaxWidth(Double.MAX_VALUE);
        pose.setPromptText("A pose…");
        pose.setAccessibleText("The pose of the key");
        HBox.setHgrow(pose, Priority.ALWAYS);
        pose.setOnAction(e -> {
            if (!filling && pose.getValue() != null) {
                String chosen = pose.getValue();
                workspace.keys().edit(0, k -> k.withPose(chosen));
            }
        });
        Button key = new Button("Key", new FontIcon(Feather.PLUS));
        key.setTooltip(new Tooltip("Key this pose at the playhead; on the Cast desk a double-click does it, or K"));
        key.setOnAction(e -> Optional.ofNullable(pose.getValue()).ifPresent(keyPose));
        Button delete = new Button("", new FontIcon(Feather.TRASH_2));
        delete.setTooltip(new Tooltip("Delete the chosen key (Delete)"));
        delete.setAccessibleText("Delete the chosen key");
        delete.setOnAction(e -> workspace.keys().delete());
        time.setPrefWidth(80);
        time.getStyleClass().add("figures");
        time.setAccessibleText("Time of the key, in seconds");
        time.setOnAction(e -> {
            try {
                workspace
                        .keys()
                        .move(
                                Double.parseDouble(
                                        time.getText().replace(',', '.').replaceAll("[^0-9.]", "")),
                                0);
            } catch (NumberFormatException none) {
                refresh();
            }
        });
        return Parts.card(
                Parts.heading("Poses on the line"),
                keyHint,
                Parts.row(pose, key, delete),
                Parts.row(new Label("at"), time, new Label("s")),
                strength,
                ease);
    }

    @Override
    public void refresh() {
        workspace.overlays().keys().set(tabs.open().get().equals("Keys"));
        Optional<Performance> performance = workspace.performance().get();
        instincts.refresh();
        looks.refresh();
        live.refresh();
        channelKeys.refresh();
        reference.refresh();
        cues.refresh(performance.map(Performance::character));
        keyCard.setDisable(performance.isEmpty());
        refreshKey(performance.map(Performance::character));
        scene.refresh();
        layers.refresh();
        performance.map(Performance::character).ifPresent(c -> {
            if (tabs.open().get().equals("Feel")) {
                expressions.show(c);
            }
            clip.refresh(ExpressionsPane.expressions(c));
        });
        Parts.shown(clip, workspace.clips().clip().isPresent() && !face.open().get());
    }

    private void refreshKey(Optional<Character> figure) {
        Optional<PoseKey> chosen = workspace.keys().chosen();
        filling = true;
        List<String> names = figure.map(f -> List.copyOf(f.poses().keySet())).orElse(List.of());
        Parts.offer(pose, names);
        chosen.ifPresent(k -> {
            pose.setValue(k.pose());
            strength.set(k.strength());
            ease.set(k.ease());
            time.setText(String.format(Locale.ROOT, "%.3f", workspace.keys().timeOf(k)));
        });
        filling = false;
        strength.setDisable(chosen.isEmpty());
        ease.setDisable(chosen.isEmpty());
        time.setDisable(chosen.isEmpty());
        keyHint.setText(
                chosen.isPresent()
                        ? "The chosen key. Drag it on the row \"poses\"."
                        : "Choose a pose and key it at the playhead; click a key on the row \"poses\" to change it.");
    }
}
