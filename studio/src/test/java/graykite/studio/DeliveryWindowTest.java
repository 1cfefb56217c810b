package graykite.studio;

import static graykite.studio.FxWork.await;
import static graykite.studio.FxWork.onFx;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.OrderFiles;
import graykite.edit.LineEdit;
import graykite.studio.model.Deliveries.What;
import graykite.studio.model.Knot;
import graykite.studio.model.Queued;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;

/** The Delivery desk on the demo: what will be written, presets, the queue, names that clash, what is there already. */
class DeliveryWindowTest extends RealWindow {
    private Path into;

    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    @BeforeEach
    void openTheDesk() throws Exception {
        openUnactedDemo();
        run(() -> workspace.sceneId().set(""));
        into = Files.createDirectory(folder.resolve("handed over"));
        run(() -> {
            window.knot().set(Knot.DELIVERY);
            workspace.deliveries().order().set(Order.of(Kind.SUBRIP));
            workspace.deliveries().folder().set(Optional.of(into));
        });
        settle();
    }

    private String summary() {
        return robot.lookup("#delivery-summary").queryAs(Label.class).getText();
    }

    private Queued newest() {
        return onFx(() -> workspace.deliveries().queue().list().getFirst());
    }

    private void awaitState(Queued.State state) throws Exception {
        await(() -> !workspace.deliveries().queue().list().isEmpty()
                && workspace.deliveries().queue().list().getFirst().state().get() == state);
        settle();
    }

    /** What will be written is said before it is; it is then written just so, and the folder can be shown. */
    @Test
    void fromChoosingToTheFolder() throws Exception {
        robot.clickOn("#kind-words-csv");
        robot.clickOn("#kind-sheet-csv");
        settle();
        assertTrue(summary().startsWith("3 files, about"), summary());
        robot.clickOn("#export");
        awaitState(Queued.State.DONE);
        try (var files = Files.list(into)) {
            List<String> names =
                    files.map(f -> f.getFileName().toString()).sorted().toList();
            assertEquals(3, names.size(), names.toString());
            assertTrue(names.stream().anyMatch(n -> n.endsWith("-sheet.csv")), names.toString());
        }
        assertTrue(onFx(() -> workspace.deliveries().delivered(workspace.line().orElseThrow())));
        robot.clickOn("#queue-show");
        assertEquals(List.of(into), revealed);

        // Nothing is replaced unasked: the queue asks, and then replaces.
        Path file;
        try (var files = Files.list(into)) {
            file = files.filter(f -> f.toString().endsWith(".srt")).findFirst().orElseThrow();
        }
        Files.writeString(file, "mine");
        robot.clickOn("#export");
        awaitState(Queued.State.ASKS);
        assertEquals("mine", Files.readString(file));
        assertTrue(
                newest().says().get().contains("are there already"),
                newest().says().get());
        robot.clickOn("#queue-replace");
        awaitState(Queued.State.DONE);
        assertTrue(Files.readString(file).contains("-->"));

        // A movie that takes long is cancelled: nothing half is left.
        run(() -> workspace
                .deliveries()
                .order()
                .set(Order.of(Kind.MOVIE).withPictures(Order.Pictures.STANDARD.sized("1080"))));
        robot.clickOn("#export");
        awaitState(Queued.State.RUNNING);
        robot.clickOn("#queue-cancel");
        awaitState(Queued.State.CANCELLED);
        try (var files = Files.list(into)) {
            assertEquals(3, files.count());
        }
    }

    /** Two lines of one name would be one file: the desk says so, and another name helps. */
    @Test
    void aClashOfNames() throws Exception {
        String first = onFx(() -> workspace.project().lines().getFirst().id());
        String second = onFx(() -> workspace.project().lines().get(1).id());
        run(() -> {
            workspace.edit(new LineEdit.NameLine(first, "Fog"));
            workspace.edit(new LineEdit.NameLine(second, "fog"));
            workspace.deliveries().what().set(What.LINES);
        });
        settle();
        assertTrue(summary().contains("both be written as"), summary());
        assertTrue(robot.lookup("#export").queryAs(Button.class).isDisabled());
        type(robot.lookup("#delivery-names").queryAs(TextField.class), "{number}_{line}");
        settle();
        assertTrue(summary().startsWith("6 files"), summary());
        type(robot.lookup("#delivery-names").queryAs(TextField.class), "{actor}");
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("{actor}"));
        assertEquals(
                "{number}_{line}",
                onFx(() -> workspace.deliveries().order().get().names()));

        // The same line by two others at once: a file for each, once names tell them apart.
        run(() -> {
            workspace.deliveries().order().set(Order.of(Kind.SUBRIP));
            workspace.deliveries().what().set(What.HERE);
            workspace.deliveries().performers().set(List.of("odile", "pim"));
        });
        settle();
        assertTrue(summary().contains("both be written as"), summary());
        assertEquals(
                "by 2 others",
                robot.lookup("#deliver-as").queryAs(MenuButton.class).getText());
        run(() -> workspace.deliveries().order().set(Order.of(Kind.CURVES_JSON).withNames("{line}_{speaker}")));
        settle();
        robot.clickOn("#export");
        awaitState(Queued.State.DONE);
        try (var files = Files.list(into)) {
            assertEquals(2, files.count());
        }
    }

    /** A preset of ours, one of one's own that is offered from then on, and one that is shared as a file. */
    @Test
    void presets() throws Exception {
        robot.clickOn("#delivery-presets").clickOn("For the engine");
        assertEquals(
                Set.of(Kind.GLB, Kind.CURVES_CSV, Kind.WAV),
                onFx(() -> workspace.deliveries().order().get().kinds()));
        assertTrue(robot.lookup("#kind-wav").queryAs(ToggleButton.class).isSelected());
        robot.clickOn("#kind-vtt");
        robot.clickOn("#delivery-presets");
        robot.clickOn("#preset-name").write("Mine").push(KeyCode.ENTER);
        settle();
        assertTrue(onFx(() -> workspace.deliveries().presets().list()).stream()
                .anyMatch(o -> o.name().equals("Mine") && o.kinds().contains(Kind.WEBVTT)));
        Path shared = folder.resolve("mine" + OrderFiles.EXTENSION);
        answers.add(shared);
        robot.clickOn("#delivery-presets").clickOn("Save as a file\u2026");
        await(() -> Files.exists(shared));
        assertEquals(onFx(() -> workspace.deliveries().order().get()), OrderFiles.open(shared));
        run(() -> workspace.deliveries().presets().save("For the edit", Order.of(Kind.GLB)));
        assertTrue(onFx(() -> workspace.jobs().message().get()).contains("choose another name"));
    }

    /** What is chosen in the table stays so while lines change. */
    @Test
    void whatIsChosenStaysChosen() throws Exception {
        run(() -> window.table().toggle());
        TableView<?> table = robot.lookup("#lines-list").queryAs(TableView.class);
        run(() -> table.getSelectionModel().selectIndices(1, 2, 3));
        List<Integer> chosen = chosen(table);
        assertEquals(List.of(1, 2, 3), chosen);
        // Nothing that a row tells of changes with a gain; a name does.
        String line = onFx(() -> workspace.lineId().get());
        run(() -> workspace.edit(new LineEdit.SetGain(line, 2)));
        settle();
        assertEquals(chosen, chosen(table), "after a change that is not seen here");
        run(() -> workspace.edit(new LineEdit.NameLine(line, "Fog")));
        settle();
        assertEquals(chosen, chosen(table), "after one that is");
        run(() -> robot.lookup("#find-line").queryAs(TextField.class).setText("e"));
        assertEquals(3, chosen(table).size(), "all of them have an e");
    }

    private static List<Integer> chosen(TableView<?> table) {
        return onFx(() -> List.copyOf(table.getSelectionModel().getSelectedIndices()));
    }

    /** What is chosen in the table is delivered together; one that is not read is said, the rest is written. */
    @Test
    void manyAtOnceFromTheTable() throws Exception {
        run(() -> {
            workspace.edit(new LineEdit.AddLine("new", "Not read", Optional.empty(), "", ""));
            window.table().toggle();
        });
        TableView<?> table = robot.lookup("#lines-list").queryAs(TableView.class);
        run(() -> table.getSelectionModel().selectAll());
        int all = onFx(() -> workspace.project().lines().size()
                + workspace.project().scenes().size());
        robot.clickOn("#deliver-lines");
        settle();
        assertEquals(What.CHOSEN, onFx(() -> workspace.deliveries().what().get()));
        assertEquals(all, onFx(() -> workspace.deliveries().items().size()));
        run(() -> window.table().toggle());
        robot.clickOn("#export");
        awaitState(Queued.State.FAILED);
        try (var files = Files.list(into)) {
            assertEquals(all - 1, files.count());
        }
        assertTrue(
                newest().problems().getFirst().contains("Not read"),
                newest().problems().toString());
        robot.clickOn("#queue-report");
        await(() -> Files.exists(into.resolve("report.html")));
        assertTrue(Files.readString(into.resolve("report.csv")).contains("Not read,failed"));
        // Trying again is about what is missing alone.
        run(() -> workspace.deliveries().queue().retry(newest()));
        awaitState(Queued.State.FAILED);
        assertTrue(
                newest().says().get().startsWith("1 of 1 file"), newest().says().get());
    }
}
