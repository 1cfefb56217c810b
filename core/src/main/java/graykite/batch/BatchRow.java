package graykite.batch;

import graykite.base.BadInput;
import graykite.delivery.NameTemplate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A row of a table of lines.
 *
 * @param number of the row in its file, from 1; row 1 names the columns
 * @param cells by column; empty ones are left out
 * @param takenBy number of an earlier row that is written under the same name
 */
public record BatchRow(int number, Map<String, String> cells, OptionalInt takenBy) {
    public BatchRow {
        cells = Collections.unmodifiableMap(new LinkedHashMap<>(cells));
    }

    public BatchRow(int number, Map<String, String> cells) {
        this(number, cells, OptionalInt.empty());
    }

    /** The same, whose name another row has already. */
    BatchRow taken(int by) {
        return new BatchRow(number, cells, OptionalInt.of(by));
    }

    public Optional<String> cell(String column) {
        return Optional.ofNullable(cells.get(column));
    }

    /** A mistake in one of its cells, with its place. */
    public BadInput mistake(String column, String what) {
        return new BadInput("row " + number + ", " + column + ": " + what);
    }

    /** Where it is written, from the folder of the delivery, without an ending: folders with slashes between. */
    public String out() {
        String asked = cell("out").orElseGet(() -> stem(cell("audio").orElse("row " + number)));
        List<String> parts = new ArrayList<>();
        for (String part : asked.split("[/\\\\]+")) {
            if (!part.isBlank() && !part.equals(".") && !part.equals("..")) {
                parts.add(NameTemplate.safe(part));
            }
        }
        return parts.isEmpty() ? "row_" + number : String.join("/", parts);
    }

    /** The last part of a path without its ending. */
    static String stem(String path) {
        return path.replaceFirst("^.*[/\\\\]", "").replaceFirst("\\.[^.]*$", "");
    }
}
