package graykite.rig;

import graykite.format.character.Cast;

/** The finished Odile, read once for all tests. */
public final class Figures {
    public static final Character ODILE = Cast.byName("odile");

    private Figures() {}

    /** A part by its name, which must be there. */
    public static Part part(Character who, String name) {
        return who.parts().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
