package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.edit.LineEdit;
import graykite.hearing.SimulatedVoice;
import graykite.media.WavFiles;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.reading.Doubt;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.studio.model.Knot;
import graykite.studio.model.Selection;
import graykite.studio.view.Reveal;
import graykite.text.Language;
import graykite.text.Phone;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** From ten recordings to readings that somebody looked after, in the real window. */
class ReadingWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Timing timing() {
        return onFx(() -> workspace.line().flatMap(Line::timing).orElseThrow());
    }

    private String words() {
        return timing().words().stream().map(TimedWord::text).collect(Collectors.joining(" "));
    }

    private Path record(String name, String said, String script) throws Exception {
        Path sound = folder.resolve(name + ".wav");
        try (OutputStream out = Files.newOutputStream(sound)) {
            WavFiles.write(SimulatedVoice.speak(said).sound(), out);
        }
        if (!script.isEmpty()) {
            Files.writeString(folder.resolve(name + ".txt"), script);
        }
        return sound;
    }

    private void bring(String said, String script) throws Exception {
        Path sound = record("line", said, script);
        run(() -> window.take(sound));
        awaitActed();
        idle();
    }

    private void idle() throws Exception {
        await(() -> workspace.jobs().running().get().isEmpty());
    }

    private void press(String id) {
        run(() -> Reveal.show(robot.lookup(id).query()));
        robot.clickOn(id);
    }

    /** What arrives in another language is read in it; words that are typed in another one are offered to be. */
    @Test
    void wordsTellTheirLanguage() throws Exception {
        bring("hello", "La niña mira las gaviotas blancas sobre el muelle.");
        assertEquals(
                Language.SPANISH,
                onFx(() -> workspace.line().orElseThrow().voice().language()));
        assertFalse(onFx(() -> robot.lookup("#language-hint").query().isVisible()));
        run(() -> workspace.edit(new LineEdit.SetScript(
                workspace.lineId().get(), "Das Schiff fährt um fünf Uhr aus dem alten Hafen.", false)));
        run(() -> window.knot().set(Knot.READING));
        await(() -> robot.lookup("#language-hint").query().isVisible());
        press("#language-hint-read");
        await(() -> workspace.line().orElseThrow().voice().language() == Language.GERMAN);
        idle();
        assertFalse(onFx(() -> robot.lookup("#language-hint").query().isVisible()));
        run(workspace::undo);
        run(workspace::undo);
        assertEquals(
                Language.SPANISH,
                onFx(() -> workspace.line().orElseThrow().voice().language()));
    }

    /** Recordings that are dropped together are paired by name, read on all cores, and what to look at is known. */
    @Test
    void severalRecordingsAreReadTogether() throws Exception {
        List<Path> dropped = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            String said = List.of(
                            "Boat ahead, turn to the left.",
                            "Drop the fenders and free the rope.",
                            "Wake up, the ferry leaves at five.",
                            "Something follows us very softly.")
                    .get(i);
            dropped.add(record("take" + i, said, i == 3 ? "" : said));
            dropped.add(folder.resolve("take" + i + ".txt"));
        }
        dropped.removeIf(p -> !Files.exists(p));
        run(() -> FileDrop.sort(dropped, window::take, window::takeRecordings));
        await(() -> workspace.project().lines().size() == 4);
        await(() -> workspace.project().lines().stream()
                        .filter(s -> s.timing().isPresent())
                        .count()
                == 3);
        idle();
        assertTrue(onFx(() -> workspace.jobs().message().get()).startsWith("3 lines read"));
        // All of them were read in one step; another takes the recordings away again.
        run(workspace::undo);
        assertTrue(onFx(() ->
                workspace.project().lines().stream().allMatch(s -> s.timing().isEmpty())));
        run(workspace::undo);
        assertTrue(onFx(() -> workspace.project().lines().isEmpty()));
    }

    /** An unknown word: found in the list, spelt in plain words, remembered, used in every line and for its forms; undo takes it back. */
    @Test
    void anUnknownWordIsTaughtOnce() throws Exception {
        bring(
                "Call the bow sun and the bow sun's mate before the tide turns.",
                "Call the bosunny and the bosunny's mate before the tide turns.");
        List<Doubt> doubts = onFx(() -> workspace.words().doubts());
        assertTrue(doubts.stream().anyMatch(d -> d.text().equals("bosunny")), doubts.toString());
        assertTrue(doubts.stream().anyMatch(d -> d.text().equals("bosunny's")), doubts.toString());
        robot.push(KeyCode.ESCAPE);
        run(() -> window.sheet().requestFocus());
        robot.push(KeyCode.D);
        assertEquals(
                "bosunny", onFx(() -> workspace.words().word().orElseThrow().text()));
        run(() -> {
            TextField field = robot.lookup("#respelling").queryAs(TextField.class);
            field.setText("bow sun");
            field.getOnAction().handle(null);
        });
        run(() -> robot.lookup(".use-way").queryAllAs(Button.class).stream()
                .filter(b -> !b.isDisabled())
                .findFirst()
                .orElseThrow()
                .fire());
        idle();
        assertTrue(onFx(() -> workspace.project().dictionary().containsKey("bosunny")));
        await(() -> workspace.words().doubts().stream().noneMatch(d -> d.reason() == Doubt.Reason.UNKNOWN));
        run(workspace::undo);
        run(workspace::undo);
        assertTrue(onFx(() -> workspace.project().dictionary().isEmpty()));
    }

    /** A boundary set by hand is pinned, stays when the line is read again, and a released one does not. */
    @Test
    void pinsStayWhenTheLineIsReadAgain() throws Exception {
        bring("The fog bell rang at seven.", "The fog bell rang at seven.");
        double before = timing().words().get(2).phones().get(1).start();
        run(() -> workspace.words().moveStart(2, 1, before + 0.025, 0));
        TimedPhone pinned = timing().words().get(2).phones().get(1);
        assertTrue(pinned.pinned());
        run(() -> window.knot().set(Knot.READING));
        press("#read");
        idle();
        assertEquals(pinned, timing().words().get(2).phones().get(1));
        run(() -> {
            workspace.selection().set(new Selection(2, -1));
            workspace.words().togglePin();
            workspace.words().togglePin();
        });
        assertFalse(timing().words().get(2).phones().get(1).pinned());
        press("#read");
        idle();
        assertEquals(before, timing().words().get(2).phones().get(1).start(), 0.006);
    }

    /** One word is retyped and read alone; the script follows; other words stay to the letter. */
    @Test
    void aWordIsRetypedAndOnlyItIsRead() throws Exception {
        bring("The fog bell rang at seven.", "The fog ball rang at seven.");
        TimedWord last = timing().words().getLast();
        run(() -> workspace.words().retype(2, "bell"));
        idle();
        assertEquals("The fog bell rang at seven", words());
        assertEquals(
                "The fog bell rang at seven.",
                onFx(() -> workspace.line().orElseThrow().script()));
        assertEquals(last, timing().words().getLast());
        run(() -> {
            window.knot().set(Knot.READING);
            workspace.selection().set(new Selection(1, -1));
            window.readingDesk().openTab("More");
        });
        press("#section-first");
        run(() -> workspace.selection().set(new Selection(3, -1)));
        press("#section-last");
        press("#read-section");
        idle();
        assertEquals("The fog bell rang at seven", words());
        assertEquals(last, timing().words().getLast());
    }

    /** What is said instead of a word of the script is heard by name, and one press puts it there. */
    @Test
    void whatIsHeardIsWrittenIntoTheScript() throws Exception {
        String said = "The yellow lantern swings above the kitchen door, and nobody knows why.";
        String wrong = said.replace("kitchen", "garden");
        bring(said, wrong);
        run(() -> {
            window.knot().set(Knot.READING);
            workspace.selection().set(Selection.NONE);
            workspace.words().nextDoubt();
        });
        assertEquals(
                "kitchen", onFx(() -> workspace.words().word().orElseThrow().text()));
        assertEquals(wrong, onFx(() -> workspace.line().orElseThrow().script()));
        press("#word-good-as-it-is");
        assertEquals(said, onFx(() -> workspace.line().orElseThrow().script()));
        assertEquals(List.of(), onFx(() -> workspace.words().doubts()));
        run(workspace::undo);
        assertEquals(wrong, onFx(() -> workspace.line().orElseThrow().script()));
        // The list does the same, and takes words out that were not said.
        run(() -> window.readingDesk().openTab("Look at"));
        assertEquals(List.of("Write in", "Take out"), doubtActions());
        robot.clickOn("Write in");
        assertEquals(said, onFx(() -> workspace.line().orElseThrow().script()));
        run(workspace::undo);
        robot.clickOn("Take out");
        assertEquals(
                said.replace("kitchen ", ""),
                onFx(() -> workspace.line().orElseThrow().script()));
        assertEquals(List.of("Write in"), doubtActions());
    }

    private List<String> doubtActions() {
        return robot.lookup(".doubt-action").queryAllAs(Button.class).stream()
                .map(Button::getText)
                .toList();
    }

    @Test
    void wordsAndSoundsAreChangedByHand() throws Exception {
        bring("The fog bell rang.", "The fog bell rang.");
        run(() -> {
            window.knot().set(Knot.READING);
            workspace.selection().set(new Selection(1, 1));
        });
        press("#pick-aa");
        assertEquals(Phone.AA, timing().words().get(1).phones().get(1).phone());
        press("#insert-sound");
        press("#pick-z");
        assertEquals(Phone.Z, timing().words().get(1).phones().get(2).phone());
        run(() -> window.sheet().requestFocus());
        robot.push(KeyCode.DELETE);
        assertEquals(3, timing().words().get(1).phones().size());
        run(() -> workspace.selection().set(new Selection(1, -1)));
        press("#word-split");
        assertEquals(5, timing().words().size());
        press("#word-join-next");
        assertEquals(4, timing().words().size());
        run(() -> workspace.words().insertWord("big"));
        // The word is cut before its last sound, its letters where that share of them ends.
        assertEquals("The fo g big bell rang", words());
        press("#word-delete");
        for (int i = 0; i < 7; i++) {
            run(workspace::undo);
        }
        assertEquals("The fog bell rang", words());
        assertTrue(timing().words().stream().flatMap(w -> w.phones().stream()).noneMatch(TimedPhone::pinned));
    }

    /** A word moves as a whole, a frame at a time, and keeps its length; where there is no room it stays, with a word why. */
    @Test
    void aWordMovesAsAWhole() throws Exception {
        bring("The fog bell rang.", "The fog bell rang.");
        TimedWord last = timing().words().getLast();
        run(() -> {
            workspace.selection().set(new Selection(3, -1));
            window.sheet().requestFocus();
        });
        robot.push(KeyCode.SHIFT, KeyCode.ALT, KeyCode.RIGHT);
        TimedWord moved = timing().words().getLast();
        double frame = onFx(() -> workspace.project().rate().frameLength());
        assertEquals(last.start() + frame, moved.start(), 1e-6);
        assertEquals(last.end() + frame, moved.end(), 1e-6);
        run(workspace::undo);
        assertEquals(last, timing().words().getLast());
        // "fog" stands between its neighbours: nothing changes, nothing is to be undone, and it is said why.
        Timing before = timing();
        run(() -> {
            workspace.selection().set(new Selection(1, -1));
            window.sheet().requestFocus();
        });
        robot.push(KeyCode.SHIFT, KeyCode.ALT, KeyCode.LEFT);
        assertEquals(before, timing());
        assertEquals(
                "\"fog\" has no room to move there.",
                onFx(() -> workspace.jobs().message().get()));
    }

    /** A new take: its words are found, what hangs on them stays. */
    @Test
    void aNewTakeKeepsWhatHangsOnWords() throws Exception {
        bring("The fog bell rang at seven.", "The fog bell rang at seven.");
        run(() -> workspace.mouth().touch(new Selection(2, -1), 0, t -> t.withStrength(1.5)));
        Path take = folder.resolve("again.wav");
        try (OutputStream out = Files.newOutputStream(take)) {
            WavFiles.write(
                    SimulatedVoice.speak("Listen. The fog bell rang at seven.").sound(), out);
        }
        double before = timing().words().get(2).start();
        run(() -> workspace.intake().replaceRecording(take));
        await(() -> workspace.line().flatMap(Line::sound).orElseThrow().name().equals("again.wav"));
        idle();
        awaitActed();
        TimedWord bell = timing().words().stream()
                .filter(w -> w.text().equals("bell"))
                .findFirst()
                .orElseThrow();
        assertTrue(bell.start() > before + 0.3, bell.start() + " after " + before);
        assertEquals(
                List.of(1.5),
                onFx(() -> workspace.mouth().work().touchUps().stream()
                        .map(TouchUp::strength)
                        .toList()));
        assertTrue(onFx(() -> workspace.performance().get().orElseThrow().beats().touchUpPlaces().stream()
                .allMatch(Optional::isPresent)));
    }

    /** Without any sound: silence is laid under the line and words are placed on it. */
    @Test
    void wordsArePlacedByHandBeforeThereIsSound() throws Exception {
        Path script = folder.resolve("song.txt");
        Files.writeString(script, "Row the boat");
        run(() -> window.take(script));
        await(() -> workspace.line().map(s -> s.script().startsWith("Row")).orElse(false));
        run(() -> {
            window.knot().set(Knot.READING);
            window.readingDesk().openTab("By hand");
        });
        press("#without-sound");
        await(() -> workspace.sound().get().isPresent());
        for (double time : new double[] {0.5, 1.5, 2}) {
            run(() -> window.player().seek(time));
            press("#mark-word");
        }
        run(() -> window.player().seek(4));
        press("#mark-silence");
        assertEquals("Row the boat", words());
        assertEquals(1.5, timing().words().get(0).end(), 1e-6);
        assertEquals(4, timing().words().get(2).end(), 1e-6);
        assertTrue(onFx(() -> workspace.performance().get().isPresent()));
        press("#clear-reading");
        assertTrue(timing().words().isEmpty());
        run(workspace::undo);
        assertEquals(3, timing().words().size());
    }

    /** The simulated microphone says the line's words; the take is read like any other. */
    @Test
    void aTakeIsRecorded() throws Exception {
        bring("The fog bell rang.", "The fog bell rang.");
        run(() -> window.knot().set(Knot.VOICE));
        press("#record");
        Thread.sleep(2200);
        press("#record");
        idle();
        awaitActed();
        assertEquals(
                "recorded.wav",
                onFx(() -> workspace.line().flatMap(Line::sound).orElseThrow().name()));
        assertTrue(words().contains("fog bell"), words());
    }

    /** Gain and start frame change what is heard and shown, never the recording; both are saved and undone. */
    @Test
    void gainAndStartFrameBelongToTheLine() throws Exception {
        bring("The fog bell rang.", "The fog bell rang.");
        float peak = onFx(() -> workspace.sound().get().orElseThrow().sound().peak());
        byte[] bytes =
                onFx(() -> workspace.line().flatMap(Line::sound).orElseThrow().content());
        run(() -> workspace.editLine(0, l -> new LineEdit.SetGain(l, -6.02)));
        run(() -> workspace.editLine(0, l -> new LineEdit.SetStartFrame(l, 100)));
        await(() -> workspace.sound().get().orElseThrow().sound().peak() < 0.6 * peak);
        assertEquals(
                0.5 * peak,
                onFx(() -> workspace.sound().get().orElseThrow().sound().peak()),
                0.01 * peak);
        assertEquals(100, onFx(() -> workspace.scenes().startFrame()));
        assertEquals(
                bytes,
                onFx(() -> workspace.line().flatMap(Line::sound).orElseThrow().content()));
        run(workspace::undo);
        run(workspace::undo);
        await(() -> workspace.sound().get().orElseThrow().sound().peak() == peak);
    }

    /** Without words the sound alone is read. */
    @Test
    void aLineWithoutWordsIsReadByItsSound() throws Exception {
        Path sound = record("foreign", "Quinto porto bella nave.", "");
        run(() -> window.take(sound));
        await(() -> workspace.sound().get().isPresent());
        run(() -> window.readingDesk().openTab("More"));
        press("#read-by-sound");
        awaitActed();
        assertTrue(timing().words().stream().allMatch(w -> w.text().equals(TimedWord.UNSCRIPTED)));
        Path saved = folder.resolve("foreign.ctm");
        ReadingFiles files = onFx(() -> new ReadingFiles(null, workspace));
        run(() -> files.exportReading(saved));
        idle();
        assertTrue(Files.readString(saved).startsWith("foreign 1 "));
        run(() -> files.importReading(saved));
        idle();
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("loaded"));
    }

    /** A draft is marked as one until somebody corrects it, and is read like any script. */
    @Test
    void aDraftIsMarkedUntilItIsCorrected() throws Exception {
        Path sound = record("nobody", "The fog bell rang before the boat went out to sea.", "");
        run(() -> window.take(sound));
        await(() -> workspace.sound().get().isPresent());
        idle();
        run(() -> workspace.readings().draft());
        await(() -> workspace.line().orElseThrow().draft());
        awaitActed();
        idle();
        assertFalse(onFx(() -> workspace.line().orElseThrow().script().isBlank()));
        run(() -> workspace.editLine(0, l -> new LineEdit.SetScript(l, "The fog bell rang.", false)));
        assertFalse(onFx(() -> workspace.line().orElseThrow().draft()));
        run(workspace::undo);
        assertTrue(onFx(() -> workspace.line().orElseThrow().draft()));
    }

    /** The drafter knows English alone: words of another language would be nonsense. */
    @Test
    void nothingIsDraftedInAnotherLanguage() throws Exception {
        Path sound = record("nobody", "The fog bell rang before the boat went out to sea.", "");
        run(() -> window.take(sound));
        await(() -> workspace.sound().get().isPresent());
        idle();
        run(() -> workspace.editLine(0, l -> new LineEdit.SetLanguage(l, Language.SPANISH)));
        run(() -> workspace.readings().draft());
        assertEquals(
                "Words are drafted in English alone, and this line is in Spanish. Type its words, or read it by its sound alone"
                        + " under More.",
                onFx(() -> workspace.jobs().message().get()));
        assertTrue(onFx(() -> workspace.line().orElseThrow().script().isBlank()));
    }

    /** Backwards, speech has sounds and no words: what is drafted is kept for a look, and not read. */
    @Test
    void aDraftThatCanHardlyBeRightIsNotRead() throws Exception {
        Sound forwards = SimulatedVoice.speak(
                        "The fog bell rang before the boat went out to sea, and nobody saw it go.")
                .sound();
        float[] samples = new float[forwards.length()];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = forwards.mixed()[samples.length - 1 - i];
        }
        Path sound = folder.resolve("backwards.wav");
        try (OutputStream out = Files.newOutputStream(sound)) {
            WavFiles.write(Sound.mono(samples, forwards.rate()), out);
        }
        run(() -> window.take(sound));
        await(() -> workspace.sound().get().isPresent());
        idle();
        run(() -> workspace.readings().draft());
        await(() -> workspace.line().orElseThrow().draft());
        idle();
        String said = onFx(() -> workspace.jobs().message().get());
        assertTrue(said.startsWith("This hardly sounds like English"), said);
        assertTrue(onFx(() -> workspace.line().orElseThrow().timing().isEmpty()));
    }
}
