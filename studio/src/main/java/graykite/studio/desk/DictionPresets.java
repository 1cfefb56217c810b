package graykite.studio.desk;

import graykite.mouth.Diction;
import graykite.studio.model.Dictions;
import graykite.studio.model.Workspace;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The dictions to choose from, and a field to keep another. */
final class DictionPresets {
    private final Workspace workspace;
    private final FlowPane presets = new FlowPane(4, 4);
    private final TextField presetName = new TextField();

    DictionPresets(Workspace workspace) {
        this.workspace = workspace;
        fillPresets();
    }

    /** A chip for each. */
    FlowPane chips() {
        return presets;
    }

    /** Keeps what is set now under a name. */
    HBox savePreset() {
        presetName.setPromptText("Name it to keep it");
        presetName.setAccessibleText("Name of the diction to save");
        presetName.setId("preset-name");
        Button save = new Button("Save");
        save.setId("save-preset");
        save.setTooltip(new Tooltip("Keep this diction for every project"));
        Runnable keep = () -> new Dictions(workspace)
                .save(presetName.getText(), workspace.mouth().diction())
                .ifPresent(p -> {
                    presetName.clear();
                    fillPresets();
                });
        presetName.setOnAction(e -> keep.run());
        save.setOnAction(e -> keep.run());
        HBox.setHgrow(presetName, Priority.ALWAYS);
        return Parts.row(presetName, save);
    }

    private void fillPresets() {
        presets.getChildren().clear();
        for (Dictions.Preset preset : new Dictions(workspace).list()) {
            String title = preset.name().substring(0, 1).toUpperCase(Locale.ROOT)
                    + preset.name().substring(1);
            ToggleButton chip = new ToggleButton(title);
            chip.setId("preset-" + preset.name().replace(' ', '-'));
            chip.getStyleClass().setAll("toggle-button", "chip");
            if (preset.own()) {
                chip.getStyleClass().add("chip-own");
                MenuItem delete = new MenuItem("Delete \"" + preset.name() + "\"");
                delete.setOnAction(e -> {
                    new Dictions(workspace).delete(preset.name());
                    fillPresets();
                });
                chip.setContextMenu(new ContextMenu(delete));
            }
            chip.setTooltip(new Tooltip(
                    preset.own()
                            ? "Your own diction. Right-click to delete it."
                            : "Speak it " + preset.name() + "; then pull the kite to taste"));
            chip.setOnAction(e -> workspace.mouth().diction(0, d -> preset.diction()));
            chip.setUserData(preset.diction());
            presets.getChildren().add(chip);
        }
        markPresets();
    }

    /** Marks the one that is set, if it is one of them. */
    void markPresets() {
        Diction now = workspace.mouth().diction();
        presets.getChildren().forEach(chip -> ((ToggleButton) chip).setSelected(now.equals(chip.getUserData())));
    }
}
