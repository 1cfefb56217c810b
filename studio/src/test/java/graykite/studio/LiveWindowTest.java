package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.ClipsLayer;
import graykite.acting.PassesPlan;
import graykite.motion.Keyed;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.studio.live.LivePass.State;
import graykite.studio.model.Knot;
import graykite.studio.model.PassEdits.Placed;
import graykite.time.TimeRange;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** Performing in the real window: with the mouse, with knobs, with the simulated capture, from files. */
class LiveWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openLive() throws Exception {
        openUnactedDemo();
        run(() -> {
            window.live().settings().countIn().set(false);
            window.live().settings().smooth().set(0);
            window.live().settings().thin().set(0);
            window.live().settings().adds().set(false);
            window.knot().set(Knot.ACTING);
        });
        run(() -> ((ToggleButton) window.root().lookup("#tab-live")).setSelected(true));
        run(window.sheet()::fit);
    }

    private State state() {
        return onFx(() -> window.live().state().get());
    }

    private List<Placed> passes() {
        return onFx(() -> workspace.passes().all());
    }

    private Motion motion(int pass) {
        return passes().get(pass).ready().pass().what().motion();
    }

    /** A point of the stage. @param x -1 to 1 across the reach of the hand */
    private Point2D face(double x, double y) {
        return onFx(() -> {
            double reach =
                    0.45 * Math.min(window.face().getWidth(), window.face().getHeight());
            return window.face()
                    .localToScreen(
                            window.face().getWidth() / 2 + x * reach,
                            window.face().getHeight() / 2 - y * reach);
        });
    }

    private double shownYaw() {
        return onFx(() -> {
            var scene = workspace.scene().get().orElseThrow();
            return scene.with(0, window.live().layer().get().orElseThrow())
                    .at(0, window.player().time().get())[
                    scene.character(0).channelIndex().get("headYaw")];
        });
    }

    /** The face follows at once, nothing is kept; then it is recorded, lies on the sheet, and is one step back. */
    @Test
    void aHeadIsPerformedWithTheMouse() throws Exception {
        robot.clickOn("#live-try");
        assertEquals(State.TRYING, state());
        robot.moveTo(face(0.5, 0));
        await(() -> Math.abs(shownYaw() - 14) < 1.5);
        assertTrue(passes().isEmpty());
        // Long enough for the hand to arrive, however slowly the machine moves it.
        run(() -> window.player().loopRange().set(Optional.of(new TimeRange(1, 4))));
        run(() -> window.player().looping().set(true));
        robot.moveTo(face(-0.5, 0));
        robot.press(KeyCode.R).release(KeyCode.R);
        await(() -> state() == State.RECORDING);
        await(() -> window.player().time().get() > 1.3);
        robot.moveTo(face(0.8, 0.4));
        await(() -> !passes().isEmpty());
        settle();
        assertEquals(State.OFF, state());
        TimeRange kept = onFx(() -> {
            var ready = passes().getFirst().ready();
            return new TimeRange(ready.start(), ready.end());
        });
        assertEquals(1, kept.start(), 0.1);
        assertEquals(4, kept.end(), 0.1);
        Track track = (Track) motion(0);
        assertEquals(List.of("headYaw", "headPitch", "headRoll"), track.controls());
        assertEquals(60, track.rate());
        assertEquals(-14, track.at(0, 0.2), 2, "where the hand was at first");
        assertEquals(22, track.at(0, track.duration()), 2.5, "and where it went");
        assertEquals(22, onStage("headYaw", 3.8), 3);
        run(workspace::undo);
        assertTrue(passes().isEmpty());
        run(workspace::redo);
        assertEquals(1, passes().size());
    }

    /** Held arrows turn the head and leave the sheet where it is; when nobody performs they step as ever. */
    @Test
    void aHeadIsPerformedWithKeys() throws Exception {
        robot.moveTo(face(0, 0));
        run(() -> window.live().tryOut(true));
        double at = onFx(() -> window.player().time().get());
        robot.press(KeyCode.RIGHT);
        await(() -> Math.abs(shownYaw() - 28) < 0.5);
        robot.press(KeyCode.LEFT);
        await(() -> Math.abs(shownYaw()) < 0.5);
        robot.release(KeyCode.RIGHT);
        await(() -> Math.abs(shownYaw() + 28) < 0.5);
        assertEquals(at, onFx(() -> window.player().time().get()), 1e-9, "the sheet stands");
        robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        await(() -> state() == State.OFF);
        robot.release(KeyCode.LEFT);
        robot.press(KeyCode.RIGHT).release(KeyCode.RIGHT);
        settle();
        assertTrue(onFx(() -> window.player().time().get()) > at, "arrows step again");
    }

    /** Part by part: brows over the head; what is thrown away leaves nothing; an ended recording is kept up to there. */
    @Test
    void partByPart() throws Exception {
        run(() -> window.player().seek(0.5));
        robot.clickOn(
                ((Group) window.root().lookup("#play-brows")).getChildren().getFirst());
        robot.moveTo(face(0, 0.9));
        robot.press(KeyCode.R).release(KeyCode.R);
        await(() -> window.player().time().get() > 1);
        robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        settle();
        assertTrue(passes().isEmpty(), "thrown away");
        run(() -> window.player().seek(0.5));
        robot.moveTo(face(0, 0.9));
        robot.press(KeyCode.R).release(KeyCode.R);
        await(() -> window.player().time().get() > 1.3);
        robot.press(KeyCode.R).release(KeyCode.R);
        await(() -> passes().size() == 1);
        robot.clickOn(robot.point("#play-head").atPosition(Pos.TOP_CENTER).atOffset(0, 6));
        run(() -> window.player().seek(0.5));
        robot.moveTo(face(-0.6, 0));
        robot.clickOn("#live-record");
        robot.moveTo(face(-0.6, 0));
        await(() -> window.player().time().get() > 1.3);
        robot.press(KeyCode.R).release(KeyCode.R);
        await(() -> passes().size() == 2);
        settle();
        assertTrue(onStage("innerBrowRaiser.L", 1.0) > 0.7, "the brows of the first pass");
        assertTrue(onStage("headYaw", 1.0) < -10, "the head of the second: " + onStage("headYaw", 1.0));
    }

    /** A file with two animations: both are kept, undone in one step, and put on the line with a click. */
    @Test
    void aFileOfSeveralPerformances() throws Exception {
        ByteBuffer numbers = ByteBuffer.allocate(88).order(ByteOrder.LITTLE_ENDIAN);
        for (float f : new float[] {0, 0, 0, 0.1f, 0, 0, 0, 0.2f, 0, 0, -0.02f, 0, 0, 0, 0, 0, 0, 0, 0, 1, 0, 1}) {
            numbers.putFloat(f);
        }
        String animation = """
                {"name":"%s","samplers":[{"input":2,"output":3}],"channels":[{"sampler":0,"target":{"node":0,"path":"weights"}}]}""";
        String json = """
                {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0]}],"nodes":[{"name":"face","mesh":0}],
                 "meshes":[{"extras":{"targetNames":["jawOpen"]},"primitives":[{"attributes":{"POSITION":0},"targets":[{"POSITION":1}]}]}],
                 "accessors":[{"bufferView":0,"componentType":5126,"count":3,"type":"VEC3"},
                   {"bufferView":0,"byteOffset":36,"componentType":5126,"count":3,"type":"VEC3"},
                   {"bufferView":0,"byteOffset":72,"componentType":5126,"count":2,"type":"SCALAR"},
                   {"bufferView":0,"byteOffset":80,"componentType":5126,"count":2,"type":"SCALAR"}],
                 "bufferViews":[{"buffer":0,"byteLength":88}],
                 "buffers":[{"byteLength":88,"uri":"data:application/octet-stream;base64,%s"}],
                 "animations":[%s,%s]}""".formatted(
                        Base64.getEncoder().encodeToString(numbers.array()),
                        animation.formatted("Gasp"),
                        animation.formatted("Yawn"));
        answers.add(Files.writeString(folder.resolve("moves.gltf"), json));
        robot.clickOn("#bring-capture");
        await(() -> workspace.project().performances().size() == 2);
        settle();
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("holds 2 performances"));
        robot.clickOn("#put-moves-yawn");
        settle();
        assertEquals("moves Yawn", passes().getFirst().ready().pass().what().name());
        run(workspace::undo);
        run(workspace::undo);
        assertEquals(0, onFx(() -> workspace.project().performances().size()));
    }

    /** On the sheet it is dragged and stretched; on the desk weighed, smoothed, thinned, kept and put on another line. */
    @Test
    void aPassIsWorkedOver() throws Exception {
        Path file = folder.resolve("shake.csv");
        StringBuilder rows = new StringBuilder("time,headYaw,jawDrop,temperature\n");
        for (int i = 0; i <= 90; i++) {
            rows.append(i / 60.0).append(',').append(12 * Math.sin(i / 8.0)).append(",1,3\n");
        }
        Files.writeString(file, rows);
        answers.add(file);
        run(() -> window.player().seek(1));
        robot.clickOn("#bring-capture");
        await(() -> passes().size() == 1);
        settle();
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("lacks 1"));
        assertEquals(0, passes().getFirst().ready().pass().mouth(), "a captured mouth is left to speech");
        assertEquals(12 * Math.sin(30 / 8.0), onStage("headYaw", 1.5), 0.6);
        double later = onStage("headYaw", 2.1);
        run(() -> workspace.passes().trim(1.4, 2.5, 0));
        assertEquals(1.4, passes().getFirst().ready().start(), 0.01);
        assertEquals(0.4, passes().getFirst().ready().pass().what().from(), 0.02);
        assertEquals(later, onStage("headYaw", 2.1), 0.2, "trimmed, the rest goes as fast as before");
        run(workspace::undo);
        Point2D middle = onSheet(1.7, "live");
        double second = onFx(() -> window.sheet().xOf(2) - window.sheet().xOf(1));
        robot.moveTo(middle)
                .press(MouseButton.PRIMARY)
                .moveBy(second / 4, 0)
                .moveBy(second / 4, 0)
                .release(MouseButton.PRIMARY);
        settle();
        assertEquals(1.5, passes().getFirst().ready().start(), 0.06);
        run(workspace::undo);
        Slider head = robot.lookup(n -> n instanceof Slider s && "Head".equals(s.getAccessibleText()))
                .query();
        run(() -> head.setValue(0.5));
        settle();
        assertEquals(0.5, passes().getFirst().ready().pass().weight("headYaw"), 0.01);
        robot.clickOn("#pass-thin");
        await(() -> motion(0) instanceof Keyed);
        int keys = ((Keyed) motion(0)).keys();
        assertTrue(keys < 60, keys + " keys for 273 samples");
        robot.clickOn("#pass-keep");
        settle();
        assertEquals(1, onFx(() -> workspace.project().performances().size()));
        run(() -> workspace.lineId().set(workspace.project().lines().get(5).id()));
        await(() -> workspace.settled()
                && workspace
                        .performance()
                        .get()
                        .filter(p -> p.character().name().equals("Brine"))
                        .isPresent());
        assertTrue(passes().isEmpty());
        run(() -> window.player().seek(0.5));
        robot.clickOn("#put-shake");
        settle();
        assertEquals(1, passes().size(), "from a person to the gull");
        assertTrue(Math.abs(onStage("headYaw", 0.7)) > 1);
        assertTrue(window.root().lookup("#pass-card").isVisible());
        run(() -> window.root().requestFocus());
        robot.press(KeyCode.DELETE).release(KeyCode.DELETE);
        settle();
        assertTrue(passes().isEmpty());
        robot.clickOn("#clip-shake");
        settle();
        ClipsLayer.Ready clip = onFx(() -> workspace.clips().clip()).orElseThrow();
        assertEquals("shake", clip.clip().look().content().name(), "the same as a clip on the row feel");
        assertEquals(0.5, clip.start(), 1e-6);
        assertEquals(1.5, clip.end() - clip.start(), 1e-3, "as long as it was performed");
        assertTrue(Math.abs(onStage("headYaw", 0.9)) > 1);
    }

    @SuppressWarnings("unchecked")
    private void use(String input) {
        run(() -> ((ComboBox<String>) window.root().lookup("#live-input")).setValue(input));
    }

    @Test
    void theSimulatedCapturePlaysTheFace() throws Exception {
        use("With the simulated capture");
        run(() -> window.live().instruments().set(List.of()));
        await(() -> window.live().stream().orElseThrow().controls().size() == 18);
        robot.clickOn("#live-neutral");
        await(() -> window.live().stream().orElseThrow().controls().size() == 18);
        run(() -> window.player().seek(1));
        robot.clickOn("#live-record");
        await(() -> state() == State.RECORDING);
        await(() -> window.player().time().get() > 2);
        run(() -> window.live().record());
        await(() -> passes().size() == 1);
        Motion motion = motion(0);
        assertEquals(18, motion.controls().size());
        assertTrue(motion.duration() > 0.8);
        int yaw = motion.controls().indexOf("headYaw");
        double low = 99;
        double high = -99;
        for (double t = 0; t < motion.duration(); t += 0.05) {
            low = Math.min(low, motion.at(yaw, t));
            high = Math.max(high, motion.at(yaw, t));
        }
        assertTrue(high - low > 1, "it moves: " + low + " to " + high);
        assertEquals(0, passes().getFirst().ready().pass().mouth());
        use("With the mouse");
        assertFalse(onFx(() -> window.live().stream().isPresent()));
    }

    /** A knob is learned by moving it, and plays its channel. */
    @Test
    @SuppressWarnings("unchecked")
    void knobsOnTheScreen() throws Exception {
        use("With knobs on the screen");
        run(() -> window.live().instruments().set(List.of()));
        run(() -> ((ComboBox<String>) window.root().lookup("#live-learn")).setValue("headYaw"));
        run(() -> ((Slider) window.root().lookup("#knob-2")).setValue(0.9));
        await(() -> window.live().knobs().orElseThrow().faders().size() == 1);
        robot.clickOn("#live-try");
        await(() -> window.live().layer().get().isPresent());
        double most = onFx(
                () -> window.live().knobs().orElseThrow().faders().getFirst().most());
        await(() -> Math.abs(shownYaw() - 0.8 * most) < 0.5);
        run(() -> ((Slider) window.root().lookup("#knob-2")).setValue(0.5));
        await(() -> Math.abs(shownYaw()) < 0.5);
        robot.press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        settle();
        assertEquals(State.OFF, state());
        assertTrue(onFx(() -> workspace.line().orElseThrow().layers().first(PassesPlan.class))
                .isEmpty());
    }
}
