package graykite.workbench;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.edit.Edit;
import graykite.edit.ReadingEdit;
import graykite.format.EditJson;
import graykite.project.Line;
import graykite.project.Project;
import java.util.List;
import java.util.Optional;

/**
 * A file of edits, one a line, applied to a project: whatever the window can do. Blank lines and lines that begin with # are
 * passed over. Besides the edits of docs/edits.schema.json a script may ask for work: {"edit":"read","line":…} finds the
 * words of a line in its recording.
 */
public final class EditScript {
    private final ObjectMapper mapper = new ObjectMapper();
    private final EditJson edits;
    private final LineReader reader;

    /** @param reader reads lines where a script asks for it */
    public EditScript(EditJson edits, LineReader reader) {
        this.edits = edits;
        this.reader = reader;
    }

    /**
     * The project after all edits.
     *
     * @param name of the script, for messages
     * @throws BadInput when one of them cannot be done: its line is named, and nothing is changed
     */
    public Project run(Project project, List<String> lines, String name, Progress progress) {
        Project now = project;
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            progress.step(i / (double) lines.size());
            try {
                now = edit(now, line, progress).apply(now);
            } catch (BadInput refused) {
                throw new BadInput(name + ", line " + (i + 1) + ": " + refused.getMessage(), refused);
            }
        }
        return now;
    }

    private Edit edit(Project project, String line, Progress progress) {
        Optional<String> toRead = toRead(line);
        if (toRead.isEmpty()) {
            return edits.read(line);
        }
        String named = toRead.get();
        Line found = project.line(named)
                .or(() -> project.lines().stream()
                        .filter(l -> l.title().strip().equalsIgnoreCase(named.strip()))
                        .findFirst())
                .orElseThrow(() -> new BadInput("There is no line \"" + named + "\" in the project."));
        return new ReadingEdit.SetReading(found.id(), reader.read(project, found, progress.quiet()), false);
    }

    /** The line that is to be read, when that is what a script asks for. */
    private Optional<String> toRead(String line) {
        try {
            JsonNode json = mapper.readTree(line);
            boolean reads = json.path("edit").asText().equals("read")
                    && json.path("line").isTextual();
            return reads ? Optional.of(json.path("line").asText()) : Optional.empty();
        } catch (JsonProcessingException broken) {
            // Whoever reads the edit itself says what is wrong with it.
            return Optional.empty();
        }
    }
}
