package graykite.media;

import graykite.base.Progress;
import graykite.batch.BatchReport;
import graykite.batch.BatchResult;
import graykite.batch.BatchRow;
import graykite.delivery.Item;
import graykite.delivery.Subjects;
import graykite.picture.Png;
import graykite.project.Line;
import graykite.project.Project;
import graykite.proof.Proof;
import graykite.proof.Severity;
import graykite.reading.Doubt;
import graykite.reading.Timing;
import graykite.text.TimeLine;
import graykite.workbench.Moments;
import graykite.workbench.Proofs;
import graykite.workbench.Workbench;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The report of a table, for lines and scenes that were delivered from a project. */
public final class DeliveryReport {
    private static final int PICTURE = 96;

    private DeliveryReport() {}

    /** What became of outputs at last, where some were tried again. */
    public static List<DeliveryRun.Outcome> joined(List<DeliveryRun.Outcome> before, List<DeliveryRun.Outcome> now) {
        Map<Path, DeliveryRun.Outcome> all = new LinkedHashMap<>();
        before.forEach(o -> all.put(o.output().path(), o));
        now.forEach(o -> all.put(o.output().path(), o));
        return List.copyOf(all.values());
    }

    /** Gathers the report; lines are proofed for it. Takes its time; not for an interface thread. */
    public static BatchReport of(
            Project project,
            List<DeliveryRun.Outcome> outcomes,
            Path folder,
            Workbench workbench,
            Proofs proofs,
            Progress progress) {
        Map<Item, List<DeliveryRun.Outcome>> byItem = new LinkedHashMap<>();
        outcomes.forEach(o -> byItem.computeIfAbsent(o.output().item(), i -> new ArrayList<>())
                .add(o));
        List<BatchReport.Row> rows = new ArrayList<>();
        for (Map.Entry<Item, List<DeliveryRun.Outcome>> entry : byItem.entrySet()) {
            progress.step(rows.size() / (double) byItem.size());
            BatchRow row = new BatchRow(
                    rows.size() + 1,
                    Map.of("out", entry.getValue().getFirst().output().of()));
            rows.add(new BatchReport.Row(
                    row,
                    Optional.of(result(row, project, entry.getKey(), entry.getValue(), folder, workbench, proofs))));
        }
        return new BatchReport(project.title(), rows);
    }

    private static BatchResult result(
            BatchRow row,
            Project before,
            Item item,
            List<DeliveryRun.Outcome> outcomes,
            Path folder,
            Workbench workbench,
            Proofs proofs) {
        String problem =
                outcomes.stream().flatMap(o -> o.problem().stream()).distinct().collect(Collectors.joining(" "));
        Project project = Subjects.cast(before, item);
        Optional<Line> line = item.kind() == Item.What.LINE ? project.line(item.id()) : Optional.empty();
        Optional<Timing> timing = line.flatMap(Line::timing);
        Proof proof =
                timing.isPresent() ? proofs.of(project, line.get(), Optional.empty(), Progress.none()) : Proof.NONE;
        Moments moments = new Moments(workbench);
        double seconds = timing.map(Timing::duration)
                .orElseGet(() -> line.isPresent() ? 0 : moments.duration(project, item.id()));
        return new BatchResult(
                row.number(),
                outcomes.getFirst().output().of(),
                "",
                problem.isEmpty() ? BatchResult.State.GOOD : BatchResult.State.FAILED,
                problem,
                line.map(l -> project.speakerOf(l).name()).orElse("all"),
                line.map(l -> TimeLine.without(l.script())).orElse(""),
                seconds,
                timing.map(t -> t.words().size()).orElse(0),
                timing.map(t -> Doubt.of(t).size()).orElse(0),
                (int) proof.count(Severity.FAULT),
                proof.open().size(),
                proof.open().stream().findFirst().map(n -> n.rule().title()).orElse(""),
                outcomes.stream()
                        .filter(o -> o.problem().isEmpty())
                        .map(o -> written(folder, o.output().path()))
                        .toList(),
                0,
                timing.isPresent()
                        ? moments.of(project, line.get(), false, seconds * 0.4, PICTURE)
                                .map(Png::bytes)
                        : Optional.empty());
    }

    private static BatchResult.Written written(Path folder, Path path) {
        String name = folder.relativize(path).toString().replace('\\', '/');
        try {
            return new BatchResult.Written(name, Files.isDirectory(path) ? -1 : Files.size(path));
        } catch (IOException moved) {
            // The report is about what was written; that it was taken elsewhere since is no fault of it.
            return new BatchResult.Written(name, 0);
        }
    }
}
