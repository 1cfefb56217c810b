package graykite.format;

import graykite.base.BadInput;
import graykite.project.Project;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;

/** The dense tracks of a project file: entries of their own, under the hash of their bytes. */
final class ProjectShelf {
    private ProjectShelf() {}

    /** Where a track stands in the file. */
    static String entryName(String hash) {
        return "tracks/" + hash + TrackStore.EXTENSION;
    }

    /** What the entries of a file hold. @param place for messages */
    static Shelf of(ProjectJson.Entries entries, String place) {
        Shelf none = Shelf.none();
        return new Shelf() {
            @Override
            public String keep(byte[] content, String hash) {
                return none.keep(content, hash);
            }

            @Override
            public byte[] content(String hash) {
                return entries.of(entryName(hash))
                        .orElseThrow(() -> new BadInput(
                                place + ": its track " + hash.substring(0, 8) + " is missing from the file."));
            }

            @Override
            public Path file(String named) {
                return none.file(named);
            }
        };
    }

    /** Every track of a project as bytes, under its hash, each once. */
    static Map<String, byte[]> tracks(Project project) {
        Map<String, byte[]> all = new TreeMap<>();
        project.states().flatMap(Project::tracks).distinct().forEach(t -> {
            byte[] bytes = TrackStore.bytes(t);
            all.put(TrackStore.hash(bytes), bytes);
        });
        return all;
    }
}
