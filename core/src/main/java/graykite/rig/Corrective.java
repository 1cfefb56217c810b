package graykite.rig;

/**
 * Morph targets that act where two channels meet: their weight is the product of both, so that what one opens the other
 * still closes.
 */
public record Corrective(String name, String first, String second) {}
