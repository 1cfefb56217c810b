package graykite.studio.model;

import graykite.project.SoundFile;
import graykite.project.Voice;
import java.util.Optional;

/** Recordings as they are heard: made louder, or one channel of them. Worked out in the background while it is adjusted. */
final class Voicing implements AutoCloseable {
    private final Latest worker = new Latest("kite-voice");
    private final Runnable changed;
    private Optional<Made> made = Optional.empty();

    private record Made(SoundFile source, Voice voice, LineSound heard) {}

    /** @param changed called on the JavaFX thread when a newly made sound is there */
    Voicing(Runnable changed) {
        this.changed = changed;
    }

    /** What is heard of a recording; until that is made, what was heard of it before. */
    LineSound of(SoundFile source, Voice voice, LineSound raw) {
        boolean plain = voice.gain() == 0 && voice.channel().isEmpty();
        if (plain) {
            worker.drop();
            return raw;
        }
        Optional<Made> same = made.filter(m -> m.source() == source);
        if (same.filter(m -> sounds(m.voice(), voice)).isPresent()) {
            return same.get().heard();
        }
        worker.ask(() -> LineSound.of(voice.of(raw.sound())), heard -> {
            made = Optional.of(new Made(source, voice, heard));
            changed.run();
        });
        return same.map(Made::heard).orElse(raw);
    }

    /** The start frame does not change what is heard. */
    private static boolean sounds(Voice one, Voice other) {
        return one.gain() == other.gain() && one.channel().equals(other.channel());
    }

    @Override
    public void close() {
        worker.close();
    }
}
