package graykite.layer;

/**
 * A part of the answer to why a channel is what it is.
 *
 * @param layer name of the layer, or of what comes after all layers
 * @param words what it is
 * @param adds what it adds to the value
 */
public record Reason(String layer, String words, double adds) {}
