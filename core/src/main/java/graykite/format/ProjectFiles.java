package graykite.format;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.format.character.CharacterStore;
import graykite.project.Member;
import graykite.project.Project;
import graykite.project.Line;
import graykite.text.Phone;
import graykite.text.Pronunciation;
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
 * Project files (.kite): a ZIP with project.json, described by docs/project.schema.json, the recordings as they came and the
 * characters that the user brought.
 */
public final class ProjectFiles {
    public static final String EXTENSION = ".kite";

    /** Entry of the small picture. */
    public static final String THUMBNAIL = "thumbnail.png";

    private static final String DOCUMENT = "project.json";
    private static final int VERSION = 4;
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
        for (Line line : project.lines()) {
            if (line.sound().isPresent()) {
                zip.putNextEntry(new ZipEntry(LineJson.entryName(line)));
                zip.write(line.sound().get().content());
                zip.closeEntry();
            }
        }
        for (Member member : project.cast()) {
            if (member.source() instanceof Member.Own own) {
                zip.putNextEntry(new ZipEntry(CastJson.entryName(member)));
                CharacterStore.write(own.figure(), zip);
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
        List<Line> lines = new ArrayList<>();
        for (JsonNode line : json.path("shots")) {
            lines.add(LineJson.read(line, entries, name + ", line " + (lines.size() + 1)));
        }
        try {
            FrameRate rate = new FrameRate(
                    json.path("rate").path("numerator").asInt(30),
                    json.path("rate").path("denominator").asInt(1));
            return new Project(
                    json.path("title").asText("Untitled"),
                    cast(json, entries, name),
                    rate,
                    lines,
                    dictionary(json, name));
        } catch (IllegalArgumentException broken) {
            throw new BadInput(name + ": " + broken.getMessage(), broken);
        }
    }

    /** Before there was a cast, every project had ours. */
    private static List<Member> cast(JsonNode json, Map<String, byte[]> entries, String name) {
        if (!json.has("cast")) {
            return Project.OUR_CAST;
        }
        List<Member> cast = new ArrayList<>();
        for (JsonNode member : json.path("cast")) {
            cast.add(CastJson.read(member, entries, name + ", character " + (cast.size() + 1)));
        }
        return cast;
    }

    private static Map<String, Pronunciation> dictionary(JsonNode json, String name) {
        Map<String, Pronunciation> words = new HashMap<>();
        json.path("dictionary").properties().forEach(word -> {
            List<Phone> phones = new ArrayList<>();
            for (String phone : word.getValue().asText().strip().split("\\s+")) {
                phones.add(Phone.parse(phone)
                        .filter(p -> p != Phone.SIL)
                        .orElseThrow(() -> new BadInput(name + ", dictionary: \"" + phone + "\" in \"" + word.getKey()
                                + "\" is no phone. Remove the word.")));
            }
            words.put(word.getKey(), new Pronunciation(phones));
        });
        return words;
    }

    private static int lineOf(JsonProcessingException broken) {
        return broken.getLocation() == null ? 1 : broken.getLocation().getLineNr();
    }

    private static byte[] document(Project project) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        JsonGenerator json = new JsonFactory().createGenerator(out);
        json.useDefaultPrettyPrinter();
        json.writeStartObject();
        json.writeStringField("format", "graykite-project");
        json.writeNumberField("version", VERSION);
        json.writeStringField("title", project.title());
        json.writeArrayFieldStart("cast");
        for (Member member : project.cast()) {
            CastJson.write(member, json);
        }
        json.writeEndArray();
        json.writeObjectFieldStart("rate");
        json.writeNumberField("numerator", project.rate().numerator());
        json.writeNumberField("denominator", project.rate().denominator());
        json.writeEndObject();
        if (!project.dictionary().isEmpty()) {
            json.writeObjectFieldStart("dictionary");
            for (Map.Entry<String, Pronunciation> word : new java.util.TreeMap<>(project.dictionary()).entrySet()) {
                json.writeStringField(word.getKey(), word.getValue().toString());
            }
            json.writeEndObject();
        }
        json.writeArrayFieldStart("shots");
        for (Line line : project.lines()) {
            LineJson.write(line, json);
        }
        json.writeEndArray();
        json.writeEndObject();
        json.close();
        return out.toByteArray();
    }
}
