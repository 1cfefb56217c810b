package graykite.project;

import static graykite.base.Require.requireThat;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;

/** A recording as it came, byte for byte, kept inside the project so that it cannot go missing. Immutable. */
public final class SoundFile {
    private final String name;
    private final byte[] content;
    private volatile String hash = "";

    /**
     * @param name its file name, for people and for the decoder's guess
     * @param content the bytes; shared, not to be written to
     */
    public SoundFile(String name, byte[] content) {
        requireThat(!name.isBlank(), "A recording has a name.");
        this.name = name;
        this.content = content;
    }

    public String name() {
        return name;
    }

    /** The bytes; not to be written to. */
    public byte[] content() {
        return content;
    }

    /** SHA-256 of the bytes, in hexadecimal: under this it is stored once. Worked out when it is first asked for. */
    public String hash() {
        if (hash.isEmpty()) {
            try {
                hash = HexFormat.of()
                        .formatHex(MessageDigest.getInstance("SHA-256").digest(content));
            } catch (NoSuchAlgorithmException impossible) {
                throw new IllegalStateException(impossible);
            }
        }
        return hash;
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
