package graykite.batch;

import java.util.List;
import java.util.Optional;

/**
 * What became of a row: what the report says of it and what a later run goes by.
 *
 * @param row number of the row
 * @param out where it was written
 * @param inputs SHA-256 of everything that it depends on, in hexadecimal
 * @param state how far it is
 * @param problem why not; empty when all is well
 * @param character who speaks
 * @param script what is said
 * @param seconds length of the line
 * @param words how many words were found
 * @param doubts how many of them should be looked at
 * @param faults how many faults the proof found
 * @param notes how many notes of the proof there are in all
 * @param firstNote the first of them; empty for none
 * @param files what was written, from the folder of the delivery
 * @param took seconds of work
 * @param picture a small PNG of the line; nothing where there is none
 */
public record BatchResult(
        int row,
        String out,
        String inputs,
        State state,
        String problem,
        String character,
        String script,
        double seconds,
        int words,
        int doubts,
        int faults,
        int notes,
        String firstNote,
        List<Written> files,
        double took,
        Optional<byte[]> picture) {
    /** How far a row is. */
    public enum State {
        /** Somebody works on it, or was stopped while working on it. */
        BEGUN,
        /** All of it is written. */
        GOOD,
        /** It cannot be done as it is. */
        FAILED
    }

    /** True when all of it was written. */
    public boolean good() {
        return state == State.GOOD;
    }

    /** True when it is good or cannot be done: nobody works on it any more. */
    public boolean over() {
        return state != State.BEGUN;
    }

    /** A file or folder that was written. @param bytes -1 for a folder */
    public record Written(String path, long bytes) {}

    public BatchResult {
        files = List.copyOf(files);
    }

    /** A row that is begun. */
    static BatchResult begun(BatchRow row, String inputs) {
        return without(row, inputs, State.BEGUN, "", 0);
    }

    /** A row that could not be done. */
    public static BatchResult failed(BatchRow row, String inputs, String problem, double took) {
        return without(row, inputs, State.FAILED, problem, took);
    }

    private static BatchResult without(BatchRow row, String inputs, State state, String problem, double took) {
        return new BatchResult(
                row.number(),
                row.out(),
                inputs,
                state,
                problem,
                row.cell("character").orElse(""),
                row.cell("text").orElse(""),
                0,
                0,
                0,
                0,
                0,
                "",
                List.of(),
                took,
                Optional.empty());
    }
}
