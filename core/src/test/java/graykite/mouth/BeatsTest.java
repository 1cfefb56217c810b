package graykite.mouth;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.mouth.PhoneShape.Closure;
import graykite.mouth.PhoneShape.Firmness;
import graykite.mouth.PhoneShape.Step;
import graykite.reading.Anchor;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Figures;
import graykite.rig.Pose;
import graykite.sound.Loudness;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;

/** "map" said very slowly: m 0.5 to 0.8, the vowel to 1.1, p to 1.4 s. The movement comes 50 ms before the sound. */
class BeatsTest {
    private static final Timing MAP = new Timing(
            List.of(new TimedWord(
                    "map",
                    "",
                    List.of(
                            new TimedPhone(Phone.M, 0.5, 0.8, false),
                            new TimedPhone(Phone.AE, 0.8, 1.1, false),
                            new TimedPhone(Phone.P, 1.1, 1.4, false)),
                    false,
                    1)),
            2);

    private static Beats beats(MouthWork work, FrameRate rate) {
        return Beats.of(MAP, Loudness.silent(2), FittedChart.standard(Figures.ODILE), work, rate, MotionStyle.FLOWING);
    }

    private static Beats with(UnaryOperator<TouchUp> change) {
        return beats(MouthWork.STANDARD.plus(change.apply(TouchUp.on(Anchor.of(MAP, 0, 1)))), FrameRate.FILM);
    }

    private static double[] times(Beats beats) {
        return beats.list().stream()
                .flatMapToDouble(b -> DoubleStream.of(b.start(), b.end()))
                .toArray();
    }

    @Test
    void silenceLiesRoundTheLine() {
        assertArrayEquals(
                new double[] {-1, -0.05, -0.05, 0.45, 0.45, 0.75, 0.75, 1.05, 1.05, 1.35, 1.35, 1.95, 1.95, 2.95},
                times(beats(MouthWork.STANDARD, FrameRate.FILM)),
                1e-9);
        Beats beats = beats(MouthWork.STANDARD, FrameRate.FILM);
        assertEquals(Phone.M, beats.at(0.5).phone());
        assertEquals(Phone.AE, beats.at(0.75).phone());
        assertEquals(0, beats.indexAt(-9));
        assertEquals(6, beats.indexAt(9));
        assertTrue(beats.at(0.1).isSilence());
    }

    /** Rest is not heard coming: a vowel lasts to the end of its sound where a pause follows, and takes half of it at most. */
    @Test
    void theLastShapeStaysWhileTheVoiceRings() {
        assertArrayEquals(new double[] {0.45, 1.1, 1.1, 1.45, 1.45, 2}, between(1.5, 2, 0.05), 1e-9);
        assertArrayEquals(new double[] {0.45, 1.07, 1.07, 1.09, 1.09, 2}, between(1.14, 2, 0.05), 1e-9);
        assertArrayEquals(new double[] {0.45, 1.05, 1.05, 2}, between(1.1, 2, 0.05), 1e-9);
        assertArrayEquals(new double[] {0.6, 1.2, 1.2, 1.6, 1.6, 2.1}, between(1.5, 2, -0.1), 1e-9);
        // Behind the line there is silence too; the lips of p and b part before they have sounded out.
        assertEquals(1.5, last(Phone.AA, 1.5), 1e-9);
        assertEquals(2, last(Phone.M, 2), 1e-9);
        assertEquals(1.45, last(Phone.P, 1.5), 1e-9);
        assertEquals(1.45, last(Phone.B, 1.5), 1e-9);
    }

    /** When a vowel from 0.5 to 1.1 s, what follows it and another up to an end are shown. */
    private static double[] between(double next, double end, double lead) {
        Timing two = new Timing(List.of(word(Phone.AA, 0.5, 1.1), word(Phone.IY, next, end)), 3);
        double[] times = times(Beats.of(
                two,
                Loudness.silent(3),
                FittedChart.standard(Figures.ODILE),
                MouthWork.of(MouthSettings.STANDARD.withLead(lead)),
                FrameRate.FILM,
                MotionStyle.FLOWING));
        return Arrays.copyOfRange(times, 4, times.length - 4);
    }

    private static double last(Phone phone, double end) {
        Timing one = new Timing(List.of(word(phone, 0.5, end)), 2);
        return Lines.beats(Figures.ODILE, one, MouthWork.STANDARD).list().get(2).end();
    }

    private static TimedWord word(Phone phone, double start, double end) {
        return new TimedWord("a", "", List.of(new TimedPhone(phone, start, end, false)), false, 1);
    }

    /** Lips stay shut for 62 % of m and p, spoken plainly, longer where they are made firmly, and peel for two and a half frames. */
    @Test
    void howLongLipsStayShut() {
        Beats.Shut plain = beats(MouthWork.STANDARD, FrameRate.FILM).shuts().getFirst();
        assertEquals(Closure.LIPS, plain.kind());
        assertEquals(2, plain.beat());
        assertEquals(0.6 - 0.093, plain.from(), 1e-9);
        assertEquals(0.6 + 0.093, plain.to(), 1e-9);
        assertEquals(0.6 + 0.093 + 2.5 / 24, plain.free(), 1e-9);
        MouthWork firm = MouthWork.of(MouthSettings.STANDARD.withDiction(Diction.PLAIN.withFirm(2)));
        assertEquals(0.95 * 0.3, length(beats(firm, FrameRate.FILM)), 1e-9);
        MouthWork loose = MouthWork.of(MouthSettings.STANDARD.withDiction(Diction.PLAIN.withFirm(0)));
        assertEquals(0.62 * 0.4 * 0.3, length(beats(loose, FrameRate.FILM)), 1e-9);
        // Whatever the speech, one frame of delivery falls into it: with an eighth of a second a frame it lasts longer.
        double slowest = length(beats(loose, new FrameRate(8, 1)));
        assertEquals(0.125 + 2 * MouthSolver.STEP, slowest, 1e-9);
        assertEquals(2, beats(loose, FrameRate.FILM).closures(Closure.LIPS).size());
        assertEquals(
                0.45,
                beats(loose, FrameRate.FILM).closures(Closure.LIPS).getFirst().start(),
                1e-9);
        assertEquals(List.of(), beats(loose, FrameRate.FILM).closures(Closure.LIP_TO_TEETH));
    }

    private static double length(Beats beats) {
        return beats.shuts().getFirst().to() - beats.shuts().getFirst().from();
    }

    /** A vowel of half of its length shrinks about its middle; one that is held pushes what follows. */
    @Test
    void neighboursGiveWay() {
        assertArrayEquals(
                new double[] {0.45, 0.825, 0.825, 0.975, 0.975, 1.35},
                Arrays.copyOfRange(times(with(t -> t.withLength(0.5))), 4, 10),
                1e-9);
        assertArrayEquals(
                new double[] {0.45, 0.75, 0.75, 1.25, 1.25, 1.35},
                Arrays.copyOfRange(times(with(t -> t.withHold(0.2))), 4, 10),
                1e-9);
        assertArrayEquals(
                new double[] {0.45, 0.65, 0.65, 0.95, 0.95, 1.35},
                Arrays.copyOfRange(times(with(t -> t.withShift(-0.1))), 4, 10),
                1e-9);
        // It is never more than its neighbours can give: each keeps twelve milliseconds.
        assertArrayEquals(
                new double[] {0.45, 0.462, 0.462, 1.338, 1.338, 1.35},
                Arrays.copyOfRange(times(with(t -> t.withLength(4))), 4, 10),
                1e-9);
    }

    @Test
    void whatATouchUpAsksFor() {
        Beat plain = beats(MouthWork.STANDARD, FrameRate.FILM).list().get(3);
        Beat strong = with(t -> t.withStrength(1.5)).list().get(3);
        assertEquals(
                1.5 * plain.targets().getFirst().share(),
                strong.targets().getFirst().share(),
                1e-9);
        Beat mixed = with(t -> t.withBlend(Optional.of(new TouchUp.Blend("Oo", 0.25))))
                .list()
                .get(3);
        // The vowel of "map" takes two shapes, one after the other.
        assertEquals(
                List.of("Eh", "Ah"),
                plain.targets().stream().map(Beat.Target::shape).toList());
        assertEquals(
                List.of("Eh", "Oo", "Ah", "Oo"),
                mixed.targets().stream().map(Beat.Target::shape).toList());
        assertEquals(
                0.75 * plain.targets().getFirst().share(),
                mixed.targets().get(0).share(),
                1e-9);
        assertEquals(
                0.25 * plain.targets().getFirst().share(),
                mixed.targets().get(1).share(),
                1e-9);
        assertTrue(mixed.targets().get(0).lastsAs(mixed.targets().get(1)));
        Beat posed = with(t -> t.withPose(Optional.of(Pose.of("jawDrop", 0.3))))
                .list()
                .get(3);
        assertEquals("own pose", posed.targets().getFirst().shape());
        assertEquals(
                new Firmness(0, 0, 0),
                with(t -> t.withRemoved(true)).list().get(3).firm());
        assertEquals(List.of(0), strong.touchUps());
        assertEquals(
                plain.targets(),
                with(t -> t.withShape(Optional.of("no such shape")))
                        .list()
                        .get(3)
                        .targets());
    }

    /** Who asks for a shape means to see it, also where the sound itself would not mind. */
    @Test
    void whatIsAskedForIsHeldFirmly() {
        Timing two = Lines.spoken("hut", 0.1);
        UnaryOperator<MouthWork> ask =
                w -> w.plus(TouchUp.on(Anchor.of(two, 0, 0)).withStrength(1.2));
        Beat h = Lines.beats(Figures.ODILE, two, ask.apply(MouthWork.STANDARD))
                .list()
                .get(2);
        assertTrue(
                h.firm().jaw() >= 0.8 && h.firm().lips() >= 0.85 && h.firm().tongue() >= 0.6,
                h.firm().toString());
        Beat shifted = Lines.beats(
                        Figures.ODILE,
                        two,
                        MouthWork.STANDARD.plus(TouchUp.on(Anchor.of(two, 0, 0)).withShift(0.02)))
                .list()
                .get(2);
        assertTrue(shifted.firm().jaw() < 0.8, "one that is only moved minds no more than before");
    }

    @Test
    void aTouchUpSaysWhatItDoes() {
        TouchUp plain = TouchUp.on(Anchor.of(MAP, 0, 1));
        assertEquals("nothing yet", plain.inWords());
        assertEquals("passed over", plain.withRemoved(true).inWords());
        TouchUp much = plain.withShape(Optional.of("Oo"))
                .withBlend(Optional.of(new TouchUp.Blend("Ah", 0.25)))
                .withStrength(1.5)
                .withLength(0.5)
                .withShift(-0.03)
                .withHold(0.2);
        assertEquals("Oo, + 25 % Ah, 150 % strong, 50 % long, -30 ms, held 200 ms", much.inWords());
        assertEquals(
                "own pose", plain.withPose(Optional.of(Pose.of("jawDrop", 1))).inWords());
        assertTrue(plain.isNothing() && plain.withMuted(true).isNothing());
        assertEquals("Uu", much.renamed("Oo", "Uu").shape().orElseThrow());
        assertEquals("Aa", much.renamed("Ah", "Aa").blend().orElseThrow().shape());
        assertEquals("Oo", much.renamed("Ah", "Aa").shape().orElseThrow());
        assertThrows(IllegalArgumentException.class, () -> plain.withStrength(2.01));
        assertThrows(IllegalArgumentException.class, () -> plain.withLength(0.2));
        assertThrows(IllegalArgumentException.class, () -> plain.withShift(0.51));
        assertThrows(IllegalArgumentException.class, () -> plain.withHold(2.1));
        assertThrows(IllegalArgumentException.class, () -> new TouchUp.Blend("Ah", 1.01));
    }

    @Test
    void shapesOfPhones() {
        PhoneShape glide = PhoneShape.glide(Viseme.AH, 0.9, Viseme.OO, 0.7);
        assertTrue(glide.glides() && glide.uses("Oo") && !glide.uses("Oh"));
        assertTrue(!PhoneShape.one(Viseme.AH, 1, 1, 1, 1).glides());
        assertThrows(IllegalArgumentException.class, () -> new Step("Ah", 1.21, 0, 1));
        assertThrows(IllegalArgumentException.class, () -> new Step("Ah", 1, 0.5, 0.5));
        assertThrows(IllegalArgumentException.class, () -> new Step(" ", 1, 0, 1));
        assertThrows(IllegalArgumentException.class, () -> new Firmness(1.1, 0, 0));
        assertThrows(IllegalArgumentException.class, () -> new Firmness(0, 0, -0.1));
        assertThrows(IllegalArgumentException.class, () -> new Firmness(0, 0, 0, Map.of("jawDrop", 2.0)));
        assertEquals(
                new Firmness(0.1, 0.2, 0.3),
                new Firmness(1, 1, 1).withJaw(0.1).withLips(0.2).withTongue(0.3));
    }

    @Test
    void aMotionBetweenItsSamples() {
        MouthMotion flowing = new MouthMotion(List.of("a"), 0.01, new double[][] {{0, 1, 3}});
        double[] at = {-1, 0, 0.005, 0.01, 0.015, 0.02, 9};
        double[] values = {0, 0, 0.5, 1, 2, 3, 3};
        for (int i = 0; i < at.length; i++) {
            assertEquals(values[i], flowing.at(0, at[i]), 1e-9, "at " + at[i]);
        }
        assertEquals(3, flowing.samples());
        MouthMotion held = new MouthMotion(List.of("a"), 0.04, new double[][] {{0, 1, 3}}, true);
        assertEquals(0, held.at(0, 0.039), 1e-9);
        assertEquals(1, held.at(0, 0.04), 1e-9);
        assertEquals(1, held.at(0, 0.0799), 1e-9);
        assertEquals(3, held.at(0, 1), 1e-9);
        assertEquals(5, new MouthMotion(List.of("a"), 0.01, new double[][] {{5}}).at(0, 0.3));
        assertThrows(IllegalArgumentException.class, () -> new MouthMotion(List.of("a", "b"), 0.01, new double[1][2]));
    }
}
