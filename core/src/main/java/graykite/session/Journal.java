package graykite.session;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.edit.History;
import graykite.format.EditJson;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * What was done to a project since a state that is on disk, an entry a line: edits, undo, redo, jumps. Every entry is
 * flushed to the disk before the next one is taken. Not safe for several threads.
 */
final class Journal implements AutoCloseable {
    static final String FILE = "journal.jsonl";

    /** A line longer than this is not ours. */
    private static final int LONGEST = 256 << 20;

    private final Path file;
    private final EditJson edits;
    private final ObjectMapper mapper = new ObjectMapper();
    private FileChannel channel;

    Journal(Path folder, EditJson edits) throws IOException {
        this.file = folder.resolve(FILE);
        this.edits = edits;
        this.channel = open();
    }

    private FileChannel open() throws IOException {
        return FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.APPEND);
    }

    void did(Edit edit, long gesture) throws IOException {
        append("{\"gesture\":" + gesture + ",\"do\":" + edits.write(edit) + "}\n");
    }

    /** @param step index in the history that was jumped to; undo and redo are jumps too */
    void jumped(int step) throws IOException {
        ObjectNode entry = mapper.createObjectNode().put("jump", step);
        append(entry + "\n");
    }

    private void append(String line) throws IOException {
        ByteBuffer bytes = ByteBuffer.wrap(line.getBytes(StandardCharsets.UTF_8));
        while (bytes.hasRemaining()) {
            channel.write(bytes);
        }
        channel.force(false);
    }

    /** Begins anew: what was done so far is in the state on disk now. */
    void restart() throws IOException {
        channel.close();
        AtomicFiles.write(file, out -> {});
        channel = open();
    }

    /**
     * Does again what a journal tells, as far as it can be read: the last entry of a process that was killed may be half.
     *
     * @param begun the history of the state that the journal begins with
     */
    static History replay(Path folder, EditJson edits, History begun) {
        Path file = folder.resolve(FILE);
        ObjectMapper mapper = new ObjectMapper();
        History history = begun;
        try (BufferedReader lines = Files.newBufferedReader(file, StandardCharsets.UTF_8)) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.length() > LONGEST) {
                    break;
                }
                JsonNode entry = mapper.readTree(line);
                history = entry.has("jump")
                        ? history.jumped(Math.clamp(
                                entry.path("jump").asInt(), 0, history.steps().size() - 1))
                        : history.edited(
                                edits.read(entry.path("do").toString()),
                                entry.path("gesture").asLong());
            }
        } catch (JsonProcessingException half) {
            System.getLogger(Journal.class.getName())
                    .log(System.Logger.Level.INFO, "The last entry of " + file + " is half: it is left out.");
        } catch (BadInput | IOException unreadable) {
            System.getLogger(Journal.class.getName())
                    .log(System.Logger.Level.WARNING, "A journal cannot be read to its end: " + file, unreadable);
        }
        return history;
    }

    @Override
    public void close() throws IOException {
        channel.close();
    }
}
