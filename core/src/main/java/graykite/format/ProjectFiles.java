package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.mouth.MouthSettings;
import graykite.project.Project;
import graykite.project.Shot;
import graykite.project.SoundFile;
import graykite.speech.Timing;
import graykite.time.FrameRate;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * Project files (.kite): a ZIP with project.json, described by docs/project.schema.json, and the recordings as they came.
 */
public final class ProjectFiles {
    public static final String EXTENSION = ".kite";

    /** Entry of the small picture. */
    public static final String THUMBNAIL = "thumbnail.png";

    private static final String DOCUMENT = "project.json";
    private static final int VERSION = 1;
    private static final int LARGEST_DOCUMENT = 128 << 20;
    private static final int LARGEST_SOUND = 1 << 30;
    private static final int MOST_ENTRIES = 20_000;

    private ProjectFiles() {}

    /** Saves atomically: a reader finds the old file or the new one. */
    public static void save(Project project, Path file) {
        save(project, Optional.empty(), file);
    }

    /**
     * Saves with a small picture for lists of projects.
     *
     * @param thumbnail a PNG
     */
    public static void save(Project project, Optional<byte[]> thumbnail, Path file) {
        AtomicFiles.write(file, out -> write(project, thumbnail, out));
    }

    private static void write(Project project, Optional<byte[]> thumbnail, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.setLevel(Deflater.BEST_SPEED);
        zip.putNextEntry(new ZipEntry(DOCUMENT));
        zip.write(document(project));
        zip.closeEntry();
        if (thumbnail.isPresent()) {
            zip.putNextEntry(new ZipEntry(THUMBNAIL));
            zip.write(thumbnail.get());
            zip.closeEntry();
        }
        for (Shot shot : project.shots()) {
            if (shot.sound().isPresent()) {
                zip.putNextEntry(new ZipEntry(entryName(shot)));
                zip.write(shot.sound().get().content());
                zip.closeEntry();
            }
        }
        zip.finish();
    }

    /**
     * Opens a project.
     *
     * @throws BadInput when the file is missing, damaged or not a project
     */
    public static Project open(Path file) {
        try (InputStream in = Files.newInputStream(file)) {
            return read(in, file.getFileName().toString());
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    /**
     * Reads a project from a stream.
     *
     * @param name for messages
     */
    public static Project read(InputStream in, String name) {
        Map<String, byte[]> entries = new HashMap<>();
        try {
            ZipInputStream zip = new ZipInputStream(in);
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                int limit = entry.getName().equals(DOCUMENT) ? LARGEST_DOCUMENT : LARGEST_SOUND;
                byte[] content = zip.readNBytes(limit);
                if (zip.read() >= 0 || entries.size() > MOST_ENTRIES) {
                    throw new BadInput(name + ", part " + entry.getName() + ": is too large for a project.");
                }
                entries.put(entry.getName(), content);
            }
        } catch (ZipException | java.io.EOFException damaged) {
            throw new BadInput(
                    name + ": is damaged (" + damaged.getMessage() + "). Open the last autosave from the start screen.",
                    damaged);
        } catch (IOException failure) {
            throw new BadInput(name + ": cannot be read (" + failure.getMessage() + ").", failure);
        }
        byte[] document = entries.get(DOCUMENT);
        if (document == null) {
            throw new BadInput(name + ": is not a Gray Kite project. Choose a file that ends in .kite.");
        }
        return parse(document, entries, name);
    }

    private static Project parse(byte[] document, Map<String, byte[]> entries, String name) {
        JsonNode json;
        try {
            JsonFactory factory = JsonFactory.builder()
                    .streamReadConstraints(
                            StreamReadConstraints.builder().maxNestingDepth(40).build())
                    .build();
            json = new ObjectMapper(factory).readTree(document);
        } catch (JsonProcessingException broken) {
            throw new BadInput(
                    name + ", " + DOCUMENT + ", line " + lineOf(broken)
                            + ": is not valid JSON. Open the last autosave from the start screen.",
                    broken);
        } catch (IOException impossible) {
            throw new IllegalStateException(impossible);
        }
        int version = json.path("version").asInt(-1);
        if (version < 1) {
            throw new BadInput(name + ": is not a Gray Kite project: it has no version.");
        }
        if (version > VERSION) {
            throw new BadInput(name + ": was saved by a newer Gray Kite (format " + version + "). Update to open it.");
        }
        List<Shot> shots = new ArrayList<>();
        for (JsonNode shot : json.path("shots")) {
            shots.add(shot(shot, entries, name + ", line " + (shots.size() + 1)));
        }
        try {
            FrameRate rate = new FrameRate(
                    json.path("rate").path("numerator").asInt(30),
                    json.path("rate").path("denominator").asInt(1));
            return new Project(
                    json.path("title").asText("Untitled"),
                    json.path("character").asText("odile"),
                    rate,
                    shots);
        } catch (IllegalArgumentException broken) {
            throw new BadInput(name + ": " + broken.getMessage(), broken);
        }
    }

    private static int lineOf(JsonProcessingException broken) {
        return broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
    }

    private static Shot shot(JsonNode json, Map<String, byte[]> entries, String place) {
        Optional<SoundFile> sound = Optional.empty();
        if (json.hasNonNull("sound")) {
            String entry = json.path("sound").path("entry").asText();
            byte[] content = entries.get(entry);
            if (content == null) {
                throw new BadInput(place + ": its recording \"" + entry + "\" is missing from the file.");
            }
            sound = Optional.of(new SoundFile(json.path("sound").path("name").asText("sound"), content));
        }
        Optional<Timing> timing = json.hasNonNull("reading")
                ? Optional.of(TimingJson.read(json.path("reading"), place))
                : Optional.empty();
        JsonNode mouth = json.path("mouth");
        try {
            return new Shot(
                    json.path("id").asText(Project.newId()),
                    json.path("title").asText(""),
                    json.path("speaker").asText(""),
                    sound,
                    json.path("script").asText(""),
                    timing,
                    new MouthSettings(
                            mouth.path("strength").asDouble(MouthSettings.STANDARD.strength()),
                            mouth.path("lead").asDouble(MouthSettings.STANDARD.lead()),
                            mouth.path("smoothness").asDouble(MouthSettings.STANDARD.smoothness())),
                    json.path("seed").asLong(1));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(place + ": " + broken.getMessage(), broken);
        }
    }

    private static byte[] document(Project project) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JsonGenerator json = new JsonFactory().createGenerator(out);
        json.useDefaultPrettyPrinter();
        json.writeStartObject();
        json.writeStringField("format", "graykite-project");
        json.writeNumberField("version", VERSION);
        json.writeStringField("title", project.title());
        json.writeStringField("character", project.character());
        json.writeObjectFieldStart("rate");
        json.writeNumberField("numerator", project.rate().numerator());
        json.writeNumberField("denominator", project.rate().denominator());
        json.writeEndObject();
        json.writeArrayFieldStart("shots");
        for (Shot shot : project.shots()) {
            writeShot(shot, json);
        }
        json.writeEndArray();
        json.writeEndObject();
        json.close();
        return out.toByteArray();
    }

    private static void writeShot(Shot shot, JsonGenerator json) throws IOException {
        json.writeStartObject();
        json.writeStringField("id", shot.id());
        json.writeStringField("title", shot.title());
        json.writeStringField("speaker", shot.speaker());
        json.writeStringField("script", shot.script());
        json.writeNumberField("seed", shot.seed());
        if (shot.sound().isPresent()) {
            json.writeObjectFieldStart("sound");
            json.writeStringField("name", shot.sound().get().name());
            json.writeStringField("entry", entryName(shot));
            json.writeEndObject();
        }
        json.writeObjectFieldStart("mouth");
        json.writeNumberField("strength", shot.mouth().strength());
        json.writeNumberField("lead", shot.mouth().lead());
        json.writeNumberField("smoothness", shot.mouth().smoothness());
        json.writeEndObject();
        if (shot.timing().isPresent()) {
            json.writeFieldName("reading");
            TimingJson.write(shot.timing().get(), json);
        }
        json.writeEndObject();
    }

    /** Where a shot's recording stands in the file; ids and names are made safe for any file system. */
    private static String entryName(Shot shot) {
        String name = shot.sound().orElseThrow().name();
        String extension = name.contains(".") ? name.substring(name.lastIndexOf('.')) : "";
        return "sounds/" + shot.id().replaceAll("[^A-Za-z0-9-]", "_") + extension.replaceAll("[^A-Za-z0-9.]", "");
    }
}
