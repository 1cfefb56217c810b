package graykite.studio.view;

import graykite.studio.model.Palette;
import graykite.studio.model.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** The rows of the sheet in their order: where each lies, which are folded, how high they are. All of it is remembered. */
final class SheetRows {
    private static final Font LABEL = Font.font("Inter", 11);
    private static final String REMEMBERED = "sheet.rows";
    private static final double EDGE = 4;

    private final Settings settings;
    private final List<SheetRow> rows;

    /** @param all in the order that they have until somebody puts them in another */
    SheetRows(Settings settings, List<SheetRow> all) {
        this.settings = settings;
        this.rows = new ArrayList<>(all);
        recall();
    }

    /** name:height:folded of each, in order. What is not remembered keeps its place. */
    private void recall() {
        List<SheetRow> ordered = new ArrayList<>();
        for (String entry : settings.text(REMEMBERED, "").split(",")) {
            String[] parts = entry.split(":");
            Optional<SheetRow> row =
                    rows.stream().filter(r -> r.name().equals(parts[0])).findFirst();
            if (parts.length == 3 && row.isPresent() && !ordered.contains(row.get())) {
                ordered.add(row.get());
                row.get().fold(parts[2].equals("folded"));
                if (parts[1].matches("\\d{1,4}")) {
                    row.get().setHeight(Integer.parseInt(parts[1]));
                }
            }
        }
        for (int i = 0; i < rows.size(); i++) {
            if (!ordered.contains(rows.get(i))) {
                ordered.add(Math.min(i, ordered.size()), rows.get(i));
            }
        }
        rows.clear();
        rows.addAll(ordered);
    }

    private void remember() {
        settings.setText(
                REMEMBERED,
                rows.stream()
                        .map(r -> String.format(
                                Locale.ROOT, "%s:%.0f:%s", r.name(), r.openHeight(), r.folded() ? "folded" : "open"))
                        .collect(Collectors.joining(",")));
    }

    /** Those that show something now. */
    List<SheetRow> shown() {
        return rows.stream().filter(SheetRow::present).toList();
    }

    double height() {
        return shown().stream().mapToDouble(SheetRow::height).sum();
    }

    /** Pixels from the top of the sheet to the top of a row. */
    double topOf(SheetRow wanted) {
        double top = 0;
        for (SheetRow row : shown()) {
            if (row == wanted) {
                return top;
            }
            top += row.height();
        }
        return top;
    }

    /** Middle of a row, in pixels from the top of the sheet. */
    double middleOf(String name) {
        SheetRow row = named(name);
        return topOf(row) + row.height() / 2;
    }

    /** Where a row draws a value, from the top of the sheet. */
    double yOf(String name, double value) {
        SheetRow row = named(name);
        return topOf(row) + row.yOf(value);
    }

    private SheetRow named(String name) {
        return rows.stream().filter(r -> r.name().equals(name)).findFirst().orElseThrow();
    }

    Optional<SheetRow> at(double y) {
        double top = 0;
        for (SheetRow row : shown()) {
            top += row.height();
            if (y < top) {
                return Optional.of(row);
            }
        }
        return Optional.empty();
    }

    /** The row whose lower edge is under the pointer. */
    Optional<SheetRow> edgeAt(double y) {
        double top = 0;
        for (SheetRow row : shown()) {
            top += row.height();
            if (Math.abs(y - top) < EDGE && !row.folded()) {
                return Optional.of(row);
            }
        }
        return Optional.empty();
    }

    // --- changes -------------------------------------------------------------------------------------------------

    void fold(SheetRow row) {
        row.fold(!row.folded());
        remember();
    }

    void resize(SheetRow row, double bottom) {
        row.setHeight(bottom - topOf(row));
        remember();
    }

    private void move(SheetRow row, int by) {
        List<SheetRow> seen = shown();
        int wanted = seen.indexOf(row) + by;
        if (wanted >= 0 && wanted < seen.size()) {
            int to = rows.indexOf(seen.get(wanted));
            rows.remove(row);
            rows.add(to, row);
            remember();
        }
    }

    /** What can be done with a row as such, for the gutter. */
    ContextMenu menu(SheetRow row, Runnable changed) {
        ContextMenu menu = new ContextMenu();
        add(menu, row.folded() ? "Unfold" : "Fold", () -> fold(row), changed);
        add(menu, "Move up", () -> move(row, -1), changed);
        add(menu, "Move down", () -> move(row, 1), changed);
        add(
                menu,
                "Usual height",
                () -> {
                    row.useUsualHeight();
                    remember();
                },
                changed);
        return menu;
    }

    private static void add(ContextMenu menu, String text, Runnable action, Runnable changed) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> {
            action.run();
            changed.run();
        });
        menu.getItems().add(item);
    }

    // --- drawing -------------------------------------------------------------------------------------------------

    void draw(GraphicsContext g, Palette palette, double width, double height) {
        g.setFill(palette.paper());
        g.fillRect(0, 0, width, height);
        double top = 0;
        for (SheetRow row : shown()) {
            g.save();
            g.translate(0, top);
            g.beginPath();
            g.rect(0, 0, width, row.height());
            g.clip();
            if (row.folded()) {
                g.setFill(palette.paper2());
                g.fillRect(0, 0, width, row.height());
            } else {
                row.draw(g, width);
            }
            g.restore();
            g.setStroke(palette.line());
            g.setLineWidth(1);
            g.strokeLine(SheetRow.GUTTER, Math.floor(top) + 0.5, width, Math.floor(top) + 0.5);
            top += row.height();
        }
        gutter(g, palette, height);
    }

    private void gutter(GraphicsContext g, Palette palette, double height) {
        g.setFill(palette.paper2());
        g.fillRect(0, 0, SheetRow.GUTTER, height);
        g.setStroke(palette.line());
        g.strokeLine(SheetRow.GUTTER - 0.5, 0, SheetRow.GUTTER - 0.5, height);
        g.setFill(palette.ink2());
        g.setFont(LABEL);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setTextBaseline(VPos.CENTER);
        double top = 0;
        for (SheetRow row : shown()) {
            double middle = top + row.height() / 2;
            g.fillText(row.name(), SheetRow.GUTTER - 10, middle);
            double[] xs = row.folded() ? new double[] {8, 13, 8} : new double[] {7, 15, 11};
            double[] ys = row.folded()
                    ? new double[] {middle - 4, middle, middle + 4}
                    : new double[] {middle - 2, middle - 2, middle + 3};
            g.fillPolygon(xs, ys, 3);
            top += row.height();
            g.strokeLine(0, Math.floor(top) + 0.5, SheetRow.GUTTER, Math.floor(top) + 0.5);
        }
        g.setTextBaseline(VPos.BASELINE);
    }

    void close() {
        rows.forEach(SheetRow::close);
    }
}
