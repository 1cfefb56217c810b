package graykite.studio.model;

import graykite.sound.Sound;
import java.util.Optional;

/**
 * What is heard.
 *
 * @param sound on the clock of the stage; nothing while there is none
 * @param lineStart when the line that is worked on begins there, in seconds
 */
public record StageSound(Optional<Sound> sound, double lineStart) {
    public static final StageSound NONE = new StageSound(Optional.empty(), 0);

    /** True when the very same sound is heard, and the line begins where it did. */
    public boolean sameAs(StageSound other) {
        return sound.orElse(null) == other.sound.orElse(null) && lineStart == other.lineStart;
    }
}
