package graykite.delivery;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.base.BadInput;
import graykite.time.FrameRate;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SpanTest {
    /** A line of 4 s at 24 frames a second whose first frame is 1001. */
    @ParameterizedTest
    @CsvSource({
        "'1025-1048', 24, 24",
        "'1.5s-', 36, 60",
        "'-1.5s', 0, 37",
        "'00:00:42:00-00:00:42:11', 7, 12",
        "'1090-2000', 89, 7"
    })
    void rangesAreFramesSecondsOrTimecodes(String range, long first, int count) {
        Span.Frames frames = Span.WHOLE.withRange(range).frames(4, FrameRate.FILM, 1001);
        assertEquals(first, frames.first());
        assertEquals(count, frames.count());
        assertEquals(1001 + first, frames.number(0));
    }

    @Test
    void rollsLieRoundIt() {
        Span.Frames frames = Span.WHOLE
                .withRolls(10, 5)
                .withStartFrame(OptionalLong.of(86_400))
                .frames(2, FrameRate.FILM, 7);
        assertEquals(-10, frames.first());
        assertEquals(63, frames.count());
        assertEquals(86_390, frames.number(0));
        assertEquals(-10 / 24.0, frames.time(0, FrameRate.FILM), 1e-12);
        // A neutral key twelve frames before the start asks for two more; one five before it for none.
        assertEquals(-12, frames.reachingBack(12).first());
        assertEquals(65, frames.reachingBack(12).count());
        assertEquals(frames, frames.reachingBack(5));
    }

    /** 59.94: SMPTE ST 12-1 leaves out 0 to 3 each minute but every tenth, so a minute's first frame is number 4. */
    @Test
    void timecodesDropFrames() {
        FrameRate rate = FrameRate.parse("59.94");
        Span.Frames frames = Span.WHOLE.withRange("00:01:00;04-00:01:00;05").frames(90, rate, 0);
        assertEquals(3600, frames.first());
        assertEquals(2, frames.count());
        assertThrows(
                IllegalArgumentException.class,
                () -> Span.WHOLE.withRange("00:01:00;00-").frames(90, rate, 0));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-", "24", "a-b", "1.5-2", "24-96-120", "5s-x"})
    void whatIsNoRangeIsRefused(String text) {
        assertThrows(IllegalArgumentException.class, () -> Span.WHOLE.withRange(text));
    }

    @Test
    void rangesOutsideSayWhere() {
        BadInput outside = assertThrows(
                BadInput.class, () -> Span.WHOLE.withRange("200-300").frames(4, FrameRate.FILM, 0));
        assertTrue(outside.getMessage().contains("0 to 95"), outside.getMessage());
        assertThrows(BadInput.class, () -> Span.WHOLE.withRange("50-40").frames(4, FrameRate.FILM, 0));
        assertThrows(BadInput.class, () -> Span.WHOLE.frames(100_000, FrameRate.THIRTY, 0));
        assertThrows(IllegalArgumentException.class, () -> Span.WHOLE.withRolls(-1, 0));
    }

    @Test
    void rangesAreWrittenAsTheyAreRead() {
        for (String range : new String[] {"24-96", "1.5s-4s", "-96", "0.04s-", "00:00:01:00-00:00:02:00"}) {
            assertEquals(range, Span.WHOLE.withRange(range).range());
        }
    }
}
