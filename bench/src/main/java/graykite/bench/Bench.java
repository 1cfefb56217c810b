package graykite.bench;

import java.nio.file.Path;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the measurements of docs/benchmarks.md: JMH benchmarks by name, or "accuracy" of the reading. */
public final class Bench {
    private Bench() {}

    /** @param arguments a part of a benchmark's name, nothing for all, or "accuracy FOLDER" */
    public static void main(String[] arguments) throws Exception {
        if (arguments.length > 0 && arguments[0].equals("accuracy")) {
            Accuracy.print(Path.of(arguments.length > 1 ? arguments[1] : "bench/target/voices"));
            return;
        }
        runJmh(arguments.length > 0 ? arguments[0] : ".*");
    }

    private static void runJmh(String pattern) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(pattern)
                        .jvmArgsAppend("--enable-native-access=ALL-UNNAMED")
                        .build())
                .run();
    }
}
