package graykite.batch;

import java.util.List;
import java.util.Optional;

/**
 * What became of a row: what the report says of it and what a later run goes by.
 *
 * @param row number of the row
 * @param out where it was written
 * @param inputs SHA-256 of everything that it depends on, in hexadecimal
 * @param good true when all of it was written
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
        boolean good,
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
    /** A file or folder that was written. @param bytes -1 for a folder */
    public record Written(String path, long bytes) {}

    public BatchResult {
        files = List.copyOf(files);
    }

    /** A row that could not be done. */
    public static BatchResult failed(BatchRow row, String inputs, String problem, double took) {
        return new BatchResult(
                row.number(),
                row.out(),
                inputs,
                false,
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
