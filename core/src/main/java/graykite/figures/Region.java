package graykite.figures;

import graykite.rig.Channel.Group;
import java.util.EnumSet;
import java.util.Set;

/** Parts of a figure that a channel may move, as people name them. */
public enum Region {
    BROWS("the brows"),
    EYES("the eyes"),
    NOSE("the nose"),
    CHEEKS("the cheeks"),
    MOUTH("the mouth"),
    INSIDE("teeth and tongue"),
    JAW("the chin"),
    SKULL("the head"),
    BODY("neck and body");

    private final String title;

    Region(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** Where a channel of a group has business. */
    static Set<Region> expected(Group group) {
        return switch (group) {
            case JAW, LIPS -> EnumSet.of(MOUTH, INSIDE, JAW, CHEEKS, NOSE);
            case TONGUE -> EnumSet.of(INSIDE, MOUTH);
            case CHEEKS -> EnumSet.of(CHEEKS, NOSE, MOUTH, EYES, JAW);
            case BROWS -> EnumSet.of(BROWS, EYES, NOSE);
            case LIDS -> EnumSet.of(EYES, BROWS, CHEEKS);
            case EYES -> EnumSet.of(EYES);
            case HEAD, BODY, OTHER -> EnumSet.allOf(Region.class);
        };
    }
}
