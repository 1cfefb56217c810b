package graykite.studio.view;

import graykite.motion.Key;
import graykite.studio.model.KeyEdits;
import javafx.scene.control.ContextMenu;

/** What can be done to keys from their menu. */
final class KeysMenu {
    private KeysMenu() {}

    /** @param time where the menu was opened, in seconds of the line @param set sets a key there */
    static void fill(ContextMenu menu, KeyEdits edits, double time, Runnable set) {
        boolean any = !edits.chosen().get().isEmpty();
        if (any) {
            SheetRow.item(menu, "Copy", edits::copy);
        }
        SheetRow.item(menu, "Paste here", () -> edits.paste(time, false));
        SheetRow.item(menu, "Paste here, left and right exchanged", () -> edits.paste(time, true));
        if (any) {
            SheetRow.item(menu, "A hold that lives", edits::movingHold);
            for (Key.Way way : Key.Way.values()) {
                SheetRow.item(menu, way.title() + " from here", () -> edits.going(way));
            }
            SheetRow.item(menu, "Delete", edits::delete);
        } else {
            SheetRow.item(menu, "Set a key here", set);
        }
        SheetRow.item(menu, "Hold this value throughout", () -> edits.hold(edits.value(time)));
    }
}
