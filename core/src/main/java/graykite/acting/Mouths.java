package graykite.acting;

import graykite.rig.Channel;

/** What belongs to the mouth: there speech rules unless somebody says otherwise. */
public final class Mouths {
    private Mouths() {}

    /** True for jaw, lips and tongue. */
    public static boolean isOfMouth(Channel channel) {
        return isOfMouth(channel.group());
    }

    /** True for the regions jaw, lips and tongue. */
    public static boolean isOfMouth(Channel.Group group) {
        return switch (group) {
            case JAW, LIPS, TONGUE -> true;
            default -> false;
        };
    }
}
