package graykite.bench;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.media.SoundReader;
import graykite.sound.Sound;
import graykite.text.Language;
import graykite.text.Pronouncer;
import graykite.text.Script;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** A recording with what is said in it: a text of the same name beside it. */
record Recorded(Path file, Script script) {
    /** The recordings of a folder that have their text beside them, by name. */
    static List<Recorded> in(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().matches(".*\\.(wav|ogg|flac|mp3)"))
                    .filter(f -> Files.exists(text(f)))
                    .sorted()
                    .map(Recorded::of)
                    .toList();
        }
    }

    /** A reader for a folder's recordings, by our own model alone: in English unless the folder is named after another language. */
    static Reader untrainedReader(Path folder) {
        return Reader.of(Language.parse(folder.getFileName().toString())
                .map(Pronouncer::of)
                .orElseGet(Pronouncer::shipped));
    }

    /** The same with a trained ear. */
    static Reader reader(Path folder) {
        return untrainedReader(folder).with(Trained.ear());
    }

    private static Recorded of(Path file) {
        try {
            return new Recorded(file, Script.of(Files.readString(text(file)).strip()));
        } catch (IOException failure) {
            throw new UncheckedIOException(failure);
        }
    }

    private static Path text(Path recording) {
        return recording.resolveSibling(recording.getFileName().toString().replaceFirst("\\.[^.]*$", ".txt"));
    }

    Sound sound() {
        return SoundReader.read(file, Progress.none());
    }

    /** The words as written, without their marks. */
    List<String> words() {
        return script.written();
    }
}
