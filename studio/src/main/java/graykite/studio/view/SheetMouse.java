package graykite.studio.view;

import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import graykite.time.FrameRate;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** The mouse on the sheet: rows get what is pressed on them; the gutter folds and resizes, the wheel scrolls and zooms. */
final class SheetMouse {
    private final SheetView sheet;
    private final Canvas canvas;
    private final SheetRows rows;
    private final SheetScale scale;
    private final WordEditor editor;
    private final Workspace workspace;
    private final Player player;
    private Optional<SheetRow> held = Optional.empty();
    private Optional<SheetRow> resized = Optional.empty();
    private boolean panning;
    private double mouseX;

    SheetMouse(SheetView sheet, Canvas canvas, SheetRows rows, WordEditor editor, Workspace workspace, Player player) {
        this.sheet = sheet;
        this.canvas = canvas;
        this.rows = rows;
        this.scale = sheet.scale();
        this.editor = editor;
        this.workspace = workspace;
        this.player = player;
        install();
    }

    private SheetPointer pointer(SheetRow row, MouseEvent e) {
        double time = scale.timeAt(e.getX());
        return new SheetPointer(
                e.getX(),
                e.getY() - rows.topOf(row),
                time,
                magnet(time, e.isAltDown()),
                e.getClickCount(),
                e.isShiftDown());
    }

    /** Pulls a time to a frame that is within a few pixels; Alt lets go. */
    private double magnet(double time, boolean free) {
        FrameRate rate = workspace.project().rate();
        double frame = rate.secondsAt(rate.nearestFrame(time));
        return !free && Math.abs(frame - time) * scale.pixelsASecond() < 4 ? frame : time;
    }

    /** The row under the pointer that can be worked with. */
    private Optional<SheetRow> rowAt(double x, double y) {
        return x < SheetRow.GUTTER ? Optional.empty() : rows.at(y).filter(r -> !r.folded());
    }

    private void install() {
        canvas.setOnMouseMoved(e -> {
            boolean edge = e.getX() < SheetRow.GUTTER && rows.edgeAt(e.getY()).isPresent();
            canvas.setCursor(
                    edge
                            ? Cursor.V_RESIZE
                            : rowAt(e.getX(), e.getY())
                                    .map(r -> r.cursor(pointer(r, e)))
                                    .orElse(Cursor.DEFAULT));
        });
        canvas.setOnMousePressed(this::pressed);
        canvas.setOnMouseDragged(this::dragged);
        canvas.setOnMouseReleased(e -> {
            held.ifPresent(r -> r.release(pointer(r, e)));
            held = Optional.empty();
            resized = Optional.empty();
            panning = false;
        });
        canvas.setOnMouseClicked(e -> {
            if (e.getClickCount() == 2 && e.getButton() == MouseButton.PRIMARY) {
                rowAt(e.getX(), e.getY()).ifPresent(r -> r.doubleClick(pointer(r, e)));
            }
        });
        ExpressionDrag.onto(canvas, scale, workspace.clips());
        canvas.setOnScroll(this::scrolled);
        canvas.setOnContextMenuRequested(e -> menu(e.getX(), e.getY()).show(canvas, e.getScreenX(), e.getScreenY()));
    }

    private void pressed(MouseEvent e) {
        sheet.requestFocus();
        editor.commit();
        if (e.getButton() == MouseButton.MIDDLE) {
            panning = true;
            mouseX = e.getX();
        } else if (e.getButton() == MouseButton.PRIMARY && e.getX() < SheetRow.GUTTER) {
            resized = rows.edgeAt(e.getY());
            if (resized.isEmpty()) {
                rows.at(e.getY()).ifPresent(rows::fold);
                sheet.redraw();
            }
        } else if (e.getButton() == MouseButton.PRIMARY) {
            held = rowAt(e.getX(), e.getY()).filter(r -> r.press(pointer(r, e)));
        }
    }

    private void dragged(MouseEvent e) {
        if (panning) {
            scale.scrollBy(mouseX - e.getX());
            mouseX = e.getX();
            sheet.redraw();
        }
        resized.ifPresent(r -> {
            rows.resize(r, e.getY());
            sheet.redraw();
        });
        held.ifPresent(r -> r.drag(pointer(r, e)));
    }

    private void scrolled(ScrollEvent e) {
        if (e.isControlDown()) {
            sheet.zoom(Math.pow(1.0022, e.getDeltaY()), Math.max(SheetRow.GUTTER, e.getX()));
        } else {
            double by = e.isShiftDown() && e.getDeltaX() != 0 ? e.getDeltaX() : e.getDeltaY() + e.getDeltaX();
            scale.scrollBy(-by);
            sheet.redraw();
        }
    }

    /** What can be done at a place: in the gutter with the row, elsewhere with what it shows. */
    private ContextMenu menu(double x, double y) {
        Optional<SheetRow> row = rows.at(y);
        if (x < SheetRow.GUTTER) {
            return row.map(r -> rows.menu(r, sheet::redraw)).orElseGet(ContextMenu::new);
        }
        ContextMenu menu = new ContextMenu();
        double time = scale.timeAt(x);
        row.filter(r -> !r.folded())
                .ifPresent(r ->
                        r.offer(menu, new SheetPointer(x, y - rows.topOf(r), time, magnet(time, false), 1, false)));
        if (!menu.getItems().isEmpty() && !(menu.getItems().getLast() instanceof SeparatorMenuItem)) {
            menu.getItems().add(new SeparatorMenuItem());
        }
        workspace
                .words()
                .marks()
                .nextToMark()
                .filter(w -> workspace.sound().get().isPresent())
                .ifPresent(w -> item(
                        menu,
                        "\"" + w.written() + "\" begins here",
                        () -> workspace.words().marks().mark(time)));
        item(menu, "Play from here", () -> {
            player.seek(time);
            player.play();
        });
        item(menu, "Loop the whole line", () -> player.loopRange().set(Optional.empty()));
        item(menu, "Show the whole line", sheet::fit);
        return menu;
    }

    private static void item(ContextMenu menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }
}
