package graykite.batch;

import graykite.base.BadInput;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;

/** One hash for everything that an output depends on, so that nothing is done twice and nothing old is kept. */
final class Inputs {
    /** Raised when the same inputs come to something else than before. */
    private static final String VERSION = "Gray Kite 0.1.0, batch 1";

    private Inputs() {}

    /** SHA-256 in hexadecimal, of texts and of the bytes of files; of a folder the files in it. */
    static String hash(List<String> texts, List<Path> files) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            add(digest, VERSION);
            texts.forEach(t -> add(digest, t));
            for (Path file : files) {
                if (Files.isDirectory(file)) {
                    try (Stream<Path> inside = Files.list(file)) {
                        for (Path each :
                                inside.filter(Files::isRegularFile).sorted().toList()) {
                            add(digest, each.getFileName().toString());
                            addFile(digest, each);
                        }
                    }
                } else {
                    addFile(digest, file);
                }
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        } catch (IOException unreadable) {
            throw new BadInput("A file cannot be read: " + unreadable.getMessage() + ".", unreadable);
        }
    }

    private static void add(MessageDigest digest, String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        digest.update((bytes.length + ":").getBytes(StandardCharsets.UTF_8));
        digest.update(bytes);
    }

    private static void addFile(MessageDigest digest, Path file) throws IOException {
        add(digest, Long.toString(Files.size(file)));
        byte[] block = new byte[1 << 16];
        try (InputStream in = Files.newInputStream(file)) {
            for (int count = in.read(block); count >= 0; count = in.read(block)) {
                digest.update(block, 0, count);
            }
        }
    }
}
