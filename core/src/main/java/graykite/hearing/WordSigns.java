package graykite.hearing;

/**
 * What can be seen of whether a word was said, when it is laid into the sound in any case.
 *
 * @param below by how much a step of 10 ms its phones are less likely than the best ones, without half of what is unusual about the
 *     line
 * @param certainty 0 to 1: how much that figure is worth, since in a few frames much is chance
 * @param squeezed phones as brief as the model allows, beyond what is usual in the line, in units of what varies by chance
 */
public record WordSigns(double below, double certainty, double squeezed) {}
