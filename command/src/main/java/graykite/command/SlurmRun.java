package graykite.command;

import graykite.base.BadInput;
import graykite.batch.BatchRecords;
import graykite.batch.BatchReport;
import graykite.batch.BatchRow;
import graykite.batch.BatchTable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Puts a table on a cluster as a Slurm job array, a shard a job. Jobs need nothing of one another but the folder. Those that
 * ended without doing all their rows are submitted once more.
 */
final class SlurmRun {
    /** Properties with which this program is told another launcher, and where Slurm's configuration is. */
    static final String LAUNCHER = "graykite.launcher";

    static final String CONFIGURATION = "graykite.slurm.configuration";

    private static final String STOPPED = "Stopped waiting. The jobs go on; --report gathers what they did.";

    /** Seconds for which a scheduler may be too busy to answer. */
    private static final int MOST_SILENT = 300;

    private static final int ROWS_A_TASK = 250;
    private static final int MOST_TASKS = 10_000;
    private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9:.,_-]{1,64}");

    private final SlurmOptions options;
    private final Path table;
    private final Path out;
    private final BatchTable rows;
    private final BatchRecords records;
    private final List<String> own;

    /** @param own options that every shard is given */
    SlurmRun(SlurmOptions options, Path table, Path out, BatchTable rows, BatchRecords records, List<String> own) {
        this.options = options;
        this.table = table.toAbsolutePath().normalize();
        this.out = out.toAbsolutePath().normalize();
        this.rows = rows;
        this.records = records;
        this.own = own;
    }

    int call() {
        String script = script();
        if (options.print) {
            System.out.print(script);
            return 0;
        }
        try {
            Files.createDirectories(records.folder());
            Path file = records.folder().resolve("slurm.sh");
            Files.writeString(file, script);
            submit(file, IntStream.rangeClosed(1, tasks()).boxed().toList());
            List<Integer> missing = missing();
            if (!missing.isEmpty()) {
                System.err.println("kite: " + missing.size() + " of " + tasks()
                        + " jobs ended before all their rows were done; they are submitted once more.");
                submit(file, missing);
            }
        } catch (IOException failure) {
            throw new BadInput("The job array could not be submitted: " + failure.getMessage() + ".", failure);
        }
        BatchReport report = BatchReport.writeNewest(rows, records, out);
        System.out.println(report.good() + " good, " + report.failed() + " failed, " + report.waiting() + " waiting; "
                + out.resolve("report.html"));
        report.failures().forEach(f -> System.err.println("kite: " + f.problem()));
        return report.failed() + report.waiting() == 0 ? 0 : 1;
    }

    private int tasks() {
        int wanted = options.tasks == null ? (rows.rows().size() + ROWS_A_TASK - 1) / ROWS_A_TASK : options.tasks;
        if (wanted < 1 || wanted > MOST_TASKS) {
            throw new IllegalArgumentException("--tasks is 1 to " + MOST_TASKS + ", not " + wanted + ".");
        }
        return Math.min(wanted, Math.max(1, rows.rows().size()));
    }

    /** The script of the array: which shard it is stands in Slurm's own variable. */
    String script() {
        for (String plain :
                List.of(options.memory, options.time, options.partition == null ? "x" : options.partition)) {
            if (!PLAIN.matcher(plain).matches()) {
                throw new IllegalArgumentException("\"" + plain + "\" is nothing that Slurm knows.");
            }
        }
        StringBuilder script = new StringBuilder("#!/bin/bash\n");
        directive(script, "job-name", "kite-" + table.getFileName().toString().replaceAll("[^A-Za-z0-9._-]", "_"));
        directive(script, "array", "1-" + tasks());
        directive(script, "cpus-per-task", Integer.toString(options.cpus));
        directive(script, "mem", options.memory);
        directive(script, "time", options.time);
        if (options.partition != null) {
            directive(script, "partition", options.partition);
        }
        script.append("exec ").append(quoted(launcher())).append(" batch ").append(quoted(table.toString()));
        script.append(" -o ").append(quoted(out.toString()));
        script.append(" --jobs \"${SLURM_CPUS_PER_TASK:-1}\" --shard \"$SLURM_ARRAY_TASK_ID/")
                .append(tasks())
                .append('"');
        own.forEach(o -> script.append(' ').append(quoted(o)));
        return script.append('\n').toString();
    }

    private static void directive(StringBuilder script, String name, String value) {
        script.append("#SBATCH --").append(name).append('=').append(value).append('\n');
    }

    /** The launcher that this was started with, else the one on the path of the cluster. */
    private static String launcher() {
        // A packed application tells where it stands.
        return Optional.ofNullable(System.getProperty(LAUNCHER))
                .or(() -> Optional.ofNullable(System.getenv("KITE_LAUNCHER")))
                .or(() -> Optional.ofNullable(System.getProperty("jpackage.app-path")))
                .filter(l -> !l.isBlank())
                .orElse("kite");
    }

    private static String quoted(String text) {
        return "'" + text.replace("'", "'\\''") + "'";
    }

    private void submit(Path script, List<Integer> shards) throws IOException {
        String list = shards.stream().map(String::valueOf).collect(Collectors.joining(","));
        String whole = shards.size() == tasks() ? "1-" + tasks() : list;
        Answer submitted = ask(
                "sbatch",
                "--parsable",
                "--array=" + whole,
                "--output=" + records.folder().resolve("slurm-%A_%a.log"),
                script.toString());
        if (submitted.code != 0) {
            throw new BadInput("Slurm refused the job array: " + submitted.says() + ".");
        }
        String job = submitted.output.strip().replaceFirst(";.*", "");
        System.err.println("kite: job array " + job + " submitted, " + shards.size()
                + (shards.size() == 1 ? " job" : " jobs") + "; scancel " + job + " stops it.");
        await(job);
    }

    private void await(String job) throws IOException {
        long told = -1;
        int silent = 0;
        while (true) {
            Answer states = ask("squeue", "--noheader", "--jobs", job, "--states", "all", "--format", "%T");
            // A job that ended long ago is no longer known. Any other refusal may be a busy scheduler: it is asked
            // again.
            boolean forgotten = states.code != 0 && states.error.contains("Invalid job id");
            if (forgotten || states.code == 0 && states.output.lines().allMatch(SlurmRun::isOver)) {
                return;
            }
            silent = states.code == 0 ? 0 : silent + 1;
            if (silent > MOST_SILENT) {
                throw new BadInput("Slurm does not answer any more: " + states.says()
                        + ". The jobs go on; --report gathers what they did.");
            }
            long done = records.count();
            if (done != told) {
                System.err.println("kite: " + done + " of " + rows.rows().size() + " rows are done or begun");
                told = done;
            }
            pause();
        }
    }

    private static boolean isOver(String state) {
        return switch (state.strip()) {
            case "PENDING", "RUNNING", "CONFIGURING", "COMPLETING", "SUSPENDED", "REQUEUED", "RESIZING" -> false;
            default -> true;
        };
    }

    private static void pause() {
        try {
            TimeUnit.SECONDS.sleep(1);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new BadInput(STOPPED, stopped);
        }
    }

    /** Shards with rows that nobody has done. */
    private List<Integer> missing() {
        int count = tasks();
        return IntStream.rangeClosed(1, count)
                .filter(i -> rows.shard(i, count).stream().anyMatch(r -> !isDone(r)))
                .boxed()
                .toList();
    }

    private boolean isDone(BatchRow row) {
        return records.of(row.number())
                .filter(r -> r.out().equals(row.out()) && r.over())
                .isPresent();
    }

    /** What a program of Slurm said. */
    private record Answer(int code, String output, String error) {
        String says() {
            return error.strip().lines().findFirst().orElse("no reason was given");
        }
    }

    private static Answer ask(String... command) throws IOException {
        Path errors = Files.createTempFile("kite-slurm", ".txt");
        try {
            ProcessBuilder builder = new ProcessBuilder(command).redirectError(errors.toFile());
            Optional.ofNullable(System.getProperty(CONFIGURATION))
                    .ifPresent(c -> builder.environment().put("SLURM_CONF", c));
            Process process = builder.start();
            String output = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return new Answer(process.waitFor(), output, Files.readString(errors));
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new BadInput(STOPPED, stopped);
        } finally {
            Files.deleteIfExists(errors);
        }
    }
}
