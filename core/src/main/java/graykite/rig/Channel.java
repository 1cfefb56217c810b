package graykite.rig;

import static graykite.base.Require.requireThat;

/**
 * Anything of a character that a number can move. At 0 it rests.
 *
 * @param name unique within the character; left and right end in ".L" and ".R" (the character's own sides)
 * @param group where it belongs in lists
 * @param min lowest sensible value
 * @param max highest sensible value: 1 for shapes, degrees for turns
 * @param describes what it does, with the FACS action unit where there is one
 */
public record Channel(String name, Group group, double min, double max, String describes) {
    /** Regions of a figure, in the order of lists. */
    public enum Group {
        JAW,
        LIPS,
        TONGUE,
        CHEEKS,
        BROWS,
        LIDS,
        EYES,
        HEAD,
        BODY,
        OTHER
    }

    /** True for what turns or moves the whole face: head and body. */
    public boolean carriesFace() {
        return group == Group.HEAD || group == Group.BODY;
    }

    public Channel {
        requireThat(!name.isBlank(), "A channel has a name.");
        requireThat(min <= 0 && max >= 0 && max > min, "The range of %s holds its rest, 0.", name);
    }
}
