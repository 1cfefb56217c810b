package graykite.studio.view;

import graykite.reading.TimedWord;
import graykite.studio.model.MouthEdits;
import graykite.studio.model.Selection;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What can be done with a word or a sound, in the menus of the rows that show them. */
final class SpokenMenu {
    private SpokenMenu() {}

    /** @param retype opens the field over a word */
    static void offer(ContextMenu menu, SheetContext sheet, Selection there, IntConsumer retype) {
        if (there.word() < 0) {
            return;
        }
        Workspace workspace = sheet.workspace();
        offerTouchUps(menu, workspace, there);
        TimedWord timed = workspace.timing().orElseThrow().words().get(there.word());
        item(menu, "Retype \"" + timed.text() + "\"", () -> retype.accept(there.word()));
        offerWord(menu, workspace, there);
        item(menu, "Loop \"" + timed.text() + "\"", () -> {
            sheet.player().loopRange().set(Optional.of(timed.range()));
            sheet.player().looping().set(true);
        });
        menu.getItems().add(new SeparatorMenuItem());
    }

    private static void item(ContextMenu menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }

    private static void offerWord(ContextMenu menu, Workspace workspace, Selection there) {
        WordEdits words = workspace.words();
        Menu hand = new Menu(there.phone() < 0 ? "The word" : "The sound");
        action(hand, "Pin or release", workspace, there, words::togglePin);
        action(hand, "Split the word here", workspace, there, words::splitWord);
        action(hand, "Join with the next word", workspace, there, words::mergeWords);
        action(hand, there.phone() < 0 ? "Delete the word" : "Delete the sound", workspace, there, words::delete);
        if (there.phone() < 0) {
            action(hand, "Good as it is", workspace, there, words::accept);
        }
        menu.getItems().add(hand);
    }

    private static void action(Menu menu, String text, Workspace workspace, Selection there, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> {
            workspace.selection().set(there);
            action.run();
        });
        menu.getItems().add(item);
    }

    private static void offerTouchUps(ContextMenu menu, Workspace workspace, Selection there) {
        MouthEdits mouth = workspace.mouth();
        workspace.selection().set(there);
        Menu shape = new Menu("Show as");
        for (String name : workspace.charts().chart().shapes().keySet()) {
            MenuItem choice = new MenuItem(name);
            choice.setOnAction(e ->
                    mouth.touch(there, 0, t -> t.withShape(Optional.of(name)).withPose(Optional.empty())));
            shape.getItems().add(choice);
        }
        menu.getItems().add(shape);
        item(menu, "Stronger", () -> mouth.touch(there, 0, t -> t.withStrength(Math.min(2, t.strength() + 0.2))));
        item(menu, "Weaker", () -> mouth.touch(there, 0, t -> t.withStrength(Math.max(0, t.strength() - 0.2))));
        item(menu, "A frame earlier", () -> shift(workspace, there, -1));
        item(menu, "A frame later", () -> shift(workspace, there, 1));
        item(menu, "Pass over", () -> mouth.touch(there, 0, t -> t.withRemoved(true)));
        mouth.touchUpOn(there).ifPresent(t -> item(menu, "Take the touch-up back", () -> mouth.removeTouchUp(t)));
        if (there.phone() < 0) {
            item(menu, "Cut a section here", () -> workspace.selectedRange().ifPresent(mouth::cutSection));
        }
        menu.getItems().add(new SeparatorMenuItem());
    }

    private static void shift(Workspace workspace, Selection there, int frames) {
        double by = frames * workspace.project().rate().frameLength();
        workspace.mouth().touch(there, 0, t -> t.withShift(Math.clamp(t.shift() + by, -0.5, 0.5)));
    }
}
