package graykite.studio.view;

import graykite.studio.model.Settings;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;

/** How the stage is looked at: from how many sides, the frame of the picture and its safe areas. Kept in the settings. */
public final class StageLook extends MenuButton {
    private static final String RATIO = "stage-frame";
    private static final String SAFE = "stage-safe-areas";

    private final Settings settings;
    private final StageFrame frame;
    private final CheckMenuItem safe = new CheckMenuItem("Safe areas");

    StageLook(Settings settings, StageView stage, StageFrame frame) {
        super("Look");
        this.settings = settings;
        this.frame = frame;
        setId("stage-look");
        getStyleClass().add("stage-chip");
        setTooltip(new Tooltip("One view or two, the frame of the picture and its safe areas"));
        CheckMenuItem two = new CheckMenuItem("Two views at once (V)");
        two.setId("stage-two-views");
        two.selectedProperty().bindBidirectional(stage.two());
        getItems().addAll(two, new SeparatorMenuItem());
        choices(StageFrame.Ratio.values(), r -> r.title, RATIO);
        safe.setSelected(settings.flag(SAFE));
        safe.setOnAction(e -> {
            settings.setFlag(SAFE, safe.isSelected());
            apply();
        });
        getItems().addAll(new SeparatorMenuItem(), safe);
        apply();
    }

    private interface Title<T> {
        String of(T choice);
    }

    private <E extends Enum<E>> void choices(E[] values, Title<E> title, String setting) {
        ToggleGroup group = new ToggleGroup();
        E chosen = chosen(values, setting);
        Consumer<E> choose = value -> {
            settings.setText(setting, value.name().toLowerCase(Locale.ROOT));
            apply();
        };
        for (E value : values) {
            RadioMenuItem item = new RadioMenuItem(title.of(value));
            item.setToggleGroup(group);
            item.setSelected(value == chosen);
            item.setOnAction(e -> choose.accept(value));
            getItems().add(item);
        }
    }

    private <E extends Enum<E>> E chosen(E[] values, String setting) {
        String name = settings.text(setting, "").toUpperCase(Locale.ROOT);
        return Stream.of(values).filter(v -> v.name().equals(name)).findFirst().orElse(values[0]);
    }

    private void apply() {
        frame.show(chosen(StageFrame.Ratio.values(), RATIO), settings.flag(SAFE));
    }
}
