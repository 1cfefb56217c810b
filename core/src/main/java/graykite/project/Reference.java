package graykite.project;

import static graykite.base.Require.requireThat;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Film or numbered pictures that a line is acted after. It stays where it is on disk; the project only knows its name.
 *
 * @param path of the film, or of one of the pictures
 * @param offset seconds of the line at which it begins; below 0 it has begun already
 * @param opacity 0 to 1, where it lies over the face or behind it
 * @param mirrored true when left and right are exchanged
 * @param place where it is seen
 * @param heard true when its own sound is heard with the voices
 */
public record Reference(String path, double offset, double opacity, boolean mirrored, Place place, boolean heard) {
    /** Where it is seen. */
    public enum Place {
        BESIDE("Beside the face"),
        BEHIND("Behind the face"),
        OVER("Over the face");

        private final String title;

        Place(String title) {
            this.title = title;
        }

        /** Its name as people read it. */
        public String title() {
            return title;
        }
    }

    public Reference {
        requireThat(!path.isBlank(), "A reference names a file.");
        requireThat(Math.abs(offset) <= 36_000, "A reference begins within ten hours of the line.");
        requireThat(opacity >= 0 && opacity <= 1, "The opacity lies between 0 and 1, not %.2f.", opacity);
    }

    /** Where it lies; nothing when its path comes from another system and names nothing here. */
    public Optional<Path> file() {
        try {
            return Optional.of(Path.of(path));
        } catch (InvalidPathException foreign) {
            return Optional.empty();
        }
    }

    /** A file as it is first seen: beside the face, from the start of the line. */
    public static Reference of(String path) {
        return new Reference(path, 0, 0.5, false, Place.BESIDE, false);
    }

    /** The file's name without its folder, whatever system the path is of. */
    public String name() {
        return path.replaceAll("^.*[/\\\\](?=.)", "");
    }

    public Reference withHeard(boolean own) {
        return new Reference(path, offset, opacity, mirrored, place, own);
    }

    public Reference withPath(String other) {
        return new Reference(other, offset, opacity, mirrored, place, heard);
    }

    public Reference withOffset(double seconds) {
        return new Reference(path, seconds, opacity, mirrored, place, heard);
    }

    public Reference withOpacity(double share) {
        return new Reference(path, offset, share, mirrored, place, heard);
    }

    public Reference withMirrored(boolean mirror) {
        return new Reference(path, offset, opacity, mirror, place, heard);
    }

    public Reference withPlace(Place other) {
        return new Reference(path, offset, opacity, mirrored, other, heard);
    }
}
