package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.format.ProjectFiles;
import graykite.format.character.Cast;
import graykite.mouth.MouthChart;
import graykite.mouth.Viseme;
import graykite.picture.Camera;
import graykite.picture.Png;
import graykite.picture.Renderer;
import graykite.project.Member;
import graykite.project.Project;
import graykite.rig.Character;
import graykite.rig.Deformer;
import graykite.rig.MorphTarget;
import graykite.rig.Part;
import graykite.rig.Pose;
import graykite.scene.Performance;
import graykite.studio.model.Knot;
import graykite.studio.view.BringInOverlay;
import graykite.studio.view.LandmarkOverlay;
import graykite.studio.view.ShapeChooser;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The Cast desk in the real window: characters of one's own, poses, company. */
class CastWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
        window.openDemo();
    }

    private void openCast() throws Exception {
        awaitActed();
        onFx(() -> {
            window.knot().set(Knot.CAST);
            return null;
        });
    }

    private void fire(String query) {
        ButtonBase button = robot.lookup(query).query();
        onFx(() -> {
            button.fire();
            return null;
        });
        settle();
    }

    /** Odile's skin as a folder of OBJ files under everyday names; the shape for "oo" hides behind a riddle. */
    private Path objFolder() throws IOException {
        Path shapes = Files.createDirectory(folder.resolve("harbour_master"));
        Character odile = Cast.byName("odile");
        Part skin = odile.parts().get(odile.lips().orElseThrow().part());
        obj(shapes, "neutral", odile, skin, Pose.REST, true);
        for (String[] shape : new String[][] {
            {"mouth_ah", "Ah"},
            {"EE", "Ih"},
            {"eh", "Eh"},
            {"oh", "Oh"},
            {"riddle", "Oo"},
            {"MBP", "Lips shut"},
            {"FV", "Lip to teeth"},
            {"th", "Tongue out"},
            {"vis_td", "Tip"},
            {"kg", "Back"},
            {"CH", "Hush"},
            {"vis_s", "Hiss"},
            {"vis_n", "Ridge"},
            {"vis_r", "R"}
        }) {
            obj(shapes, shape[0], odile, skin, odile.poses().get(shape[1]), false);
        }
        return shapes;
    }

    private static void obj(Path folder, String name, Character c, Part part, Pose pose, boolean faces)
            throws IOException {
        float[] p = new Deformer(c).morphed(part, c.values(pose));
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < p.length; i += 3) {
            text.append(
                    String.format(Locale.ROOT, "v %.5f %.5f %.5f\n", p[i] / 1000, p[i + 1] / 1000, p[i + 2] / 1000));
        }
        int[] t = part.triangles();
        for (int i = 0; i < t.length && faces; i += 3) {
            text.append("f ")
                    .append(t[i] + 1)
                    .append(' ')
                    .append(t[i + 1] + 1)
                    .append(' ')
                    .append(t[i + 2] + 1)
                    .append('\n');
        }
        Files.writeString(folder.resolve(name + ".obj"), text);
    }

    private double mouthOpening(double time) {
        return onFx(() -> {
            Performance p = workspace.performance().get().orElseThrow();
            Part part = p.character().parts().getFirst();
            float[] moved = new Deformer(p.character())
                    .placed(
                            part,
                            workspace
                                    .scene()
                                    .get()
                                    .orElseThrow()
                                    .at(workspace.speakerOnStage(), time + workspace.lineStart()));
            double most = 0;
            for (int i = 0; i < moved.length; i++) {
                most = Math.max(most, Math.abs(moved[i] - part.positions()[i]));
            }
            return most;
        });
    }

    @Test
    void anObjFolderSpeaksALine() throws Exception {
        openCast();
        Path shapes = objFolder();
        onFx(() -> {
            window.take(shapes);
            return null;
        });
        await(() -> robot.lookup(n -> n instanceof BringInOverlay).tryQuery().isPresent());
        fire("#join-cast");
        await(() -> workspace.project().cast().size() == 4);
        String id = onFx(() -> window.trial().member().id());
        assertEquals("harbour_master", onFx(() -> window.trial().member().name()));

        // One shape was not recognised: it is missing on the desk, and chosen from the pictures.
        assertEquals(
                List.of(Viseme.OO),
                onFx(() -> MouthChart.missing(window.trial().figure().get().orElseThrow())));
        fire("#assign-Oo");
        await(() -> robot.lookup(n -> n instanceof ShapeChooser).tryQuery().isPresent());
        Node riddle = robot.lookup(n -> n instanceof ButtonBase b && b.getText().equals("riddle"))
                .query();
        robot.clickOn(riddle);
        await(() ->
                MouthChart.missing(window.trial().figure().get().orElseThrow()).isEmpty());
        assertEquals(
                Pose.of("riddle", 1),
                onFx(() -> window.trial().figure().get().orElseThrow().poses().get("Oo")));

        // It speaks the line; undone, Odile speaks it again.
        fire("#speaks-line");
        await(() -> workspace
                .performance()
                .get()
                .map(p -> p.character().name().equals("harbour_master"))
                .orElse(false));
        assertTrue(mouthOpening(1.25) > 5, "the jaw moves on \"fog\"");
        onFx(() -> {
            workspace.undo();
            return null;
        });
        await(() -> workspace
                .performance()
                .get()
                .map(p -> p.character().name().equals("Odile Marsh"))
                .orElse(false));
        onFx(() -> {
            workspace.redo();
            return null;
        });

        // Saved and opened again, everything is there: the figure, what was assigned, who speaks.
        Path file = folder.resolve("harbour.kite");
        onFx(() -> {
            workspace.documents().save(file, () -> {});
            return null;
        });
        await(() -> !workspace.dirty());
        Project saved = ProjectFiles.open(file);
        Member member = saved.member(id).orElseThrow();
        assertEquals(id, saved.speakerOf(saved.lines().getFirst()).id());
        Character figure = member.finished(((Member.Own) member.source()).figure());
        assertEquals(Pose.of("riddle", 1), figure.poses().get("Oo"));
        assertTrue(figure.parts().getFirst().targets().stream()
                .map(MorphTarget::name)
                .anyMatch("MBP"::equals));
    }

    @Test
    void channelsPosesAndKeys() throws Exception {
        openCast();
        await(() -> window.trial().figure().get().isPresent());
        // A face is set, saved as a pose, keyed at the playhead, and plays.
        onFx(() -> {
            int brow =
                    window.trial().figure().get().orElseThrow().channelIndex().get("browLowerer.L");
            window.trial().set(brow, 0.9);
            window.trial().keepPose("One brow", window.trial().asPose());
            window.player().seek(2.0);
            return null;
        });
        // The figure with the new pose is made away from the window's thread.
        await(() -> window.trial().figure().get().orElseThrow().poses().containsKey("One brow"));
        assertEquals(
                0.9,
                onFx(() -> window.trial()
                        .figure()
                        .get()
                        .orElseThrow()
                        .poses()
                        .get("One brow")
                        .of("browLowerer.L")),
                1e-9);
        robot.press(KeyCode.K).release(KeyCode.K);
        await(() -> workspace.line().orElseThrow().keys().size() == 1);
        awaitActed();
        assertTrue(browAt(2.5) > 0.8);
        assertTrue(browAt(1.0) < 0.3);

        // Its start is dragged on the sheet; one undo takes the whole drag back; Delete removes it.
        Point2D edge = onSheet(2.0, "poses");
        robot.moveTo(edge)
                .press(MouseButton.PRIMARY)
                .moveBy(30, 0)
                .moveBy(30, 0)
                .release(MouseButton.PRIMARY);
        double moved = onFx(() ->
                workspace.keys().timeOf(workspace.line().orElseThrow().keys().getFirst()));
        assertTrue(moved > 2.15, "moved to " + moved);
        assertEquals(Knot.ACTING, onFx(() -> window.knot().get()));
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        assertEquals(
                2.0,
                onFx(() -> workspace
                        .keys()
                        .timeOf(workspace.line().orElseThrow().keys().getFirst())),
                1e-9);
        onFx(() -> {
            workspace.keys().index().set(0);
            workspace.keys().delete();
            return null;
        });
        assertTrue(onFx(() -> workspace.line().orElseThrow().keys().isEmpty()));
    }

    private double browAt(double time) {
        return onFx(() -> {
            Performance p = workspace.performance().get().orElseThrow();
            return workspace
                    .scene()
                    .get()
                    .orElseThrow()
                    .at(workspace.speakerOnStage(), time + workspace.lineStart())[
                    p.character().channelIndex().get("browLowerer.L")];
        });
    }

    @Test
    void theRigCheckAndOtherCharacters() throws Exception {
        openCast();
        onFx(() -> {
            window.trial().memberId().set("brine");
            return null;
        });
        await(() ->
                window.trial().figure().get().map(f -> f.name().equals("Brine")).orElse(false));
        for (String tab : List.of("channels", "shapes", "couplings", "poses")) {
            fire("#tab-" + tab);
        }
        onFx(() -> {
            window.cast().checkRig();
            return null;
        });
        await(() -> workspace.jobs().message().get().contains("nothing to complain about"));

        // Pim joins Odile on stage, listens, then answers; the sound grows by his line.
        double alone =
                onFx(() -> workspace.stageSound().get().sound().orElseThrow().duration());
        onFx(() -> {
            workspace.scenes().add(workspace.project().line("line-2").orElseThrow());
            return null;
        });
        await(() -> workspace.scene().get().map(e -> e.size() == 2).orElse(false));
        await(() -> workspace.stageSound().get().sound().orElseThrow().duration() > alone + 2);

        // Line 6 is Brine's own.
        onFx(() -> {
            workspace.sceneId().set("");
            workspace.lineId().set("line-6");
            return null;
        });
        await(() -> workspace
                .performance()
                .get()
                .map(p -> p.character().name().equals("Brine"))
                .orElse(false));
        assertTrue(
                onFx(() -> workspace.performance().get().orElseThrow().mouth().held()));
        assertEquals("brine", onFx(() -> window.trial().member().id()));

        // His mouths are drawings: the Proof desk says why it measures no lips.
        onFx(() -> {
            window.knot().set(Knot.PROOF);
            return null;
        });
        await(() -> robot.lookup(
                        n -> n instanceof Label label && label.getText().contains("is not measured"))
                .tryQuery()
                .isPresent());
    }

    @Test
    void aPictureBecomesACharacter() throws Exception {
        openCast();
        Character pim = Cast.byName("pim");
        Path portrait = folder.resolve("portrait.png");
        Files.write(
                portrait,
                Png.bytes(new Renderer()
                        .draw(new Deformer(pim).deform(new double[pim.channels().size()]), Camera.FRONT, 400, 400)));
        onFx(() -> {
            window.bringIn().takePicture(portrait);
            return null;
        });
        await(() -> robot.lookup(n -> n instanceof LandmarkOverlay).tryQuery().isPresent());
        LandmarkOverlay overlay =
                robot.lookup(n -> n instanceof LandmarkOverlay).queryAs(LandmarkOverlay.class);
        var before = onFx(overlay::marks);
        // A click moves the chosen landmark there, Ctrl+Z takes it back.
        Node canvas = robot.lookup((Node n) -> n instanceof Canvas c && c.getWidth() == 520)
                .query();
        robot.clickOn(canvas, MouseButton.PRIMARY);
        assertNotEquals(before, onFx(overlay::marks));
        robot.press(KeyCode.CONTROL, KeyCode.Z).release(KeyCode.Z, KeyCode.CONTROL);
        assertEquals(before, onFx(overlay::marks));
        fire("#make-character");
        await(() -> robot.lookup(n -> n instanceof BringInOverlay).tryQuery().isPresent());
        fire("#join-cast");
        await(() -> workspace.project().cast().size() == 4);
        assertEquals("portrait", onFx(() -> window.trial().member().name()));
    }

    @Test
    void brokenCharactersLeaveTheProjectAlone() throws Exception {
        openCast();
        Project before = onFx(workspace::project);
        Path broken = Files.writeString(folder.resolve("broken.glb"), "this is no character");
        onFx(() -> {
            window.take(broken);
            return null;
        });
        await(() -> workspace.jobs().message().get().contains("broken.glb, line 1"));
        assertEquals(before, onFx(workspace::project));
        assertFalse(robot.lookup(n -> n instanceof BringInOverlay).tryQuery().isPresent());
    }
}
