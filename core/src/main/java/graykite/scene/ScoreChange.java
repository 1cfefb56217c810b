package graykite.scene;

import graykite.acting.Score;
import graykite.layer.Changes;
import graykite.mouth.MouthWork;
import graykite.mouth.TouchUp;
import graykite.reading.TimedWord;
import graykite.reading.Timing;
import graykite.reading.WordFinder;
import graykite.time.TimeRange;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** What an edit does to the mouth of a line. */
final class ScoreChange {
    private ScoreChange() {}

    /** Where in the line the mouth may move otherwise; nowhere when it moves as before. */
    static Changes ofMouth(Score before, Score after) {
        boolean sameTiming = before.timing().equals(after.timing());
        boolean sameWork = before.work().equals(after.work());
        if (before.loudness() != after.loudness() || !before.rate().equals(after.rate()) || !sameTiming && !sameWork) {
            return Changes.EVERYWHERE;
        }
        if (!sameTiming) {
            return movedWords(before.timing(), after.timing());
        }
        return sameWork || onlyCurves(before.work(), after.work())
                ? Changes.NONE
                : touchedWords(before.work(), after.work(), after.timing());
    }

    /** Curves lie over the mouth; they do not move it. */
    private static boolean onlyCurves(MouthWork before, MouthWork after) {
        return before.withCurves(List.of()).equals(after.withCurves(List.of()));
    }

    /** The stretch from the first word whose times differ to the last, with a word on each side. */
    private static Changes movedWords(Timing before, Timing after) {
        List<TimedWord> old = before.words();
        List<TimedWord> now = after.words();
        if (old.size() != now.size() || old.isEmpty() || before.duration() != after.duration()) {
            return Changes.EVERYWHERE;
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
        return Changes.in(new TimeRange(
                Math.min(old.get(first).start(), now.get(first).start()),
                Math.max(old.get(last).end(), now.get(last).end())));
    }

    /** The stretches of the words whose touch-ups differ; everywhere when more than touch-ups differ. */
    private static Changes touchedWords(MouthWork before, MouthWork after, Timing timing) {
        if (!before.settings().equals(after.settings()) || !before.sections().equals(after.sections())) {
            return Changes.EVERYWHERE;
        }
        Set<TouchUp> was = new HashSet<>(before.touchUps());
        Set<TouchUp> is = new HashSet<>(after.touchUps());
        WordFinder words = new WordFinder(timing);
        List<TimeRange> ranges = new ArrayList<>();
        Stream.concat(
                        before.touchUps().stream().filter(t -> !is.contains(t)),
                        after.touchUps().stream().filter(t -> !was.contains(t)))
                .forEach(touchUp -> words.find(touchUp.at()).ifPresent(spot -> {
                    int first = Math.max(0, spot.word() - 1);
                    int last = Math.min(timing.words().size() - 1, spot.word() + 1);
                    double reach = Math.abs(touchUp.shift()) + touchUp.hold();
                    ranges.add(new TimeRange(
                            Math.max(0, timing.words().get(first).start() - reach),
                            timing.words().get(last).end() + reach));
                }));
        // Touch-ups whose words are not there move nothing, yet the line has others than before.
        return ranges.isEmpty() ? Changes.in(new TimeRange(0, 0)) : new Changes(false, ranges);
    }
}
