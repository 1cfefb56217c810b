package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.LineEdit;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.motion.Curve;
import graykite.mouth.Beat;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.picture.Camera;
import graykite.reading.Timing;
import graykite.rig.Pose;
import graykite.scene.Performance;
import graykite.studio.model.Dictions;
import graykite.studio.model.Knot;
import graykite.studio.model.Selection;
import graykite.studio.view.Reveal;
import graykite.text.Phone;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Drives the Mouth desk with mouse and keys. */
class MouthWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
        window.openDemo();
    }

    private void openDemo(String tab) throws Exception {
        awaitActed();
        run(() -> {
            window.knot().set(Knot.MOUTH);
            window.mouthDesk().openTab(tab);
        });
    }

    /** Scrolls the desk until a node is seen, as somebody would with the wheel, and clicks it. */
    private void click(String id) {
        run(() -> Reveal.show(robot.lookup(id).query()));
        robot.clickOn(id);
        settle();
    }

    private void drag(Node from, Node to) {
        run(() -> Reveal.show(from));
        Point2D by = onFx(() -> middle(to).subtract(middle(from)));
        robot.moveTo(from).press(MouseButton.PRIMARY);
        int steps = 8;
        for (int i = 0; i < steps; i++) {
            robot.moveBy(by.getX() / steps, by.getY() / steps);
            settle();
        }
        robot.release(MouseButton.PRIMARY);
        settle();
    }

    private static Point2D middle(Node node) {
        Bounds box = node.localToScreen(node.getLayoutBounds());
        return new Point2D(box.getCenterX(), box.getCenterY());
    }

    private void undo() {
        robot.press(KeyCode.CONTROL).press(KeyCode.Z).release(KeyCode.Z).release(KeyCode.CONTROL);
        settle();
    }

    private MouthWork work() {
        return onFx(() -> workspace.mouth().work());
    }

    private Performance line() {
        return onFx(() -> workspace.performance().get().orElseThrow());
    }

    private double channel(String name, double time) {
        Performance line = line();
        return onFx(() -> workspace.scene().get().orElseThrow().at(0, time))[
                line.character().channelIndex().get(name)];
    }

    private void choose(int word, int phone) {
        run(() -> workspace.selection().set(new Selection(word, phone)));
    }

    @Test
    void theKiteIsPulledWhileTheLinePlays() throws Exception {
        openDemo("Speak");
        double before = channel("jawDrop", 1.24);
        run(() -> {
            window.player().looping().set(true);
            window.player().play();
        });
        robot.moveTo("#kite-open").press(MouseButton.PRIMARY);
        robot.moveBy(0, -10).moveBy(0, -12);
        settle();
        assertTrue(onFx(() -> window.player().playing().get()), "it plays on");
        double open = work().settings().diction().open();
        assertTrue(open > 1.4, "pulled to " + open);
        assertTrue(channel("jawDrop", 1.24) > before + 0.05, "heard at once");
        robot.moveBy(0, 6).release(MouseButton.PRIMARY);
        settle();
        run(() -> window.player().pause());
        undo();
        assertEquals(1, work().settings().diction().open(), "one undo for the whole pull");

        // A preset, typed figures, an own preset.
        click("#preset-shouted");
        assertTrue(work().settings().diction().strength() > 0.9);
        click("#figure-round");
        robot.press(KeyCode.CONTROL, KeyCode.A).release(KeyCode.A, KeyCode.CONTROL);
        robot.write("140").press(KeyCode.ENTER).release(KeyCode.ENTER);
        assertEquals(1.4, work().settings().diction().round(), 1e-9);
        click("#preset-name");
        robot.write("storm").press(KeyCode.ENTER).release(KeyCode.ENTER);
        assertTrue(onFx(() -> new Dictions(workspace)
                .list().stream()
                        .anyMatch(p -> p.name().equals("storm")
                                && p.own()
                                && p.diction().round() == 1.4)));
    }

    @Test
    void aSectionIsSpokenInItsOwnWay() throws Exception {
        openDemo("Speak");
        choose(2, -1);
        click("#cut-section");
        assertEquals(1, work().sections().size());
        double outside = channel("jawDrop", 4.3);
        click("#preset-shouted");
        assertEquals(0.8, work().settings().diction().strength(), 1e-9, "the line as a whole stays");
        assertTrue(work().sections().getFirst().diction().strength() > 0.9);
        assertEquals(outside, channel("jawDrop", 4.3), 1e-9);
        run(() -> workspace.mouth().removeSection(0));
        assertTrue(work().sections().isEmpty());
    }

    @Test
    void aSoundIsDraggedToAnotherShape() throws Exception {
        openDemo("Chart");
        await(() ->
                robot.lookup("#shape-tip .image-view").queryAs(ImageView.class).getImage() != null);
        assertEquals("Tip", onFx(() -> workspace.charts().chart().shapeOf(Phone.D)));
        Node target = robot.lookup("#shape-tongue-out").query();
        drag(robot.lookup("#phone-D").query(), target);
        await(() -> workspace.charts().chart().shapeOf(Phone.D).equals("Tongue out"));
        assertTrue(line().beats().list().stream()
                .filter(b -> b.phone() == Phone.D)
                .allMatch(b -> b.targets().getFirst().shape().equals("Tongue out")));
        undo();
        assertEquals("Tip", onFx(() -> workspace.charts().chart().shapeOf(Phone.D)));

        // A click opens how the sound shows.
        click("#phone-D");
        assertTrue(robot.lookup("#phone-card").tryQuery().isPresent());

        // A sound that lost its shape is listed at the top, with a proposal that one click takes.
        run(() -> workspace.charts().edit("Unmap", 0, c -> c.withoutPhone(Phone.D)));
        click("#need-map");
        assertEquals("Tip", onFx(() -> workspace.charts().chart().shapeOf(Phone.D)));

        // A smaller chart, and its sounds still have shapes.
        run(() -> workspace.charts().edit("Small", 0, c -> MouthChart.ofSize(8)));
        assertEquals(8, onFx(() -> workspace.charts().chart().shapes().size()));
        assertTrue(onFx(() -> workspace.charts().chart().unmapped().isEmpty()));
    }

    @Test
    void theLipsAreDraggedOnTheFace() throws Exception {
        openDemo("Chart");
        run(() -> window.face().camera().set(Camera.MOUTH));
        await(() ->
                robot.lookup("#shape-tip .image-view").queryAs(ImageView.class).getImage() != null);
        click("#shape-lips-shut");
        Pose before =
                onFx(() -> workspace.charts().figure().orElseThrow().poses().get("Lips shut"));
        click("#edit-look");
        await(() -> window.trial().onStage().get());
        double[] start = onFx(() -> window.trial().values().get().clone());
        // The lower lip lies a little below the middle of the mouth view.
        Point2D lip = onFx(() -> window.face()
                .localToScreen(window.face().getWidth() / 2, window.face().getHeight() * 0.55));
        robot.moveTo(lip).press(MouseButton.PRIMARY);
        settle();
        Thread.sleep(400);
        robot.moveBy(0, 30).moveBy(0, 30);
        await(() -> !Arrays.equals(start, window.trial().values().get()));
        robot.release(MouseButton.PRIMARY);
        click("#keep-pose");
        await(() -> !workspace
                .charts()
                .figure()
                .orElseThrow()
                .poses()
                .get("Lips shut")
                .equals(before));
        assertFalse(onFx(() -> window.trial().onStage().get()));
        undo();
        assertEquals(
                before,
                onFx(() -> workspace.charts().figure().orElseThrow().poses().get("Lips shut")));
    }

    /** Find one weak word, improve it, keep the improvement through a new take. */
    @Test
    void aTouchUpSurvivesAnotherRecording() throws Exception {
        openDemo("Touch-ups");
        Timing first = onFx(() -> workspace.line().orElseThrow().timing().orElseThrow());
        // "fog", its vowel: a click on its mouth chooses it.
        double middle = first.words().get(2).phones().get(1).range().middle();
        double lead = work().settings().lead();
        Point2D mouth = onSheet(middle - lead, "mouth");
        robot.clickOn(mouth);
        assertEquals(new Selection(2, 1), onFx(() -> workspace.selection().get()));
        click("#tile-hush");
        assertEquals(1, work().touchUps().size());
        assertEquals(Optional.of("Hush"), work().touchUps().getFirst().shape());

        Path take = folder.resolve("second-take.wav");
        try (OutputStream out = Files.newOutputStream(take)) {
            WavFiles.write(
                    SimulatedVoice.speak(
                                    onFx(() -> workspace.line().orElseThrow().script()))
                            .sound(),
                    out);
        }
        run(() -> workspace.intake().replaceRecording(take));
        await(() -> workspace.line().orElseThrow().sound().orElseThrow().name().equals("second-take.wav"));
        awaitActed();
        Performance spoken = line();
        assertNotEquals(first.duration(), spoken.duration(), 1e-3, "it is another recording");
        Beat touched = spoken.beats().list().stream()
                .filter(b -> !b.touchUps().isEmpty())
                .findFirst()
                .orElseThrow();
        assertEquals("fog", spoken.timing().words().get(touched.word()).text());
        assertEquals("Hush", touched.targets().getFirst().shape());

        // Muted it does nothing, removed it is gone, undone it is back.
        click("#mute-0");
        assertTrue(work().touchUps().getFirst().muted());
        assertTrue(line().beats().list().stream().allMatch(b -> b.touchUps().isEmpty()));
        click("#remove-0");
        assertTrue(work().touchUps().isEmpty());
        undo();
        assertEquals(1, work().touchUps().size());

        // A word that is gone takes nothing with it: the touch-up waits, and the desk says so.
        run(() -> workspace.editLine(0, l -> new LineEdit.SetScript(l, "Who put my map up by the lamp?", false)));
        run(workspace.readings()::read);
        await(() -> workspace.performance().get().isPresent()
                && workspace.performance().get().get().timing().text().startsWith("Who put"));
        assertEquals(1, work().touchUps().stream().filter(t -> !t.isNothing()).count());
        assertTrue(onFx(() -> workspace
                .performance()
                .get()
                .orElseThrow()
                .beats()
                .touchUpPlaces()
                .getFirst()
                .isEmpty()));
        assertTrue(robot.lookup("#need-see-touch-ups").tryQuery().isPresent());
    }

    @Test
    void aCurveIsTakenOverEditedAndGivenBack() throws Exception {
        openDemo("Curves");
        choose(2, -1);
        run(() -> workspace.mouth().curves().channel().set("jawDrop"));
        double time = 1.30;
        double generated = channel("jawDrop", time);
        click("#take-over");
        await(() -> workspace.mouth().work().curves().size() == 1);
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("keys, nowhere more than"));
        assertEquals(generated, channel("jawDrop", time), 0.03, "taken over, it looks the same");

        // A double-click makes a key, a drag moves it, the face follows.
        Curve curve = onFx(() -> workspace.mouth().curves().curve(0).orElseThrow());
        Point2D there = onSheet(time, sheet -> sheet.yOf("curve", curve.at(time)));
        robot.doubleClick(there);
        assertTrue(onFx(() ->
                        workspace.mouth().curves().curve(0).orElseThrow().keys().size())
                > curve.keys().size());
        robot.moveTo(there)
                .press(MouseButton.PRIMARY)
                .moveBy(0, -10)
                .moveBy(0, -10)
                .release(MouseButton.PRIMARY);
        settle();
        assertTrue(channel("jawDrop", time) > generated + 0.1, "opens further: " + channel("jawDrop", time));
        click("#way-stepped");
        int jaw = line().character().channelIndex().get("jawDrop");
        assertEquals(line().unguarded(jaw, time), line().unguarded(jaw, time + 0.02), 1e-9, "stepped: it stays");
        robot.press(KeyCode.DELETE).release(KeyCode.DELETE);
        assertEquals(
                curve.keys().size(),
                onFx(() ->
                        workspace.mouth().curves().curve(0).orElseThrow().keys().size()));

        run(() -> window.player().seek(time));
        run(() -> window.mouthDesk().refresh());
        click("#give-back");
        assertTrue(work().curves().isEmpty());
        assertEquals(generated, channel("jawDrop", time), 1e-9);
    }

    @Test
    void whyAnswersWhereOneClicks() throws Exception {
        openDemo("Why");
        run(() -> {
            window.player().seek(1.24);
            window.face().camera().set(Camera.MOUTH);
        });
        Point2D chin = onFx(() -> window.face()
                .localToScreen(window.face().getWidth() / 2, window.face().getHeight() * 0.86));
        robot.clickOn(chin);
        await(() -> robot.lookup("#why-jawDrop").tryQuery().isPresent());
        assertTrue(robot.lookup("#why-answer").query().lookupAll(".why-figure").size() >= 3, "reasons and their sum");
    }

    @Test
    void onlyTouchUpsThatDoSomethingAreKept() throws Exception {
        openDemo("Touch-ups");
        choose(2, 1);
        click("#tile-ah");
        assertTrue(work().touchUps().isEmpty(), "the chart says Ah already");
        run(() -> workspace.mouth().touch(new Selection(2, 1), 0, t -> t.withStrength(0.5)));
        assertEquals(1, work().touchUps().size());
        run(() -> workspace.mouth().touch(new Selection(2, 1), 0, t -> t.withStrength(1)));
        assertTrue(work().touchUps().stream().noneMatch(TouchUp::isNothing));
        assertTrue(work().touchUps().isEmpty());
    }

    /** A chart is made once: saved, loaded by somebody else, compared; a renamed shape takes its touch-ups along. */
    @Test
    void chartsAreSavedLoadedAndCompared() throws Exception {
        openDemo("Chart");
        choose(2, 1);
        run(() -> workspace.mouth().touch(new Selection(2, 1), 0, t -> t.withShape(Optional.of("Hush"))));
        run(() -> workspace.charts().split("Hush", "Chip", List.of(Phone.CH)));
        run(() -> workspace.charts().rename("Hush", "Shy"));
        assertEquals(Optional.of("Shy"), work().touchUps().getFirst().shape());
        assertEquals("Chip", onFx(() -> workspace.charts().chart().shapeOf(Phone.CH)));
        assertEquals("Shy", onFx(() -> workspace.charts().chart().shapeOf(Phone.SH)));
        assertTrue(onFx(() -> workspace.charts().fitted().orElseThrow().isWhole()), "both have their look");

        Path file = folder.resolve("odile.kite-chart.json");
        run(() -> workspace.charts().save(file, false));
        await(() -> workspace.jobs().message().get().startsWith("Saved the mouth chart"));
        MouthChart odiles = onFx(() -> workspace.charts().chart());
        run(() -> workspace.lineId().set("line-2"));
        await(() -> workspace
                .performance()
                .get()
                .map(p -> p.character().name().startsWith("Pim"))
                .orElse(false));
        run(() -> workspace.charts().load(file));
        await(() -> workspace.charts().chart().equals(odiles));
        // Pim has no look for the new shapes: that is said, and one click keeps the nearest.
        assertFalse(onFx(() -> workspace.charts().fitted().orElseThrow().isWhole()));
        click("#need-keep-nearest");
        assertTrue(onFx(() -> workspace.charts().fitted().orElseThrow().isWhole()));
        run(() -> window.mouthDesk().compare("standard", MouthChart.standard()));
        assertTrue(
                robot.lookup("#chart-differences").query().lookupAll(".quiet").size() >= 3);
        // They stay, and follow the chart, until they are closed.
        run(() -> workspace.charts().rename("Shy", "Coy"));
        Node differences = robot.lookup("#chart-differences").query();
        assertTrue(
                differences.lookupAll(".quiet").stream()
                        .anyMatch(d -> d instanceof Label l && l.getText().contains("Coy")),
                "the new name is listed");
        robot.clickOn(differences.lookup(".button"));
        assertTrue(robot.lookup("#chart-differences").tryQuery().isEmpty());
        assertTrue(robot.lookup("#shape-coy").tryQuery().isPresent());
    }
}
