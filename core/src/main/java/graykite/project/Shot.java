package graykite.project;

import static graykite.base.Require.requireThat;

import graykite.mouth.MouthSettings;
import graykite.speech.Timing;
import java.util.Optional;

/**
 * One line of the project.
 *
 * @param id unique in the project, never shown
 * @param title what people call it
 * @param speaker who says it
 * @param sound the recording, once there is one
 * @param script what is said
 * @param timing the reading, once there is one
 * @param mouth how it is spoken
 * @param seed of the instincts
 */
public record Shot(
        String id,
        String title,
        String speaker,
        Optional<SoundFile> sound,
        String script,
        Optional<Timing> timing,
        MouthSettings mouth,
        long seed) {
    public Shot {
        requireThat(!id.isBlank(), "A shot has an id.");
    }

    public static Shot empty(String id, String title) {
        return new Shot(id, title, "", Optional.empty(), "", Optional.empty(), MouthSettings.STANDARD, 1);
    }

    public Shot withTitle(String newTitle) {
        return new Shot(id, newTitle, speaker, sound, script, timing, mouth, seed);
    }

    /** With another recording; a reading of the old one no longer holds. */
    public Shot withSound(SoundFile newSound) {
        return new Shot(id, title, speaker, Optional.of(newSound), script, Optional.empty(), mouth, seed);
    }

    public Shot withScript(String newScript) {
        return new Shot(id, title, speaker, sound, newScript, timing, mouth, seed);
    }

    public Shot withTiming(Timing newTiming) {
        return new Shot(id, title, speaker, sound, script, Optional.of(newTiming), mouth, seed);
    }

    public Shot withMouth(MouthSettings settings) {
        return new Shot(id, title, speaker, sound, script, timing, settings, seed);
    }

    public Shot withSeed(long newSeed) {
        return new Shot(id, title, speaker, sound, script, timing, mouth, newSeed);
    }
}
