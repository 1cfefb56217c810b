package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.motion.Key;
import graykite.motion.KeyReduction;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthWork;
import graykite.mouth.TakenCurve;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Figures;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Stretches of a channel that the animator took over. */
class TakenCurveTest {
    private static final Character ODILE = Figures.ODILE;
    private static final int JAW = ODILE.channelIndex().get("jawDrop");
    private static final Timing LINE = Lines.spoken("the fog bell rang before we moved the map", 0.07);
    private static final double FROM = LINE.words().get(1).start();
    private static final double TO = LINE.words().get(3).end();

    private static Performance line(Timing timing, List<TakenCurve> curves) {
        return Performance.of(
                ODILE,
                FittedChart.standard(ODILE),
                new Score(
                        timing,
                        Lines.quiet(timing),
                        MouthWork.STANDARD.withCurves(curves),
                        FrameRate.THIRTY,
                        List.of(),
                        1));
    }

    private static KeyReduction.Result taken(double allowed) {
        Performance plain = line(LINE, List.of());
        double step = 0.005;
        double[] samples = new double[(int) Math.round((TO - FROM) / step) + 1];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = plain.generated(JAW, FROM + i * step);
        }
        return KeyReduction.reduce(FROM, step, samples, allowed);
    }

    /** The face stays what it was within the error that was stated, with far fewer keys than frames. */
    @ParameterizedTest
    @ValueSource(doubles = {0.01, 0.02, 0.05})
    void whatIsTakenOverLooksTheSame(double allowed) {
        KeyReduction.Result result = taken(allowed);
        Performance plain = line(LINE, List.of());
        Performance own = line(LINE, List.of(TakenCurve.of("jawDrop", result.curve(), new WordFinder(LINE))));
        assertTrue(result.error() <= allowed, result.error() + " was stated");
        for (double t = 0; t < LINE.duration(); t += 0.01) {
            assertEquals(plain.unguarded(JAW, t), own.unguarded(JAW, t), allowed + 0.002, "at " + t);
        }
        assertTrue(
                result.curve().keys().size() < (TO - FROM) * 30,
                result.curve().keys().size() + " keys");
    }

    @Test
    void elsewhereNothingChanges() {
        KeyReduction.Result result = taken(0.02);
        TakenCurve raised = TakenCurve.of(
                "jawDrop",
                result.curve().with(1, new Key(FROM + 0.05, 0.9, Key.Way.LINEAR, 0, 0)),
                new WordFinder(LINE));
        Performance plain = line(LINE, List.of());
        Performance own = line(LINE, List.of(raised));
        for (double t = 0; t < LINE.duration(); t += 0.01) {
            boolean within = t >= FROM - 1e-6 && t <= TO + 1e-6;
            for (int c = 0; c < ODILE.channels().size(); c++) {
                if (c != JAW || !within) {
                    assertEquals(plain.unguarded(c, t), own.unguarded(c, t), 1e-12);
                }
            }
        }
        assertTrue(own.unguarded(JAW, FROM + 0.05) > plain.unguarded(JAW, FROM + 0.05) + 0.1);
        assertTrue(own.generated(JAW, FROM + 0.05) < 0.9, "what is generated is still known");
    }

    /** Said anew, the keys stand over the same words. */
    @Test
    void itMovesWithItsWords() {
        TakenCurve own = TakenCurve.of("jawDrop", taken(0.02).curve(), new WordFinder(LINE));
        Random random = new Random(5);
        for (int i = 0; i < 20; i++) {
            Timing again = Lines.again(LINE, random);
            var curve = own.in(new WordFinder(again)).orElseThrow();
            assertEquals(again.words().get(1).start(), curve.start(), 0.01);
            assertEquals(again.words().get(3).end(), curve.end(), 0.01);
            assertEquals(own.curve().keys().size(), curve.keys().size());
        }
        assertTrue(
                own.in(new WordFinder(Lines.spoken("other words are said here", 0.07)))
                        .isEmpty(),
                "its words are gone");
        assertTrue(
                Acted.at(line(Lines.spoken("other words are said here", 0.07), List.of(own)), 0.5).length > 0,
                "and the line is acted all the same");
    }
}
