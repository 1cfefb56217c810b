package graykite.format;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.figures.ControlNames;
import graykite.format.character.GltfCapture;
import graykite.motion.Motion;
import graykite.motion.Track;
import graykite.motion.TrackRecorder;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Captures and performances in files: CSV (RFC 4180) with a column "time" in seconds and one for each control, or the
 * animation of a glTF file. Names are read as standard actions where they say so.
 */
public final class TrackFiles {
    private static final long LARGEST = 512L << 20;
    private static final String TIME = "time";

    private TrackFiles() {}

    /**
     * Reads a capture by what its name ends in.
     *
     * @throws BadInput when it cannot be read or holds no performance
     */
    public static Track read(Path file) {
        return read(file, Optional.empty());
    }

    /**
     * Reads one of the animations that a glTF file may hold.
     *
     * @param animation its name; the first without one
     * @throws BadInput when it cannot be read, has no such animation or holds no performance
     */
    public static Track read(Path file, Optional<String> animation) {
        if (isGltf(file)) {
            return ControlNames.translated(GltfCapture.read(file, animation));
        }
        if (animation.isPresent()) {
            throw BadInput.inFile(file, "holds one performance; only glTF files have animations to choose from.");
        }
        if (!file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".csv")) {
            throw BadInput.inFile(file, "is no capture that can be read. Choose a .csv, .glb or .gltf file.");
        }
        return ControlNames.translated(csv(file));
    }

    /**
     * Everything that a file holds, by name: the animations of a glTF file that move a face, or the one capture of another.
     *
     * @throws BadInput when it cannot be read or holds no performance
     */
    public static Map<String, Track> all(Path file) {
        String stem = file.getFileName().toString().replaceAll("\\.[^.]+$", "");
        if (!isGltf(file)) {
            return Map.of(stem, read(file));
        }
        Map<String, Track> all = new LinkedHashMap<>();
        Map<String, Track> found = GltfCapture.all(file);
        found.forEach(
                (name, track) -> all.put(found.size() == 1 ? stem : stem + " " + name, ControlNames.translated(track)));
        return all;
    }

    private static boolean isGltf(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".glb") || name.endsWith(".gltf");
    }

    private static Track csv(Path file) {
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is larger than 512 MB. Cut it into parts first.");
            }
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreSurroundingSpaces(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (Reader reader = Files.newBufferedReader(file, StandardCharsets.UTF_8);
                CSVParser parser = format.parse(reader)) {
            List<String> header = parser.getHeaderNames().stream()
                    .map(h -> h.replace("\uFEFF", "").strip())
                    .toList();
            int time = header.stream()
                    .map(h -> h.toLowerCase(Locale.ROOT))
                    .toList()
                    .indexOf(TIME);
            if (time < 0) {
                throw BadInput.inFile(file, "has no column \"time\" with seconds in its first row.");
            }
            if (header.size() < 2 || header.size() - 1 > Motion.MOST_CONTROLS) {
                throw BadInput.inFile(
                        file,
                        "has " + (header.size() - 1) + " controls; a capture has 1 to " + Motion.MOST_CONTROLS + ".");
            }
            int[] columns = IntStream.range(0, header.size())
                    .filter(c -> c != time && !header.get(c).isEmpty())
                    .toArray();
            TrackRecorder recorder = new TrackRecorder(
                    Arrays.stream(columns).mapToObj(header::get).toList());
            for (CSVRecord row : parser) {
                recorder.add(
                        number(file, row, time, true),
                        Arrays.stream(columns)
                                .mapToDouble(c -> number(file, row, c, false))
                                .toArray());
            }
            return even(file, recorder);
        } catch (IOException | UncheckedIOException broken) {
            throw BadInput.inFile(file, "is no CSV in UTF-8 (" + broken.getMessage() + ").", broken);
        } catch (IllegalArgumentException broken) {
            throw BadInput.inFile(file, "cannot be taken: " + broken.getMessage(), broken);
        }
    }

    /** An empty place means that nothing was seen there: the control stays as it was. */
    private static double number(Path file, CSVRecord row, int column, boolean needed) {
        String text = column < row.size() ? row.get(column) : "";
        if (text.isEmpty() && !needed) {
            return Double.NaN;
        }
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException none) {
            throw BadInput.inFile(
                    file,
                    "row " + (row.getRecordNumber() + 1) + ", column " + (column + 1) + ": \"" + text
                            + "\" is no number.");
        }
    }

    private static Track even(Path file, TrackRecorder recorder) {
        double length = recorder.end() - recorder.start();
        if (recorder.size() < 2 || length <= 0) {
            throw BadInput.inFile(file, "holds no performance: it needs at least two rows with rising times.");
        }
        if (length > Motion.LONGEST) {
            throw BadInput.inFile(file, "lasts " + Math.round(length) + " s; a capture lasts up to four hours.");
        }
        double rate = Math.clamp(Math.round((recorder.size() - 1) / length), 1, 1000);
        return recorder.track(rate)
                .orElseThrow(() -> BadInput.inFile(file, "is too short: it lasts less than two frames."));
    }

    /** Writes a motion as CSV. @param rate rows a second */
    public static void write(Motion motion, double rate, Path file) {
        AtomicFiles.write(file, out -> {
            CSVPrinter printer = new CSVPrinter(new OutputStreamWriter(out, StandardCharsets.UTF_8), CSVFormat.RFC4180);
            printer.print(TIME);
            printer.printRecord(motion.controls());
            long rows = Math.round(motion.duration() * rate) + 1;
            for (long row = 0; row < rows; row++) {
                printer.print(String.format(Locale.ROOT, "%.6f", row / rate));
                for (int c = 0; c < motion.controls().size(); c++) {
                    printer.print(CurveFiles.number(motion.at(c, row / rate)));
                }
                printer.println();
            }
            printer.flush();
        });
    }
}
