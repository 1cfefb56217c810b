package graykite.rig;

import graykite.format.character.Cast;
import graykite.geometry.Vec;

/** The finished Odile, read once for all tests. */
public final class Figures {
    public static final Character ODILE = Cast.byName("odile");

    private Figures() {}

    /** A part by its name, which must be there. */
    public static Part part(Character who, String name) {
        return who.parts().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(name + " is not among "
                        + who.parts().stream().map(Part::name).toList()));
    }

    /** How far a part reaches along an axis: 0, 1, 2 for x, y, z; forwards for a sign of 1, backwards, times -1, for -1. */
    public static double farthest(Part part, int axis, int sign) {
        double most = -Double.MAX_VALUE;
        for (int i = axis; i < part.positions().length; i += 3) {
            most = Math.max(most, sign * part.positions()[i]);
        }
        return most;
    }

    /** A vertex of a mesh. @param places x, y and z of each */
    public static Vec vertex(float[] places, int index) {
        return new Vec(places[3 * index], places[3 * index + 1], places[3 * index + 2]);
    }
}
