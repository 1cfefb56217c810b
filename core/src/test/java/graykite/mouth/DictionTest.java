package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.rig.Figures;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How a stretch is spoken, and where it begins and ends; figures by hand. */
class DictionTest {
    private static final Diction LOUD = new Diction(1.2, 1.6, 1.2, 1.4, 0.6, 2, Map.of("Ah", 1.5, "Oo", 0.5));

    @Test
    void blendsLieBetween() {
        Diction half = Diction.PLAIN.blended(LOUD, 0.5);
        assertEquals(new Diction(1.0, 1.3, 1.1, 1.2, 0.8, 1.5, Map.of("Ah", 1.25, "Oo", 0.75)), half);
        Diction back = LOUD.blended(Diction.PLAIN, 0.25);
        assertEquals(1.1, back.strength(), 1e-12);
        assertEquals(1.375, back.of("Ah"), 1e-12);
        assertSame(LOUD, LOUD.blended(Diction.PLAIN, 0));
        assertEquals(1.2, Diction.PLAIN.blended(LOUD, 7).strength(), 1e-12);
        assertEquals(1, LOUD.of("Ee"));
    }

    @Test
    void aShapeOfUsualStrengthIsNotListed() {
        assertEquals(Map.of("Oo", 0.5), LOUD.withShape("Ah", 1).shapes());
        assertEquals(0.2, LOUD.withShape("Ah", 0.2).of("Ah"));
        assertEquals(Diction.PLAIN, Diction.PLAIN.withShape("Ah", 0.3).withShape("Ah", 1));
    }

    @Test
    void limits() {
        for (double bad : new double[] {-0.01, 2.01}) {
            assertThrows(IllegalArgumentException.class, () -> LOUD.withOpen(bad));
            assertThrows(IllegalArgumentException.class, () -> LOUD.withWide(bad));
            assertThrows(IllegalArgumentException.class, () -> LOUD.withFirm(bad));
            assertThrows(IllegalArgumentException.class, () -> LOUD.withRound(bad));
            assertThrows(IllegalArgumentException.class, () -> LOUD.withShape("Ah", bad));
        }
        assertThrows(IllegalArgumentException.class, () -> LOUD.withStrength(1.51));
        assertThrows(IllegalArgumentException.class, () -> LOUD.withSmooth(0.19));
        assertThrows(IllegalArgumentException.class, () -> LOUD.withSmooth(4.01));
        Diction least = new Diction(0, 0, 0, 0, 0, 0.2, Map.of());
        Diction most = new Diction(1.5, 2, 2, 2, 2, 4, Map.of("Ah", 2.0));
        assertEquals(2, most.withOpen(2).open());
        assertEquals(0, least.withRound(0).round());
    }

    // --- where it is spoken ------------------------------------------------------------------------------------------

    private static final Timing LINE = Lines.spoken("boat ahead turn turn turn", 0.1);
    private static final double FROM = LINE.words().get(1).start() - 0.05;
    private static final double TO = LINE.words().get(2).end() - 0.05;

    private static Section section(int first, int last, Optional<MotionStyle> motion) {
        return new Section(Anchor.of(LINE, first, -1), Anchor.of(LINE, last, -1), LOUD, motion, 0.2);
    }

    private static Manner manner(Timing timing, Section... sections) {
        return new Manner(timing, MouthWork.STANDARD.withSections(List.of(sections)), MotionStyle.FLOWING);
    }

    /** The movement comes 50 ms before the sound; half of the blend lies before the first word, half within; smooth-step between. */
    @Test
    void aSectionBlendsInAndOut() {
        Manner manner = manner(LINE, section(1, 2, Optional.empty()));
        for (double[] point :
                new double[][] {{-0.101, 0}, {-0.1, 0}, {-0.05, 0.15625}, {0, 0.5}, {0.05, 0.84375}, {0.1, 1}}) {
            double expected = 0.8 + 0.4 * point[1];
            assertEquals(expected, manner.at(FROM + point[0]).strength(), 1e-9, "at " + point[0]);
            assertEquals(expected, manner.at(TO - point[0]).strength(), 1e-9, "at the end, at " + point[0]);
        }
        assertEquals(LOUD, manner.at((FROM + TO) / 2));
        assertEquals(Diction.PLAIN, manner.at(0));
    }

    @Test
    void kindsOfMotionSumToOne() {
        Manner manner = manner(
                LINE, section(1, 2, Optional.of(MotionStyle.CRISP)), section(2, 3, Optional.of(MotionStyle.HELD)));
        for (double t = 0; t < LINE.duration(); t += 0.03) {
            double sum = 0;
            for (MotionStyle style : MotionStyle.values()) {
                sum += manner.of(style, t);
            }
            assertEquals(1, sum, 1e-12);
        }
        assertEquals(0.5, manner.of(MotionStyle.CRISP, FROM), 1e-9);
        assertEquals(0.5, manner.of(MotionStyle.FLOWING, FROM), 1e-9);
        assertEquals(1, manner.of(MotionStyle.FLOWING, 0));
        assertTrue(manner.uses(MotionStyle.HELD) && manner.uses(MotionStyle.CRISP) && manner.uses(MotionStyle.FLOWING));
        Manner plain = manner(LINE, section(1, 2, Optional.empty()));
        assertFalse(plain.uses(MotionStyle.CRISP));
        assertEquals(1, plain.of(MotionStyle.FLOWING, FROM), 1e-12);
    }

    @Test
    void aSectionWaitsForItsWords() {
        Timing other = Lines.spoken("drop the fenders", 0.1);
        assertEquals(Optional.empty(), Manner.range(section(1, 2, Optional.empty()), other));
        assertEquals(
                Diction.PLAIN, manner(other, section(1, 2, Optional.empty())).at(0.5));
        Section backwards = new Section(
                Anchor.of(LINE, 1, -1), Anchor.of(LINE, 0, -1), LOUD, Optional.empty(), Section.USUAL_BLEND);
        assertEquals(Optional.empty(), Manner.range(backwards, LINE));
        assertEquals(
                LINE.words().get(0).start(),
                Manner.range(section(0, 0, Optional.empty()), LINE)
                        .orElseThrow()
                        .start());
    }

    @Test
    void whatIsNoSectionIsRefused() {
        Anchor sound = Anchor.of(LINE, 0, 0);
        Anchor word = Anchor.of(LINE, 0, -1);
        assertThrows(IllegalArgumentException.class, () -> new Section(sound, word, LOUD, Optional.empty(), 1));
        assertThrows(IllegalArgumentException.class, () -> new Section(word, sound, LOUD, Optional.empty(), 1));
        assertThrows(IllegalArgumentException.class, () -> new Section(word, word, LOUD, Optional.empty(), 0));
        assertThrows(IllegalArgumentException.class, () -> new Section(word, word, LOUD, Optional.empty(), 3.1));
    }

    /** The corners of the kite, on our own people's channels, and on a rig with one channel for a whole shape. */
    @Test
    void whichCornerPullsWhat() {
        Aspect[] aspects = Aspect.of(Figures.ODILE);
        Map<String, Integer> index = Figures.ODILE.channelIndex();
        assertEquals(Aspect.OPEN, aspects[index.get("jawDrop")]);
        assertEquals(Aspect.WIDE, aspects[index.get("lipStretcher.L")]);
        assertEquals(Aspect.ROUND, aspects[index.get("lipPucker")]);
        assertEquals(Aspect.FIRM, aspects[index.get("chinRaiser")]);
        assertEquals(Aspect.NONE, aspects[index.get("lidClose.L")]);
        assertEquals(1.6, Aspect.OPEN.factor(LOUD, Viseme.AH));
        assertEquals(1.2, Aspect.WIDE.factor(LOUD, Viseme.AH));
        assertEquals(0.6, Aspect.ROUND.factor(LOUD, Viseme.AH));
        assertEquals(1.4, Aspect.FIRM.factor(LOUD, Viseme.AH));
        assertEquals(1, Aspect.NONE.factor(Diction.PLAIN, Viseme.AH));
        assertTrue(Aspect.NONE.factor(LOUD, Viseme.AH) > 1.2, "a wide open shape opens");
        assertTrue(Aspect.NONE.factor(LOUD, Viseme.OO) < 1, "a round one rounds less");
    }
}
