package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.ActingEdit;
import graykite.edit.ReadingEdit;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.project.Project;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.studio.model.InterfaceSize;
import graykite.studio.model.Knot;
import graykite.studio.model.Selection;
import graykite.studio.view.CommandOverlay;
import graykite.studio.view.HelpOverlay;
import graykite.studio.view.Reveal;
import graykite.studio.view.StartScreen;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Drives the real window with mouse and keys. */
class WindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
        window.greet();
    }

    private void openDemo() throws Exception {
        robot.clickOn("#open-demo");
        awaitActed();
        assertEquals(6, onFx(() -> workspace.project().lines().size()));
        assertTrue(robot.lookup(n -> n instanceof StartScreen).tryQuery().isEmpty());
    }

    private Timing timing() {
        return onFx(() -> workspace.line().orElseThrow().timing().orElseThrow());
    }

    /** Screen point of a time in the row of sounds. */
    private Point2D inSounds(double time) {
        return onSheet(time, "sounds");
    }

    @Test
    void theWholeWay() throws Exception {
        openDemo();

        // Play and pause with the space bar: time runs and the face is drawn.
        long before = onFx(() -> window.face().pictures());
        robot.press(KeyCode.SPACE).release(KeyCode.SPACE);
        await(() -> window.player().time().get() > 0.3);
        robot.press(KeyCode.SPACE).release(KeyCode.SPACE);
        assertFalse(onFx(() -> window.player().playing().get()));
        await(() -> window.face().pictures() > before);

        // Seek with a click on the wave.
        Point2D wave = onSheet(2.0, sheet -> 50);
        robot.clickOn(wave);
        assertEquals(2.0, onFx(() -> window.player().time().get()), 0.02);

        // Drag the boundary between the first two sounds of "fog": it moves, is pinned, and the mouth follows.
        Timing read = timing();
        double edge = read.words().get(2).phones().get(1).start();
        double jawBefore = jaw(edge);
        robot.moveTo(inSounds(edge)).press(MouseButton.PRIMARY);
        robot.moveBy(6, 0).moveBy(6, 0).moveBy(4, 0).release(MouseButton.PRIMARY);
        settle();
        double moved = timing().words().get(2).phones().get(1).start();
        assertTrue(moved > edge + 0.02, edge + " became " + moved);
        assertTrue(timing().words().get(2).phones().get(1).pinned());
        assertNotEquals(jawBefore, jaw(edge), 1e-4);

        // One undo takes the whole drag back, redo brings it again.
        robot.press(KeyCode.CONTROL).press(KeyCode.Z).release(KeyCode.Z).release(KeyCode.CONTROL);
        settle();
        assertEquals(read, timing());
        assertEquals(jawBefore, jaw(edge), 1e-9);
        robot.press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z).release(KeyCode.Z, KeyCode.SHIFT, KeyCode.CONTROL);
        settle();
        assertEquals(moved, timing().words().get(2).phones().get(1).start());

        // Save, go on, save with Ctrl+S, open again: everything is there.
        Path file = folder.resolve("ferry.kite");
        onFx(() -> {
            workspace.documents().save(file, () -> {});
            return null;
        });
        await(() -> !workspace.dirty());
        onFx(() -> {
            workspace.editLine(0, l -> new ActingEdit.Vary(l, 99));
            return null;
        });
        assertTrue(onFx(() -> workspace.dirty()));
        robot.press(KeyCode.CONTROL, KeyCode.S).release(KeyCode.S, KeyCode.CONTROL);
        await(() -> !workspace.dirty());
        Project saved = onFx(() -> workspace.project());
        onFx(() -> {
            window.openProject(file);
            return null;
        });
        await(() -> workspace.project() != saved);
        awaitActed();
        assertEquals(99, onFx(() -> workspace.line().orElseThrow().seed()));
        assertEquals(moved, timing().words().get(2).phones().get(1).start(), 1e-6);
        assertEquals(file, onFx(() -> workspace.settings().recent().getFirst()));

        // Export from the Delivery desk.
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT7).release(KeyCode.DIGIT7, KeyCode.CONTROL);
        assertEquals(Knot.DELIVERY, onFx(() -> window.knot().get()));
        assertFalse(robot.lookup("#export").queryButton().isDisabled());
        onFx(() -> {
            window.delivery().deliverTo(folder);
            return null;
        });
        await(() -> workspace.jobs().message().get().startsWith("Delivered 1 file"));
        try (var files = Files.list(folder)) {
            Path glb =
                    files.filter(f -> f.toString().endsWith(".glb")).findFirst().orElseThrow();
            assertTrue(Files.size(glb) > 1_000_000);
        }
    }

    private double jaw(double time) {
        return onFx(() -> {
            var performance = workspace.performance().get().orElseThrow();
            return workspace
                    .scene()
                    .get()
                    .orElseThrow()
                    .at(0, time)[performance.character().channelIndex().get("jawDrop")];
        });
    }

    /** A recording with a script beside it is read and speaks; a word is retyped and read again. */
    @Test
    void anOwnRecording() throws Exception {
        Path sound = folder.resolve("mine.wav");
        try (OutputStream out = Files.newOutputStream(sound)) {
            WavFiles.write(SimulatedVoice.speak("the fog bell rang").sound(), out);
        }
        Files.writeString(folder.resolve("mine.txt"), "The ship bell rang.");
        onFx(() -> {
            window.take(sound);
            return null;
        });
        awaitActed();
        // "ship" was not said: it is listed as missing, and what was said instead is read by its sound.
        assertEquals("ship", timing().missing().getFirst().text());
        assertEquals(TimedWord.UNSCRIPTED, timing().words().get(1).text());
        Timing before = timing();
        Point2D word = onSheet(before.words().get(1).range().middle(), "sounds").add(0, -27);
        robot.doubleClick(word);
        robot.write("fog").press(KeyCode.ENTER).release(KeyCode.ENTER);
        await(() -> workspace
                .line()
                .orElseThrow()
                .timing()
                .orElseThrow()
                .words()
                .get(1)
                .text()
                .equals("fog"));
        assertEquals(
                "The fog bell rang.", onFx(() -> workspace.line().orElseThrow().script()));
    }

    @Test
    void badFilesLeaveTheProjectAlone() throws Exception {
        openDemo();
        Path broken = folder.resolve("broken.wav");
        Files.writeString(broken, "no sound");
        Project before = onFx(() -> workspace.project());
        onFx(() -> {
            window.take(broken);
            return null;
        });
        await(() -> workspace.jobs().message().get().startsWith("broken.wav"));
        assertEquals(before, onFx(() -> workspace.project()));
    }

    @Test
    void strengthIsTypedAndUndone() throws Exception {
        openDemo();
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT4).release(KeyCode.DIGIT4, KeyCode.CONTROL);
        Node field = lookupText("80 %");
        onFx(() -> {
            Reveal.show(field);
            return null;
        });
        settle();
        robot.clickOn(field);
        robot.press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write("50").press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        double strength = onFx(() ->
                workspace.line().orElseThrow().mouth().settings().diction().strength());
        assertTrue(strength < 0.8, "strength " + strength);
        onFx(() -> {
            workspace.undo();
            return null;
        });
        assertEquals(
                0.8,
                onFx(() -> workspace
                        .line()
                        .orElseThrow()
                        .mouth()
                        .settings()
                        .diction()
                        .strength()));
    }

    private Node lookupText(String text) {
        return robot.lookup(n -> n instanceof TextField f && f.getText().equals(text))
                .query();
    }

    @Test
    void helpAndCommands() throws Exception {
        openDemo();
        robot.press(KeyCode.F1).release(KeyCode.F1);
        assertTrue(robot.lookup(n -> n instanceof HelpOverlay).tryQuery().isPresent());
        robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        assertTrue(robot.lookup(n -> n instanceof HelpOverlay).tryQuery().isEmpty());
        robot.press(KeyCode.CONTROL, KeyCode.K).release(KeyCode.K, KeyCode.CONTROL);
        settle();
        robot.write("proof desk").press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        assertTrue(robot.lookup(n -> n instanceof CommandOverlay).tryQuery().isEmpty());
        assertEquals(Knot.PROOF, onFx(() -> window.knot().get()));
    }

    /** Text and controls grow from the next start on, and the strip says so. */
    @Test
    void textGrows() throws Exception {
        for (String typed : List.of("larger text", "larger text", "smaller text")) {
            robot.press(KeyCode.CONTROL, KeyCode.K).release(KeyCode.K, KeyCode.CONTROL);
            settle();
            robot.write(typed).press(KeyCode.ENTER).release(KeyCode.ENTER);
            settle();
        }
        assertEquals(125, onFx(() -> InterfaceSize.of(workspace.settings())));
        assertTrue(robot.lookup(n -> n instanceof Label l && l.getText().startsWith("Text and controls are at 125 %"))
                .tryQuery()
                .isPresent());
    }

    /** A word that is chosen may be gone after the next edit: then nothing is chosen, and keys that work on it do nothing. */
    @Test
    void whatIsChosenGoesWithItsWord() throws Exception {
        openDemo();
        int last = onFx(() -> workspace.timing().orElseThrow().words().size() - 1);
        onFx(() -> {
            workspace.selection().set(new Selection(last, 0));
            workspace.edit(new ReadingEdit.ClearReading(workspace.lineId().get(), 5));
            return null;
        });
        assertEquals(Selection.NONE, onFx(() -> workspace.selection().get()));
        onFx(() -> {
            workspace.readings().readSection(0, last, "boat");
            window.actions().stream()
                    .filter(a -> a.name().startsWith("Nudge"))
                    .forEach(a -> a.run().run());
            return null;
        });
        assertTrue(onFx(() -> workspace.timing().orElseThrow().words().isEmpty()));
        run(workspace::undo);
        assertEquals(
                last + 1, onFx(() -> workspace.timing().orElseThrow().words().size()));
    }

    @Test
    void everyDeskOpensEmpty() {
        onFx(() -> {
            workspace.replaceProject(Project.empty(), Optional.empty());
            for (Knot knot : Knot.values()) {
                window.knot().set(knot);
            }
            workspace.readings().read();
            window.delivery().deliverOrAsk();
            return null;
        });
        assertTrue(onFx(() -> workspace.jobs().message().get()).startsWith("There is nothing to deliver"));
    }

    /** A script without a recording is spoken by the simulated voice, then read; undo takes both steps back. */
    @Test
    void theSimulatedVoiceStandsIn() throws Exception {
        Path script = folder.resolve("words.txt");
        Files.writeString(script, "Wake up, the ferry leaves.");
        onFx(() -> {
            window.take(script);
            return null;
        });
        await(() -> workspace.line().map(s -> s.script().startsWith("Wake")).orElse(false));
        onFx(() -> {
            workspace.intake().speakWithSimulatedVoice();
            return null;
        });
        awaitActed();
        assertEquals(5, timing().words().size());
        onFx(() -> {
            workspace.undo();
            workspace.undo();
            return null;
        });
        assertTrue(onFx(() -> workspace.line().orElseThrow().sound().isEmpty()));
        assertTrue(onFx(() -> workspace.performance().get().isEmpty()));
    }

    /** Another take of the line keeps its words. */
    @Test
    void aNewTakeIsReadWithTheOldScript() throws Exception {
        openDemo();
        Path take = folder.resolve("take2.wav");
        try (OutputStream out = Files.newOutputStream(take)) {
            WavFiles.write(
                    SimulatedVoice.speak(
                                    "Pim, the fog bell rang before we moved the buoy. Who put my map up by the lamp?")
                            .sound(),
                    out);
        }
        Timing first = timing();
        onFx(() -> {
            workspace.intake().replaceRecording(take);
            return null;
        });
        await(() -> workspace
                .line()
                .flatMap(s -> s.timing())
                .filter(t -> !t.equals(first))
                .isPresent());
        assertEquals(first.words().size(), timing().words().size());
        assertEquals(
                "take2.wav",
                onFx(() -> workspace.line().orElseThrow().sound().orElseThrow().name()));
    }

    @Test
    void soundsAreSteppedAndNudged() throws Exception {
        openDemo();
        onFx(() -> {
            window.sheet().requestFocus();
            return null;
        });
        robot.press(KeyCode.RIGHT).release(KeyCode.RIGHT).press(KeyCode.RIGHT).release(KeyCode.RIGHT);
        Selection chosen = onFx(() -> workspace.selection().get());
        assertEquals(new Selection(0, 1), chosen);
        double start = timing().words().get(0).phones().get(1).start();
        assertEquals(start, onFx(() -> window.player().time().get()), 1e-6);
        robot.press(KeyCode.ALT, KeyCode.RIGHT).release(KeyCode.RIGHT, KeyCode.ALT);
        settle();
        assertEquals(start + 1 / 30.0, timing().words().get(0).phones().get(1).start(), 1e-6);
        robot.press(KeyCode.PERIOD).release(KeyCode.PERIOD);
        settle();
        double frames = onFx(() -> window.player().time().get()) * 30;
        assertEquals(Math.rint(frames), frames, 1e-6);
    }

    @Test
    void anotherLineIsChosen() throws Exception {
        openDemo();
        String first = onFx(() -> workspace.lineId().get());
        onFx(() -> {
            workspace.lineId().set(workspace.project().lines().get(3).id());
            return null;
        });
        await(() -> workspace.performance().get().isPresent()
                && workspace.performance().get().get().timing()
                        == workspace.line().orElseThrow().timing().orElseThrow());
        assertEquals("Boat", timing().words().getFirst().text());
        assertNotEquals(first, onFx(() -> workspace.lineId().get()));
        assertEquals(0.0, onFx(() -> window.player().time().get()));
    }

    /** What is typed into the script is in the project at once, and one undo takes it back. */
    @Test
    void typingIsKept() throws Exception {
        openDemo();
        robot.press(KeyCode.CONTROL, KeyCode.DIGIT3).release(KeyCode.DIGIT3, KeyCode.CONTROL);
        String before = onFx(() -> workspace.line().orElseThrow().script());
        robot.clickOn("#script").press(KeyCode.CONTROL, KeyCode.END).release(KeyCode.END, KeyCode.CONTROL);
        robot.write(" Now");
        settle();
        assertEquals(before + " Now", onFx(() -> workspace.line().orElseThrow().script()));
        onFx(() -> {
            workspace.undo();
            return null;
        });
        assertEquals(before, onFx(() -> workspace.line().orElseThrow().script()));
    }

    /** Space plays wherever the mouse left the focus, but presses a button that was reached with the keyboard. */
    @Test
    void buttonsWorkFromTheKeyboard() throws Exception {
        openDemo();
        robot.clickOn("#knot-acting");
        robot.press(KeyCode.SPACE).release(KeyCode.SPACE);
        assertTrue(onFx(() -> window.player().playing().get()));
        robot.press(KeyCode.SPACE).release(KeyCode.SPACE);
        onFx(() -> {
            robot.lookup("#knot-proof").query().requestFocus();
            return null;
        });
        robot.press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
        assertEquals(Knot.PROOF, onFx(() -> window.knot().get()));
    }
}
