package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.acting.Score;
import graykite.format.character.Cast;
import graykite.layer.Reason;
import graykite.motion.Curve;
import graykite.motion.Key;
import graykite.mouth.Diction;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MotionStyle;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.Section;
import graykite.mouth.TakenCurve;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.rig.Character;
import graykite.rig.Coupling;
import graykite.rig.Figures;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The answer to "why": what it lists adds up to what is seen. */
class WhyTest {
    private static final Timing LINE = Lines.spoken("pam the fog bell rang before we moved the map", 0.07);
    private static final Character ODILE =
            Figures.ODILE.withCouplings(List.of(Coupling.of("lipPucker", "jawDrop", Coupling.Rule.HOLDS_BACK, 0.5)));

    private static Performance performance(Character who, Optional<MotionStyle> motion) {
        MouthWork work = MouthWork.of(MouthSettings.STANDARD.withMotion(motion))
                .plus(TouchUp.on(Anchor.of(LINE, 2, 1)).withStrength(1.4))
                .withSections(List.of(new Section(
                        Anchor.of(LINE, 5, -1),
                        Anchor.of(LINE, 7, -1),
                        Diction.PLAIN.withWide(1.7).withOpen(1.3),
                        Optional.empty(),
                        0.2)))
                .withCurves(List.of(TakenCurve.of(
                        "jawDrop",
                        new Curve(List.of(
                                new Key(0.8, 0.1, Key.Way.SMOOTH, 0, 0), new Key(1.2, 0.6, Key.Way.LINEAR, 0, 0))),
                        new WordFinder(LINE))));
        return Performance.of(
                who,
                FittedChart.standard(who),
                new Score(
                        LINE, Lines.quiet(LINE), work, FrameRate.FILM, List.of(new PoseKey(1.5, "Glad", 0.8, 0.3)), 3));
    }

    @Test
    void everyAnswerAddsUp() {
        for (Character who : List.of(ODILE, Cast.byName("brine"))) {
            for (Optional<MotionStyle> motion :
                    List.of(Optional.<MotionStyle>empty(), Optional.of(MotionStyle.CRISP))) {
                Performance performance = performance(who, motion);
                for (double t = 0; t < LINE.duration(); t += 0.19) {
                    double[] seen = Acted.at(performance, t);
                    for (int c = 0; c < seen.length; c += 3) {
                        Why why = Acted.scene(performance).why(0, c, t);
                        double sum =
                                why.reasons().stream().mapToDouble(Reason::adds).sum();
                        assertEquals(seen[c], why.value(), 1e-12);
                        assertEquals(seen[c], sum, 1e-9, why.toString());
                    }
                }
            }
        }
    }

    @Test
    void itNamesWhatItWas() {
        Performance performance = performance(ODILE, Optional.empty());
        int jaw = ODILE.channelIndex().get("jawDrop");
        double fog = LINE.words().get(2).phones().get(1).range().middle() - 0.05;
        Reason first = Acted.scene(performance).why(0, jaw, fog).reasons().getFirst();
        assertEquals("Mouth", first.layer());
        assertTrue(first.words().contains("in “fog”"), first.words());
        assertTrue(first.words().contains("touch-up: 140 % strong"), first.words());
        assertTrue(first.words().contains("80 % strength"), first.words());
        String taken = Acted.scene(performance).why(0, jaw, 1.0).reasons().toString();
        assertTrue(taken.contains("A curve of your own"), taken);
        double moved = LINE.words().get(7).phones().get(1).range().middle() - 0.05;
        String coupled = Acted.scene(performance).why(0, jaw, moved).reasons().toString();
        assertTrue(coupled.contains("takes 50 % off jawDrop"), coupled);
        assertTrue(coupled.contains("130 % open"), coupled);
        int smile = ODILE.channelIndex().get("lipCornerPuller.L");
        assertTrue(
                Acted.scene(performance).why(0, smile, 2.2).reasons().toString().contains("keyed pose Glad"));
        assertTrue(Acted.scene(performance).busiest(0, fog, 5).contains(jaw));
    }
}
