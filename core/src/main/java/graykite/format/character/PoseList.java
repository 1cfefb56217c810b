package graykite.format.character;

import graykite.base.BadInput;
import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** A text list that says which pose stands on which frame of an animation: a frame and a name a line. */
final class PoseList {
    private static final long LARGEST = 1 << 20;
    private static final int MOST = 2000;

    private PoseList() {}

    /** The list of the same name beside a file, where there is one. */
    static Optional<Path> beside(Path figure) {
        String stem = figure.getFileName().toString().replaceFirst("\\.[^.]*$", "");
        Path list = figure.resolveSibling(stem + ".txt");
        return Files.isRegularFile(list) ? Optional.of(list) : Optional.empty();
    }

    /** Names by frame; frame 0 is neutral and left out. Empty lines and lines that begin with # are passed over. */
    static TreeMap<Integer, String> read(Path file) {
        List<String> lines;
        try {
            if (Files.size(file) > LARGEST) {
                throw BadInput.inFile(file, "is too large for a list of poses.");
            }
            lines = Files.readAllLines(file);
        } catch (MalformedInputException binary) {
            throw BadInput.inFile(file, "is no text in UTF-8.", binary);
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
        TreeMap<Integer, String> frames = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            String[] words = line.split("[\\s,;:=]+", 2);
            if (words.length < 2 || !words[0].matches("\\d{1,6}")) {
                throw BadInput.inFile(
                        file,
                        "line " + (i + 1) + " is \"" + shortened(line)
                                + "\"; write a frame and a name, such as 12 Ah.");
            }
            int frame = Integer.parseInt(words[0]);
            if (frames.put(frame, words[1].strip()) != null) {
                throw BadInput.inFile(file, "line " + (i + 1) + " names frame " + frame + " a second time.");
            }
            if (frames.size() > MOST) {
                throw BadInput.inFile(file, "has more than " + MOST + " poses.");
            }
        }
        frames.remove(0);
        if (frames.isEmpty()) {
            throw BadInput.inFile(file, "names no pose. Write a frame and a name on each line, such as 12 Ah.");
        }
        return frames;
    }

    private static String shortened(String line) {
        return line.length() > 40 ? line.substring(0, 40) + "…" : line;
    }
}
