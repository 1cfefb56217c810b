package graykite.hearing;

import edu.cmu.sphinx.api.Configuration;
import edu.cmu.sphinx.api.Context;
import edu.cmu.sphinx.recognizer.Recognizer;
import edu.cmu.sphinx.result.Result;
import edu.cmu.sphinx.util.TimeFrame;
import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.sound.Sound;
import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;

/**
 * Drafts the words of a recording by recognition (CMU Sphinx with its English models). A draft is a beginning: a third of its words are
 * wrong on plain human speech, so it is always marked as one. Takes some seconds to load; make it when it is first needed.
 */
public final class Drafter {
    private static final String MODELS = "resource:/edu/cmu/sphinx/models/en-us/";
    private static final String CONFIGURATION = "resource:/graykite/hearing/draft.config.xml";

    /** Samples without which the recogniser does not get as far as its first frames. */
    private static final int LEAST = Features.RATE / 2;

    private final Context context;
    private final Recognizer recognizer;

    private Drafter(Context context) {
        this.context = context;
        this.recognizer = context.getInstance(Recognizer.class);
        recognizer.allocate();
    }

    /** A drafter with the models that ship with Gray Kite. */
    public static Drafter shipped() {
        Logger.getLogger("edu.cmu.sphinx").setLevel(Level.SEVERE);
        Configuration configuration = new Configuration();
        configuration.setAcousticModelPath(MODELS + "en-us");
        configuration.setDictionaryPath(MODELS + "cmudict-en-us.dict");
        configuration.setLanguageModelPath(MODELS + "en-us.lm.bin");
        try {
            return new Drafter(new Context(CONFIGURATION, configuration));
        } catch (IOException failure) {
            throw new IllegalStateException("The shipped recognition models cannot be read.", failure);
        }
    }

    /**
     * Drafts what is said. One recording at a time.
     *
     * @param partial receives the text so far whenever a stretch of speech between pauses is done
     * @return plain words in lower case
     * @throws BadInput when the sound is silent or no word was recognised
     */
    public synchronized String draft(Sound sound, Consumer<String> partial, Progress progress) {
        if (sound.peak() < Reader.SILENT) {
            throw new BadInput("The recording is silent, so there are no words to draft. Choose another file.");
        }
        float[] heard = sound.mixedAt(Features.RATE).mixed();
        if (heard.length < LEAST) {
            throw new BadInput("The recording is shorter than half a second: too short to draft words. Type them.");
        }
        context.setSpeechSource(new SpokenBytes(heard, progress), TimeFrame.INFINITE);
        StringBuilder text = new StringBuilder();
        Result result = recognizer.recognize();
        while (result != null) {
            String words = result.getBestFinalResultNoFiller().strip();
            if (!words.isEmpty()) {
                text.append(text.isEmpty() ? "" : " ").append(words);
                partial.accept(text.toString());
            }
            result = recognizer.recognize();
        }
        if (progress.cancelled()) {
            throw new CancellationException("Cancelled.");
        }
        if (text.isEmpty()) {
            throw new BadInput("No words were recognised in this recording. Type them, or read it by its sound alone.");
        }
        return text.toString();
    }

    /** Samples as the 16-bit bytes that the recogniser reads; tells how far it is, and stops it when the user did. */
    private static final class SpokenBytes extends InputStream {
        private final float[] samples;
        private final Progress progress;
        private int at;

        SpokenBytes(float[] samples, Progress progress) {
            this.samples = samples;
            this.progress = progress;
        }

        @Override
        public int read() {
            if (at >= 2 * samples.length) {
                return -1;
            }
            int value = Math.round(Math.clamp(samples[at / 2], -1, 1) * 32767);
            return at++ % 2 == 0 ? value & 0xff : value >> 8 & 0xff;
        }

        @Override
        public int read(byte[] bytes, int from, int length) {
            // The recogniser ends in order when the sound does, if it has heard some of it: thrown out in the middle it
            // would not be fit
            // for another draft.
            if (at >= 2 * LEAST && progress.cancelled()) {
                return -1;
            }
            progress.at(at / (2.0 * samples.length + 1));
            int count = 0;
            while (count < length && at < 2 * samples.length) {
                bytes[from + count++] = (byte) read();
            }
            return count == 0 ? -1 : count;
        }
    }
}
