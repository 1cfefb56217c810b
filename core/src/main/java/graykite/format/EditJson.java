package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.BadInput;
import graykite.edit.Edit;
import graykite.text.NearWords;
import java.util.List;
import java.util.stream.Stream;

/** Edits as JSON, one object each, as docs/edits.schema.json describes them, and back. */
public final class EditJson {
    private static final List<EditKind<?>> ALL = Stream.of(
                    EditKinds.PROJECT,
                    EditKinds.LINES,
                    EditKinds.SCENES,
                    LineEditKinds.READING,
                    LineEditKinds.MOUTH,
                    ActingEditKinds.ALL,
                    ClipEditKinds.ALL,
                    LookJson.EDITS,
                    CueJson.EDITS,
                    PassJson.EDITS,
                    MarkEditKinds.ALL,
                    ReviewEditKinds.ALL,
                    CastEditKinds.ALL)
            .<EditKind<?>>flatMap(List::stream)
            .toList();

    private static final int NEAREST = 4;

    private final ObjectMapper mapper = new ObjectMapper(JsonFactory.builder()
            .streamReadConstraints(
                    StreamReadConstraints.builder().maxNestingDepth(40).build())
            .build());
    private final Shelf shelf;

    /** @param shelf where recordings and figures stand */
    public EditJson(Shelf shelf) {
        this.shelf = shelf;
    }

    private static String near(String name) {
        List<String> near = new NearWords(names()).to(name, NEAREST);
        return near.isEmpty()
                ? "; docs/edits.md lists all of them."
                : "; did you mean " + String.join(", ", near) + "?";
    }

    /** The names that the field "edit" may have. */
    public static List<String> names() {
        return ALL.stream().map(EditKind::name).sorted().toList();
    }

    /** One edit in one line of text. */
    public String write(Edit edit) {
        EditFields fields = new EditFields(mapper.createObjectNode(), shelf);
        if (ALL.stream().noneMatch(k -> k.writes(edit, fields))) {
            throw new IllegalStateException("No file can hold the edit " + edit.inWords() + ".");
        }
        return fields.json().toString();
    }

    /**
     * Reads one edit.
     *
     * @throws BadInput with what is wrong with it
     */
    public Edit read(String line) {
        JsonNode node;
        try {
            node = mapper.readTree(line);
        } catch (JsonProcessingException broken) {
            throw new BadInput("is no JSON (" + broken.getOriginalMessage() + ").", broken);
        }
        if (!(node instanceof ObjectNode json)) {
            throw new BadInput("is no JSON object: an edit stands in braces, one a line.");
        }
        EditFields fields = new EditFields(json, shelf);
        String name = fields.text("edit");
        EditKind<?> kind = ALL.stream()
                .filter(k -> k.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new BadInput("there is no edit \"" + name + "\"" + near(name)));
        try {
            return kind.read().apply(fields);
        } catch (IllegalArgumentException outOfRange) {
            throw new BadInput(outOfRange.getMessage(), outOfRange);
        }
    }
}
