package graykite.figures;

/**
 * What a channel of somebody's rig probably is.
 *
 * @param channel name on the rig
 * @param target the viseme ("Ah") or standard action ("jawDrop", "lidClose.L") that it plays
 * @param viseme true for a viseme
 * @param certainty 0 to 1; 1 when the user said so or the name is the standard one
 */
public record Match(String channel, String target, boolean viseme, double certainty) {
    /** Matches below this are proposed, but marked as doubtful. */
    public static final double SURE = 0.7;

    /** How certain, in words. */
    public String inWords() {
        return certainty >= 0.9 ? "certain" : certainty >= SURE ? "likely" : "a guess";
    }
}
