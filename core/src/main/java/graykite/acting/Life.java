package graykite.acting;

import graykite.reading.Timing;
import graykite.sound.Loudness;

/** Everything that a line's instincts do to a face: blinks, eyes, head. One seed, one variation. */
public record Life(Blinks blinks, EyeDarts darts, HeadMotion head) {
    public static Life generate(Timing timing, Loudness loudness, long seed) {
        return new Life(
                Blinks.generate(timing, seed),
                EyeDarts.generate(timing.duration(), seed),
                HeadMotion.generate(timing, loudness, seed));
    }
}
