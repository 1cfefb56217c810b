package graykite.acting;

import graykite.acting.Instincts.Figures;
import graykite.acting.Instincts.Kind;
import graykite.reading.Timing;
import graykite.sound.Loudness;

/** Everything that a line's instincts do to a face: blinks, eyes, brows, head, breath. */
public record Life(Blinks blinks, EyeDarts darts, Brows brows, HeadMotion head, Breaths breaths) {
    /** As people do it, in one variation. */
    public static Life generate(Timing timing, Loudness loudness, long seed) {
        return generate(timing, loudness, Instincts.of(seed));
    }

    public static Life generate(Timing timing, Loudness loudness, Instincts instincts) {
        Figures blinks = instincts.of(Kind.BLINKS);
        Figures eyes = instincts.of(Kind.EYES);
        Figures brows = instincts.of(Kind.BROWS);
        Figures head = instincts.of(Kind.HEAD);
        Figures breath = instincts.of(Kind.BREATH);
        return new Life(
                Blinks.generate(timing, blinks.seed(), blinks.amount()),
                EyeDarts.generate(timing.duration(), eyes.seed(), eyes.amount()),
                Brows.generate(timing, loudness, brows.seed(), brows.amount()),
                HeadMotion.generate(timing, loudness, head.seed(), head.amount()),
                Breaths.generate(timing, breath.seed(), breath.amount()));
    }
}
