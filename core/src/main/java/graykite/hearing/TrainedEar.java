package graykite.hearing;

import graykite.base.Progress;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.Optional;

/** A network that was trained on the speech of many people and hears more than our own model does, where one is at hand. Hears nothing unless it says more. */
public interface TrainedEar {
    /**
     * What is said in a recording, in English; nothing where there are no words, or where they are a guess.
     *
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    default Optional<Script> words(Sound sound, Progress progress) {
        return Optional.empty();
    }

    /**
     * Which phones are heard when, in any language.
     *
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    default Optional<PhoneOdds> phones(Sound sound, Progress progress) {
        return Optional.empty();
    }

    /** The same for words that it wrote itself: what it misheard it would only hear again. */
    default TrainedEar withoutWords() {
        TrainedEar ear = this;
        return new TrainedEar() {
            @Override
            public Optional<PhoneOdds> phones(Sound sound, Progress progress) {
                return ear.phones(sound, progress);
            }
        };
    }

    /** Hears nothing. */
    static TrainedEar none() {
        return new TrainedEar() {};
    }
}
