package graykite.studio.view;

import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;

/**
 * A row of the sheet: it draws itself, knows what lies under the pointer, is dragged and has a menu. Everything in it is
 * told from its own top; where that lies, folding, heights and order are the business of {@link SheetRows}.
 */
abstract class SheetRow implements AutoCloseable {
    /** Pixels at the left of the sheet that hold the names of the rows. */
    static final double GUTTER = 76;

    /** Height of a row that is folded. */
    static final double FOLDED = 14;

    private final String name;
    private final double usual;
    protected final SheetContext sheet;
    private double height;
    private boolean folded;

    /**
     * @param name as it stands in the gutter, and under which its height is remembered
     * @param usual height in pixels
     */
    protected SheetRow(SheetContext sheet, String name, double usual) {
        this.sheet = sheet;
        this.name = name;
        this.usual = usual;
        this.height = usual;
    }

    final String name() {
        return name;
    }

    /** False while there is nothing that the row could show. */
    boolean present() {
        return true;
    }

    final double height() {
        return folded ? FOLDED : height;
    }

    final void setHeight(double pixels) {
        height = Math.clamp(pixels, Math.min(usual, 20), 4 * usual + 60);
    }

    final double openHeight() {
        return height;
    }

    final void useUsualHeight() {
        height = usual;
    }

    final boolean folded() {
        return folded;
    }

    final void fold(boolean fold) {
        folded = fold;
    }

    /**
     * Draws the row, only what is visible.
     *
     * @param g its origin is the top left corner of the row in the sheet, and it is clipped to the row
     * @param width of the sheet
     */
    abstract void draw(GraphicsContext g, double width);

    /** Where it draws a value, from its top; its middle for rows that draw no values. */
    double yOf(double value) {
        return height() / 2;
    }

    /** What the pointer looks like over a place. */
    Cursor cursor(SheetPointer at) {
        return Cursor.DEFAULT;
    }

    /** The primary button was pressed. @return true when what follows is a drag of this row */
    boolean press(SheetPointer at) {
        sheet.player().seek(at.time());
        return false;
    }

    /** The pointer was dragged after a press that took hold. */
    void drag(SheetPointer at) {}

    /** The button was let go. */
    void release(SheetPointer at) {}

    /** A double-click. */
    void doubleClick(SheetPointer at) {}

    /** Adds what can be done at a place. */
    void offer(ContextMenu menu, SheetPointer at) {}

    /** Stops what works in the background. */
    @Override
    public void close() {}

    protected static void item(ContextMenu menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }

    protected static double snap(double x) {
        return Math.floor(x) + 0.5;
    }
}
