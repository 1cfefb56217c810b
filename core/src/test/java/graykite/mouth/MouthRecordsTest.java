package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.PhoneShape.Step;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.text.Phone;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What the values of a mouth's work may be, to the very ends of their ranges, and that each edit changes its own part. */
class MouthRecordsTest {
    private static final Timing LINE = Lines.spoken("the map up by the lamp", 0.08);
    private static final Anchor WORD = Anchor.of(LINE, 1, -1);
    private static final TouchUp TOUCH = TouchUp.on(WORD);
    private static final MouthSettings SETTINGS = MouthSettings.STANDARD;
    private static final Section SECTION = new Section(WORD, WORD, Diction.PLAIN, Optional.empty(), 0.25);

    private static Arguments range(String what, double least, double most, DoubleFunction<Object> make) {
        return Arguments.of(what, least, most, make);
    }

    /** Ranges as the documents of these records state them. */
    static Stream<Arguments> ranges() {
        return Stream.of(
                range("lead", -0.2, 0.3, SETTINGS::withLead),
                range("pop", 0.5, 8, SETTINGS::withPop),
                range("stick", 0, 6, SETTINGS::withStick),
                range("blend of a section", 0.01, 3, SECTION::withBlend),
                range("strength of a shape", 0, 1.5, MouthShape.of(Viseme.AH)::withStrength),
                range("strength of a touch-up", 0, 2, TOUCH::withStrength),
                range("length of a touch-up", 0.25, 4, TOUCH::withLength),
                range("shift of a touch-up", -0.5, 0.5, TOUCH::withShift),
                range("hold of a touch-up", 0, 2, TOUCH::withHold),
                range("share of a blend", 0, 1, v -> new TouchUp.Blend("Ah", v)),
                range("share of a step", 0, 1.2, v -> new Step("Ah", v, 0, 1)),
                range("beginning of a step", 0, 0.999, v -> new Step("Ah", 1, v, 1)),
                range("end of a step", 0.001, 1, v -> new Step("Ah", 1, 0, v)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("ranges")
    void bothEndsAreAllowedAndNothingBeyond(String what, double least, double most, DoubleFunction<Object> make) {
        assertDoesNotThrow(() -> make.apply(least), what);
        assertDoesNotThrow(() -> make.apply(most), what);
        assertThrows(IllegalArgumentException.class, () -> make.apply(least - 0.002), what);
        assertThrows(IllegalArgumentException.class, () -> make.apply(most + 0.002), what);
    }

    @Test
    void framesOfAHold() {
        assertEquals(1, SETTINGS.withLeastHold(1).leastHold());
        assertEquals(12, SETTINGS.withLeastHold(12).leastHold());
        assertThrows(IllegalArgumentException.class, () -> SETTINGS.withLeastHold(0));
        assertThrows(IllegalArgumentException.class, () -> SETTINGS.withLeastHold(13));
    }

    @Test
    void names() {
        MouthShape shape = MouthShape.of(Viseme.HUSH);
        assertEquals(new MouthShape("Hush", Viseme.HUSH, 1), shape);
        assertEquals("Ch", shape.named("Ch").name());
        assertEquals(0.5, shape.withStrength(0.5).strength());
        assertDoesNotThrow(() -> shape.named("x".repeat(60)));
        assertThrows(IllegalArgumentException.class, () -> shape.named("x".repeat(61)));
        assertThrows(IllegalArgumentException.class, () -> shape.named(" "));
        assertThrows(
                IllegalArgumentException.class,
                () -> new PhoneShape(List.of(), new PhoneShape.Firmness(0, 0, 0), PhoneShape.Closure.NONE));
    }

    @Test
    void eachEditChangesItsOwnPart() {
        Diction wide = Diction.PLAIN.withWide(1.5);
        assertEquals(new Section(WORD, WORD, wide, Optional.empty(), 0.25), SECTION.withDiction(wide));
        assertEquals(
                new Section(WORD, WORD, Diction.PLAIN, Optional.of(MotionStyle.HELD), 0.25),
                SECTION.withMotion(Optional.of(MotionStyle.HELD)));
        assertEquals(new Section(WORD, WORD, Diction.PLAIN, Optional.empty(), 1), SECTION.withBlend(1));
        Anchor sound = Anchor.of(LINE, 1, 0);
        assertThrows(
                IllegalArgumentException.class,
                () -> new Section(sound, WORD, Diction.PLAIN, Optional.empty(), 0.25),
                "a section does not begin within a word");
        assertThrows(
                IllegalArgumentException.class, () -> new Section(WORD, sound, Diction.PLAIN, Optional.empty(), 0.25));

        MouthWork work = MouthWork.STANDARD.withSections(List.of(SECTION)).plus(TOUCH.withStrength(1.5));
        assertEquals(
                List.of(SECTION.withBlend(1)),
                work.withSection(0, SECTION.withBlend(1)).sections());
        assertEquals(work.touchUps(), work.withSection(0, SECTION.withBlend(1)).touchUps());
        assertEquals(0.1, work.withSettings(SETTINGS.withLead(0.1)).settings().lead());
        assertEquals(
                List.of(TOUCH.withStrength(1.2)),
                work.withTouchUp(0, t -> t.withStrength(1.2)).touchUps());
        assertEquals(List.of(), work.withTouchUp(0, t -> t.withStrength(1)).touchUps(), "it does nothing any more");
        assertEquals(
                Optional.of(MotionStyle.CRISP),
                MouthChart.standard().withMotion(Optional.of(MotionStyle.CRISP)).motion());
        PhoneShape.Firmness loose = new PhoneShape.Firmness(0.1, 0.2, 0.3);
        PhoneShape m = MouthChart.standard().of(Phone.M).orElseThrow();
        assertEquals(new PhoneShape(m.steps(), loose, m.closure()), m.withFirm(loose));
    }

    @Test
    void stylesOfMotion() {
        for (MotionStyle style : MotionStyle.values()) {
            assertEquals(Optional.of(style), MotionStyle.parse(style.word()));
            assertEquals(
                    Optional.of(style), MotionStyle.parse(" " + style.title().toUpperCase(Locale.ROOT)));
            assertTrue(style.describes().length() > style.title().length());
        }
        assertEquals("held", MotionStyle.HELD.word());
        assertEquals(Optional.empty(), MotionStyle.parse("jerky"));
    }

    /** MPEG-4's numbers, and how unlike shapes look: worked out from how far open and how wide each is. */
    @Test
    void visemes() {
        assertEquals(Optional.of(Viseme.BACK), Viseme.named("Back"));
        assertEquals(Optional.empty(), Viseme.named("back"));
        assertEquals("p b m", Viseme.LIPS_SHUT.sounds());
        assertEquals(0, Viseme.AH.unlike(Viseme.AH));
        // Ah is open by 1 and wide by 0.5, Oo open by 0.2 and not wide at all; a tenth of the tongue is seen of Ah.
        assertEquals(0.05 + 1.4 * 0.8 + 0.5 + 0.06, Viseme.AH.unlike(Viseme.OO), 1e-9);
        assertEquals(Viseme.AH.unlike(Viseme.OO), Viseme.OO.unlike(Viseme.AH), 1e-9);
        // What shuts, or bites, is far from everything that does not, and not from one another.
        assertEquals(0.05 + 0.3 + 1.4 * 0.12 + 0.55 + 0.06, Viseme.LIPS_SHUT.unlike(Viseme.HISS), 1e-9);
        assertEquals(0.05 + 0.3 + 1.4 * 0.02 + 0.45 + 0.06, Viseme.LIP_TO_TEETH.unlike(Viseme.HISS), 1e-9);
        assertEquals(0.05 + 0.3 + 1.4 * 0.02 + 0.45 + 0.06, Viseme.HISS.unlike(Viseme.LIP_TO_TEETH), 1e-9);
        assertEquals(0.05 + 1.4 * 0.1 + 0.1, Viseme.LIPS_SHUT.unlike(Viseme.LIP_TO_TEETH), 1e-9);
    }

    @Test
    void aChartAndWhatIsUnusedInIt() {
        assertEquals(List.of(), MouthChart.standard().unused());
        MouthChart more = MouthChart.standard().withShape(new MouthShape("Ch", Viseme.HUSH, 1));
        assertEquals(List.of("Ch"), more.unused());
        assertEquals(Set.of(Phone.P, Phone.B, Phone.M), Set.copyOf(more.phonesOf("Lips shut")));
    }

    @Test
    void aCurveThatWasTakenOver() {
        Curve curve =
                new Curve(List.of(new Key(0.3, 0.1, Key.Way.LINEAR, 0, 0), new Key(0.9, 0.6, Key.Way.LINEAR, 0, 0)));
        TakenCurve own = TakenCurve.of("jawDrop", curve, new WordFinder(LINE));
        assertEquals("jawDrop", own.channel());
        assertEquals(Optional.of(curve), own.in(new WordFinder(LINE)), "in its own reading it stays as it is");
        assertTrue(own.in(new WordFinder(Lines.spoken("nothing of it", 0.08))).isEmpty());
        Curve slower = own.in(new WordFinder(Lines.spoken("the map up by the lamp", 0.16)))
                .orElseThrow();
        // Everything takes twice as long from the pause of a fifth of a second on.
        assertEquals(0.2 + 2 * 0.1, slower.start(), 1e-9);
        assertEquals(0.2 + 2 * 0.7, slower.end(), 1e-9);
        assertThrows(IllegalArgumentException.class, () -> new TakenCurve(" ", curve, own.words()));
    }
}
