package graykite.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;

import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.text.Phone;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What figures of sounds over time rest on. */
class PhoneSpansTest {
    @Test
    void momentsOutsideWordsAreSilence() {
        TimedWord boat = new TimedWord(
                "boat",
                "",
                List.of(
                        new TimedPhone(Phone.B, 0.2, 0.3, false),
                        new TimedPhone(Phone.OW, 0.3, 0.5, false),
                        new TimedPhone(Phone.T, 0.5, 0.6, false)),
                false,
                1);
        PhoneSpans spans = PhoneSpans.of(new Timing(List.of(boat), 1));
        assertEquals(Phone.SIL, spans.at(0.1));
        assertEquals(Phone.B, spans.at(0.2));
        assertEquals(Phone.OW, spans.at(0.3));
        assertEquals(Phone.T, spans.at(0.599));
        assertEquals(Phone.SIL, spans.at(0.6));
    }
}
