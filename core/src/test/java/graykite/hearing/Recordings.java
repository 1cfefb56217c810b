package graykite.hearing;

import graykite.sound.Sound;
import graykite.text.Phone;
import java.io.BufferedInputStream;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.params.provider.Arguments;

/** Test data: recordings with their words, some with known phone times. See resources/speech/SOURCES.md. */
public final class Recordings {
    private Recordings() {}

    /** A sentence that was recorded, and what is said in it. */
    record Spoken(Sound sound, String text) {}

    /** The five sentences of human speech with their sound. */
    static List<Spoken> people() throws Exception {
        List<Spoken> people = new ArrayList<>();
        for (Arguments sentence : humanSpeech().toList()) {
            people.add(new Spoken(human((String) sentence.get()[0]), (String) sentence.get()[1]));
        }
        return people;
    }

    /** The five sentences of human speech (LibriVox, public domain): number and words. */
    public static Stream<Arguments> humanSpeech() {
        return Stream.of(
                Arguments.of(
                        "0870",
                        "and mister john dashwood had then leisure to consider how much there might be prudently in his power"
                                + " to do for them"),
                Arguments.of("0880", "he was not an ill disposed young man"),
                Arguments.of("0890", "unless to be rather cold hearted and rather selfish is to be ill disposed"),
                Arguments.of(
                        "0920",
                        "had he married a more a amiable woman he might have been made still more respectable than he was"),
                Arguments.of("0930", "he might even have been made amiable himself"));
    }

    public static Sound human(String number) throws Exception {
        return sound("sense_and_sensibility_01_austen_64kb-" + number);
    }

    public static Sound sound(String name) throws Exception {
        InputStream file = Recordings.class.getResourceAsStream("/speech/" + name + ".wav");
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new BufferedInputStream(file))) {
            byte[] bytes = in.readAllBytes();
            float[] samples = new float[bytes.length / 2];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[2 * i] & 0xff | bytes[2 * i + 1] << 8) / 32768f;
            }
            return Sound.mono(samples, (int) in.getFormat().getSampleRate());
        }
    }

    public static String text(String name) throws Exception {
        try (InputStream in = Recordings.class.getResourceAsStream("/speech/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Phone ends as the voice printed them. */
    static List<SimulatedVoice.Said> truth(String name) throws Exception {
        List<SimulatedVoice.Said> said = new ArrayList<>();
        double start = 0;
        for (String part : text(name + ".psdur").strip().split("\\s+")) {
            String[] pair = part.split(":");
            double end = Double.parseDouble(pair[1]);
            said.add(new SimulatedVoice.Said(Phone.parse(pair[0]).orElse(Phone.SIL), start, end));
            start = end;
        }
        return said;
    }
}
