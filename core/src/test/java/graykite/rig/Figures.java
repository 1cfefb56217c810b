package graykite.rig;

import graykite.format.character.Cast;

/** The finished Odile, read once for all tests. */
public final class Figures {
    public static final Character ODILE = Cast.byName("odile");

    private Figures() {}
}
