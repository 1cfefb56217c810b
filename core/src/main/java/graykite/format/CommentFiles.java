package graykite.format;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.ReviewEdit;
import graykite.project.Comment;
import graykite.project.Line;
import graykite.project.Project;
import graykite.time.Timecode;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Comments of a project as a table, out and in again. Rows that went out come in as changes of the same comments; rows without
 * an id are new ones.
 */
public final class CommentFiles {
    private static final String[] COLUMNS = {"id", "line", "timecode", "seconds", "author", "comment", "state"};
    private static final long LONGEST = 16L << 20;
    private static final int MOST_ROWS = 20_000;
    private static final double SAME = 0.0006;

    private CommentFiles() {}

    /** Writes the comments of all lines, whole or not at all. */
    public static void write(Project project, Path file) {
        AtomicFiles.write(file, out -> {
            CSVPrinter printer = new CSVPrinter(
                    new OutputStreamWriter(out, StandardCharsets.UTF_8),
                    CSVFormat.RFC4180.builder().setHeader(COLUMNS).get());
            for (Line line : project.lines()) {
                for (Comment comment : line.review().comments()) {
                    double time = comment.at().in(line.words());
                    printer.printRecord(
                            comment.id(),
                            line.title().strip(),
                            Timecode.at(time, 0, project.rate()),
                            String.format(Locale.ROOT, "%.3f", time),
                            comment.author(),
                            comment.text(),
                            comment.done() ? "done" : "open");
                }
            }
            printer.flush();
        });
    }

    /**
     * Reads a table as edits of the project, to be made one after another.
     *
     * @return none for rows that say what the project says already
     * @throws BadInput naming the file and the row when it is no such table
     */
    public static List<Edit> read(Project project, Path file) {
        List<Edit> edits = new ArrayList<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser rows = CSVParser.parse(new StringReader(text(file)), format)) {
            for (String needed : List.of("line", "comment")) {
                if (rows.getHeaderNames().stream().noneMatch(h -> h.equalsIgnoreCase(needed))) {
                    throw BadInput.inFile(file, "has no column \"" + needed + "\". Its first row names the columns.");
                }
            }
            for (CSVRecord row : rows) {
                if (row.getRecordNumber() > MOST_ROWS) {
                    throw BadInput.inFile(file, "has more than " + MOST_ROWS + " rows. Split it.");
                }
                if (!cell(row, "comment").isEmpty()) {
                    edit(project, row, file).ifPresent(edits::add);
                }
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw BadInput.inFile(file, "is no table of comments (" + broken.getMessage() + ").", broken);
        }
        return edits;
    }

    private static String text(Path file) {
        try {
            if (Files.size(file) > LONGEST) {
                throw BadInput.inFile(file, "is larger than 16 MB. Split it.");
            }
            String text = Files.readString(file);
            return text.startsWith("\ufeff") ? text.substring(1) : text;
        } catch (MalformedInputException foreign) {
            throw BadInput.inFile(file, "is no text in UTF-8.", foreign);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    private static String cell(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? row.get(column).strip() : "";
    }

    private static Optional<Edit> edit(Project project, CSVRecord row, Path file) {
        String where = "row " + (row.getRecordNumber() + 1) + ": ";
        String id = cell(row, "id");
        String text = cell(row, "comment");
        boolean done = cell(row, "state").equalsIgnoreCase("done");
        for (Line line : project.lines()) {
            Optional<Comment> known = line.review().comment(id);
            if (known.isPresent()) {
                double now = known.get().at().in(line.words());
                double time = time(row, now, where, file);
                boolean same =
                        known.get().text().equals(text) && known.get().done() == done && Math.abs(time - now) < SAME;
                return same
                        ? Optional.empty()
                        : Optional.of(new ReviewEdit.ChangeComment(
                                line.id(), id, Math.abs(time - now) < SAME ? now : time, text, done));
            }
        }
        String title = cell(row, "line");
        Line line = project.lines().stream()
                .filter(l -> l.title().strip().equalsIgnoreCase(title) || l.id().equals(title))
                .findFirst()
                .orElseThrow(() -> BadInput.inFile(file, where + "there is no line \"" + title + "\" in the project."));
        return Optional.of(new ReviewEdit.AddComment(
                line.id(),
                id.isEmpty() ? Project.newId() : id,
                time(row, 0, where, file),
                cell(row, "author"),
                text,
                List.of(),
                Optional.empty()));
    }

    private static double time(CSVRecord row, double otherwise, String where, Path file) {
        String seconds = cell(row, "seconds");
        if (seconds.isEmpty()) {
            return otherwise;
        }
        try {
            double time = Double.parseDouble(seconds.replace(',', '.'));
            if (time >= 0 && Double.isFinite(time)) {
                return time;
            }
        } catch (NumberFormatException none) {
            throw BadInput.inFile(file, where + "\"" + seconds + "\" is no number of seconds.", none);
        }
        throw BadInput.inFile(file, where + "\"" + seconds + "\" is no time of a line.");
    }
}
