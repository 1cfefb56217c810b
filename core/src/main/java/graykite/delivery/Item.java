package graykite.delivery;

import java.util.Optional;

/**
 * Something of a project that is to be delivered.
 *
 * @param kind a line or a scene
 * @param id of the line or scene
 * @param as member of the cast who performs the line in place of its speaker
 */
public record Item(What kind, String id, Optional<String> as) {
    /** Of what kind it is. */
    public enum What {
        LINE,
        SCENE
    }

    public static Item line(String id) {
        return new Item(What.LINE, id, Optional.empty());
    }

    public static Item scene(String id) {
        return new Item(What.SCENE, id, Optional.empty());
    }

    /** The same line performed by somebody else. */
    public Item as(String member) {
        return new Item(kind, id, Optional.of(member));
    }
}
