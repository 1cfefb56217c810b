package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.LineEdit;
import graykite.media.MovieWriter;
import graykite.picture.Picture;
import graykite.picture.Png;
import graykite.project.Line;
import graykite.project.Reference;
import graykite.sound.Sound;
import graykite.studio.model.Knot;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** A film beside, behind and over the face in the real window, scrubbed to the frame. */
class ReferenceWindowTest extends RealWindow {
    private static final int FRAMES = 100;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openScene() throws Exception {
        openUnactedDemo();
        run(() -> window.knot().set(Knot.ACTING));
        run(() -> ((ToggleButton) window.root().lookup("#tab-scene")).setSelected(true));
    }

    /** Every frame is brighter than the one before. */
    private Path film() {
        return film(Sound.silence(4, 48_000));
    }

    private Path film(Sound sound) {
        Path file = folder.resolve("take.mp4");
        try (MovieWriter writer = new MovieWriter(file, MovieWriter.Codec.H264, 64, 64, FrameRate.parse("25"), sound)) {
            for (int f = 0; f < FRAMES; f++) {
                int grey = 20 + 2 * f;
                int[] pixels = new int[64 * 64];
                Arrays.fill(pixels, 0xFF000000 | grey << 16 | grey << 8 | grey);
                writer.add(new Picture(64, 64, pixels));
            }
        }
        return file;
    }

    private Image shown(String place) {
        Node pane = window.root().lookup("#reference-" + place);
        return pane.isVisible() ? ((ImageView) pane.lookup("ImageView")).getImage() : null;
    }

    private double frame(String place) {
        Image image = shown(place);
        return image == null ? -1 : ((image.getPixelReader().getArgb(32, 32) & 255) - 20) / 2.0;
    }

    private Reference reference() {
        return onFx(() -> workspace.line().flatMap(Line::reference).orElseThrow());
    }

    @SuppressWarnings("unchecked")
    @Test
    void aFilmIsScrubbed() throws Exception {
        answers.add(film());
        robot.clickOn("#choose-reference");
        settle();
        assertEquals(Reference.Place.BESIDE, reference().place());
        for (double time : new double[] {0.41, 2.23, 1.09, 3.61}) {
            run(() -> window.player().seek(time));
            await(() -> Math.abs(frame("beside") - Math.floor(25 * time)) < 0.8);
        }
        TextField offset = (TextField) window.root().lookup("#reference-offset");
        type(offset, "1");
        run(() -> window.player().seek(2.01));
        await(() -> Math.abs(frame("beside") - 25) < 0.8);
        run(() -> window.player().seek(0.5));
        await(() -> shown("beside") == null);
        run(() -> window.player().seek(2.01));
        run(() -> ((ComboBox<Reference.Place>) window.root().lookup("#reference-place"))
                .setValue(Reference.Place.BEHIND));
        await(() -> frame("behind") > 20);
        assertFalse(window.root().lookup("#reference-beside").isVisible());
        run(workspace::undo);
        await(() -> frame("beside") > 20);
        run(() -> workspace.lineId().set(workspace.project().lines().get(1).id()));
        await(() -> !window.root().lookup("#reference-beside").isVisible());
    }

    /** The film's own sound is heard with the voice, from where the film begins, and muted again. */
    @Test
    void itsOwnSoundIsHeardOrMuted() throws Exception {
        float[] tone = new float[2 * 48_000];
        for (int i = 0; i < tone.length; i++) {
            tone[i] = (float) (0.3 * Math.sin(2 * Math.PI * 440 * i / 48_000));
        }
        answers.add(film(Sound.mono(tone, 48_000)));
        robot.clickOn("#choose-reference");
        settle();
        Sound voice = window.player().sound();
        robot.clickOn("#reference-heard");
        await(() -> window.player().sound() != voice);
        Sound both = window.player().sound();
        assertEquals(voice.duration(), both.duration(), 0.001);
        TimeRange before = new TimeRange(0, 0.3);
        assertTrue(voice.cut(before).peak() < 0.05, "nobody speaks yet");
        assertEquals(0.3, both.cut(before).peak(), 0.05, "and the film is heard");
        run(() -> reference(r -> r.withOffset(1)));
        await(() -> window.player().sound().cut(before).peak() < 0.05);
        robot.clickOn("#reference-heard");
        await(() -> window.player().sound() == voice);
    }

    @Test
    void aFilmWithoutSoundLeavesTheVoice() throws Exception {
        Path picture = folder.resolve("take.0001.png");
        Files.write(picture, Png.bytes(new Picture(8, 8, new int[64])));
        answers.add(picture);
        robot.clickOn("#choose-reference");
        settle();
        Sound voice = window.player().sound();
        robot.clickOn("#reference-heard");
        await(() -> workspace.jobs().message().get().contains("take.0001.png"));
        assertSame(voice, window.player().sound());
    }

    private void reference(UnaryOperator<Reference> change) {
        Reference changed = change.apply(reference());
        workspace.editLine(0, l -> new LineEdit.SetReference(l, Optional.of(changed)));
    }

    @Test
    void aFilmThatIsGoneSaysSoAndIsFoundAgain() throws Exception {
        Path file = film();
        answers.add(file);
        robot.clickOn("#choose-reference");
        settle();
        await(() -> shown("beside") != null);
        Path elsewhere = folder.resolve("elsewhere.mp4");
        Files.move(file, elsewhere);
        run(() -> workspace.lineId().set(workspace.project().lines().get(1).id()));
        run(() -> workspace.lineId().set(workspace.project().lines().getFirst().id()));
        Button choose = (Button) window.root().lookup("#choose-reference");
        await(() -> choose.getText().startsWith("Find it again"));
        answers.add(elsewhere);
        robot.clickOn("#choose-reference");
        settle();
        assertTrue(reference().path().endsWith("elsewhere.mp4"));
        run(() -> window.player().seek(1));
        await(() -> Math.abs(frame("beside") - 25) < 0.8);
        robot.clickOn("#remove-reference");
        settle();
        assertTrue(onFx(() -> workspace.line().flatMap(Line::reference)).isEmpty());
        assertFalse(window.root().lookup("#reference-beside").isVisible());
    }
}
