package graykite.studio.model;

import java.util.Optional;
import javafx.scene.input.KeyCombination;

/**
 * Something the user can do from anywhere: what the keys, the list of keys (F1) and the command box (Ctrl+K) share.
 *
 * @param group heading in the list of keys
 * @param keys the shortcut, where it has one
 */
public record UserAction(String name, String group, Optional<KeyCombination> keys, Runnable run) {
    public static UserAction of(String group, String name, String keys, Runnable run) {
        return new UserAction(
                name, group, keys.isEmpty() ? Optional.empty() : Optional.of(KeyCombination.valueOf(keys)), run);
    }

    /** The shortcut in words, empty when there is none. */
    public String keysText() {
        return keys.map(KeyCombination::getDisplayText).orElse("");
    }
}
