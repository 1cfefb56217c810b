package graykite.media.draft;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.Progress;
import graykite.hearing.Reader;
import graykite.hearing.SimulatedVoice;
import graykite.reading.Timing;
import graykite.sound.Sound;
import graykite.text.Phone;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class DrafterOnDemandTest {
    private final DrafterOnDemand drafter = new DrafterOnDemand();

    @Test
    void isLoadedOnce() {
        assertSame(drafter.get(), drafter.get());
    }

    @Test
    void hearsNothingInSilence() {
        assertEquals(Optional.empty(), drafter.of(Sound.silence(3, 16_000), Progress.none()));
    }

    /** Truth: when the voice made each phone. By sound alone 70 % of the time is right in a hundred such sentences, by words 89 %. */
    @Test
    void wordsThatAreHeardMakeMorePhonesRightThanTheSoundAlone() {
        Reader reader = Reader.shipped();
        Reader dictated = reader.with(drafter);
        double alone = 0;
        double heard = 0;
        List<String> lines = List.of(
                "The fog bell rang before the boat went out to sea.",
                "Please bring the heavy ropes and leave the lamp on the table.",
                "Nobody saw the keeper climb the stairs that evening.");
        for (String line : lines) {
            SimulatedVoice.Speech speech = SimulatedVoice.speak(line);
            alone += right(speech, reader.listen(speech.sound(), Progress.none())) / lines.size();
            heard += right(speech, dictated.listen(speech.sound(), Progress.none())) / lines.size();
        }
        assertTrue(heard > 0.8, heard + " of the time");
        assertTrue(heard > alone + 0.1, heard + " of the time, by sound alone " + alone);
    }

    private static double right(SimulatedVoice.Speech speech, Timing reading) {
        double right = 0;
        double all = 0;
        for (SimulatedVoice.Said said : speech.phones()) {
            if (said.phone() != Phone.SIL) {
                all += said.end() - said.start();
                right += reading.segments().stream()
                        .filter(s -> s.phone() == said.phone())
                        .mapToDouble(
                                s -> Math.max(0, Math.min(s.end(), said.end()) - Math.max(s.start(), said.start())))
                        .sum();
            }
        }
        return right / all;
    }
}
