package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import graykite.base.BadInput;
import graykite.base.Progress;
import graykite.reading.TimedWord;
import graykite.sound.Sound;
import graykite.text.Script;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Some recorders add a constant to what they record, which drowns how a voice rises and fades. */
class OffCentreTest {
    private static Sound by(float constant, Sound sound) {
        float[] samples = sound.mixed().clone();
        for (int i = 0; i < samples.length; i++) {
            samples[i] += constant;
        }
        return Sound.mono(samples, sound.rate());
    }

    @Test
    void peopleAreReadAsIfItWereNotThere() throws Exception {
        Reader reader = Reader.shipped();
        for (Recordings.Spoken spoken : Recordings.people()) {
            Script script = Script.of(spoken.text());
            List<TimedWord> plain =
                    reader.read(spoken.sound(), script, Progress.none()).words();
            List<TimedWord> off = reader.read(by(0.1f, spoken.sound()), script, Progress.none())
                    .words();
            assertEquals(
                    plain.stream().map(TimedWord::text).toList(),
                    off.stream().map(TimedWord::text).toList());
            for (int w = 0; w < plain.size(); w++) {
                assertEquals(plain.get(w).start(), off.get(w).start(), 0.006, plain.get(w) + " begins");
                assertEquals(plain.get(w).end(), off.get(w).end(), 0.006, plain.get(w) + " ends");
            }
        }
    }

    @Test
    void aConstantAloneIsSilence() {
        float[] samples = new float[16_000];
        Arrays.fill(samples, 0.1f);
        Reader reader = Reader.shipped();
        BadInput silent = assertThrows(
                BadInput.class, () -> reader.read(Sound.mono(samples, 16_000), Script.of("fog"), Progress.none()));
        assertEquals(
                "The recording is silent, so nothing can be read from it. Choose another file.", silent.getMessage());
    }
}
