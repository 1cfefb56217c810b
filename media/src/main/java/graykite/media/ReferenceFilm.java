package graykite.media;

import graykite.base.BadInput;
import graykite.picture.Picture;
import graykite.project.Reference;
import graykite.proof.Shot;
import graykite.time.FrameRate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Film or numbered pictures to act after: gives the picture that is shown at a moment, to the frame. Not safe for several
 * threads.
 */
public interface ReferenceFilm extends AutoCloseable {
    /**
     * A picture of it.
     *
     * @param from when it begins to be shown, in seconds of the film
     * @param to when the next one takes its place
     */
    record Still(Picture picture, double from, double to) {
        boolean isShownAt(double time) {
            return time >= from && time < to;
        }
    }

    /** Seconds. */
    double duration();

    /**
     * The picture that is shown at a time; nothing before the film begins and after it ends.
     *
     * @throws BadInput when it is damaged there
     */
    Optional<Still> at(double time);

    /** Frames a second; nothing for pictures, which have none of their own. */
    default Optional<FrameRate> rate() {
        return Optional.empty();
    }

    @Override
    void close();

    /** What the proof has to know of a reference; a film that cannot be read is there, and no more is known of it. */
    static Shot.Film known(Reference reference) {
        Optional<Path> file = reference.file().filter(Files::exists);
        if (file.isEmpty()) {
            return new Shot.Film(false, Optional.empty());
        }
        try (ReferenceFilm film = open(file.get(), FrameRate.FILM)) {
            return new Shot.Film(true, film.rate());
        } catch (BadInput unreadable) {
            return new Shot.Film(true, Optional.empty());
        }
    }

    /**
     * Opens a film, or numbered pictures by any one of them.
     *
     * @param rate at which pictures follow one another
     * @throws BadInput in one line, when it is missing, damaged, or holds no pictures
     */
    static ReferenceFilm open(Path file, FrameRate rate) {
        if (!Files.exists(file)) {
            throw BadInput.inFile(file, "is not there any more. Find it again, or take the reference away.");
        }
        return NumberedPictures.isPicture(file) ? NumberedPictures.open(file, rate) : new Film(file);
    }
}
