package graykite.format.character;

import graykite.base.BadInput;
import graykite.people.FaceMaker;
import graykite.people.drawn.Brine;
import graykite.rig.Character;
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
        return List.of("odile", "pim", "brine", "wren", "sprat");
    }

    /** True when {@link #byName} knows the name. */
    public static boolean has(String name) {
        return names().contains(name.toLowerCase(Locale.ROOT));
    }

    /**
     * Opens a character.
     *
     * @throws BadInput when there is none of that name
     */
    public static Character byName(String name) {
        if (!has(name)) {
            throw new BadInput(
                    "There is no character \"" + name + "\". Choose one of: " + String.join(", ", names()) + ".");
        }
        return stored(name.toLowerCase(Locale.ROOT));
    }

    /** Makes a character anew; takes a second or two. */
    public static Character made(String name) {
        return name.equals("brine") ? Brine.build() : FaceMaker.of(PlanFiles.shipped(name));
    }

    private static Character stored(String name) {
        try (InputStream in = Cast.class.getResourceAsStream("/graykite/cast/" + name + CharacterStore.EXTENSION)) {
            if (in == null) {
                // Only in a half-built tree, such as an editor's: the figure is made on the spot.
                return made(name);
            }
            return CharacterStore.read(new BufferedInputStream(in, 1 << 16));
        } catch (IOException broken) {
            throw new IllegalStateException(
                    "The stored character " + name + " is broken; build Gray Kite again.", broken);
        }
    }
}
