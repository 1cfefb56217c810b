package graykite.studio.view;

import graykite.motion.Key;
import graykite.reading.TimedWord;
import graykite.studio.model.MouthEdits;
import graykite.studio.model.WordEdits;
import graykite.studio.model.Workspace;
import graykite.studio.model.Workspace.Selection;
import graykite.studio.play.Player;
import java.util.Optional;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The context menu of the sheet: what can be done with what lies under the pointer. */
final class SheetMenu {
    private final Workspace workspace;
    private final Player player;
    private final SheetView sheet;
    private final CurveRow curve;

    SheetMenu(Workspace workspace, Player player, SheetView sheet, CurveRow curve) {
        this.curve = curve;
        this.workspace = workspace;
        this.player = player;
        this.sheet = sheet;
    }

    /** @param there the word or sound under the pointer */
    ContextMenu at(Selection there, double x, double y) {
        ContextMenu menu = new ContextMenu();
        Optional<Integer> wordThere = there.word() < 0 ? Optional.empty() : Optional.of(there.word());
        if (curve.contains(y)) {
            offerCurve(menu, x, y);
        }
        SectionBars.at(workspace.mouth(), sheet.scale(), x, y).ifPresent(section -> {
            item(menu, "Remove the section", () -> workspace.mouth().removeSection(section));
            menu.getItems().add(new SeparatorMenuItem());
        });
        if (there.word() >= 0 && (SheetRows.inMouths(y) || SheetRows.inSounds(y) || SheetRows.inWords(y))) {
            offerTouchUps(menu, there);
        }
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
                    .line()
                    .orElseThrow()
                    .timing()
                    .orElseThrow()
                    .words()
                    .get(word);
            MenuItem edit = new MenuItem("Retype \"" + timed.text() + "\"");
            edit.setOnAction(e -> sheet.editWord(word));
            offerWord(menu, there);
            MenuItem loop = new MenuItem("Loop \"" + timed.text() + "\"");
            loop.setOnAction(e -> {
                player.loopRange().set(Optional.of(timed.range()));
                player.looping().set(true);
            });
            menu.getItems().addAll(edit, loop, new SeparatorMenuItem());
        });
        player.loopRange()
                .get()
                .filter(r -> r.contains(sheet.timeAt(x)) && y < SheetRows.WORDS_TOP)
                .ifPresent(r -> item(menu, "Speak the looped stretch in its own way", () -> workspace
                        .mouth()
                        .cutSection(r)));
        workspace
                .words()
                .nextToMark()
                .filter(w -> workspace.sound().get().isPresent())
                .ifPresent(w -> item(menu, "\"" + w.written() + "\" begins here", () -> workspace
                        .words()
                        .mark(sheet.timeAt(x))));
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

    private static void item(ContextMenu menu, String text, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> action.run());
        menu.getItems().add(item);
    }

    private void offerWord(ContextMenu menu, Selection there) {
        WordEdits words = workspace.words();
        Menu hand = new Menu(there.phone() < 0 ? "The word" : "The sound");
        action(hand, "Pin or release", there, words::togglePin);
        action(hand, "Split the word here", there, words::splitWord);
        action(hand, "Join with the next word", there, words::mergeWords);
        action(hand, there.phone() < 0 ? "Delete the word" : "Delete the sound", there, words::delete);
        if (there.phone() < 0) {
            action(hand, "Good as it is", there, words::accept);
        }
        menu.getItems().add(hand);
    }

    private void action(Menu menu, String text, Selection there, Runnable action) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> {
            workspace.selection().set(there);
            action.run();
        });
        menu.getItems().add(item);
    }

    private void offerTouchUps(ContextMenu menu, Selection there) {
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
        item(menu, "A frame earlier", () -> shift(there, -1));
        item(menu, "A frame later", () -> shift(there, 1));
        item(menu, "Pass over", () -> mouth.touch(there, 0, t -> t.withRemoved(true)));
        mouth.touchUpOn(there).ifPresent(t -> item(menu, "Take the touch-up back", () -> mouth.removeTouchUp(t)));
        if (there.phone() < 0) {
            item(menu, "Cut a section here", () -> workspace.selectedRange().ifPresent(mouth::cutSection));
        }
        menu.getItems().add(new SeparatorMenuItem());
    }

    private void shift(Selection there, int frames) {
        double by = frames * workspace.project().rate().frameLength();
        workspace.mouth().touch(there, 0, t -> t.withShift(Math.clamp(t.shift() + by, -0.5, 0.5)));
    }

    private void offerCurve(ContextMenu menu, double x, double y) {
        MouthEdits mouth = workspace.mouth();
        curve.keyAt(x, y).ifPresent(key -> {
            mouth.key().set(key);
            for (Key.Way way : Key.Way.values()) {
                item(
                        menu,
                        way.title() + " from here",
                        () -> mouth.editCurve(
                                key.curve(),
                                0,
                                c -> c.with(key.key(), c.keys().get(key.key()).going(way))));
            }
            item(menu, "Delete the key", mouth::deleteKey);
        });
        Optional<Integer> own = mouth.curveAt(sheet.timeAt(x));
        own.ifPresent(c -> {
            item(menu, "A key here", () -> curve.addKey(c, sheet.timeAt(x)));
            item(menu, "Give back", () -> mouth.giveBack(c));
        });
        player.loopRange()
                .get()
                .ifPresent(r ->
                        item(menu, "Take over the looped stretch", () -> mouth.takeOver(r, MouthEdits.USUAL_ERROR)));
        workspace
                .selectedRange()
                .ifPresent(
                        r -> item(menu, "Take over what is chosen", () -> mouth.takeOver(r, MouthEdits.USUAL_ERROR)));
        item(menu, "Why is it so here?", () -> {
            player.pause();
            player.seek(sheet.timeAt(x));
            mouth.asked().set(mouth.channel().get());
        });
        item(menu, "Hide the curve", () -> mouth.channel().set(""));
        menu.getItems().add(new SeparatorMenuItem());
    }
}
