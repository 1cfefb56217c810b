package graykite.scene;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import graykite.acting.Score;
import graykite.format.character.Cast;
import graykite.layer.Changes;
import graykite.mouth.FittedChart;
import graykite.mouth.Lines;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.proof.FaceMeasure;
import graykite.proof.Footage;
import graykite.reading.Anchor;
import graykite.reading.Timing;
import graykite.rig.Character;
import graykite.sound.Loudness;
import graykite.time.FrameRate;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListSet;
import org.junit.jupiter.api.Test;

/** A line after an edit in two places far apart: what lies between is left alone, and all of it is as from scratch. */
class EditedPerformanceTest {
    private static final Character ODILE = Cast.byName("odile");
    private static final Timing LINE = Lines.spoken(
            "put my map up by the lamp and leave the big blue boat where it was before we moved the buoy", 0.09);
    private static final Loudness QUIET = Lines.quiet(LINE);
    private static final int LAST = LINE.words().size() - 1;

    private static Score score(MouthWork work) {
        return new Score(LINE, QUIET, work, FrameRate.FILM, List.of(), 4);
    }

    private static MouthWork touched(int... words) {
        MouthWork work = MouthWork.STANDARD;
        for (int word : words) {
            work = work.plus(TouchUp.on(Anchor.of(LINE, word, 1)).withStrength(1.7));
        }
        return work;
    }

    @Test
    void onlyWhereItWasTouched() {
        Performance before = Performance.of(ODILE, FittedChart.standard(ODILE), score(MouthWork.STANDARD));
        Performance after = before.after(score(touched(1, LAST)));
        Changes changes = Acted.scene(after).since(Acted.scene(before));
        double middle = LINE.words().get(LAST / 2).start();
        assertTrue(
                changes.touch(LINE.words().get(1).start(), LINE.words().get(1).end()));
        assertTrue(changes.touch(
                LINE.words().get(LAST).start(), LINE.words().get(LAST).end()));
        assertFalse(changes.touch(middle, middle), "what lies between is not touched: " + changes);

        Performance scratch = Performance.of(ODILE, FittedChart.standard(ODILE), score(touched(1, LAST)));
        for (double t = 0; t < LINE.duration(); t += 1 / 24.0) {
            assertArrayEquals(Acted.at(scratch, t), Acted.at(after, t), 3e-3, "at " + t);
        }
    }

    /** Frames are looked at again where something changed, and nowhere else; the rest is taken over as it was. */
    @Test
    void framesBetweenAreKept() {
        Performance before = Performance.of(ODILE, FittedChart.standard(ODILE), score(MouthWork.STANDARD));
        Performance after = before.after(score(touched(1, LAST)));
        Scene now = Acted.scene(after);
        Footage filmed = Footage.of(new FaceMeasure(ODILE), Acted.scene(before), 0, 0, LINE.duration(), FrameRate.FILM);
        Changes changes = now.since(Acted.scene(before));
        Set<Integer> expected = new ConcurrentSkipListSet<>();
        for (int f = 0; f < filmed.frames(); f++) {
            if (changes.touch(filmed.time(f) - 1 / 24.0, filmed.time(f) + 1 / 24.0)) {
                expected.add(f);
            }
        }
        assertNotEquals(0, expected.size());
        assertTrue(expected.size() < filmed.frames() / 2, expected.size() + " of " + filmed.frames());
        Footage again = filmed.after(now, 0, 0, LINE.duration(), FrameRate.FILM, changes);
        Footage whole = Footage.of(new FaceMeasure(ODILE), now, 0, 0, LINE.duration(), FrameRate.FILM);
        for (int f = 0; f < whole.frames(); f++) {
            assertArrayEquals(whole.values(f), again.values(f), 1e-6, "frame " + f);
            assertEquals(whole.lips().orElseThrow()[f], again.lips().orElseThrow()[f], 1e-5, "lips in frame " + f);
            if (!expected.contains(f)) {
                assertArrayEquals(filmed.values(f), again.values(f), 0, "frame " + f + " is kept");
            }
        }
    }

    /** A touch-up of a word that is not there moves nothing, and the line still knows of it. */
    @Test
    void aTouchUpWithoutItsWord() {
        Performance before = Performance.of(ODILE, FittedChart.standard(ODILE), score(MouthWork.STANDARD));
        Timing other = Lines.spoken("harbour", 0.1);
        MouthWork work =
                MouthWork.STANDARD.plus(TouchUp.on(Anchor.of(other, 0, 0)).withStrength(2));
        Performance after = before.after(score(work));
        assertEquals(work, after.beats().work());
        assertSame(before, before.after(score(MouthWork.STANDARD)));
        assertArrayEquals(Acted.at(before, 1), Acted.at(after, 1), 1e-9);
    }
}
