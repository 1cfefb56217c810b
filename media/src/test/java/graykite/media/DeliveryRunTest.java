package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.batch.BatchReport;
import graykite.delivery.DeliveryPlan;
import graykite.delivery.Item;
import graykite.delivery.Kind;
import graykite.delivery.Order;
import graykite.delivery.Subjects;
import graykite.format.ProjectFiles;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.checks.Checks;
import graykite.time.Timecode;
import graykite.workbench.Figures;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whole deliveries of the demo: lines and the scene together, what cannot be written, a cancel in the middle. */
class DeliveryRunTest {
    @TempDir
    static Path opened;

    @TempDir
    Path folder;

    private static Project demo;
    private static Workbench workbench;

    @BeforeAll
    static void open() throws Exception {
        Path file = opened.resolve("demo.kite");
        try (var in = DeliveryRunTest.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            Files.copy(in, file);
        }
        demo = ProjectFiles.open(file).with(Line.empty("unread", "Not read"));
        workbench = new Workbench(SoundReader::read, new Figures());
    }

    private DeliveryPlan plan(Order order, Item... items) {
        return DeliveryPlan.of(demo, List.of(items), order, folder, LocalDate.of(2026, 11, 27));
    }

    private List<DeliveryRun.Outcome> run(DeliveryPlan plan, Progress progress) {
        return DeliveryRun.run(new Subjects(workbench, Map.of()), demo, plan, told -> {}, progress);
    }

    /** One that is not read does not stop the others; the report says of each what it came to. */
    @Test
    void theRestIsWritten() throws Exception {
        String first = demo.lines().getFirst().id();
        String scene = demo.scenes().getFirst().id();
        DeliveryPlan plan =
                plan(Order.of(Kind.SUBRIP, Kind.CURVES_JSON), Item.line(first), Item.line("unread"), Item.scene(scene));
        List<DeliveryRun.Outcome> outcomes = run(plan, Progress.none());
        assertEquals(
                plan.outputs(),
                outcomes.stream().map(DeliveryRun.Outcome::output).toList());
        for (DeliveryRun.Outcome outcome : outcomes) {
            boolean unread = outcome.output().of().equals("Not read");
            assertEquals(unread, outcome.problem().isPresent(), outcome.toString());
            assertEquals(!unread, Files.exists(outcome.output().path()), outcome.toString());
        }
        BatchReport report = DeliveryReport.of(
                demo, outcomes, folder, workbench, new Proofs(workbench, Checks.shipped()), Progress.none());
        assertEquals(2, report.good());
        assertEquals(1, report.failed());
        report.write(folder);
        String page = Files.readString(folder.resolve("report.html"));
        assertTrue(page.contains("Not read") && page.contains("has no recording"), "what went wrong is told");
        String name = outcomes.getFirst().output().path().getFileName().toString();
        assertTrue(page.contains("href=\"" + name), "links lead to what was written");
    }

    /** A cancel stops it between files: those that are written are whole, the rest is not there. */
    @Test
    void aCancelInTheMiddle() throws Exception {
        List<Item> lines = demo.lines().stream()
                .filter(l -> l.timing().isPresent())
                .map(l -> Item.line(l.id()))
                .toList();
        DeliveryPlan plan = plan(Order.of(Kind.CURVES_CSV, Kind.SHEET_PDF), lines.toArray(Item[]::new));
        AtomicInteger steps = new AtomicInteger();
        Progress soon = new Progress() {
            @Override
            public void at(double fraction) {}

            @Override
            public boolean cancelled() {
                return steps.incrementAndGet() > 200;
            }
        };
        assertThrows(CancellationException.class, () -> run(plan, soon));
        List<String> there = new ArrayList<>();
        try (var files = Files.list(folder)) {
            files.forEach(f -> there.add(f.getFileName().toString()));
        }
        assertFalse(there.isEmpty() || there.size() == plan.outputs().size(), there.toString());
        assertTrue(there.stream().noneMatch(n -> n.startsWith(".")), there.toString());
    }

    /** An exposure sheet of the scene: as many rows as frames, each person with their own words, times of the slate. */
    @Test
    void sheetsOfAScene() throws Exception {
        String scene = demo.scenes().getFirst().id();
        DeliveryPlan plan = plan(Order.of(Kind.SHEET_CSV), Item.scene(scene));
        run(plan, Progress.none());
        List<String> words = new ArrayList<>();
        for (var output : plan.outputs()) {
            List<String> rows = Files.readAllLines(output.path());
            words.add(String.join(" ", rows));
            String last = rows.getLast();
            long number = Long.parseLong(last.substring(0, last.indexOf(',')));
            assertTrue(last.startsWith(number + "," + Timecode.format(number, demo.rate())), last);
            assertEquals(number + 2, rows.size(), "a row a frame and one of names");
        }
        assertTrue(
                words.stream().anyMatch(w -> w.contains(",fog,"))
                        && words.stream().anyMatch(w -> w.contains(",Captain,")),
                "who says what stands on a sheet of their own");
        assertTrue(words.stream().noneMatch(w -> w.contains(",fog,") && w.contains(",Captain,")));
    }
}
