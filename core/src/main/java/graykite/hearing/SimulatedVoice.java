package graykite.hearing;

import com.sun.speech.freetts.FreeTTSSpeakableImpl;
import com.sun.speech.freetts.Item;
import com.sun.speech.freetts.ProcessException;
import com.sun.speech.freetts.Relation;
import com.sun.speech.freetts.Utterance;
import com.sun.speech.freetts.UtteranceProcessor;
import com.sun.speech.freetts.Voice;
import com.sun.speech.freetts.audio.AudioPlayer;
import com.sun.speech.freetts.en.us.cmu_us_kal.KevinVoiceDirectory;
import graykite.base.BadInput;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.text.Pronunciation;
import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.sound.sampled.AudioFormat;

/**
 * Speaks a text with the free voice kevin16 of FreeTTS and tells when each phone sounds. Stands in for outside speech
 * services, and is speech with a known truth.
 */
public final class SimulatedVoice {
    /** The voice loads its rules through tables that all of its kind share: whoever makes it load holds this. */
    private static final Object LOADING = new Object();

    /** A phone that the voice said; silence included. */
    public record Said(Phone phone, double start, double end) {}

    /** The sound and what is in it. */
    public record Speech(Sound sound, List<Said> phones) {
        public Speech {
            phones = List.copyOf(phones);
        }
    }

    /** A word that no dictionary holds. */
    private static final String MADE_UP_WORD = "zzgraykite";

    private SimulatedVoice() {}

    /**
     * Speaks a text.
     *
     * @throws BadInput when the text holds nothing to say
     */
    public static Speech speak(String text) {
        return speak(text, Map.of());
    }

    /** Says one word in a given way, to be heard while it is chosen. */
    public static Speech say(Pronunciation said) {
        return speak(MADE_UP_WORD, Map.of(MADE_UP_WORD, said));
    }

    /**
     * Speaks a text.
     *
     * @param own how words are to be said, by plain word; others as the voice's own dictionary has them
     */
    public static Speech speak(String text, Map<String, Pronunciation> own) {
        Voice voice = null;
        for (Voice candidate : new KevinVoiceDirectory().getVoices()) {
            if (candidate.getName().equals("kevin16")) {
                voice = candidate;
            }
        }
        if (voice == null) {
            throw new IllegalStateException("The voice kevin16 is missing.");
        }
        Recorder recorder = new Recorder();
        voice.setAudioPlayer(recorder);
        synchronized (LOADING) {
            voice.allocate();
        }
        try {
            for (Map.Entry<String, Pronunciation> word : own.entrySet()) {
                voice.getLexicon().addAddendum(word.getKey(), null, stressed(word.getValue()));
            }
            listenIn(voice, recorder);
            boolean spoken = voice.speak(new FreeTTSSpeakableImpl(text));
            if (!spoken || recorder.pcm.size() == 0) {
                throw new BadInput("There is nothing to say in \"" + text + "\". Type words.");
            }
        } finally {
            voice.deallocate();
        }
        return recorder.speech();
    }

    /** The voice's names of phones; its vowels carry stress, the first one the main stress. */
    private static String[] stressed(Pronunciation said) {
        List<String> names = new ArrayList<>();
        boolean first = true;
        for (Phone phone : said.phones()) {
            String name = phone.name().toLowerCase(Locale.ROOT);
            if (phone.isVowel()) {
                boolean weak = !first && phone == Phone.AH;
                name = weak ? "ax" : name + (first ? "1" : "");
                first = false;
            }
            names.add(name);
        }
        return names.toArray(String[]::new);
    }

    @SuppressWarnings("unchecked") // FreeTTS predates generics: its list holds utterance processors.
    private static void listenIn(Voice voice, UtteranceProcessor processor) {
        voice.getUtteranceProcessors().add(processor);
    }

    /** Collects what would go to a loudspeaker, and the segments that it was made from. */
    private static final class Recorder implements AudioPlayer, UtteranceProcessor {
        private final ByteArrayOutputStream pcm = new ByteArrayOutputStream();
        private final List<Said> phones = new ArrayList<>();
        private AudioFormat format = new AudioFormat(16000, 16, 1, true, true);
        private double utteranceStart;

        Speech speech() {
            byte[] bytes = pcm.toByteArray();
            float[] samples = new float[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                int first = bytes[2 * i];
                int second = bytes[2 * i + 1];
                int value = format.isBigEndian() ? first << 8 | second & 0xff : second << 8 | first & 0xff;
                samples[i] = value / 32768f;
            }
            return new Speech(Sound.mono(samples, (int) format.getSampleRate()), phones);
        }

        @Override
        public void processUtterance(Utterance utterance) throws ProcessException {
            double start = 0;
            for (Item item = utterance.getRelation(Relation.SEGMENT).getHead(); item != null; item = item.getNext()) {
                double end = item.getFeatures().getFloat("end");
                Phone phone = Phone.parse(item.getFeatures().getString("name")).orElse(Phone.SIL);
                phones.add(new Said(phone, utteranceStart + start, utteranceStart + end));
                start = end;
            }
        }

        @Override
        public boolean write(byte[] bytes) {
            return write(bytes, 0, bytes.length);
        }

        @Override
        public boolean write(byte[] bytes, int offset, int size) {
            pcm.write(bytes, offset, size);
            return true;
        }

        @Override
        public boolean end() {
            utteranceStart = pcm.size() / 2.0 / format.getSampleRate();
            return true;
        }

        @Override
        public void setAudioFormat(AudioFormat newFormat) {
            format = newFormat;
        }

        @Override
        public AudioFormat getAudioFormat() {
            return format;
        }

        @Override
        public boolean drain() {
            return true;
        }

        @Override
        public void begin(int size) {}

        @Override
        public void pause() {}

        @Override
        public void resume() {}

        @Override
        public void reset() {}

        @Override
        public void cancel() {}

        @Override
        public void close() {}

        @Override
        public float getVolume() {
            return 1;
        }

        @Override
        public void setVolume(float volume) {}

        @Override
        public long getTime() {
            return -1;
        }

        @Override
        public void resetTime() {}

        @Override
        public void startFirstSampleTimer() {}

        @Override
        public void showMetrics() {}
    }
}
