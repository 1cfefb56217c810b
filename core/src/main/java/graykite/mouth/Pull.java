package graykite.mouth;

/**
 * What one beat adds to a channel at a moment. The pulls of all beats add up to what the motion shows.
 *
 * @param beat its index, -1 for what lies further away
 * @param asked what the beat asks of the channel when it has it to itself
 * @param adds its part of the value
 */
public record Pull(int beat, double asked, double adds) {}
