package graykite.command;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.batch.BatchRecords;
import graykite.batch.BatchReport;
import graykite.batch.BatchRow;
import graykite.batch.BatchRun;
import graykite.batch.BatchSettings;
import graykite.batch.BatchTable;
import graykite.batch.BatchWork;
import graykite.media.Deliverer;
import graykite.media.SoundReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Delivers a table of lines unattended. */
@Command(
        name = "batch",
        description =
                "Delivers a table or a folder of recordings, a line each, on all cores; docs/batch.md describes it.",
        mixinStandardHelpOptions = true)
final class BatchCommand implements Callable<Integer> {
    private static final Pattern SHARD = Pattern.compile("(\\d{1,6})/(\\d{1,6})");

    @Parameters(
            index = "0",
            paramLabel = "TABLE|FOLDER",
            description =
                    "A folder of recordings with their scripts beside them, or CSV with the columns audio, script, text, character, out, language, diction, motion, strength,"
                            + " fps, format, size, view, gain, channel, seed, edits; only audio is needed.")
    private Path table;

    @Mixin
    private OrderOptions order;

    @Option(
            names = "--character",
            paramLabel = "NAME|FILE",
            description = "Who speaks where a row does not say (default: odile).",
            defaultValue = "odile")
    private String character;

    @Mixin
    private HowToRead how;

    @Option(names = "--jobs", paramLabel = "N", description = "Rows at once (default: as many as there are cores).")
    private Integer jobs;

    @Option(
            names = "--shard",
            paramLabel = "I/N",
            description = "Only every Nth row, beginning with row I, from 1: for several machines on one folder.")
    private String shard;

    @Option(names = "--again", description = "Do rows again that were done before and are unchanged.")
    private boolean again;

    @Option(names = "--overwrite", description = "Replace files that are there and not of an earlier run.")
    private boolean overwrite;

    @Option(names = "--report", description = "Only gather the report of what is done.")
    private boolean reportOnly;

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "FOLDER",
            description =
                    "Where the files and report.csv, report.json and report.html go; made when it does not exist.")
    private Path out;

    @ArgGroup(exclusive = false, heading = "On a cluster%n")
    private SlurmOptions slurm = new SlurmOptions();

    private boolean failedHere;

    @Override
    public Integer call() {
        BatchTable rows = Files.isDirectory(table) ? BatchTable.ofFolder(table) : BatchTable.read(table);
        BatchSettings settings = new BatchSettings(order.order(), character, how.chosen(), how.words());
        BatchRecords records = new BatchRecords(rows, out);
        if (!slurm.print) {
            makeFolder();
        }
        if (slurm.asked()) {
            return new SlurmRun(slurm, table, out, rows, records, own()).call();
        }
        if (!reportOnly) {
            List<BatchRow> mine = shard == null ? rows.rows() : shard(rows);
            run(rows, settings, records, mine);
        }
        BatchReport report = BatchReport.writeNewest(rows, records, out);
        System.out.println(report.good() + " good, " + report.failed() + " failed, " + report.waiting() + " waiting; "
                + out.resolve("report.html"));
        boolean bad = shard == null ? report.failed() + report.waiting() > 0 : failedHere;
        return bad ? 1 : 0;
    }

    private void makeFolder() {
        try {
            Files.createDirectories(out);
        } catch (IOException refused) {
            throw BadInput.inFile(out, "this folder cannot be made. Choose another place.", refused);
        }
        if (!Files.isWritable(out)) {
            throw BadInput.inFile(out, "this folder may not be written to. Choose another place.");
        }
    }

    private void run(BatchTable rows, BatchSettings settings, BatchRecords records, List<BatchRow> mine) {
        BatchWork work = new BatchWork(rows, settings, out, SoundReader::read, Once.of(how::english), Deliverer::write);
        BatchVoice voice = new BatchVoice();
        int cores = jobs == null ? Runtime.getRuntime().availableProcessors() : checkedJobs();
        new BatchRun(work, records, out, overwrite)
                .run(
                        mine,
                        cores,
                        again,
                        told -> {
                            failedHere |= !told.result().good();
                            voice.tell(told);
                        },
                        Progress.none());
    }

    private int checkedJobs() {
        if (jobs < 1 || jobs > 512) {
            throw new IllegalArgumentException("--jobs is 1 to 512, not " + jobs + ".");
        }
        return jobs;
    }

    private List<BatchRow> shard(BatchTable rows) {
        Matcher matcher = SHARD.matcher(shard.strip());
        int index = matcher.matches() ? Integer.parseInt(matcher.group(1)) : 0;
        int count = matcher.matches() ? Integer.parseInt(matcher.group(2)) : 0;
        if (index < 1 || index > count) {
            throw new IllegalArgumentException("--shard is I/N with I from 1 to N, not \"" + shard + "\".");
        }
        return rows.shard(index, count);
    }

    /** The options that every shard is given. */
    private List<String> own() {
        List<String> options = new ArrayList<>(order.options());
        options.addAll(List.of("--character", OrderOptions.anywhere(character)));
        options.addAll(how.options());
        if (again) {
            options.add("--again");
        }
        if (overwrite) {
            options.add("--overwrite");
        }
        return options;
    }
}
