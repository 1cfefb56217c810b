package graykite.command;

import graykite.base.BadInput;
import java.io.PrintWriter;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/** The command line: what the window can do to a line, without a window. */
@Command(
        name = "kite",
        description = "Gray Kite makes characters speak: from a recorded line to finished facial animation.",
        mixinStandardHelpOptions = true,
        version = "Gray Kite 0.1.0",
        subcommands = {
            TimeCommand.class,
            ReadCommand.class,
            SpeakCommand.class,
            CastCommand.class,
            NewCommand.class,
            ApplyCommand.class,
            ProofCommand.class,
            DeliverCommand.class,
            BatchCommand.class,
            InfoCommand.class,
            DemoProjectCommand.class,
            RehearseCommand.class
        },
        footer = {
            "",
            "Started by the launcher alone: demo (the window with the demo), studio [PROJECT],",
            "test (all tests), shots (pictures for the documentation), bench (measurements),",
            "package (an application that brings its own Java), doctor (what is found here, what is missing)."
        })
public final class Main implements Runnable {
    @Option(names = "--verbose", description = "Print the whole trace of an error.", scope = ScopeType.INHERIT)
    private boolean verbose;

    private static final int BAD_INPUT = 1;
    private static final int WRONG_USAGE = 2;

    /** Runs a command and exits: 0 fine, 1 bad input with one line on stderr, 2 wrong usage. */
    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    /** Runs a command and returns its exit code. */
    public static int run(String... arguments) {
        Main main = new Main();
        CommandLine line = new CommandLine(main);
        line.setExecutionExceptionHandler((failure, command, parsed) -> main.report(failure, command.getErr()));
        return line.execute(arguments);
    }

    private int report(Exception failure, PrintWriter err) {
        if (verbose) {
            failure.printStackTrace(err);
        } else if (failure instanceof BadInput || failure instanceof IllegalArgumentException) {
            err.println("kite: " + failure.getMessage());
        } else {
            err.println("kite: unexpected fault: " + failure + ". Run again with --verbose and report it.");
        }
        err.flush();
        // A value that an option cannot have is wrong usage, as an option that does not exist is.
        return failure instanceof IllegalArgumentException ? WRONG_USAGE : BAD_INPUT;
    }

    @Override
    public void run() {
        CommandLine.usage(this, System.out);
    }
}
