package graykite.project;

import static graykite.base.Require.requireThat;

import java.util.Arrays;

/**
 * A recording as it came, byte for byte, kept inside the project so that it cannot go missing.
 *
 * @param name its file name, for people and for the decoder's guess
 * @param content the bytes; shared, not to be written to
 */
public record SoundFile(String name, byte[] content) {
    public SoundFile {
        requireThat(!name.isBlank(), "A recording has a name.");
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof SoundFile file && name.equals(file.name) && Arrays.equals(content, file.content);
    }

    @Override
    public int hashCode() {
        return 31 * name.hashCode() + content.length;
    }

    @Override
    public String toString() {
        return name + " (" + content.length + " bytes)";
    }
}
