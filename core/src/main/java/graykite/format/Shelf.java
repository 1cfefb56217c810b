package graykite.format;

import graykite.base.BadInput;
import java.nio.file.Path;

/** Where large things stand that an edit only names: recordings and figures, each once, under the hash of its bytes. */
public interface Shelf {
    /** Stores bytes unless they are there already. @return their SHA-256, in hexadecimal */
    String keep(byte[] content, String hash);

    /** @throws BadInput when nothing stands under that hash */
    byte[] content(String hash);

    /** The file that a script names, beside the script. @throws BadInput when it may not be read or is not there */
    Path file(String named);

    /** Knows nothing and keeps nothing: for edits that name no large things. */
    static Shelf none() {
        return new Shelf() {
            @Override
            public String keep(byte[] content, String hash) {
                return hash;
            }

            @Override
            public byte[] content(String hash) {
                throw new BadInput("Nothing is stored under " + hash + ".");
            }

            @Override
            public Path file(String named) {
                throw new BadInput("No file can be named here.");
            }
        };
    }
}
