package graykite.rig;

import static graykite.base.Require.requireThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Poses that ship with the application as a data file: a JSON object of chapters, each an object of poses by name, each of
 * those an object of values by channel or role. Order is kept.
 */
public final class PoseBook {
    private final Map<String, Map<String, Pose>> chapters;

    private PoseBook(Map<String, Map<String, Pose>> chapters) {
        this.chapters = chapters;
    }

    /**
     * Opens a book of our own.
     *
     * @param resource absolute path on the class path
     * @throws IllegalArgumentException when there is none, or a value in it is no number
     */
    public static PoseBook shipped(String resource) {
        try (InputStream in = PoseBook.class.getResourceAsStream(resource)) {
            requireThat(in != null, "No poses are shipped as %s.", resource);
            return read(new ObjectMapper().readTree(in), resource);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }

    private static PoseBook read(JsonNode root, String resource) {
        Map<String, Map<String, Pose>> chapters = new LinkedHashMap<>();
        root.properties().forEach(chapter -> {
            Map<String, Pose> poses = new LinkedHashMap<>();
            chapter.getValue().properties().forEach(pose -> {
                Map<String, Double> values = new LinkedHashMap<>();
                pose.getValue().properties().forEach(value -> {
                    requireThat(
                            value.getValue().isNumber(),
                            "%s: %s of %s is no number.",
                            resource,
                            value.getKey(),
                            pose.getKey());
                    values.put(value.getKey(), value.getValue().asDouble());
                });
                poses.put(pose.getKey(), new Pose(values));
            });
            chapters.put(chapter.getKey(), Collections.unmodifiableMap(poses));
        });
        return new PoseBook(chapters);
    }

    /** The poses of a chapter by name, in the order of the file. */
    public Map<String, Pose> chapter(String name) {
        requireThat(chapters.containsKey(name), "There is no chapter \"%s\" among the poses.", name);
        return chapters.get(name);
    }
}
