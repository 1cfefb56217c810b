package graykite.time;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TimecodeTest {
    /** SMPTE ST 12-1: an hour of 29.97 drop-frame counts 107,892 frames. */
    @Test
    void anHourOfDropFrame() {
        assertEquals("01:00:00;00", Timecode.format(107_892, FrameRate.NTSC));
        assertEquals(107_892, Timecode.parse("01:00:00;00", FrameRate.NTSC));
    }

    /** SMPTE ST 12-1: frame numbers 0 and 1 are left out each minute except every tenth. */
    @Test
    void droppedNumbers() {
        assertEquals("00:00:59;29", Timecode.format(1799, FrameRate.NTSC));
        assertEquals("00:01:00;02", Timecode.format(1800, FrameRate.NTSC));
        assertEquals("00:10:00;00", Timecode.format(17_982, FrameRate.NTSC));
        assertThrows(IllegalArgumentException.class, () -> Timecode.parse("00:01:00;01", FrameRate.NTSC));
    }

    /** SMPTE ST 12-1 at 59.94: numbers 0 to 3 are left out each minute except every tenth; an hour has 215,784 frames. */
    @Test
    void droppedNumbersAtTwiceTheRate() {
        FrameRate rate = FrameRate.parse("59.94");
        assertEquals("00:00:59;59", Timecode.format(3599, rate));
        assertEquals("00:01:00;04", Timecode.format(3600, rate));
        assertEquals("00:10:00;00", Timecode.format(35_964, rate));
        assertEquals("01:00:00;00", Timecode.format(215_784, rate));
        assertThrows(IllegalArgumentException.class, () -> Timecode.parse("00:01:00;03", rate));
    }

    @ParameterizedTest
    @ValueSource(strings = {"23.976", "24", "25", "29.97", "30", "59.94", "60"})
    void everyFrameComesBack(String rateText) {
        FrameRate rate = FrameRate.parse(rateText);
        for (long frame = 0; frame < 40_000; frame += 7) {
            assertEquals(frame, Timecode.parse(Timecode.format(frame, rate), rate));
        }
    }

    /** SMPTE: 23.976 is 24000/1001, 29.97 is 30000/1001. */
    @Test
    void ratesAreExact() {
        assertEquals(new FrameRate(24000, 1001), FrameRate.parse("23.976"));
        assertEquals(new FrameRate(30000, 1001), FrameRate.parse("30000/1001"));
        assertEquals("29.97", FrameRate.NTSC.toString());
        // An hour later a frame still starts where the fraction says, to the microsecond.
        assertEquals(3600.0 + 3.6, FrameRate.NTSC.secondsAt(108_000), 1e-6);
        assertThrows(IllegalArgumentException.class, () -> FrameRate.parse("fast"));
        assertThrows(IllegalArgumentException.class, () -> FrameRate.parse("0"));
    }

    @Test
    void framesAndSecondsAgree() {
        for (FrameRate rate : new FrameRate[] {FrameRate.FILM, FrameRate.NTSC, new FrameRate(60, 1)}) {
            for (long frame = -50; frame < 5000; frame++) {
                assertEquals(frame, rate.frameAt(rate.secondsAt(frame)));
                assertEquals(frame, rate.nearestFrame(rate.secondsAt(frame) + 0.4 * rate.frameLength()));
            }
            assertTrue(rate.framesToCover(1.0) * rate.frameLength() >= 1.0 - 1e-3);
        }
    }

    @Test
    void aTimeIsWrittenAsTheFrameOnScreen() {
        assertEquals("00:00:01:12", Timecode.at(1.5, 0, FrameRate.FILM));
        assertEquals("00:00:01:11", Timecode.at(1.49, 0, FrameRate.FILM));
        assertEquals("01:00:01:12", Timecode.at(1.5, 86_400, FrameRate.FILM));
        // A frame's own start is told as this frame, though seconds cannot be divided evenly.
        for (long frame = 0; frame < 5_000; frame++) {
            assertEquals(
                    Timecode.format(frame, FrameRate.NTSC),
                    Timecode.at(FrameRate.NTSC.secondsAt(frame), 0, FrameRate.NTSC));
        }
    }
}
