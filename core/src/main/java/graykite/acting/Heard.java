package graykite.acting;

import graykite.sound.Loudness;
import graykite.sound.Pitch;
import java.util.Optional;

/** What acting hears in a voice besides its words: measured once a recording. */
public record Heard(Mood mood, Melody melody) {
    /** Nothing was listened to. */
    public static final Heard NOTHING = new Heard(Mood.NONE, Melody.NONE);

    public static Heard of(Loudness loudness, Optional<Pitch> pitch) {
        return new Heard(Mood.of(loudness, pitch), pitch.map(Melody::of).orElse(Melody.NONE));
    }
}
