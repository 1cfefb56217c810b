package graykite.studio.view;

import graykite.speech.TimedWord;
import graykite.studio.model.Workspace;
import graykite.studio.play.Player;
import java.util.Optional;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The context menu of the sheet: what can be done with what lies under the pointer. */
final class SheetMenu {
    private final Workspace workspace;
    private final Player player;
    private final SheetView sheet;

    SheetMenu(Workspace workspace, Player player, SheetView sheet) {
        this.workspace = workspace;
        this.player = player;
        this.sheet = sheet;
    }

    /** @param wordThere index of the word under the pointer */
    ContextMenu at(Optional<Integer> wordThere, double x, double y) {
        ContextMenu menu = new ContextMenu();
        if (SheetRows.inFeel(y)) {
            FeelRow.keyAt(workspace, sheet.timeAt(x)).ifPresent(key -> {
                MenuItem remove = new MenuItem("Delete the key");
                remove.setOnAction(e -> {
                    workspace.keys().index().set(key);
                    workspace.keys().delete();
                });
                menu.getItems().addAll(remove, new SeparatorMenuItem());
            });
        }
        wordThere.ifPresent(word -> {
            TimedWord timed = workspace
                    .shot()
                    .orElseThrow()
                    .timing()
                    .orElseThrow()
                    .words()
                    .get(word);
            MenuItem edit = new MenuItem("Edit \"" + timed.text() + "\" and read again");
            edit.setOnAction(e -> sheet.editWord(word));
            MenuItem loop = new MenuItem("Loop \"" + timed.text() + "\"");
            loop.setOnAction(e -> {
                player.loopRange().set(Optional.of(timed.range()));
                player.looping().set(true);
            });
            menu.getItems().addAll(edit, loop, new SeparatorMenuItem());
        });
        MenuItem play = new MenuItem("Play from here");
        play.setOnAction(e -> {
            player.seek(sheet.timeAt(x));
            player.play();
        });
        MenuItem whole = new MenuItem("Loop the whole line");
        whole.setOnAction(e -> player.loopRange().set(Optional.empty()));
        MenuItem fit = new MenuItem("Show the whole line");
        fit.setOnAction(e -> sheet.fit());
        menu.getItems().addAll(play, whole, fit);
        return menu;
    }
}
