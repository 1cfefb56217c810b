package graykite.format;

import graykite.base.AtomicFiles;
import graykite.base.BadInput;
import graykite.format.character.CharacterStore;
import graykite.project.Line;
import graykite.project.Member;
import graykite.project.Project;
import java.io.ByteArrayOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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

    /** A document alone, whose large things stand on a shelf. */
    public static final String DOCUMENT_EXTENSION = ".kite-document";

    /** Entry of the small picture. */
    public static final String THUMBNAIL = "thumbnail.png";

    private static final String DOCUMENT = "project.json";
    private static final int LARGEST_DOCUMENT = 128 << 20;
    private static final int LARGEST_SOUND = 1 << 30;
    private static final int MOST_ENTRIES = 20_000;
    /** Bytes of all parts together, unpacked. */
    private static final long LARGEST_WHOLE = 6L << 30;
    /** What is unpacked at a time. */
    private static final int STEP = 1 << 16;

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
        AtomicFiles.writeKeeping(file, before(file), out -> write(project, thumbnail, out));
    }

    /** Where the version stands that was saved before a file. */
    public static Path before(Path file) {
        return file.resolveSibling(file.getFileName() + ".before");
    }

    /** Saves the document alone; recordings and figures go to a shelf unless they stand there already. */
    public static void writeDocument(Project project, Shelf shelf, Path file) {
        lines(project).forEach(line -> line.sound().ifPresent(s -> shelf.keep(s.content(), s.hash())));
        AtomicFiles.write(file, out -> out.write(ProjectJson.write(project, shelf)));
    }

    /** Opens what {@link #writeDocument} wrote. */
    public static Project readDocument(Path file, Shelf shelf) {
        try {
            return ProjectJson.read(
                    Files.readAllBytes(file),
                    entry -> Optional.of(shelf.content(hashIn(entry))),
                    file.getFileName().toString());
        } catch (IOException missing) {
            throw BadInput.inFile(file, "cannot be read. Check that it exists and may be opened.", missing);
        }
    }

    /** The hash that an entry's name holds. */
    private static String hashIn(String entry) {
        String name = entry.substring(entry.lastIndexOf('/') + 1);
        int dot = name.indexOf('.');
        return dot < 0 ? name : name.substring(0, dot);
    }

    /** Every line of the project and of the versions that were kept of it. */
    private static Stream<Line> lines(Project project) {
        return project.states().flatMap(s -> s.lines().stream());
    }

    private static void write(Project project, Optional<byte[]> thumbnail, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.setLevel(Deflater.BEST_SPEED);
        zip.putNextEntry(new ZipEntry(DOCUMENT));
        zip.write(ProjectJson.write(project));
        zip.closeEntry();
        if (thumbnail.isPresent()) {
            zip.putNextEntry(new ZipEntry(THUMBNAIL));
            zip.write(thumbnail.get());
            zip.closeEntry();
        }
        // What several lines share stands there once.
        Set<String> written = new HashSet<>();
        for (Line line : lines(project).toList()) {
            if (line.sound().isPresent()
                    && written.add(LineJson.entryName(line.sound().get()))) {
                zip.putNextEntry(new ZipEntry(LineJson.entryName(line.sound().get())));
                zip.write(line.sound().get().content());
                zip.closeEntry();
            }
        }
        for (Map.Entry<String, byte[]> track : ProjectShelf.tracks(project).entrySet()) {
            zip.putNextEntry(new ZipEntry(ProjectShelf.entryName(track.getKey())));
            zip.write(track.getValue());
            zip.closeEntry();
        }
        List<Member> members = project.states().flatMap(s -> s.cast().stream()).toList();
        for (Member member : members) {
            if (member.source() instanceof Member.Own own && written.add(CastJson.entryName(member))) {
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
            long whole = 0;
            int count = 0;
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String part = name + ", part " + entry.getName();
                int limit = entry.getName().equals(DOCUMENT) ? LARGEST_DOCUMENT : LARGEST_SOUND;
                // What no line and nobody asks for is not kept, however much there is of it.
                boolean kept = isOurs(entry.getName());
                ByteArrayOutputStream content = new ByteArrayOutputStream();
                long size = 0;
                byte[] step = new byte[STEP];
                for (int got = zip.read(step); got >= 0; got = zip.read(step)) {
                    size += got;
                    whole += got;
                    if (size > limit || whole > LARGEST_WHOLE) {
                        throw new BadInput(part + ": is too large for a project.");
                    }
                    if (kept) {
                        content.write(step, 0, got);
                    }
                }
                if (++count > MOST_ENTRIES) {
                    throw new BadInput(name + ": has more than 20,000 parts, too many for a project.");
                }
                if (kept) {
                    entries.put(entry.getName(), content.toByteArray());
                }
            }
        } catch (ZipException | EOFException damaged) {
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
        return ProjectJson.read(document, entry -> Optional.ofNullable(entries.get(entry)), name);
    }

    /** True for parts that a project may name. */
    private static boolean isOurs(String entry) {
        return entry.equals(DOCUMENT)
                || entry.startsWith("sounds/")
                || entry.startsWith("tracks/")
                || entry.startsWith("cast/");
    }
}
