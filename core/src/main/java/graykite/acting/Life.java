package graykite.acting;

import graykite.acting.Instincts.Figures;
import graykite.acting.Instincts.Kind;
import graykite.reading.Timing;
import graykite.sound.Loudness;

/**
 * Everything that a line's instincts do to a face: blinks, eyes, brows, head, breath.
 *
 * @param wide how far the upper lids are raised by the mood, 0 to 1
 */
public record Life(Blinks blinks, EyeDarts darts, Brows brows, HeadMotion head, Breaths breaths, double wide) {
    /** As people do it, in one variation. */
    public static Life generate(Timing timing, Loudness loudness, long seed) {
        return generate(timing, loudness, Instincts.of(seed));
    }

    public static Life generate(Timing timing, Loudness loudness, Instincts instincts) {
        return generate(timing, loudness, Heard.NOTHING, instincts);
    }

    /** @param heard what the voice does to it */
    public static Life generate(Timing timing, Loudness loudness, Heard heard, Instincts instincts) {
        Figures blinks = instincts.of(Kind.BLINKS);
        Figures eyes = instincts.of(Kind.EYES);
        Figures brows = instincts.of(Kind.BROWS);
        Figures head = instincts.of(Kind.HEAD);
        Figures breath = instincts.of(Kind.BREATH);
        return new Life(
                Blinks.generate(timing, blinks.seed(), amount(instincts, heard, Kind.BLINKS)),
                EyeDarts.generate(timing.duration(), eyes.seed(), amount(instincts, heard, Kind.EYES)),
                Brows.generate(timing, loudness, brows.seed(), amount(instincts, heard, Kind.BROWS)),
                HeadMotion.generate(timing, loudness, head.seed(), amount(instincts, heard, Kind.HEAD))
                        .with(heard.melody().times(head.amount())),
                Breaths.generate(timing, breath.seed(), amount(instincts, heard, Kind.BREATH)),
                heard.mood().wide(instincts.mood()));
    }

    private static double amount(Instincts instincts, Heard heard, Kind kind) {
        return instincts.of(kind).amount() * heard.mood().factor(kind, instincts.mood());
    }
}
