package graykite.studio.model;

import graykite.media.SoundReader;
import graykite.project.SoundFile;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;

/** The recordings of the project as sound; each is decoded once, in the background, when it is first asked for. */
final class Recordings {
    private final Map<SoundFile, Optional<LineSound>> opened = new IdentityHashMap<>();
    private final Jobs jobs;
    private final Runnable changed;

    /** @param changed called on the JavaFX thread when a recording has been decoded */
    Recordings(Jobs jobs, Runnable changed) {
        this.jobs = jobs;
        this.changed = changed;
    }

    /** A recording, if it is at hand; otherwise its decoding begins, unless it is under way. */
    Optional<LineSound> of(SoundFile source) {
        if (!opened.containsKey(source)) {
            decode(source);
        }
        return opened.getOrDefault(source, Optional.empty());
    }

    private void decode(SoundFile source) {
        opened.put(source, Optional.empty());
        jobs.start(
                "Opening " + source.name(),
                progress -> LineSound.of(SoundReader.read(source.content(), source.name(), progress)),
                sound -> {
                    keep(source, sound);
                    changed.run();
                },
                () -> opened.remove(source));
    }

    /** Remembers a recording that was decoded elsewhere. */
    void keep(SoundFile source, LineSound sound) {
        opened.put(source, Optional.of(sound));
    }

    /** How many channels a recording has; 0 while it is not at hand. */
    int channels(SoundFile source) {
        return opened.getOrDefault(source, Optional.empty())
                .map(s -> s.sound().channelCount())
                .orElse(0);
    }

    void forgetAll() {
        opened.clear();
    }
}
