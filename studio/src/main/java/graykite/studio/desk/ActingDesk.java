package graykite.studio.desk;

import graykite.acting.PoseKey;
import graykite.project.Companion;
import graykite.project.Member;
import graykite.project.Line;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.studio.model.Workspace;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Acting: the instincts of the line, poses keyed on it, and who else is on stage. */
public final class ActingDesk extends Desk {
    private final Workspace workspace;
    private final java.util.function.Consumer<String> keyPose;
    private final Label facts = Parts.quiet("");
    private final Button vary = new Button("Vary", new FontIcon(Feather.SHUFFLE));
    private final ComboBox<String> pose = new ComboBox<>();
    private final Label keyHint = Parts.quiet("");
    private final VBox keyCard;
    private final Parts.Tuner strength;
    private final Parts.Tuner ease;
    private final TextField time = new TextField();
    private final VBox company = new VBox(6);
    private final ComboBox<Member> newcomer = new ComboBox<>();
    private long gesture;
    private boolean filling;

    /** @param keyPose keys a pose at the playhead */
    public ActingDesk(Workspace workspace, java.util.function.Consumer<String> keyPose) {
        this.workspace = workspace;
        this.keyPose = keyPose;
        vary.setTooltip(new Tooltip("Another variation of blinks, eyes and head"));
        vary.setOnAction(e -> workspace.editLine("Vary instincts", 0, s -> s.withSeed(s.seed() + 1)));
        strength = new Parts.Tuner(
                "Strength",
                "How much of the pose",
                0,
                1.5,
                1,
                v -> String.format(Locale.ROOT, "%.0f %%", 100 * v),
                this::begin,
                v -> workspace
                        .keys()
                        .edit("Strength of the pose", gesture, k -> new PoseKey(k.time(), k.pose(), v, k.ease())));
        ease = new Parts.Tuner(
                "Ease",
                "How long the face takes to get there",
                0.02,
                2,
                PoseKey.USUAL_EASE,
                v -> String.format(Locale.ROOT, "%.2f s", v),
                this::begin,
                v -> workspace
                        .keys()
                        .edit("Ease of the pose", gesture, k -> new PoseKey(k.time(), k.pose(), k.strength(), v)));
        keyCard = keyCard();
        getChildren()
                .addAll(
                        Parts.title("Acting"),
                        Parts.card(
                                Parts.heading("Instincts"),
                                Parts.quiet(
                                        "Blinks, small darts of the eyes, and the head and brows on loud syllables."),
                                facts,
                                vary),
                        keyCard,
                        companyCard(),
                        Parts.quiet("Still to come: clips, layers, live pass, look points and cues."));
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
                workspace.keys().edit("Change the pose", 0, k -> new PoseKey(k.time(), chosen, k.strength(), k.ease()));
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

    private VBox companyCard() {
        newcomer.setMaxWidth(Double.MAX_VALUE);
        newcomer.setPromptText("Somebody…");
        newcomer.setAccessibleText("Who joins on stage");
        newcomer.setCellFactory(v -> new MemberCell());
        newcomer.setButtonCell(new MemberCell());
        HBox.setHgrow(newcomer, Priority.ALWAYS);
        Button join = new Button("Join", new FontIcon(Feather.USER_PLUS));
        join.setId("join-stage");
        join.setOnAction(e -> Optional.ofNullable(newcomer.getValue())
                .ifPresent(m ->
                        changeCompany("Join on stage", all -> all.add(new Companion(m.id(), Optional.empty(), 0)))));
        return Parts.card(
                Parts.heading("Also on stage"),
                Parts.quiet("Who listens blinks and looks at the one who speaks. Give them a line and they answer."),
                company,
                Parts.row(newcomer, join));
    }

    private static final class MemberCell extends ListCell<Member> {
        @Override
        protected void updateItem(Member member, boolean empty) {
            super.updateItem(member, empty);
            setText(empty || member == null ? null : member.name());
        }
    }

    private void changeCompany(String name, java.util.function.Consumer<List<Companion>> edit) {
        workspace.editLine(name, 0, s -> {
            List<Companion> all = new ArrayList<>(s.company());
            edit.accept(all);
            return s.withCompany(all);
        });
    }

    private VBox companion(int index, Companion other) {
        Label name = new Label(
                workspace.project().member(other.member()).map(Member::name).orElse(other.member()));
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        Button leave = new Button("", new FontIcon(Feather.X));
        leave.setTooltip(new Tooltip("Leave the stage"));
        leave.setAccessibleText("Leave the stage");
        leave.setOnAction(e -> changeCompany("Leave the stage", all -> all.remove(index)));
        ComboBox<String> says = new ComboBox<>();
        says.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(says, Priority.ALWAYS);
        List<Line> lines = workspace.project().lines();
        says.getItems().add("listens");
        lines.forEach(l -> says.getItems().add(l.title()));
        says.setValue(
                other.line().flatMap(workspace.project()::line).map(Line::title).orElse("listens"));
        says.setOnAction(e -> {
            int at = says.getSelectionModel().getSelectedIndex();
            Optional<String> line =
                    at <= 0 ? Optional.empty() : Optional.of(lines.get(at - 1).id());
            double end = workspace.sound().get().map(s -> s.sound().duration()).orElse(0.0);
            double start = other.line().isEmpty() ? end : other.start();
            changeCompany(
                    "Give a line",
                    all -> all.set(index, new Companion(other.member(), line, line.isEmpty() ? 0 : start)));
        });
        TextField start = new TextField(String.format(Locale.ROOT, "%.2f", other.start()));
        start.setPrefWidth(70);
        start.getStyleClass().add("figures");
        start.setDisable(other.line().isEmpty());
        start.setTooltip(new Tooltip("When the line begins, in seconds"));
        start.setAccessibleText("When the line begins, in seconds");
        start.setOnAction(e -> {
            try {
                double at = Double.parseDouble(start.getText().replace(',', '.'));
                changeCompany("Move a line", all -> all.set(index, new Companion(other.member(), other.line(), at)));
            } catch (IllegalArgumentException none) {
                refresh();
            }
        });
        return new VBox(4, Parts.row(name, leave), Parts.row(says, new Label("at"), start));
    }

    @Override
    public void refresh() {
        Optional<Performance> performance = workspace.performance().get();
        vary.setDisable(performance.isEmpty());
        facts.setText(performance
                .map(p -> p.life().blinks().blinks().size() + " blinks, "
                        + p.life().darts().darts().size() + " eye darts, "
                        + p.life().head().beats().size() + " head beats; variation "
                        + workspace.line().orElseThrow().seed())
                .orElse("They come with the reading of the line."));
        keyCard.setDisable(performance.isEmpty());
        refreshKey(performance.map(Performance::character));
        company.getChildren().clear();
        List<Companion> others = workspace.line().map(Line::company).orElse(List.of());
        for (int i = 0; i < others.size(); i++) {
            company.getChildren().add(companion(i, others.get(i)));
        }
        List<Member> free = workspace.project().cast().stream()
                .filter(m -> !m.id().equals(workspace.speaker().id()))
                .filter(m -> others.stream().noneMatch(o -> o.member().equals(m.id())))
                .toList();
        if (!newcomer.getItems().equals(free)) {
            newcomer.getItems().setAll(free);
        }
    }

    private void refreshKey(Optional<Character> figure) {
        Optional<PoseKey> chosen = workspace.keys().chosen();
        filling = true;
        List<String> names = figure.map(f -> List.copyOf(f.poses().keySet())).orElse(List.of());
        if (!pose.getItems().equals(names)) {
            pose.getItems().setAll(names);
        }
        chosen.ifPresent(k -> {
            pose.setValue(k.pose());
            strength.set(k.strength());
            ease.set(k.ease());
            time.setText(String.format(Locale.ROOT, "%.3f", k.time()));
        });
        filling = false;
        strength.setDisable(chosen.isEmpty());
        ease.setDisable(chosen.isEmpty());
        time.setDisable(chosen.isEmpty());
        keyHint.setText(
                chosen.isPresent()
                        ? "The chosen key. Drag it on the row \"feel\"."
                        : "Choose a pose and key it at the playhead; click a key on the row \"feel\" to change it.");
    }
}
