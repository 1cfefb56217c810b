package graykite.media.ear;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.sound.Sound;
import graykite.time.TimeRange;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Drafts the words of an English recording. A draft is a beginning: some words in a hundred are wrong on plain human speech, more in noise, so it
 * is always marked as one. Takes two seconds to load and some hundred megabytes; make it when it is first needed.
 */
public final class Drafter {
    /** A mean certainty below which the recording is hardly English; below it were 2 of 56 English recordings and 280 of 402 in five others. */
    private static final double HARDLY = -0.5;

    /** Seconds. */
    private static final double SHORTEST = 0.1;

    private final WordNetwork network;

    private Drafter(WordNetwork network) {
        this.network = network;
    }

    /**
     * What was heard.
     *
     * @param text words with capitals and punctuation
     * @param unsure true when hardly any of it can be right: the speech is not English, or not to be understood
     */
    public record Draft(String text, boolean unsure) {
        /** What to say of a draft that is unsure. */
        public static final String UNSURE =
                "This hardly sounds like English, which is all that is drafted: few words will be right.";
    }

    /** A drafter with the network that ships with Gray Kite. @throws BadInput on a machine that it does not run on */
    public static Drafter shipped() {
        return on(SpeechEncoder::shipped);
    }

    /** The same on an encoder that may be loaded already. */
    static Drafter on(Supplier<SpeechEncoder> encoder) {
        if (!OnnxNetwork.runs()) {
            throw new BadInput(
                    "Words cannot be drafted on this machine: ONNX Runtime has no library that it can load. Type them.");
        }
        return new Drafter(WordNetwork.shipped(encoder.get()));
    }

    /**
     * Drafts what is said. One recording at a time.
     *
     * @param partial receives the text so far whenever a stretch of some seconds is done
     * @throws BadInput when the sound is silent or no word was recognised
     * @throws java.util.concurrent.CancellationException when the progress is cancelled
     */
    public Draft draft(Sound sound, Consumer<String> partial, Progress progress) {
        if (sound.silent()) {
            throw new BadInput("The recording is silent, so there are no words to draft. Choose another file.");
        }
        if (sound.duration() < SHORTEST) {
            throw new BadInput(
                    "The recording is shorter than a tenth of a second: too short to draft words. Type them.");
        }
        return heard(sound, partial, progress)
                .orElseThrow(() -> new BadInput(
                        "No words were recognised in this recording. Type them, or read it by its sound alone."));
    }

    /** The same, and nothing where no word is recognised. */
    public synchronized Optional<Draft> heard(Sound sound, Consumer<String> partial, Progress progress) {
        Sound heard = sound.mixedAt(SpeechEncoder.RATE);
        StringBuilder text = new StringBuilder();
        double certainty = 0;
        double spoken = 0;
        List<TimeRange> stretches = Stretches.of(heard);
        for (int i = 0; i < stretches.size(); i++) {
            Progress part = progress.part(i / (double) stretches.size(), (i + 1.0) / stretches.size());
            WordNetwork.Heard words = network.heard(heard, stretches.get(i), part);
            if (!words.text().isEmpty()) {
                certainty += words.certainty() * stretches.get(i).length();
                spoken += stretches.get(i).length();
                text.append(text.isEmpty() ? "" : " ").append(words.text());
                partial.accept(text.toString());
            }
        }
        return text.isEmpty() ? Optional.empty() : Optional.of(new Draft(text.toString(), certainty < HARDLY * spoken));
    }
}
