package graykite.workbench;

import graykite.scene.Scene;
import graykite.sound.Sound;
import java.util.Optional;

/**
 * What a line or a scene comes to.
 *
 * @param scene everybody on stage; nothing while no line in it is read
 * @param sound what is heard on the same clock; nothing while there is no recording
 */
public record Staged(Optional<Scene> scene, Optional<Sound> sound) {
    public static final Staged NOTHING = new Staged(Optional.empty(), Optional.empty());
}
