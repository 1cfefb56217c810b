package graykite.hearing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.base.Progress;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.Phone;
import graykite.text.Script;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A script in figures is read as it is spoken: which of its ways a number was said in, the sound decides. */
class FiguresHeardTest {
    private static final Reader READER = Reader.shipped();

    private static List<Phone> phones(Timing timing, int from) {
        return timing.words().subList(from, timing.words().size()).stream()
                .map(TimedWord::phones)
                .flatMap(List::stream)
                .map(TimedPhone::phone)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "1984, nineteen eighty four",
        "1984, one nine eight four",
        "305, three hundred five",
        "305, three zero five",
        "305, three oh five",
        "5:30, five thirty",
        "5:30, half past five"
    })
    void theSoundDecides(String written, String said) {
        SimulatedVoice.Speech spoken = SimulatedVoice.speak("the boat is " + said);
        Timing figures = READER.read(spoken.sound(), Script.of("the boat is " + written), Progress.none());
        Timing words = READER.read(spoken.sound(), Script.of("the boat is " + said), Progress.none());
        assertEquals(4, figures.words().size());
        assertEquals(phones(words, 3), phones(figures, 3));
    }
}
