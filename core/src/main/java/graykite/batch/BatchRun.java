package graykite.batch;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.batch.BatchResult.Written;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;

/**
 * Does rows of a table, several at once. What an earlier run did and nobody changed is not done again; one bad row never
 * stops the rest; a run that is stopped goes on where it was.
 */
public final class BatchRun {
    /** Stands in the record of a row whose files are of an earlier run. */
    private static final String EARLIER = "earlier";

    private final BatchWork work;
    private final BatchRecords records;
    private final Path folder;
    private final boolean overwrite;

    /**
     * @param folder of the delivery
     * @param overwrite true when files that are not of an earlier run may be replaced
     */
    public BatchRun(BatchWork work, BatchRecords records, Path folder, boolean overwrite) {
        this.work = work;
        this.records = records;
        this.folder = folder;
        this.overwrite = overwrite;
    }

    /**
     * A row is over.
     *
     * @param before true when it was done in an earlier run
     * @param done rows that are over
     * @param all rows there are
     * @param secondsLeft guessed from what was done so far
     */
    public record Told(BatchResult result, boolean before, int done, int all, double secondsLeft) {}

    /**
     * Does rows.
     *
     * @param jobs how many at once
     * @param again true to do what was done before too
     * @param told hears of each, one at a time
     * @throws CancellationException once the user asked to stop
     */
    public void run(List<BatchRow> rows, int jobs, boolean again, Consumer<Told> told, Progress progress) {
        Meter meter = new Meter(rows.size(), told, progress);
        List<Future<?>> going = new ArrayList<>();
        // Closing it waits for all of them.
        try (ExecutorService workers = Executors.newFixedThreadPool(
                Math.max(1, jobs), Thread.ofPlatform().name("kite-batch-", 0).factory())) {
            for (BatchRow row : rows) {
                going.add(workers.submit(() -> {
                    if (progress.cancelled()) {
                        return;
                    }
                    Optional<BatchResult> kept = again ? Optional.empty() : before(row);
                    BatchResult result = kept.orElseGet(() -> one(row, progress));
                    if (result.over()) {
                        meter.over(result, kept.isPresent());
                    }
                }));
            }
        }
        going.forEach(BatchRun::rethrow);
        if (progress.cancelled()) {
            throw new CancellationException("Stopped; started again it goes on where it was.");
        }
    }

    private static void rethrow(Future<?> row) {
        if (row.state() == Future.State.FAILED) {
            throw row.exceptionNow() instanceof RuntimeException own
                    ? own
                    : new IllegalStateException(row.exceptionNow());
        }
    }

    /** Counts rows that are over and guesses how long the rest takes. */
    private static final class Meter {
        private final int all;
        private final Consumer<Told> told;
        private final Progress progress;
        private final long began = System.nanoTime();
        private int done;
        private int worked;

        Meter(int all, Consumer<Told> told, Progress progress) {
            this.all = all;
            this.told = told;
            this.progress = progress;
        }

        synchronized void over(BatchResult result, boolean before) {
            done++;
            worked += before ? 0 : 1;
            double each = worked == 0 ? 0 : (System.nanoTime() - began) / 1e9 / worked;
            told.accept(new Told(result, before, done, all, each * (all - done)));
            progress.at(done / (double) all);
        }
    }

    /** What became of a row before, when it was good, is unchanged and all of it is still there. */
    private Optional<BatchResult> before(BatchRow row) {
        return records.of(row.number())
                .filter(r -> r.good() && r.out().equals(row.out()))
                .filter(r -> {
                    try {
                        return r.inputs().equals(work.inputs(row))
                                && r.files().stream().allMatch(this::isThere);
                    } catch (BadInput changed) {
                        return false;
                    }
                });
    }

    private boolean isThere(Written file) {
        Path path = folder.resolve(file.path());
        try {
            return file.bytes() < 0 ? Files.isDirectory(path) : Files.exists(path) && Files.size(path) == file.bytes();
        } catch (IOException vanished) {
            return false;
        }
    }

    /** What this row wrote before, whole or not, is its own; anything else is somebody's. */
    private boolean isOwn(BatchRow row) {
        return records.of(row.number())
                .filter(r -> r.out().equals(row.out()) && !r.inputs().isEmpty())
                .isPresent();
    }

    private void checkNothingForeign(BatchRow row, boolean own) {
        List<Path> there = overwrite || own ? List.of() : work.there(row);
        if (!there.isEmpty()) {
            throw row.mistake(
                    "out",
                    there.getFirst().getFileName()
                            + " is there already. Choose another name or folder, or add --overwrite.");
        }
    }

    private BatchResult one(BatchRow row, Progress progress) {
        long began = System.nanoTime();
        boolean own = isOwn(row);
        // A row that has become wrong keeps what it owns until it is right again.
        String inputs = own ? EARLIER : "";
        BatchResult result;
        try {
            checkNothingForeign(row, own);
            inputs = work.inputs(row);
            records.keep(BatchResult.begun(row, inputs));
            result = work.run(row, inputs, progress.quiet());
        } catch (CancellationException stopped) {
            return BatchResult.begun(row, inputs);
        } catch (BadInput bad) {
            String says = bad.getMessage().startsWith("row ")
                    ? bad.getMessage()
                    : "row " + row.number() + ": " + bad.getMessage();
            result = BatchResult.failed(row, inputs, says, (System.nanoTime() - began) / 1e9);
        } catch (RuntimeException | OutOfMemoryError fault) {
            System.getLogger(BatchRun.class.getName()).log(System.Logger.Level.ERROR, "Row " + row.number(), fault);
            result = BatchResult.failed(
                    row,
                    inputs,
                    "row " + row.number() + ": unexpected fault: " + fault,
                    (System.nanoTime() - began) / 1e9);
        }
        try {
            records.keep(result);
            return result;
        } catch (BadInput full) {
            return BatchResult.failed(row, inputs, "row " + row.number() + ": " + full.getMessage(), result.took());
        }
    }
}
