package graykite.media;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.PoseKey;
import graykite.acting.Score;
import graykite.base.Progress;
import graykite.format.ProjectFiles;
import graykite.format.character.Cast;
import graykite.hearing.Reader;
import graykite.mouth.FittedChart;
import graykite.mouth.PhoneShape;
import graykite.project.Line;
import graykite.project.Project;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.rig.LipGap;
import graykite.scene.Performance;
import graykite.scene.Scene;
import graykite.sound.Loudness;
import graykite.sound.Sound;
import graykite.text.Script;
import graykite.time.FrameRate;
import graykite.time.TimeRange;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The demo that ships: what a newcomer sees first must be right in every line. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class DemoTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final LipGap GAP = new LipGap(ODILE);

    private final Reader reader = Reader.shipped();
    private final Project demo = open();

    private static Project open() {
        try (InputStream in = DemoTest.class.getResourceAsStream("/graykite/demo/demo.kite")) {
            return ProjectFiles.read(in, "demo.kite");
        } catch (IOException failure) {
            throw new IllegalStateException(failure);
        }
    }

    List<Line> lines() {
        return demo.lines();
    }

    private static Sound sound(Line line) {
        return SoundReader.read(
                line.sound().orElseThrow().content(), line.sound().orElseThrow().name(), Progress.none());
    }

    private static Performance performance(Line line) {
        return performance(line, ODILE);
    }

    private static Performance performance(Line line, Character who) {
        return Performance.of(
                who,
                FittedChart.standard(who),
                new Score(
                        line.timing().orElseThrow(),
                        Loudness.of(sound(line)),
                        line.mouth(),
                        FrameRate.THIRTY,
                        line.layers().plans()));
    }

    @Test
    void holdsTheSixLines() {
        assertEquals(6, demo.lines().size());
        assertEquals(
                List.of("odile", "pim", "odile", "pim", "odile", "brine"),
                demo.lines().stream().map(Line::speaker).toList());
    }

    /** The stored reading is what the reader finds today. */
    @ParameterizedTest
    @MethodSource("lines")
    void readingsAreCurrent(Line line) {
        Timing stored = line.timing().orElseThrow();
        Timing now = reader.read(sound(line), Script.of(line.script()), Progress.none());
        assertEquals(
                now.words().stream().map(TimedWord::text).toList(),
                stored.words().stream().map(TimedWord::text).toList());
        for (int w = 0; w < now.words().size(); w++) {
            assertEquals(now.words().get(w).start(), stored.words().get(w).start(), 0.011);
        }
    }

    /**
     * Common practice: p, b and m shut the lips for a frame, f and v bring lip and teeth together, at every usual rate; also
     * while somebody laughs over the line.
     */
    @ParameterizedTest
    @MethodSource("linesByPeople")
    void closuresShut(Line line, Character who, boolean laughing) {
        List<PoseKey> keys = laughing ? List.of(new PoseKey(0, "Laughing", 1, 0.1)) : List.of();
        Performance performance = performance(line.withKeys(keys), who);
        Scene scene = Scene.solo(performance);
        LipGap gap = new LipGap(who);
        int bite = who.channelIndex().get("lipToTeeth");
        for (String text : List.of("23.976", "25", "29.97", "60")) {
            FrameRate rate = FrameRate.parse(text);
            for (TimeRange range : performance.beats().closures(PhoneShape.Closure.LIPS)) {
                double least = 99;
                for (long f = rate.frameAt(range.start()) - 1; f <= rate.frameAt(range.end()) + 1; f++) {
                    least = Math.min(least, gap.at(scene.at(0, rate.secondsAt(f))));
                }
                assertTrue(least < LipGap.SHUT, line.title() + ": " + least + " mm at " + range + ", " + text);
            }
            for (TimeRange range : performance.beats().closures(PhoneShape.Closure.LIP_TO_TEETH)) {
                double most = 0;
                for (long f = rate.frameAt(range.start()) - 1; f <= rate.frameAt(range.end()) + 1; f++) {
                    most = Math.max(most, scene.at(0, rate.secondsAt(f))[bite]);
                }
                assertTrue(most > 0.9, line.title() + ": " + most + " at " + range + ", " + text);
            }
        }
    }

    List<Arguments> linesByPeople() {
        List<Arguments> all = new ArrayList<>();
        for (Line line : demo.lines()) {
            for (Character who : List.of(ODILE, Cast.byName("pim"))) {
                all.add(Arguments.of(line, who, false));
                all.add(Arguments.of(line, who, true));
            }
        }
        return all;
    }

    /** Whoever speaks them, lips and jaw of the demo lines do not move faster than a third beyond a person's (KinematicsTest). */
    @ParameterizedTest
    @MethodSource("lines")
    void neverFasterThanAMouth(Line line) {
        Performance performance = performance(line, ODILE);
        Scene scene = Scene.solo(performance);
        double step = 1 / 100.0;
        double before = GAP.at(scene.at(0, 0));
        for (double t = step; t < performance.duration(); t += step) {
            double now = GAP.at(scene.at(0, t));
            double speed = Math.abs(now - before) / step;
            assertTrue(speed < 520, line.title() + ": both lips part at " + speed + " mm/s at " + t);
            before = now;
        }
    }

    /**
     * The mouth is busy while somebody speaks and at rest before and after; and it never jumps: common practice calls a mouth
     * that opens and closes within one frame a pop.
     */
    @ParameterizedTest
    @MethodSource("lines")
    void movesWithTheSpeech(Line line) {
        Performance performance = performance(line);
        Scene scene = Scene.solo(performance);
        TimeRange spoken = Reader.spoken(performance.timing());
        assertTrue(GAP.at(scene.at(0, 0)) < 1, "rests before it speaks");
        assertTrue(GAP.at(scene.at(0, performance.duration())) < 3, "rests after it spoke");
        int changes = 0;
        double last = 0;
        boolean opening = false;
        double step = 1 / 24.0;
        int pops = 0;
        double before = 0;
        for (double t = spoken.start(); t < spoken.end(); t += step) {
            double gap = GAP.at(scene.at(0, t));
            boolean opens = gap > last;
            changes += opens != opening ? 1 : 0;
            pops += last - before > 14 && last - gap > 14 ? 1 : 0;
            opening = opens;
            before = last;
            last = gap;
        }
        // A syllable opens and shuts the mouth, and people say 2 to 7 of them a second (common practice: 4 to 6 in
        // talk).
        double aSecond = changes / (spoken.length());
        assertTrue(aSecond > 3 && aSecond < 16, aSecond + " turns a second");
        assertEquals(0, pops, "pops");
    }
}
