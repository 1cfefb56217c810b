package graykite.rig;

import graykite.base.BadInput;
import graykite.rig.face.Odile;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Locale;

/** The characters that ship with Gray Kite. */
public final class Cast {
    private Cast() {}

    /** Names that {@link #byName} knows. */
    public static List<String> names() {
        return List.of("odile");
    }

    /**
     * Opens a character.
     *
     * @throws BadInput when there is none of that name
     */
    public static Character byName(String name) {
        if (name.toLowerCase(Locale.ROOT).equals("odile")) {
            return stored("odile");
        }
        throw new BadInput(
                "There is no character \"" + name + "\". Choose one of: " + String.join(", ", names()) + ".");
    }

    private static Character stored(String name) {
        try (InputStream in = Cast.class.getResourceAsStream("/graykite/cast/" + name + ".character")) {
            if (in == null) {
                // Only in a half-built tree, such as an editor's: the figure is made on the spot.
                return Odile.build();
            }
            return CharacterStore.read(new BufferedInputStream(in, 1 << 16));
        } catch (IOException broken) {
            throw new IllegalStateException(
                    "The stored character " + name + " is broken; build Gray Kite again.", broken);
        }
    }
}
