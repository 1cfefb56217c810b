package graykite.studio.desk;

import graykite.figures.Matching;
import graykite.figures.NameMatcher;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.project.Member;
import graykite.rig.Channel;
import graykite.rig.Character;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.rig.Roles;
import graykite.rig.Views;
import graykite.studio.model.Trial;
import graykite.studio.view.PosePictures;
import graykite.studio.view.ShapeChooser;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.Tooltip;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Which of a character's shapes play which viseme and which action: what was recognised, what is missing. */
final class ShapesPane extends VBox {
    private static final int SIZE = 46;
    private static final List<String> NEEDED = List.of(
            "jawDrop",
            "lidClose.L",
            "lidClose.R",
            "eyeYaw",
            "eyePitch",
            "headYaw",
            "headPitch",
            "headRoll",
            "lipCornerPuller.L",
            "lipCornerPuller.R",
            "innerBrowRaiser.L",
            "innerBrowRaiser.R",
            "outerBrowRaiser.L",
            "outerBrowRaiser.R",
            "browLowerer.L",
            "browLowerer.R");

    private final Trial trial;
    private final PosePictures pictures;
    private final StackPane root;
    private final VBox visemes = new VBox(4);
    private final VBox actions = new VBox(4);
    private final Label summary = Parts.quiet("");
    private final ComboBox<Member> donor = new ComboBox<>();
    private final Button take = new Button("Take its shapes");
    private Optional<Character> shown = Optional.empty();

    /**
     * @param root where the chooser opens
     * @param transfer carries the mouth shapes of another member over
     */
    ShapesPane(Trial trial, PosePictures pictures, StackPane root, Consumer<Member> transfer) {
        super(10);
        this.trial = trial;
        this.pictures = pictures;
        this.root = root;
        donor.setPromptText("Another character…");
        donor.setMaxWidth(Double.MAX_VALUE);
        donor.setAccessibleText("The character whose mouth chart is taken over");
        donor.setCellFactory(v -> new NameCell());
        donor.setButtonCell(new NameCell());
        HBox.setHgrow(donor, Priority.ALWAYS);
        take.setTooltip(
                new Tooltip("Build this character's mouth shapes from the other one's, through the actions both have"));
        take.setOnAction(e -> Optional.ofNullable(donor.getValue()).ifPresent(transfer));
        getChildren()
                .addAll(
                        summary,
                        Parts.heading("Mouth shapes"),
                        visemes,
                        Parts.row(donor, take),
                        Parts.heading("Actions"),
                        Parts.quiet("What blinks, looks, nods and smiles on this rig."),
                        actions);
    }

    private static final class NameCell extends ListCell<Member> {
        @Override
        protected void updateItem(Member member, boolean empty) {
            super.updateItem(member, empty);
            setText(empty || member == null ? null : member.name());
        }
    }

    /** Offers the other members as those to take shapes from. */
    void offer(List<Member> others) {
        Parts.offer(donor, others);
    }

    void show(Character character) {
        if (shown.map(f -> f == character).orElse(false)) {
            return;
        }
        shown = Optional.of(character);
        visemes.getChildren().clear();
        actions.getChildren().clear();
        List<Viseme> missing = MouthChart.missing(character);
        int unused = Matching.unused(character).size();
        summary.setText(
                missing.isEmpty()
                        ? "Every mouth shape is there."
                                + (unused > 0 ? " " + unused + " channels are not used yet." : "")
                        : missing.size() + " mouth shapes are missing: "
                                + missing.stream().map(Viseme::title).collect(Collectors.joining(", "))
                                + ". Assign them; until then the nearest ones stand in.");
        summary.getStyleClass().setAll("label", missing.isEmpty() ? "quiet" : "warn");
        summary.setWrapText(true);
        List<PosePictures.Order> orders = new ArrayList<>();
        Camera mouth = Views.mouth(character);
        for (Viseme viseme : Viseme.values()) {
            boolean there = !missing.contains(viseme);
            Pose pose = character.poses().getOrDefault(viseme.title(), Pose.REST);
            visemes.getChildren()
                    .add(row(
                            viseme.title(), there, describe(character, pose, there), Optional.of(mouth), pose, orders));
        }
        for (String role : NEEDED) {
            Optional<Pose> pose = character.role(role);
            actions.getChildren()
                    .add(row(
                            role,
                            pose.isPresent(),
                            describe(character, pose.orElse(Pose.REST), pose.isPresent()),
                            Optional.empty(),
                            Pose.REST,
                            orders));
        }
        pictures.draw(character, SIZE * 2, orders);
    }

    private static String describe(Character character, Pose pose, boolean there) {
        if (!there) {
            return "missing";
        }
        if (pose.values().isEmpty()) {
            return "the face at rest";
        }
        String made = pose.values().keySet().stream().limit(3).collect(Collectors.joining(", "))
                + (pose.values().size() > 3 ? " …" : "");
        if (pose.values().size() == 1) {
            String channel = pose.values().keySet().iterator().next();
            long number = Math.round(pose.of(channel));
            Optional<String> drawing = character.parts().stream()
                    .filter(p -> p.looks()
                            .showing()
                            .map(s -> s.channel().equals(channel) && s.number() == number)
                            .orElse(false))
                    .map(Part::name)
                    .findFirst();
            if (drawing.isPresent()) {
                return "the drawing \"" + drawing.get() + "\"";
            }
            return NameMatcher.match(channel)
                    .map(m -> made + " (" + m.inWords() + ")")
                    .orElse(made);
        }
        return "made of " + made;
    }

    private HBox row(
            String target,
            boolean there,
            String text,
            Optional<Camera> camera,
            Pose pose,
            List<PosePictures.Order> orders) {
        HBox row = Parts.row();
        camera.ifPresent(c -> {
            ImageView view = new ImageView();
            view.setFitWidth(SIZE);
            view.setFitHeight(SIZE);
            StackPane frame = new StackPane(view);
            frame.setMinSize(SIZE, SIZE);
            frame.getStyleClass().add(there ? "shape-frame" : "shape-missing");
            if (there) {
                shown.ifPresent(f -> orders.add(new PosePictures.Order(f.values(pose), c, view::setImage)));
            }
            row.getChildren().add(frame);
        });
        Label name = new Label(target);
        name.getStyleClass().add("heading");
        Label from = Parts.quiet(text);
        if (!there) {
            from.getStyleClass().setAll("label", "warn");
        }
        VBox words = new VBox(1, name, from);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button assign = new Button(there ? "Change…" : "Assign…");
        assign.setId("assign-" + target.replace(' ', '-'));
        assign.setMinWidth(84);
        assign.setOnAction(e -> choose(target));
        row.getChildren().addAll(words, assign);
        return row;
    }

    private void choose(String target) {
        shown.ifPresent(character -> {
            List<Channel> unused = Matching.unused(character);
            List<Channel> order = new ArrayList<>(unused);
            character.channels().stream().filter(c -> !unused.contains(c)).forEach(order::add);
            boolean mouth =
                    Arrays.stream(Viseme.values()).anyMatch(v -> v.title().equals(target))
                            || Roles.group(target).compareTo(Channel.Group.TONGUE) <= 0;
            new ShapeChooser(root, character, target, order, mouth, pictures, pose -> assign(target, pose)).open();
        });
    }

    /** Says what plays a viseme or an action; the decision is kept with the character. */
    void assign(String target, Pose pose) {
        shown.ifPresent(character -> {
            Character changed = Matching.assigned(character, target, pose);
            trial.editLibrary("Assign " + target, l -> {
                Map<String, Pose> poses = new HashMap<>(changed.poses());
                return l.withPoses(poses).withRoles(changed.roles());
            });
        });
    }
}
