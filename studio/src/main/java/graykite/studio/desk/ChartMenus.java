package graykite.studio.desk;

import graykite.mouth.MotionStyle;
import graykite.mouth.MouthChart;
import graykite.studio.model.ChartEdits;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What can be done with a mouth chart as a whole: its size, its files, comparing it, how the character moves. */
final class ChartMenus {
    /** Files are chosen by the window. */
    interface Files {
        void load();

        void save(boolean withPoses);

        void compare();
    }

    private final ChartEdits charts;
    private final Files files;
    private final BiConsumer<String, MouthChart> compare;
    private final ComboBox<String> motion = new ComboBox<>();

    /** @param compare shows the differences to a chart of a name */
    ChartMenus(ChartEdits charts, Files files, BiConsumer<String, MouthChart> compare) {
        this.charts = charts;
        this.files = files;
        this.compare = compare;
    }

    void refresh(MouthChart chart) {
        motion.getSelectionModel()
                .select(chart.motion().map(m -> m.ordinal() + 1).orElse(0));
    }

    /** How this character moves in every line, unless a line says otherwise. */
    HBox motionRow() {
        motion.getItems().add("As its kind suits");
        for (MotionStyle style : MotionStyle.values()) {
            motion.getItems().add(style.title());
        }
        motion.setId("chart-motion");
        motion.setMaxWidth(Double.MAX_VALUE);
        motion.setAccessibleText("How this character moves");
        motion.setTooltip(new Tooltip("How this character moves in every line that does not say otherwise"));
        motion.setOnAction(e -> {
            int index = motion.getSelectionModel().getSelectedIndex();
            Optional<MotionStyle> style = index <= 0 ? Optional.empty() : Optional.of(MotionStyle.values()[index - 1]);
            if (index >= 0 && !style.equals(charts.chart().motion())) {
                charts.edit("Motion of the character", 0, c -> c.withMotion(style));
            }
        });
        HBox.setHgrow(motion, Priority.ALWAYS);
        Label name = new Label("Moves");
        name.setMinWidth(Label.USE_PREF_SIZE);
        return Parts.row(name, motion);
    }

    /** Smaller charts, and the whole one. */
    MenuButton sizes() {
        MenuButton menu = new MenuButton("Size");
        menu.setId("chart-size");
        menu.setMinWidth(MenuButton.USE_PREF_SIZE);
        menu.setTooltip(new Tooltip("Derive a smaller or the whole chart by merging the shapes that look most alike"));
        for (int count : MouthChart.SIZES) {
            item(
                    menu,
                    count + " shapes" + (count <= 8 ? ", for cartoons" : ""),
                    () -> charts.edit(
                            "A chart of " + count + " shapes",
                            0,
                            c -> MouthChart.ofSize(count).withMotion(c.motion())));
        }
        return menu;
    }

    /** Saving, loading and comparing. */
    MenuButton more() {
        MenuButton menu = new MenuButton("", new FontIcon(Feather.MORE_HORIZONTAL));
        menu.setId("chart-menu");
        menu.setAccessibleText("Save, load and compare charts");
        menu.setTooltip(new Tooltip("Save, load and compare charts"));
        item(menu, "Save with the looks of its shapes…", () -> files.save(true));
        item(menu, "Save sounds and shapes only…", () -> files.save(false));
        item(menu, "Load a chart…", files::load);
        item(menu, "Compare with a chart…", files::compare);
        menu.getItems().add(new SeparatorMenuItem());
        item(
                menu,
                "Compare with the standard chart",
                () -> compare.accept("the standard chart", MouthChart.standard()));
        item(
                menu,
                "Back to the standard chart",
                () -> charts.edit(
                        "Back to the standard chart",
                        0,
                        c -> MouthChart.standard().withMotion(c.motion())));
        return menu;
    }

    private static void item(MenuButton menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }
}
