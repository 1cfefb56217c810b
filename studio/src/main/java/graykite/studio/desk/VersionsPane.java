package graykite.studio.desk;

import graykite.edit.ProjectEdit;
import graykite.project.Version;
import graykite.studio.model.Comparison;
import graykite.studio.model.Workspace;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** States of the project that are kept under a name: to see beside the present, to go back to, to forget. */
final class VersionsPane extends VBox {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

    private final Workspace workspace;
    private final Comparison comparison;
    private final TextField name = new TextField();
    private final VBox rows = new VBox(4);
    private final CheckBox split = new CheckBox("In one picture, with a line to move");
    private List<Version> shown = List.of();
    private Optional<String> shownCompared = Optional.empty();

    VersionsPane(Workspace workspace) {
        super(8);
        this.workspace = workspace;
        this.comparison = workspace.proof().comparison();
        getStyleClass().add("card");
        name.setPromptText("Name of a version");
        name.setId("version-name");
        name.setAccessibleText("Name of the version");
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setOnAction(e -> keep());
        Button keep = Parts.button(
                "Keep", Feather.BOOKMARK, "Keeps the project as it is now under this name", "keep-version", this::keep);
        keep.setMinWidth(Button.USE_PREF_SIZE);
        keep.disableProperty().bind(name.textProperty().isEmpty());
        split.setId("compare-split");
        split.setTooltip(new Tooltip("The version left of the line, the present right of it; else side by side"));
        split.selectedProperty().bindBidirectional(comparison.split());
        comparison.version().addListener((o, b, n) -> refresh());
        getChildren().addAll(Parts.heading("Versions"), Parts.row(name, keep), rows, split);
    }

    private void keep() {
        String wanted = name.getText().strip();
        if (!wanted.isEmpty()
                && workspace.edit(new ProjectEdit.KeepVersion(
                        wanted.length() > 80 ? wanted.substring(0, 80) : wanted, System.currentTimeMillis()))) {
            name.clear();
        }
    }

    void refresh() {
        List<Version> versions = workspace.project().versions();
        Optional<String> compared = comparison.version().get();
        Parts.shown(split, !versions.isEmpty());
        if (versions.equals(shown)
                && compared.equals(shownCompared)
                && !rows.getChildren().isEmpty()) {
            return;
        }
        shown = versions;
        shownCompared = compared;
        rows.getChildren().clear();
        if (versions.isEmpty()) {
            rows.getChildren()
                    .add(Parts.quiet(
                            "Keep a version before you change much: it is then seen beside what you have now."));
        }
        versions.reversed().forEach(v -> rows.getChildren().add(row(v)));
    }

    private HBox row(Version version) {
        ToggleButton compare = new ToggleButton(version.name());
        compare.setId("compare-" + version.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        compare.setMaxWidth(Double.MAX_VALUE);
        compare.getStyleClass().add("row-button");
        compare.setSelected(
                comparison.version().get().filter(version.name()::equals).isPresent());
        compare.setTooltip(new Tooltip("Shows the stage as it was beside how it is, at the same time"));
        compare.setOnAction(
                e -> comparison.version().set(compare.isSelected() ? Optional.of(version.name()) : Optional.empty()));
        HBox.setHgrow(compare, Priority.ALWAYS);
        Label when =
                Parts.quiet(WHEN.format(Instant.ofEpochMilli(version.when()).atZone(ZoneId.systemDefault())));
        when.setMinWidth(Label.USE_PREF_SIZE);
        Button back = new Button("", new FontIcon(Feather.CORNER_UP_LEFT));
        back.setAccessibleText("Go back to " + version.name());
        back.setTooltip(new Tooltip("Makes the project what it was then; one step back undoes it"));
        back.setOnAction(e -> workspace.edit(new ProjectEdit.GoBackTo(version.name())));
        Button forget = new Button("", new FontIcon(Feather.X));
        forget.setAccessibleText("Forget the version " + version.name());
        forget.setTooltip(new Tooltip("Forgets the version; the project stays as it is"));
        forget.setOnAction(e -> workspace.edit(new ProjectEdit.ForgetVersion(version.name())));
        return Parts.row(compare, when, back, forget);
    }
}
