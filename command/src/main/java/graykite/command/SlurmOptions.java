package graykite.command;

import picocli.CommandLine.Option;

/** How a table is put on a cluster that Slurm schedules. */
final class SlurmOptions {
    @Option(names = "--slurm", description = "Submits a Slurm job array, waits for it and gathers the report.")
    boolean submit;

    @Option(names = "--print", description = "With --slurm: prints the script of the job array instead.")
    boolean print;

    @Option(names = "--tasks", paramLabel = "N", description = "Jobs in the array (default: one for each 250 rows).")
    Integer tasks;

    @Option(names = "--cpus", paramLabel = "N", description = "Cores a job (default: 2).", defaultValue = "2")
    int cpus = 2;

    @Option(names = "--mem", paramLabel = "SIZE", description = "Memory a job (default: 4G).", defaultValue = "4G")
    String memory = "4G";

    @Option(
            names = "--time",
            paramLabel = "TIME",
            description = "Longest time a job may take, as Slurm writes it (default: 12:00:00).",
            defaultValue = "12:00:00")
    String time = "12:00:00";

    @Option(names = "--partition", paramLabel = "NAME", description = "Part of the cluster (default: Slurm's own).")
    String partition;

    boolean asked() {
        return submit || print;
    }
}
