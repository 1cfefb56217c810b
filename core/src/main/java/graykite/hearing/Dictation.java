package graykite.hearing;

import graykite.base.Progress;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.Optional;

/** Writes down what is said in a recording that has no script. */
public interface Dictation {
    /**
     * What is said, in English; nothing where there are no words, or where they are a guess.
     *
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    Optional<Script> of(Sound sound, Progress progress);

    /** Never knows a word. */
    static Dictation none() {
        return (sound, progress) -> Optional.empty();
    }
}
