package graykite.time;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Rates that films have (SMPTE ST 12-1: 30000/1001 and its kin). */
class FrameRateTest {
    @Test
    void measuredFiguresMeanUsualRates() {
        assertEquals(Optional.of(FrameRate.FILM), FrameRate.near(24));
        assertEquals(Optional.of(FrameRate.NTSC), FrameRate.near(29.97003));
        assertEquals(Optional.of(new FrameRate(24000, 1001)), FrameRate.near(23.976));
        assertEquals(Optional.of(FrameRate.THIRTY), FrameRate.near(30.001));
        assertEquals(Optional.empty(), FrameRate.near(27.3));
    }
}
