package graykite.rig;

import graykite.base.BadInput;
import graykite.rig.face.Odile;
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
     * Builds a character.
     *
     * @throws BadInput when there is none of that name
     */
    public static Character byName(String name) {
        if (name.toLowerCase(Locale.ROOT).equals("odile")) {
            return Odile.build();
        }
        throw new BadInput("There is no character \"" + name + "\". Choose one of: " + String.join(", ", names()) + ".");
    }
}
