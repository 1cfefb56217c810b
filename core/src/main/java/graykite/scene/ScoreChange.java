package graykite.scene;

import graykite.acting.Score;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.reading.Anchor;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What an edit does to the mouth of a line.
 *
 * @param mouthStays true when it moves as before
 * @param touched the stretch in which it may move otherwise; nothing when that may be anywhere
 */
record ScoreChange(boolean mouthStays, Optional<TimeRange> touched) {
    private static final ScoreChange NONE = new ScoreChange(true, Optional.empty());
    private static final ScoreChange WHOLE = new ScoreChange(false, Optional.empty());

    static ScoreChange between(Score before, Score after) {
        boolean sameTiming = before.timing().equals(after.timing());
        boolean sameWork = before.work().equals(after.work());
        if (before.loudness() != after.loudness() || !before.rate().equals(after.rate()) || !sameTiming && !sameWork) {
            return WHOLE;
        }
        if (!sameTiming) {
            return new ScoreChange(false, movedWords(before.timing(), after.timing()));
        }
        if (sameWork) {
            return NONE;
        }
        return onlyCurves(before.work(), after.work())
                ? NONE
                : new ScoreChange(false, touchedWords(before.work(), after.work(), after.timing()));
    }

    /** Curves lie over the mouth; they do not move it. */
    private static boolean onlyCurves(MouthWork before, MouthWork after) {
        return before.withCurves(List.of()).equals(after.withCurves(List.of()));
    }

    /** The stretch from the first word whose times differ to the last, with a word on each side. */
    private static Optional<TimeRange> movedWords(Timing before, Timing after) {
        List<TimedWord> old = before.words();
        List<TimedWord> now = after.words();
        if (old.size() != now.size() || old.isEmpty() || before.duration() != after.duration()) {
            return Optional.empty();
        }
        int first = 0;
        while (first < now.size() - 1 && old.get(first).equals(now.get(first))) {
            first++;
        }
        int last = now.size() - 1;
        while (last > first && old.get(last).equals(now.get(last))) {
            last--;
        }
        first = Math.max(0, first - 1);
        last = Math.min(now.size() - 1, last + 1);
        return Optional.of(new TimeRange(
                Math.min(old.get(first).start(), now.get(first).start()),
                Math.max(old.get(last).end(), now.get(last).end())));
    }

    /** The stretch of the words whose touch-ups differ; nothing when more than touch-ups differ. */
    private static Optional<TimeRange> touchedWords(MouthWork before, MouthWork after, Timing timing) {
        if (!before.settings().equals(after.settings()) || !before.sections().equals(after.sections())) {
            return Optional.empty();
        }
        List<TouchUp> differ = new ArrayList<>();
        before.touchUps().stream().filter(t -> !after.touchUps().contains(t)).forEach(differ::add);
        after.touchUps().stream().filter(t -> !before.touchUps().contains(t)).forEach(differ::add);
        WordFinder words = new WordFinder(timing);
        double from = Double.MAX_VALUE;
        double to = -1;
        for (TouchUp touchUp : differ) {
            Optional<Anchor.Spot> spot = words.find(touchUp.at());
            if (spot.isPresent()) {
                int first = Math.max(0, spot.get().word() - 1);
                int last = Math.min(timing.words().size() - 1, spot.get().word() + 1);
                double reach = Math.abs(touchUp.shift()) + touchUp.hold();
                from = Math.min(from, timing.words().get(first).start() - reach);
                to = Math.max(to, timing.words().get(last).end() + reach);
            }
        }
        return Optional.of(to < 0 ? new TimeRange(0, 0) : new TimeRange(Math.max(0, from), to));
    }
}
