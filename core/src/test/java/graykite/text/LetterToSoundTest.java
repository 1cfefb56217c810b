package graykite.text;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.hearing.SimulatedVoice;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;

class LetterToSoundTest {
    /** The voice and the rules load from the same library, at the same time when a script is dropped and spoken. */
    @Test
    void manyLoadAtOnce() throws Exception {
        Pronunciation alone = new LetterToSound().guess("blicket");
        try (ExecutorService many = Executors.newFixedThreadPool(8)) {
            List<Future<Pronunciation>> all = new ArrayList<>();
            for (int i = 0; i < 24; i++) {
                boolean speaks = i % 2 == 0;
                all.add(many.submit(() -> {
                    if (speaks) {
                        assertTrue(SimulatedVoice.speak("The fog bell.").sound().length() > 0);
                    }
                    return new LetterToSound().guess("blicket");
                }));
            }
            for (Future<Pronunciation> each : all) {
                assertEquals(alone, each.get());
            }
        }
    }

    @Test
    void whatHoldsNoLetterIsANeutralVowel() {
        LetterToSound rules = new LetterToSound();
        assertEquals(List.of(Phone.AH), rules.guess("…").phones());
        assertEquals(rules.guess("boat"), rules.guess("BOAT!"));
        assertTrue(rules.guess("a".repeat(200)).phones().size() > 3, "however long it is");
    }
}
