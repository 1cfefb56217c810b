package graykite.studio.model;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.format.character.Cast;
import graykite.reading.Anchor;
import graykite.mouth.MouthChart;
import graykite.mouth.MouthSettings;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.project.Line;
import graykite.project.SoundFile;
import graykite.reading.TimedPhone;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.scene.Performance;
import graykite.sound.Sound;
import graykite.text.Phone;
import graykite.time.FrameRate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Whatever was edited, the line is acted as if it were acted from scratch; and most edits cost little. */
class LinePerformerTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final MouthChart CHART = MouthChart.standard();
    private static final LineSound SOUND = LineSound.of(Sound.silence(6, 8000));

    private final LinePerformer performer = new LinePerformer();
    private Line line;

    @BeforeEach
    void actALine() {
        List<TimedWord> words = new ArrayList<>();
        for (int w = 0; w < 12; w++) {
            double start = 0.4 + 0.4 * w;
            words.add(new TimedWord(
                    "map" + w,
                    "",
                    List.of(
                            new TimedPhone(Phone.M, start, start + 0.08, false),
                            new TimedPhone(Phone.AE, start + 0.08, start + 0.24, false),
                            new TimedPhone(Phone.P, start + 0.24, start + 0.32, false)),
                    false,
                    1));
        }
        line = Line.empty("x", "A line")
                .withSound(new SoundFile("line.wav", new byte[4]))
                .withTiming(new Timing(words, 6));
        acted(line, CHART, true);
    }

    private void acted(Line now, MouthChart chart, boolean whole) {
        LinePerformer.Step step = performer.step(ODILE, chart, now, SOUND, FrameRate.THIRTY);
        Performance performance = step.work().get();
        performer.keep(performance, now, chart);
        Performance scratch = LinePerformer.perform(ODILE, chart, now, SOUND, FrameRate.THIRTY);
        for (double t = 0; t < 6; t += 0.05) {
            assertArrayEquals(scratch.at(t), performance.at(t), 2e-3, "at " + t);
        }
        if (whole) {
            assertTrue(step.whole());
        } else {
            assertFalse(step.whole(), "only a part is moved anew");
        }
    }

    @Test
    void editsOfOneSoundCostLittle() {
        MouthWork touched = line.mouth()
                .plus(TouchUp.on(Anchor.of(line.timing().orElseThrow(), 4, 1))
                        .withStrength(1.5)
                        .withHold(0.1));
        acted(line.withMouth(touched), CHART, false);
        acted(line.withMouth(touched.withTouchUp(0, t -> t.withMuted(true))), CHART, false);
        acted(line, CHART, false);
        Line moved = line.withTiming(line.timing().orElseThrow().withStart(6, 1, 2.9));
        acted(moved, CHART, false);
        acted(moved.withKeys(List.of(new PoseKey(1, "Glad", 1, 0.2))), CHART, false);
    }

    @Test
    void whatChangesAllIsMovedAnew() {
        MouthWork louder = MouthWork.of(MouthSettings.STANDARD.withStrength(1.2));
        acted(line.withMouth(louder), CHART, true);
        acted(line.withMouth(louder), CHART.assigned(Phone.AE, "Oh"), true);
        acted(line, CHART, true);
        performer.forget();
        acted(line, CHART, true);
    }
}
