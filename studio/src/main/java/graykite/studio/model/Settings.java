package graykite.studio.model;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import graykite.base.AtomicFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What the window remembers between sessions: recent projects and preferences, in one small JSON file. */
public final class Settings {
    private static final int MOST_RECENT = 8;

    private final Path folder;
    private final ObjectMapper mapper = new ObjectMapper();
    private final ObjectNode values;

    /** @param folder where settings and autosaves live; made when needed */
    public Settings(Path folder) {
        this.folder = folder;
        this.values = read(folder.resolve("settings.json"));
    }

    /** KITE_HOME, or .graykite in the user's home. */
    public static Path standardFolder() {
        String own = System.getenv("KITE_HOME");
        return own != null && !own.isBlank() ? Path.of(own) : Path.of(System.getProperty("user.home"), ".graykite");
    }

    private ObjectNode read(Path file) {
        try {
            if (Files.exists(file) && mapper.readTree(file.toFile()) instanceof ObjectNode stored) {
                return stored;
            }
        } catch (IOException damaged) {
            System.getLogger(Settings.class.getName())
                    .log(System.Logger.Level.WARNING, "Settings are damaged and start anew: " + file, damaged);
        }
        return mapper.createObjectNode();
    }

    /** Where the user's own dictions are kept. */
    public Path dictionFolder() {
        return folder.resolve("dictions");
    }

    /** Where the user's own presets of deliveries are kept. */
    public Path deliveryFolder() {
        return folder.resolve("deliveries");
    }

    /** Where unsaved work is kept. */
    public Path sessionFolder() {
        return folder.resolve("sessions");
    }

    /** Projects that were opened or saved last, newest first; those that are gone are left out. */
    public List<Path> recent() {
        List<Path> paths = new ArrayList<>();
        for (JsonNode node : values.path("recent")) {
            Path path = Path.of(node.asText());
            if (Files.isRegularFile(path)) {
                paths.add(path);
            }
        }
        return paths;
    }

    public void addRecent(Path project) {
        Set<String> paths = new LinkedHashSet<>();
        paths.add(project.toAbsolutePath().toString());
        values.path("recent").forEach(node -> paths.add(node.asText()));
        ArrayNode list = values.putArray("recent");
        paths.stream().limit(MOST_RECENT).forEach(list::add);
        save();
    }

    public boolean flag(String name) {
        return values.path(name).asBoolean(false);
    }

    public void setFlag(String name, boolean value) {
        values.put(name, value);
        save();
    }

    public String text(String name, String otherwise) {
        return values.path(name).asText(otherwise);
    }

    public void setText(String name, String value) {
        values.put(name, value);
        save();
    }

    private void save() {
        AtomicFiles.write(
                folder.resolve("settings.json"),
                out -> mapper.writerWithDefaultPrettyPrinter().writeValue(out, values));
    }
}
